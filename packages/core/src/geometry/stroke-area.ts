import { ClipperOffset, EndType, FillRule, JoinType, union, type Path64, type Paths64 } from 'clipper2-ts';
import { PathBuilder, flattenLines, type Path } from './path.js';

/** How a line is drawn, in the words of SVG. */
export interface LineStyle {
  readonly width: number;
  readonly cap: 'butt' | 'round' | 'square';
  readonly join: 'miter' | 'round' | 'bevel';
  readonly miterLimit: number;
}

const CAPS = { butt: EndType.Butt, round: EndType.Round, square: EndType.Square };
const JOINS = { miter: JoinType.Miter, round: JoinType.Round, bevel: JoinType.Bevel };
/** Clipper counts in whole numbers: this many across the larger side of what is drawn, so that none is seen. */
const ACROSS = 2 ** 22;
/** A curve is followed to within one of so many parts of that side. */
const FINENESS = 8192;

/**
 * The area that a line covers (clipper2), to be filled by the non-zero rule. Subpaths that are not closed have ends.
 * @param size - of the larger side of all that is drawn, in units of the path: how fine the area is follows from it.
 */
export function strokeArea(path: Path, { width, cap, join, miterLimit }: LineStyle, size: number): Path {
  const steps = ACROSS / Math.max(size, 1e-9);
  const offset = new ClipperOffset(miterLimit, ACROSS / FINENESS);
  for (const { points, isClosed } of flattenLines(path, size / FINENESS)) {
    const line: Path64 = [];
    for (let i = 0; i < points.length; i += 2)
      line.push({ x: Math.round(points[i]! * steps), y: Math.round(points[i + 1]! * steps) });
    offset.addPath(line, JOINS[join], isClosed ? EndType.Joined : CAPS[cap]);
  }
  const area: Paths64 = [];
  offset.execute((width / 2) * steps, area);
  const builder = new PathBuilder();
  for (const ring of union(area, FillRule.NonZero)) {
    ring.forEach(({ x, y }, index) => {
      if (index === 0) builder.moveTo(x / steps, y / steps);
      else builder.lineTo(x / steps, y / steps);
    });
    builder.close();
  }
  return builder.build();
}
