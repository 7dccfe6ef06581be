import type { Point } from '../geometry/matrix.js';

/** A point as it is kept in the document: a hundredth of a px is more than enough, and short. */
export function markPoint({ x, y }: Point): Point {
  return { x: Math.round(x * 100) / 100, y: Math.round(y * 100) / 100 };
}
