import type { Point } from '../geometry/matrix.js';
import { standingOut } from './find-focus.js';
import type { Pixels } from './pixels.js';

/** A place is looked at as large as this share of the longer side. */
const WINDOW = 0.16;
/** Around a place that was chosen, so far (as a share of the longer side) others count less. */
const APART = 0.2;

/**
 * Places in a picture that are worth a window each: where most stands out from the border, one after the other, each weakening what lies
 * around it, so that they spread over several subjects.
 * @param picture - small: 96 px on its longer side are enough.
 * @returns as many places as wanted, px of the picture, the strongest first.
 */
export function salientPlaces(picture: Pixels, count: number): Point[] {
  const { width, height } = picture;
  const side = Math.max(width, height);
  const weights = smoothed(standingOut(picture).distances, width, height, Math.max(1, Math.round((WINDOW * side) / 2)));
  const reach = APART * side;
  const margin = Math.round((WINDOW * side) / 3);
  const places: Point[] = [];
  while (places.length < count) {
    let [best, at] = [-1, 0];
    for (let y = Math.min(margin, height >> 1); y < Math.max(height - margin, (height >> 1) + 1); y++) {
      for (let x = Math.min(margin, width >> 1); x < Math.max(width - margin, (width >> 1) + 1); x++) {
        if (weights[y * width + x]! > best) [best, at] = [weights[y * width + x]!, y * width + x];
      }
    }
    const place = { x: at % width, y: Math.floor(at / width) };
    places.push({ x: place.x + 0.5, y: place.y + 0.5 });
    for (let y = 0, i = 0; y < height; y++) {
      for (let x = 0; x < width; x++, i++) {
        const far = Math.hypot(x - place.x, y - place.y) / reach;
        weights[i]! *= 1 - Math.exp(-far * far);
      }
    }
  }
  return places;
}

/** Means over squares of 2 r + 1 px, by running sums; what lies outside counts as nothing. */
function smoothed(values: Float64Array, width: number, height: number, r: number): Float64Array {
  const sums = new Float64Array((width + 1) * (height + 1));
  for (let y = 0; y < height; y++) {
    for (let x = 0, row = 0; x < width; x++) {
      row += values[y * width + x]!;
      sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1]! + row;
    }
  }
  const out = new Float64Array(values.length);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const [left, right] = [Math.max(0, x - r), Math.min(width, x + r + 1)];
      const [top, bottom] = [Math.max(0, y - r) * (width + 1), Math.min(height, y + r + 1) * (width + 1)];
      out[y * width + x] = sums[bottom + right]! - sums[bottom + left]! - sums[top + right]! + sums[top + left]!;
    }
  }
  return out;
}
