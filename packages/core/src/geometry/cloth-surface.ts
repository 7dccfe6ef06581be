import { riseAt, type ClothFolds } from './cloth-folds.js';
import { foundBetween, type CurvedSurface } from './curved-surface.js';
import type { Point } from './matrix.js';
import { project, projectionTo, type Quad } from './quad.js';

/** So many points each way say how cloth lies. */
export const CLOTH_SIDE = 4;

/**
 * A rectangle on cloth: its four outermost points are corners in perspective, and all points pull what lies between them along, by a bicubic
 * surface through them (E. Catmull, R. Rom, "A class of local interpolating splines", 1974). Folds between the points shift it once more.
 * @param points - 4 x 4 places of the plane, evenly spaced over the rectangle, in rows from the top left
 * @param follows - how much of the folds it follows, -1 to 1
 * @returns null where the corners leave no room
 */
export function clothSurface(points: readonly Point[], folds?: ClothFolds, follows = 1): CurvedSurface | null {
  const corners = clothCorners(points);
  const onto = projectionTo(corners, 1, 1);
  if (!onto || points.length !== CLOTH_SIDE ** 2) return null;
  const last = CLOTH_SIDE - 1;
  const offsets = points.map((point, i) => {
    const even = project(onto, { x: (i % CLOTH_SIDE) / last, y: Math.floor(i / CLOTH_SIDE) / last });
    return { x: point.x - even.x, y: point.y - even.y };
  });
  const across = offsets.map(({ x }) => x);
  const down = offsets.map(({ y }) => y);
  const offset = (s: number, v: number): Point => {
    const [x, y] = [overCloth(across, s, v), overCloth(down, s, v)];
    if (!folds || follows === 0) return { x, y };
    const even = project(onto, { x: s, y: v });
    const rise = follows * riseAt(folds.rises, s, v);
    return { x: x + rise * (even.x + x - folds.middle.x), y: y + rise * (even.y + y - folds.middle.y) };
  };
  const find = foundBetween(corners, offset);
  if (!find) return null;
  return {
    from: 0,
    to: 1,
    seen: (u, v) => {
      const p = project(onto, { x: u, y: v });
      const { x, y } = offset(u, v);
      return { x: p.x + x, y: p.y + y };
    },
    at: find,
  };
}

/** The outermost points of a grid: top left, top right, bottom right, bottom left. */
export function clothCorners(points: readonly Point[]): Quad {
  const last = CLOTH_SIDE - 1;
  return [points[0]!, points[last]!, points[CLOTH_SIDE ** 2 - 1]!, points[CLOTH_SIDE * last]!];
}

/** Evenly laid points of four corners in perspective: cloth without a fold. */
export function flatCloth(corners: Quad): readonly Point[] {
  const onto = projectionTo(corners, 1, 1);
  const last = CLOTH_SIDE - 1;
  return Array.from({ length: CLOTH_SIDE ** 2 }, (_, i) => {
    const at = { x: (i % CLOTH_SIDE) / last, y: Math.floor(i / CLOTH_SIDE) / last };
    return onto ? project(onto, at) : corners[0];
  });
}

/** A value between those of 4 x 4 evenly spaced places of cloth, by the spline that cloth lies by; beyond them as at their edge. */
export function overCloth(grid: readonly number[], s: number, v: number): number {
  return along(alongRow(grid, 0, s), alongRow(grid, 1, s), alongRow(grid, 2, s), alongRow(grid, 3, s), v);
}

function alongRow(grid: readonly number[], row: number, share: number): number {
  const from = row * CLOTH_SIDE;
  return along(grid[from]!, grid[from + 1]!, grid[from + 2]!, grid[from + 3]!, share);
}

/** A spline through four evenly spaced values, which goes on at either end as it came. */
function along(first: number, second: number, third: number, fourth: number, share: number): number {
  const at = Math.min(1, Math.max(0, share)) * (CLOTH_SIDE - 1);
  // What is not there goes on in a parabola: a line would make the ends flat.
  if (at < 1) return between(3 * first - 3 * second + third, first, second, third, at);
  if (at < 2) return between(first, second, third, fourth, at - 1);
  return between(second, third, fourth, 3 * fourth - 3 * third + second, at - 2);
}

/** Between the second and the third of four values. */
function between(a: number, b: number, c: number, d: number, t: number): number {
  return b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
}
