import { foundBetween, type CurvedSurface } from './curved-surface.js';
import type { Point } from './matrix.js';
import { project, projectionTo, type Quad } from './quad.js';

/** So many points each way say how cloth lies. */
export const CLOTH_SIDE = 4;

/**
 * A rectangle on cloth: its four outermost points are corners in perspective, and all points pull what lies between them along, by a bicubic
 * surface through them (E. Catmull, R. Rom, "A class of local interpolating splines", 1974).
 * @param points - 4 x 4 places of the plane, evenly spaced over the rectangle, in rows from the top left
 * @returns null where the corners leave no room
 */
export function clothSurface(points: readonly Point[]): CurvedSurface | null {
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
  const relief = {
    x: (s: number, v: number): number => bicubic(across, s, v),
    y: (s: number, v: number): number => bicubic(down, s, v),
  };
  const find = foundBetween(corners, relief);
  if (!find) return null;
  return {
    from: 0,
    to: 1,
    seen: (u, v) => {
      const p = project(onto, { x: u, y: v });
      return { x: p.x + relief.x(u, v), y: p.y + relief.y(u, v) };
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

/** A value of a 4 x 4 grid between its points; beyond the grid as at its edge. */
function bicubic(grid: readonly number[], s: number, v: number): number {
  const rows: number[] = [];
  for (let row = 0; row < CLOTH_SIDE; row++) rows.push(alongFour(grid, row * CLOTH_SIDE, s));
  return alongFour(rows, 0, v);
}

/** A spline through four evenly spaced values, which goes on at either end as it came. */
function alongFour(values: readonly number[], from: number, share: number): number {
  const at = Math.min(1, Math.max(0, share)) * (CLOTH_SIDE - 1);
  const i = Math.min(CLOTH_SIDE - 2, Math.floor(at));
  const t = at - i;
  const value = (k: number): number => values[from + k]!;
  const b = value(i);
  const c = value(i + 1);
  // What is not there goes on in a parabola: a line would make the ends flat.
  const a = i > 0 ? value(i - 1) : 3 * b - 3 * c + value(i + 2);
  const d = i < CLOTH_SIDE - 2 ? value(i + 2) : 3 * c - 3 * b + value(i - 1);
  return b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
}
