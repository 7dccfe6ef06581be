import { PathBuilder, type Path } from './path.js';
import { QUARTER } from './quarter.js';

type Place = readonly [x: number, y: number];

/** A rectangle from 0, 0 in px. Radii in the order top-left, top-right, bottom-right, bottom-left; too large ones shrink together, as in CSS. */
export function rectanglePath(
  width: number,
  height: number,
  radii: readonly [number, number, number, number] = [0, 0, 0, 0],
): Path {
  const [tl, tr, br, bl] = radii;
  const fit = Math.min(1, width / (tl + tr), width / (bl + br), height / (tl + bl), height / (tr + br));
  const r = radii.map((radius) => radius * fit) as [number, number, number, number];
  const path = new PathBuilder().moveTo(r[0], 0).lineTo(width - r[1], 0);
  const corner = (radius: number, from: Place, to: Place, end: Place): void => {
    if (radius > 0) path.cubicTo(...from, ...to, ...end);
  };
  const k = 1 - QUARTER;
  corner(r[1], [width - r[1] * k, 0], [width, r[1] * k], [width, r[1]]);
  path.lineTo(width, height - r[2]);
  corner(r[2], [width, height - r[2] * k], [width - r[2] * k, height], [width - r[2], height]);
  path.lineTo(r[3], height);
  corner(r[3], [r[3] * k, height], [0, height - r[3] * k], [0, height - r[3]]);
  path.lineTo(0, r[0]);
  corner(r[0], [0, r[0] * k], [r[0] * k, 0], [r[0], 0]);
  return path.close().build();
}
