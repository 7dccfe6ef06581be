import type { Pixels } from './pixels.js';

/** Where each px of a picture comes from: two numbers a px, in px of the source; not a number where it comes from nowhere. */
export interface PixelMap {
  readonly width: number;
  readonly height: number;
  readonly places: Float32Array;
}

/** No more places of the source than this squared are mixed to one px. */
const MOST_TAPS = 6;

/** What px of the source lie under one px of the result, across and down; the middle of all that can be seen. */
export function mappedScale({ width, height, places }: PixelMap): number {
  const steps: number[] = [];
  const stride = Math.max(1, Math.floor(Math.sqrt((width * height) / 4000)));
  for (let y = 0; y < height - 1; y += stride) {
    for (let x = 0; x < width - 1; x += stride) {
      const i = 2 * (y * width + x);
      const below = i + 2 * width;
      const area = Math.abs(
        (places[i + 2]! - places[i]!) * (places[below + 1]! - places[i + 1]!) -
          (places[i + 3]! - places[i + 1]!) * (places[below]! - places[i]!),
      );
      if (area > 0) steps.push(Math.sqrt(area));
    }
  }
  if (steps.length === 0) return 1;
  steps.sort((a, b) => a - b);
  return steps[steps.length >> 1]!;
}

/**
 * A picture seen through a map: each px is the mean of the places that it covers, as far as its neighbours in the map are apart; each of those is mixed
 * linearly from the four nearest px, with colours weighed by their alpha. Beyond its edge the source repeats its outermost px.
 * @param scale - px of the source that a unit of the map is
 */
export function sampleMapped(source: Pixels, { width, height, places }: PixelMap, scale: number): Pixels {
  const out = new Uint8ClampedArray(4 * width * height);
  const sum = new Float64Array(4);
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < width; x++, o += 4) {
      const i = 2 * (y * width + x);
      const u = places[i]!;
      const v = places[i + 1]!;
      if (Number.isNaN(u)) continue;
      const right = x + 1 < width && !Number.isNaN(places[i + 2]!) ? i + 2 : i;
      const left = x > 0 && !Number.isNaN(places[i - 2]!) ? i - 2 : i;
      const down = y + 1 < height && !Number.isNaN(places[i + 2 * width]!) ? i + 2 * width : i;
      const up = y > 0 && !Number.isNaN(places[i - 2 * width]!) ? i - 2 * width : i;
      const across = right === left ? 0 : (2 * scale) / (right - left);
      const along = down === up ? 0 : (2 * width * scale) / (down - up);
      const ax = (places[right]! - places[left]!) * across;
      const ay = (places[right + 1]! - places[left + 1]!) * across;
      const bx = (places[down]! - places[up]!) * along;
      const by = (places[down + 1]! - places[up + 1]!) * along;
      const columns = taps(Math.hypot(ax, ay));
      const rows = taps(Math.hypot(bx, by));
      sum.fill(0);
      for (let row = 0; row < rows; row++) {
        const b = (row + 0.5) / rows - 0.5;
        for (let column = 0; column < columns; column++) {
          const a = (column + 0.5) / columns - 0.5;
          addAt(source, u * scale + ax * a + bx * b - 0.5, v * scale + ay * a + by * b - 0.5, sum);
        }
      }
      const alpha = sum[3]!;
      if (alpha === 0) continue;
      out[o] = sum[0]! / alpha;
      out[o + 1] = sum[1]! / alpha;
      out[o + 2] = sum[2]! / alpha;
      out[o + 3] = alpha / (rows * columns);
    }
  }
  return { width, height, data: out };
}

function taps(length: number): number {
  return Math.min(MOST_TAPS, Math.max(1, Math.ceil(length - 0.25)));
}

/** Adds what lies at a place to colours that are weighed by alpha, and to the sum of alpha. */
function addAt({ data, width, height }: Pixels, x: number, y: number, sum: Float64Array): void {
  const u = x < 0 ? 0 : x > width - 1 ? width - 1 : x;
  const v = y < 0 ? 0 : y > height - 1 ? height - 1 : y;
  const left = u | 0;
  const top = v | 0;
  const fx = u - left;
  const fy = v - top;
  const i = 4 * (top * width + left);
  const j = fx === 0 ? i : i + 4;
  const below = fy === 0 ? 0 : 4 * width;
  const k = i + below;
  const l = j + below;
  const a = data[i + 3]! * (1 - fx) * (1 - fy);
  const b = data[j + 3]! * fx * (1 - fy);
  const c = data[k + 3]! * (1 - fx) * fy;
  const d = data[l + 3]! * fx * fy;
  sum[0]! += data[i]! * a + data[j]! * b + data[k]! * c + data[l]! * d;
  sum[1]! += data[i + 1]! * a + data[j + 1]! * b + data[k + 1]! * c + data[l + 1]! * d;
  sum[2]! += data[i + 2]! * a + data[j + 2]! * b + data[k + 2]! * c + data[l + 2]! * d;
  sum[3]! += a + b + c + d;
}
