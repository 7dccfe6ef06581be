import type { Point } from './matrix.js';

/** A projective map of the plane, in rows: x' = (m0 x + m1 y + m2) / w, y' = (m3 x + m4 y + m5) / w, w = m6 x + m7 y + m8. */
export type Projection = readonly [number, number, number, number, number, number, number, number, number];

/** Corners in the order top-left, top-right, bottom-right, bottom-left. */
export type Quad = readonly [Point, Point, Point, Point];

/**
 * The projection that takes the rectangle 0..width, 0..height to `quad` (P. Heckbert, "Fundamentals of texture mapping and
 * image warping", 1989).
 * @returns null when three corners lie on one line: no picture fits in there.
 */
export function projectionTo(quad: Quad, width: number, height: number): Projection | null {
  const [p0, p1, p2, p3] = quad;
  const [dx1, dy1] = [p1.x - p2.x, p1.y - p2.y];
  const [dx2, dy2] = [p3.x - p2.x, p3.y - p2.y];
  const [sx, sy] = [p0.x - p1.x + p2.x - p3.x, p0.y - p1.y + p2.y - p3.y];
  const det = dx1 * dy2 - dx2 * dy1;
  if (Math.abs(det) < 1e-12) return null;
  const g = (sx * dy2 - dx2 * sy) / det;
  const h = (dx1 * sy - sx * dy1) / det;
  return [
    (p1.x - p0.x + g * p1.x) / width,
    (p3.x - p0.x + h * p3.x) / height,
    p0.x,
    (p1.y - p0.y + g * p1.y) / width,
    (p3.y - p0.y + h * p3.y) / height,
    p0.y,
    g / width,
    h / height,
    1,
  ];
}

export function project(m: Projection, p: Point): Point {
  const w = m[6] * p.x + m[7] * p.y + m[8];
  return { x: (m[0] * p.x + m[1] * p.y + m[2]) / w, y: (m[3] * p.x + m[4] * p.y + m[5]) / w };
}

/** The inverse map; null when the map flattens the plane. */
export function invertProjection(m: Projection): Projection | null {
  const [a, b, c, d, e, f, g, h, i] = m;
  const [A, B, C] = [e * i - f * h, f * g - d * i, d * h - e * g];
  const det = a * A + b * B + c * C;
  if (det === 0 || !Number.isFinite(det)) return null;
  return [A, c * h - b * i, b * f - c * e, B, a * i - c * g, c * d - a * f, C, b * g - a * h, a * e - b * d].map(
    (value) => value / det,
  ) as unknown as Projection;
}

/** The projection that applies `inner` first and `outer` afterwards. */
export function multiplyProjections(outer: Projection, inner: Projection): Projection {
  const out: number[] = [];
  for (let row = 0; row < 9; row += 3) {
    for (let column = 0; column < 3; column++) {
      out.push(outer[row]! * inner[column]! + outer[row + 1]! * inner[column + 3]! + outer[row + 2]! * inner[column + 6]!);
    }
  }
  return out as unknown as Projection;
}

/** An affine map as a projection. */
export function asProjection(m: { a: number; b: number; c: number; d: number; e: number; f: number }): Projection {
  return [m.a, m.c, m.e, m.b, m.d, m.f, 0, 0, 1];
}

/**
 * Whether no corner lies inside the triangle of the others, nor on its sides: only such corners can be seen in perspective.
 * @param points - clockwise on a y-down plane; @param least - twice the least area of the triangle at a corner
 */
export function isConvexQuad(points: readonly Point[], least: number): boolean {
  return points.every((b, i) => {
    const [a, c] = [points[(i + 3) % 4]!, points[(i + 1) % 4]!];
    return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) > least;
  });
}
