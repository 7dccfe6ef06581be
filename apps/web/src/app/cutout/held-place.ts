import { pointIn, type ChangedPlace } from '@kadrosyn/core';
import type { HeldPlace } from './cutout-messages';

/** A place as it is shown over the photo. @param copy - the working copy that its px are of. */
export function heldPlace(place: ChangedPlace, copy: { readonly width: number; readonly scale: number }): HeldPlace {
  const { width, scale } = copy;
  const side = 1 / scale;
  let [left, top, right, bottom] = [Infinity, Infinity, 0, 0];
  let shape = '';
  const px = place.px.toSorted((a, b) => a - b);
  for (let n = 0; n < px.length;) {
    const first = px[n]!;
    let length = 1;
    // Px of one row that lie side by side are one piece of the shape.
    while (px[n + length] === first + length && (first + length) % width !== 0) length++;
    n += length;
    const x = (first % width) * side;
    const y = Math.floor(first / width) * side;
    shape += `M${rounded(x)} ${rounded(y)}h${rounded(length * side)}v${rounded(side)}h${rounded(-length * side)}z`;
    [left, right] = [Math.min(left, x), Math.max(right, x + length * side)];
    [top, bottom] = [Math.min(top, y), Math.max(bottom, y + side)];
  }
  return {
    point: pointIn(place, copy),
    bounds: { x: left, y: top, width: right - left, height: bottom - top },
    isSubject: place.isSubject,
    shape,
  };
}

function rounded(value: number): number {
  return Math.round(100 * value) / 100;
}
