import { PathBuilder, type Path } from '../path.js';
import { QUARTER } from './quarter.js';

/** An ellipse that fills the box. */
export function ellipsePath(width: number, height: number): Path {
  return ellipseInto(new PathBuilder(), width / 2, height / 2, width / 2, height / 2, 1).build();
}

/** An ellipse with a hole of its own proportions in the middle. @param hole - share of the width and height. */
export function ringPath(hole: number, width: number, height: number): Path {
  const [cx, cy] = [width / 2, height / 2];
  const path = ellipseInto(new PathBuilder(), cx, cy, cx, cy, 1);
  // The other way round, so that it is a hole by the non-zero rule.
  return ellipseInto(path, cx, cy, cx * hole, cy * hole, -1).build();
}

/** @param direction - 1 clockwise, -1 counter-clockwise. */
function ellipseInto(path: PathBuilder, cx: number, cy: number, rx: number, ry: number, direction: 1 | -1): PathBuilder {
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

/** Straight sides below half a circle; a box wider than high gets half an ellipse of its full height. */
export function archPath(width: number, height: number): Path {
  const rx = width / 2;
  const ry = Math.min(rx, height);
  const [kx, ky] = [rx * QUARTER, ry * QUARTER];
  return new PathBuilder()
    .moveTo(0, ry)
    .cubicTo(0, ry - ky, rx - kx, 0, rx, 0)
    .cubicTo(rx + kx, 0, width, ry - ky, width, ry)
    .lineTo(width, height)
    .lineTo(0, height)
    .close()
    .build();
}
