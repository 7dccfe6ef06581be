import { boxOf, type CutoutMark, type Point } from '@kadrosyn/core';

/** What of a box is taken hold of: a side or corner by its direction, the whole, or nothing yet. */
export interface BoxHold {
  readonly x: -1 | 0 | 1;
  readonly y: -1 | 0 | 1;
}

/**
 * Where a box is taken hold of at a point.
 * @param reach - how near a side has to be, px of the photo.
 * @returns null outside of it.
 */
export function holdAt(box: CutoutMark, { x, y }: Point, reach: number): BoxHold | null {
  const { left, top, right, bottom } = boxOf(box);
  if (x < left - reach || x > right + reach || y < top - reach || y > bottom + reach) return null;
  const near = (value: number, low: number, high: number): -1 | 0 | 1 =>
    Math.abs(value - low) <= reach ? -1 : Math.abs(value - high) <= reach ? 1 : 0;
  return { x: near(x, left, right), y: near(y, top, bottom) };
}

/** The box after its hold was dragged; it stays within the photo. */
export function draggedBox(
  box: CutoutMark,
  hold: BoxHold,
  dx: number,
  dy: number,
  photo: { readonly width: number; readonly height: number },
): CutoutMark {
  const { left, top, right, bottom } = boxOf(box);
  if (hold.x === 0 && hold.y === 0) {
    const x = Math.min(Math.max(dx, -left), photo.width - right);
    const y = Math.min(Math.max(dy, -top), photo.height - bottom);
    return { kind: 'box', points: [left + x, top + y, right + x, bottom + y] };
  }
  const inside = (value: number, most: number): number => Math.min(Math.max(value, 0), most);
  return {
    kind: 'box',
    points: [
      hold.x === -1 ? inside(left + dx, photo.width) : left,
      hold.y === -1 ? inside(top + dy, photo.height) : top,
      hold.x === 1 ? inside(right + dx, photo.width) : right,
      hold.y === 1 ? inside(bottom + dy, photo.height) : bottom,
    ],
  };
}
