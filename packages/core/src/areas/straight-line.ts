import type { Point } from '../geometry/matrix.js';

/** A straight line through a point in a direction (a unit vector). */
export interface StraightLine {
  readonly at: Point;
  readonly along: Point;
}

export interface FoundLine extends StraightLine {
  /** Of the points, 0 to 1, how many lie on it. */
  readonly share: number;
}

/** Points this near to a line, in px, lie on it. */
const NEAR = 0.8;
/** Pairs of points that are tried. */
const TRIES = 220;

/**
 * The line that most points lie on (RANSAC: M. Fischler, R. Bolles, 1981), through those by total least squares. The pairs that are tried are
 * always the same.
 * @returns null for fewer than 4 points
 */
export function lineThroughMost(points: readonly Point[]): FoundLine | null {
  if (points.length < 4) return null;
  let best: Point[] = [];
  let state = 0x2545f491;
  const random = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  for (let i = 0; i < TRIES; i++) {
    const p = points[Math.floor(random() * points.length)]!;
    const q = points[Math.floor(random() * points.length)]!;
    const length = Math.hypot(q.x - p.x, q.y - p.y);
    if (length < 2) continue;
    const near = nearTo(points, { at: p, along: { x: (q.x - p.x) / length, y: (q.y - p.y) / length } });
    if (near.length > best.length) best = near;
  }
  if (best.length < 4) return null;
  const line = leastSquares(nearTo(points, leastSquares(best)));
  return { ...line, share: nearTo(points, line).length / points.length };
}

function nearTo(points: readonly Point[], { at, along }: StraightLine): Point[] {
  return points.filter(({ x, y }) => Math.abs((x - at.x) * along.y - (y - at.y) * along.x) <= NEAR);
}

function leastSquares(points: readonly Point[]): StraightLine {
  const n = Math.max(1, points.length);
  const at = { x: points.reduce((sum, p) => sum + p.x, 0) / n, y: points.reduce((sum, p) => sum + p.y, 0) / n };
  let [xx, xy, yy] = [0, 0, 0];
  for (const p of points) {
    xx += (p.x - at.x) ** 2;
    xy += (p.x - at.x) * (p.y - at.y);
    yy += (p.y - at.y) ** 2;
  }
  const angle = Math.atan2(2 * xy, xx - yy) / 2;
  return { at, along: { x: Math.cos(angle), y: Math.sin(angle) } };
}

/** The line from one point through another. */
export function lineThrough(p: Point, q: Point): StraightLine {
  const length = Math.hypot(q.x - p.x, q.y - p.y) || 1;
  return { at: q, along: { x: (q.x - p.x) / length, y: (q.y - p.y) / length } };
}

/** Where two lines meet, or null for parallel ones. */
export function meeting(a: StraightLine, b: StraightLine): Point | null {
  const across = a.along.x * b.along.y - a.along.y * b.along.x;
  if (Math.abs(across) < 1e-6) return null;
  const t = ((b.at.x - a.at.x) * b.along.y - (b.at.y - a.at.y) * b.along.x) / across;
  return { x: a.at.x + a.along.x * t, y: a.at.y + a.along.y * t };
}
