import type { Point } from '../geometry/matrix.js';
import { signedArea } from '../geometry/polygon.js';
import type { Quad } from '../geometry/quad.js';
import { lineThrough, meeting } from './straight-line.js';

/**
 * The four corners around a convex outline: the side whose neighbours, made longer until they meet, add the least is taken away until four are
 * left. So a corner that something hides comes back.
 * @param hull - a flat array
 * @returns null where there are not four sides
 */
export function quadAround(hull: Float64Array): Quad | null {
  let points: Point[] = [];
  for (let i = 0; i < hull.length; i += 2) points.push({ x: hull[i]!, y: hull[i + 1]! });
  if (signedArea(hull) < 0) points.reverse();
  while (points.length > 4) {
    let [least, without] = [Infinity, -1];
    let corner: Point | null = null;
    for (let i = 0; i < points.length; i++) {
      const around = cornerWithout(points, i);
      if (!around || around.added >= least) continue;
      [least, without, corner] = [around.added, i, around.corner];
    }
    if (!corner) return null;
    const next = (without + 1) % points.length;
    points[without] = corner;
    points = points.filter((_, i) => i !== next);
  }
  return points.length === 4 ? inReadingOrder(points as unknown as Quad) : null;
}

function cornerWithout(points: readonly Point[], i: number): { added: number; corner: Point } | null {
  const n = points.length;
  const [before, from, to, after] = [points[(i + n - 1) % n]!, points[i]!, points[(i + 1) % n]!, points[(i + 2) % n]!];
  const corner = meeting(lineThrough(before, from), lineThrough(after, to));
  if (!corner) return null;
  // Both sides go on forwards, beyond the side that is taken away.
  const goesOn = (p: Point, q: Point): boolean => (corner.x - q.x) * (q.x - p.x) + (corner.y - q.y) * (q.y - p.y) >= 0;
  if (!goesOn(before, from) || !goesOn(after, to)) return null;
  return { corner, added: Math.abs((from.x - corner.x) * (to.y - corner.y) - (from.y - corner.y) * (to.x - corner.x)) / 2 };
}

/** The same corners, begun so that the first side goes most to the right: top-left, top-right, bottom-right, bottom-left. */
function inReadingOrder(quad: Quad): Quad {
  const slant = (i: number): number => {
    const [p, q] = [quad[i % 4]!, quad[(i + 1) % 4]!];
    return Math.abs(Math.atan2(q.y - p.y, q.x - p.x));
  };
  const first = [0, 1, 2, 3].reduce((best, i) => (slant(i) < slant(best) ? i : best));
  return [0, 1, 2, 3].map((i) => quad[(first + i) % 4]!) as unknown as Quad;
}
