import { apply, invert, type Matrix, type Point } from '../geometry/matrix.js';
import type { Crossing } from '../document/crossing.js';
import type { Sides } from '../document/finish.js';
import type { Opening, Overhangs } from '../document/item.js';
import { regionPoints, type CrossingZone } from './crossing-zone.js';
import { piecePoints, type OverhangPieces } from './overhang.js';
import { markPoint } from './mark-point.js';
import type { Parts } from './parts.js';

type Side = keyof Sides<boolean>;

/** Nothing is let out. */
export const KEPT_IN: Overhangs = { sides: { top: false, right: false, bottom: false, left: false }, pieces: [], cuts: [] };

/** Lets one piece out, or keeps it in. Marks on other pieces stay as they are. @throws RangeError when there is no such piece. */
export function letPiece(overhangs: Overhangs, found: OverhangPieces, label: number, out: boolean): Overhangs {
  const points = piecePoints(found).get(label);
  if (!points) throw new RangeError(`There is no piece ${label}`);
  const kept = marksElsewhere(overhangs.pieces, found.parts, invert(found.toPhoto), new Set([label]));
  return { ...overhangs, pieces: [...kept, ...points.map((at) => ({ at: markPoint(at), out }))] };
}

/** Lets out, or keeps in, all that leaves by one side, now and later: marks on pieces of that side are given up. */
export function letSide(overhangs: Overhangs, found: OverhangPieces | null, side: Side, out: boolean): Overhangs {
  const labels = new Set(found?.pieces.filter((piece) => piece.side === side).map(({ label }) => label));
  const pieces = found ? marksElsewhere(overhangs.pieces, found.parts, invert(found.toPhoto), labels) : overhangs.pieces;
  return { ...overhangs, sides: { ...overhangs.sides, [side]: out }, pieces };
}

/** Lets everything out, or keeps everything in, by whichever side. */
export function letAll(overhangs: Overhangs, out: boolean): Overhangs {
  return { ...overhangs, sides: { top: out, right: out, bottom: out, left: out }, pieces: [] };
}

/** Says of one region which of the two passes over. Marks on other regions stay. @throws RangeError when there is no such region. */
export function letRegion(
  crossing: Crossing,
  zone: Pick<CrossingZone, 'parts' | 'toPlane'>,
  label: number,
  over: boolean,
): Crossing {
  const points = regionPoints(zone).get(label);
  if (!points) throw new RangeError(`There is no region ${label}`);
  const kept = marksElsewhere(crossing.regions, zone.parts, zone.toPlane, new Set([label]));
  return { ...crossing, regions: [...kept, ...points.map((at) => ({ at: markPoint(at), over }))] };
}

/** Says of a pair, in all its regions, which of the two passes over. Cut lines stay; what was painted by hand goes. */
export function letPair(crossing: Crossing, over: boolean): Crossing {
  const { paint: _gone, ...rest } = crossing;
  return { ...rest, over, regions: [] };
}

/** Whether anything is let out, now or by whichever side it would leave. */
export function letsOut({ sides, pieces }: Overhangs): boolean {
  return Object.values(sides).some(Boolean) || pieces.some(({ out }) => out);
}

/** A photo that lies in its four corners stands upright in them: a subject beside its warped self would not fit. Empty for any other outline. */
export function standUpright({ outline }: Opening): Partial<Pick<Opening, 'outline'>> {
  return outline.type === 'corners' && outline.warp ? { outline: { ...outline, warp: false } } : {};
}

/** Whether a crossing leaves everything as the depth has it. */
export function saysNothing({ over, regions, cuts, paint }: Crossing): boolean {
  return !over && regions.every((region) => !region.over) && cuts.length === 0 && !paint?.some((stroke) => stroke.over);
}

/** The marks that do not lie on one of the parts. @param toPlane - px of the marks to px of the parts' plane. */
function marksElsewhere<T extends { readonly at: Point }>(
  marks: readonly T[],
  { labels, width, height }: Parts,
  toPlane: Matrix,
  on: ReadonlySet<number>,
): T[] {
  return marks.filter(({ at }) => {
    const p = apply(toPlane, at);
    const [x, y] = [Math.floor(p.x), Math.floor(p.y)];
    return x < 0 || y < 0 || x >= width || y >= height || !on.has(labels[y * width + x]!);
  });
}
