import type { Point } from '../geometry/matrix.js';

/** A line drawn by hand that divides a piece or a region in two, as points. */
export type CutLine = readonly Point[];

/** Marks the pixels that the lines run through, so that no two parts touch across them. `lines` in px of the mask. */
export function wallsOf(lines: readonly CutLine[], width: number, height: number): Uint8Array {
  const walls = new Uint8Array(width * height);
  for (const line of lines) {
    for (let i = 1; i < line.length; i++) {
      const [p, q] = [line[i - 1]!, line[i]!];
      const steps = Math.max(1, Math.ceil(Math.hypot(q.x - p.x, q.y - p.y) * 3));
      for (let s = 0; s <= steps; s++) {
        const x = Math.floor(p.x + ((q.x - p.x) * s) / steps);
        const y = Math.floor(p.y + ((q.y - p.y) * s) / steps);
        // Two wide, since parts are joined across corners.
        for (const [a, b] of [
          [x, y],
          [x + 1, y],
          [x, y + 1],
        ] as const) {
          if (a >= 0 && b >= 0 && a < width && b < height) walls[b * width + a] = 1;
        }
      }
    }
  }
  return walls;
}

/** The nearest point of the lines to `p`, how far it is, and on which side `p` lies (positive to the right of the line). */
export function nearestOnLines(
  lines: readonly CutLine[],
  p: Point,
): { distance: number; side: number; at: Point; normal: Point } | null {
  let best: { distance: number; side: number; at: Point; normal: Point } | null = null;
  for (const line of lines) {
    for (let i = 1; i < line.length; i++) {
      const [a, b] = [line[i - 1]!, line[i]!];
      const [dx, dy] = [b.x - a.x, b.y - a.y];
      const length = Math.hypot(dx, dy);
      if (length === 0) continue;
      const t = Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (length * length)));
      const at = { x: a.x + t * dx, y: a.y + t * dy };
      const distance = Math.hypot(p.x - at.x, p.y - at.y);
      if (best && distance >= best.distance) continue;
      const normal = { x: -dy / length, y: dx / length };
      best = { distance, side: (p.x - a.x) * normal.x + (p.y - a.y) * normal.y, at, normal };
    }
  }
  return best;
}
