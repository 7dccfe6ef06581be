import type { Point } from './matrix.js';
import { PathBuilder, type Path } from './path.js';
import { QUARTER } from './quarter.js';

/** An ellipse that fills the box. */
export function ellipsePath(width: number, height: number): Path {
  return ellipseInto(new PathBuilder(), { x: width / 2, y: height / 2 }, width / 2, height / 2, 1).build();
}

/** Adds an ellipse to a path. @param direction - 1 clockwise, -1 counter-clockwise. */
export function ellipseInto(path: PathBuilder, { x: cx, y: cy }: Point, rx: number, ry: number, direction: 1 | -1): PathBuilder {
  const [kx, ky] = [rx * QUARTER, ry * QUARTER];
  const s = direction;
  return path
    .moveTo(cx, cy - ry)
    .cubicTo(cx + s * kx, cy - ry, cx + s * rx, cy - ky, cx + s * rx, cy)
    .cubicTo(cx + s * rx, cy + ky, cx + s * kx, cy + ry, cx, cy + ry)
    .cubicTo(cx - s * kx, cy + ry, cx - s * rx, cy + ky, cx - s * rx, cy)
    .cubicTo(cx - s * rx, cy - ky, cx - s * kx, cy - ry, cx, cy - ry)
    .close();
}
