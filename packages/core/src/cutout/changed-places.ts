import type { Plane } from '../finish/plane.js';

/** A connected place where an answer differs from the one before it, all of it in one way. */
export interface ChangedPlace {
  /** Px of the working copy, by their index. */
  readonly px: readonly number[];
  /** Whether it became subject. */
  readonly isSubject: boolean;
}

/** A point in a place, px of the photo. @param copy - its width in px, and its px to one px of the photo. */
export function pointIn(
  { px }: ChangedPlace,
  copy: { readonly width: number; readonly scale: number },
): readonly [number, number] {
  const middle = px[px.length >> 1]!;
  return [((middle % copy.width) + 0.5) / copy.scale, (Math.floor(middle / copy.width) + 0.5) / copy.scale];
}

/** The px of a copy that holds a point of the photo, by its index. */
export function pxAt(x: number, y: number, copy: { readonly width: number; readonly scale: number }): number {
  return Math.floor(y * copy.scale) * copy.width + Math.floor(x * copy.scale);
}

/** A stroke's places and the others. */
export interface ChangedPlaces {
  /** Those that touch the stroke. */
  readonly near: readonly ChangedPlace[];
  readonly far: readonly ChangedPlace[];
}

/**
 * Parts what a stroke changed into connected places: px that touch at a side or a corner and changed in the same way.
 * @param before - and `after`: 128 and above is subject; of one size.
 * @param stroke - 1 for each px under the stroke.
 */
export function changedPlaces(before: Plane, after: Plane, stroke: Uint8Array): ChangedPlaces {
  const { width, height } = before;
  const changed = new Uint8Array(width * height);
  for (let i = 0; i < changed.length; i++) {
    const is = after.data[i]! >= 128;
    if (before.data[i]! >= 128 !== is) changed[i] = is ? 2 : 1;
  }
  const near: ChangedPlace[] = [];
  const far: ChangedPlace[] = [];
  for (let start = 0; start < changed.length; start++) {
    const way = changed[start]!;
    if (way === 0) continue;
    const px = [start];
    changed[start] = 0;
    let isNear = false;
    // The list grows while it is gone through.
    for (const i of px) {
      const x = i % width;
      const y = (i - x) / width;
      for (let v = Math.max(0, y - 1); v <= Math.min(height - 1, y + 1); v++) {
        for (let u = Math.max(0, x - 1); u <= Math.min(width - 1, x + 1); u++) {
          const j = v * width + u;
          if (stroke[j] === 1) isNear = true;
          if (changed[j] !== way) continue;
          changed[j] = 0;
          px.push(j);
        }
      }
    }
    (isNear ? near : far).push({ px, isSubject: way === 2 });
  }
  return { near, far };
}
