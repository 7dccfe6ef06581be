import type { Bounds } from '../src/geometry/bounds.js';
import type { Point } from '../src/geometry/matrix.js';

/** The upright rectangle around points. */
export function bounding(points: readonly Point[]): Bounds {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}
