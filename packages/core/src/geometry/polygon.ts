import type { Point } from './matrix.js';
import { boundsOf, type Bounds } from './bounds.js';

/** Polygons as flat arrays [x0, y0, x1, y1, ...]. */
export type Polygons = readonly Float64Array[];

function* pointsOf(polygons: Polygons): Generator<Point> {
  for (const polygon of polygons) {
    for (let i = 0; i < polygon.length; i += 2) yield { x: polygon[i]!, y: polygon[i + 1]! };
  }
}

export function polygonBounds(polygons: Polygons): Bounds {
  return boundsOf(pointsOf(polygons));
}

/** Whether `p` lies inside by the non-zero winding rule, the rule by which openings are filled. */
export function contains(polygons: Polygons, p: Point): boolean {
  let winding = 0;
  for (const polygon of polygons) {
    const n = polygon.length;
    let x0 = polygon[n - 2]!;
    let y0 = polygon[n - 1]!;
    for (let i = 0; i < n; i += 2) {
      const x1 = polygon[i]!;
      const y1 = polygon[i + 1]!;
      if (y0 <= p.y !== y1 <= p.y) {
        const side = (x1 - x0) * (p.y - y0) - (p.x - x0) * (y1 - y0);
        if (y1 > y0 && side > 0) winding++;
        else if (y1 < y0 && side < 0) winding--;
      }
      x0 = x1;
      y0 = y1;
    }
  }
  return winding !== 0;
}

/** The distance in px from `p` to the nearest edge of any polygon; Infinity without polygons. */
export function distanceToEdge(polygons: Polygons, p: Point): number {
  let best = Infinity;
  for (const polygon of polygons) {
    const n = polygon.length;
    for (let i = 0, j = n - 2; i < n; j = i, i += 2) {
      const [x0, y0, x1, y1] = [polygon[j]!, polygon[j + 1]!, polygon[i]!, polygon[i + 1]!];
      const [dx, dy] = [x1 - x0, y1 - y0];
      const length = dx * dx + dy * dy;
      const t = length === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - x0) * dx + (p.y - y0) * dy) / length));
      best = Math.min(best, Math.hypot(p.x - x0 - t * dx, p.y - y0 - t * dy));
    }
  }
  return best;
}

/**
 * The convex hull of all points, counter-clockwise on a y-up plane, as a flat array; fewer than 3 distinct points
 * are returned as they are. Monotone chain (A. M. Andrew, 1979).
 */
export function convexHull(polygons: Polygons): Float64Array {
  const points = [...pointsOf(polygons)].sort((p, q) => p.x - q.x || p.y - q.y);
  const turn = (o: Point, a: Point, b: Point): number => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
  const half = (ordered: readonly Point[]): Point[] => {
    const hull: Point[] = [];
    for (const p of ordered) {
      while (hull.length >= 2 && turn(hull[hull.length - 2]!, hull[hull.length - 1]!, p) <= 0) hull.pop();
      hull.push(p);
    }
    hull.pop();
    return hull;
  };
  const hull = [...half(points), ...half(points.toReversed())];
  return Float64Array.from((hull.length > 0 ? hull : points.slice(0, 1)).flatMap((p) => [p.x, p.y]));
}

/** The part of a polygon that lies inside a convex one: Sutherland and Hodgman's clipping (1974). All are flat arrays; empty where none does. */
export function insideConvex(polygon: Float64Array, convex: Float64Array): Float64Array {
  let clipped = Array.from(polygon);
  const orientation = Math.sign(signedArea(convex)) || 1;
  for (let i = 0, j = convex.length - 2; i < convex.length && clipped.length > 0; j = i, i += 2) {
    const [ax, ay, bx, by] = [convex[j]!, convex[j + 1]!, convex[i]!, convex[i + 1]!];
    const side = (x: number, y: number): number => orientation * ((bx - ax) * (y - ay) - (by - ay) * (x - ax));
    const next: number[] = [];
    let [px, py] = [clipped[clipped.length - 2]!, clipped[clipped.length - 1]!];
    let before = side(px, py);
    for (let k = 0; k < clipped.length; k += 2) {
      const [qx, qy] = [clipped[k]!, clipped[k + 1]!];
      const now = side(qx, qy);
      if (before < 0 !== now < 0) {
        const t = before / (before - now);
        next.push(px + t * (qx - px), py + t * (qy - py));
      }
      if (now >= 0) next.push(qx, qy);
      [px, py, before] = [qx, qy, now];
    }
    clipped = next;
  }
  return Float64Array.from(clipped);
}

/**
 * Signed area in px² of the part of a polygon that lies inside a convex one. The sign follows the direction of `polygon`, so that holes
 * subtract when areas are summed.
 */
export function areaInsideConvex(polygon: Float64Array, convex: Float64Array): number {
  return signedArea(insideConvex(polygon, convex));
}

/** Shoelace area in px², positive for clockwise on a y-down plane. */
export function signedArea(polygon: Float64Array): number {
  let twice = 0;
  for (let i = 0, j = polygon.length - 2; i < polygon.length; j = i, i += 2) {
    twice += polygon[j]! * polygon[i + 1]! - polygon[i]! * polygon[j + 1]!;
  }
  return twice / 2;
}
