import type { Point } from '../geometry/matrix.js';
import type { RoundForm } from './area-form.js';

/**
 * The ellipse nearest to points on it: a conic a x² + b xy + c y² + d x + e y = 1 by least squares, about the middle of the points.
 * @returns null where they lie on no ellipse
 */
export function fitEllipse(points: readonly Point[]): RoundForm | null {
  if (points.length < 6) return null;
  const n = points.length;
  const middle = { x: points.reduce((sum, p) => sum + p.x, 0) / n, y: points.reduce((sum, p) => sum + p.y, 0) / n };
  const size = points.reduce((sum, p) => sum + Math.hypot(p.x - middle.x, p.y - middle.y), 0) / n || 1;
  const normal = Array.from({ length: 5 }, () => new Float64Array(6));
  for (const p of points) {
    const [x, y] = [(p.x - middle.x) / size, (p.y - middle.y) / size];
    const row = [x * x, x * y, y * y, x, y];
    for (let i = 0; i < 5; i++) {
      for (let j = 0; j < 5; j++) normal[i]![j]! += row[i]! * row[j]!;
      normal[i]![5]! += row[i]!;
    }
  }
  const conic = solved(normal);
  return conic ? ellipseOf(conic, middle, size) : null;
}

/** The ellipse of a conic; null for every other. */
function ellipseOf(
  [a, b, c, d, e]: readonly [number, number, number, number, number],
  middle: Point,
  size: number,
): RoundForm | null {
  const det = 4 * a * c - b * b;
  if (det <= 1e-9) return null;
  const x = (b * e - 2 * c * d) / det;
  const y = (b * d - 2 * a * e) / det;
  const level = 1 + a * x * x + b * x * y + c * y * y;
  const spread = Math.hypot(a - c, b);
  const [weak, strong] = [(a + c - spread) / 2, (a + c + spread) / 2];
  if (weak * level <= 0 || strong * level <= 0) return null;
  // The axis along which the conic grows least is the longer one.
  const angle = Math.atan2(b, a - c) / 2 + Math.PI / 2;
  const turn = ((((angle * 180) / Math.PI) % 180) + 180) % 180;
  return {
    type: 'round',
    centre: { x: middle.x + x * size, y: middle.y + y * size },
    rx: size * Math.sqrt(level / weak),
    ry: size * Math.sqrt(level / strong),
    turn: turn > 90 ? turn - 180 : turn,
  };
}

/** Gauss's elimination with row exchange. */
function solved(rows: Float64Array[]): [number, number, number, number, number] | null {
  const n = 5;
  for (let i = 0; i < n; i++) {
    let pivot = i;
    for (let j = i + 1; j < n; j++) if (Math.abs(rows[j]![i]!) > Math.abs(rows[pivot]![i]!)) pivot = j;
    [rows[i], rows[pivot]] = [rows[pivot]!, rows[i]!];
    if (Math.abs(rows[i]![i]!) < 1e-12) return null;
    for (let j = 0; j < n; j++) {
      if (j === i) continue;
      const factor = rows[j]![i]! / rows[i]![i]!;
      for (let k = i; k <= n; k++) rows[j]![k]! -= factor * rows[i]![k]!;
    }
  }
  return rows.map((row, i) => row[n]! / row[i]!) as [number, number, number, number, number];
}
