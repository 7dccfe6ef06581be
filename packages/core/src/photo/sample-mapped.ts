import type { Matrix } from '../geometry/matrix.js';
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
 * @param toSource - from what the map says to px of the source
 */
export function sampleMapped(source: Pixels, { width, height, places }: PixelMap, toSource: Matrix): Pixels {
  const { a, b, c, d, e, f } = toSource;
  const out = new Uint8ClampedArray(4 * width * height);
  const cells = seenCells(source);
  const sum = new Float64Array(4);
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < width; x++, o += 4) {
      const i = 2 * (y * width + x);
      const placeX = places[i]!;
      const placeY = places[i + 1]!;
      if (Number.isNaN(placeX)) continue;
      const u = a * placeX + c * placeY + e;
      const v = b * placeX + d * placeY + f;
      const right = x + 1 < width && !Number.isNaN(places[i + 2]!) ? i + 2 : i;
      const left = x > 0 && !Number.isNaN(places[i - 2]!) ? i - 2 : i;
      const down = y + 1 < height && !Number.isNaN(places[i + 2 * width]!) ? i + 2 * width : i;
      const up = y > 0 && !Number.isNaN(places[i - 2 * width]!) ? i - 2 * width : i;
      const across = right === left ? 0 : 2 / (right - left);
      const along = down === up ? 0 : (2 * width) / (down - up);
      const acrossX = (places[right]! - places[left]!) * across;
      const acrossY = (places[right + 1]! - places[left + 1]!) * across;
      const alongX = (places[down]! - places[up]!) * along;
      const alongY = (places[down + 1]! - places[up + 1]!) * along;
      const ax = a * acrossX + c * acrossY;
      const ay = b * acrossX + d * acrossY;
      const bx = a * alongX + c * alongY;
      const by = b * alongX + d * alongY;
      // Most of a product is bare: what covers nothing that is seen is clear.
      const reachX = (Math.abs(ax) + Math.abs(bx)) / 2 + 1;
      const reachY = (Math.abs(ay) + Math.abs(by)) / 2 + 1;
      if (!isSeenAround(cells, u, v, reachX, reachY)) continue;
      const columns = taps(Math.hypot(ax, ay));
      const rows = taps(Math.hypot(bx, by));
      sum.fill(0);
      for (let row = 0; row < rows; row++) {
        const t = (row + 0.5) / rows - 0.5;
        for (let column = 0; column < columns; column++) {
          const s = (column + 0.5) / columns - 0.5;
          addAt(source, u + ax * s + bx * t - 0.5, v + ay * s + by * t - 0.5, sum);
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

/** px of a side of the cells that are told to be clear. */
const CELL = 16;

interface Cells {
  readonly columns: number;
  readonly rows: number;
  /** 1 where anything is seen. */
  readonly seen: Uint8Array;
}

function seenCells({ width, height, data }: Pixels): Cells {
  const [columns, rows] = [Math.ceil(width / CELL), Math.ceil(height / CELL)];
  const seen = new Uint8Array(columns * rows);
  for (let y = 0, i = 3; y < height; y++) {
    const row = Math.floor(y / CELL) * columns;
    for (let x = 0; x < width; x++, i += 4) if (data[i] !== 0) seen[row + Math.floor(x / CELL)] = 1;
  }
  return { columns, rows, seen };
}

/** Whether anything is seen within so many px of a place; beyond the edge the outermost px go on. */
function isSeenAround({ columns, rows, seen }: Cells, u: number, v: number, reachX: number, reachY: number): boolean {
  const left = Math.min(columns - 1, Math.max(0, Math.floor((u - reachX) / CELL)));
  const right = Math.min(columns - 1, Math.max(0, Math.floor((u + reachX) / CELL)));
  const top = Math.min(rows - 1, Math.max(0, Math.floor((v - reachY) / CELL)));
  const bottom = Math.min(rows - 1, Math.max(0, Math.floor((v + reachY) / CELL)));
  for (let row = top; row <= bottom; row++) {
    for (let i = row * columns + left; i <= row * columns + right; i++) if (seen[i] === 1) return true;
  }
  return false;
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
