import type { Bounds } from '../geometry/bounds.js';
import type { Point } from '../geometry/matrix.js';

/**
 * What is to be added to the place of each box so that they lie along an axis with equal gaps; the first and the last stay. Boxes that
 * overlap get equal overlaps. Fewer than three stay as they are.
 * @returns in the order of `boxes`, px.
 */
export function distribute(boxes: readonly Bounds[], axis: 'x' | 'y'): Point[] {
  const stay = boxes.map(() => ({ x: 0, y: 0 }));
  if (boxes.length < 3) return stay;
  const [at, length] = axis === 'x' ? (['x', 'width'] as const) : (['y', 'height'] as const);
  const order = boxes
    .map((box, index) => ({ box, index }))
    .sort((a, b) => a.box[at] + a.box[length] / 2 - b.box[at] - b.box[length] / 2);
  const [first, last] = [order[0]!.box, order.at(-1)!.box];
  const taken = boxes.reduce((sum, box) => sum + box[length], 0);
  const gap = (last[at] + last[length] - first[at] - taken) / (boxes.length - 1);
  let next = first[at];
  for (const { box, index } of order) {
    stay[index] = { x: 0, y: 0, [at]: next - box[at] };
    next += box[length] + gap;
  }
  return stay;
}

/** The part of a sheet, upright, that several boxes take up together. */
export function boundsOfAll(boxes: readonly Bounds[]): Bounds | null {
  if (boxes.length === 0) return null;
  const [x, y] = [Math.min(...boxes.map((b) => b.x)), Math.min(...boxes.map((b) => b.y))];
  return {
    x,
    y,
    width: Math.max(...boxes.map((b) => b.x + b.width)) - x,
    height: Math.max(...boxes.map((b) => b.y + b.height)) - y,
  };
}
