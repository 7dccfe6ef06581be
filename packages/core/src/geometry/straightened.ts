import type { Point } from './matrix.js';

/** A line with only the points that its form needs (U. Ramer, 1972; D. Douglas and T. Peucker, 1973). @param most - px it may differ by. */
export function straightened(line: readonly Point[], most: number): Point[] {
  const [a, b] = [line[0]!, line.at(-1)!];
  let [far, worst] = [0, most];
  for (let i = 1; i < line.length - 1; i++) {
    const p = line[i]!;
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    const away =
      length === 0 ? Math.hypot(p.x - a.x, p.y - a.y) : Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / length;
    if (away > worst) [far, worst] = [i, away];
  }
  if (far === 0) return Math.hypot(b.x - a.x, b.y - a.y) < most ? [a] : [a, b];
  return [...straightened(line.slice(0, far + 1), most).slice(0, -1), ...straightened(line.slice(far), most)];
}
