import type { Point } from './matrix.js';
import { projectionTo, type Quad } from './quad.js';

/** The picture that a quad is seen in: its middle is where the camera looked, its diagonal how wide it saw. */
export interface SeenPicture {
  readonly middle: Point;
  readonly diagonal: number;
}

/** How long a lens is taken to be where the quad does not tell, in diagonals of the picture: that of a telephone's camera is about as long. */
const USUAL_FOCUS = 1.2;
/** What a quad says of the lens is believed between these, in diagonals. */
const [SHORTEST, LONGEST] = [0.35, 12];

type Vector = readonly [number, number, number];

const cross = (a: Vector, b: Vector): Vector => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
/** factor * a - b */
const less = (a: Vector, factor: number, b: Vector): Vector => [factor * a[0] - b[0], factor * a[1] - b[1], factor * a[2] - b[2]];

/**
 * The proportion (width for a height of 1) of the rectangle that four corners are a picture of, for a camera with square pixels that looks at
 * the middle of the picture (Z. Zhang, L. He, "Whiteboard scanning and image enhancement", 2006). The focal length comes from the quad
 * itself; where two sides are parallel and do not tell it, it is taken to be usual.
 * @param quad - px of the picture, corners in the order top-left, top-right, bottom-right, bottom-left
 * @returns null where three corners lie on one line
 */
export function quadProportion(quad: Quad, { middle, diagonal }: SeenPicture): number | null {
  if (!projectionTo(quad, 1, 1)) return null;
  const [m1, m2, m4, m3] = quad.map(({ x, y }): Vector => [(x - middle.x) / diagonal, (y - middle.y) / diagonal, 1]) as [
    Vector,
    Vector,
    Vector,
    Vector,
  ];
  const k2 = dot(cross(m1, m4), m3) / dot(cross(m2, m4), m3);
  const k3 = dot(cross(m1, m4), m2) / dot(cross(m3, m4), m2);
  const [across, down] = [less(m2, k2, m1), less(m3, k3, m1)];
  const squared = -(across[0] * down[0] + across[1] * down[1]) / (across[2] * down[2]);
  const isTold = squared > SHORTEST ** 2 && squared < LONGEST ** 2;
  const focus = isTold ? squared : USUAL_FOCUS ** 2;
  const length = (n: Vector): number => (n[0] ** 2 + n[1] ** 2) / focus + n[2] ** 2;
  const proportion = Math.sqrt(length(across) / length(down));
  return Number.isFinite(proportion) && proportion > 0 ? proportion : null;
}
