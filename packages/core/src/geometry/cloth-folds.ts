import type { Point } from './matrix.js';

/** So many values each way say how cloth rises. */
export const FOLD_SIDE = 24;

/** Folds of cloth that lie between its 4 x 4 places: what rises towards the camera is seen farther from the middle of the photo than it would lie. */
export interface ClothFolds {
  /** The middle of the photo, in the plane of the places. */
  readonly middle: Point;
  /** By so much of the way from the middle; 24 x 24 evenly spaced over the rectangle, in rows from the top left. */
  readonly rises: readonly number[];
}

/** By how much of its way from the middle a place is seen farther out, mixed from the four values around it; beyond the rectangle as at its edge. */
export function riseAt(rises: readonly number[], u: number, v: number): number {
  const last = FOLD_SIDE - 1;
  const across = Math.min(1, Math.max(0, u)) * last;
  const down = Math.min(1, Math.max(0, v)) * last;
  const column = Math.min(last - 1, Math.floor(across));
  const row = Math.min(last - 1, Math.floor(down));
  const i = row * FOLD_SIDE + column;
  const [s, t] = [across - column, down - row];
  const above = rises[i]! + (rises[i + 1]! - rises[i]!) * s;
  const below = rises[i + FOLD_SIDE]! + (rises[i + FOLD_SIDE + 1]! - rises[i + FOLD_SIDE]!) * s;
  return above + (below - above) * t;
}
