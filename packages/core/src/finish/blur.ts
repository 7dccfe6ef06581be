import { isOpaque, type Pixels } from '../photo/pixels.js';
import type { Plane } from './plane.js';

/**
 * Radii of three box passes that together come close to a Gaussian of this standard deviation (P. Kovesi, "Fast almost-
 * Gaussian filtering", 2010). A box of radius r is 2r + 1 px wide.
 */
export function boxRadii(sigma: number): readonly [number, number, number] {
  const ideal = Math.sqrt((12 * sigma * sigma) / 3 + 1);
  const odd = Math.max(1, Math.floor(ideal) - (Math.floor(ideal) % 2 === 0 ? 1 : 0));
  const narrow = Math.round((12 * sigma * sigma - 3 * odd * odd - 12 * odd - 9) / (-4 * odd - 4));
  const radius = (pass: number): number => (pass < narrow ? (odd - 1) / 2 : (odd + 1) / 2);
  return [radius(0), radius(1), radius(2)];
}

/** How far a blur reaches, in whole px. */
export function blurReach(sigma: number): number {
  const [a, b, c] = boxRadii(sigma);
  return sigma > 0 ? a + b + c : 0;
}

/** A blurred plane; beyond its edge there is nothing. @param sigma - px. */
export function blurPlane(plane: Plane, sigma: number): Plane {
  if (sigma <= 0) return plane;
  const { width, height } = plane;
  const room = roomAround(plane, blurReach(sigma));
  const [wide, high] = [room.left + width + room.right, room.top + height + room.bottom];
  const values = new Float32Array(wide * high);
  for (let y = 0; y < height; y++) {
    values.set(plane.data.subarray(y * width, (y + 1) * width), (room.top + y) * wide + room.left);
  }
  boxBlur({ values, width: wide, height: high, channels: 1 }, sigma, 0);
  const data = new Uint8Array(width * height);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0, at = (room.top + y) * wide + room.left; x < width; x++, i++, at++) data[i] = values[at]! + 0.5;
  }
  return { width, height, data };
}

/**
 * What has to be added to each side so that nothing is lost there: what one box carries beyond the edge comes back with the next. Nothing where
 * the plane is empty as far as the blur reaches.
 */
function roomAround({ width, height, data }: Plane, reach: number): Record<'left' | 'top' | 'right' | 'bottom', number> {
  let [left, top, right, bottom] = [width, height, -1, -1];
  for (let y = 0; y < height; y++) {
    const row = data.subarray(y * width, (y + 1) * width);
    const first = row.findIndex((value) => value !== 0);
    if (first < 0) continue;
    const last = row.findLastIndex((value) => value !== 0);
    [left, right, top, bottom] = [Math.min(left, first), Math.max(right, last), Math.min(top, y), y];
  }
  if (right < 0) return { left: 0, top: 0, right: 0, bottom: 0 };
  const missing = (free: number): number => Math.max(0, reach - free);
  return {
    left: missing(left),
    top: missing(top),
    right: missing(width - 1 - right),
    bottom: missing(height - 1 - bottom),
  };
}

/** From this standard deviation on pixels are averaged first: px of the average. What is lost is finer than what the blur leaves. */
const FINE = 2;

/** Blurred pixels, colours weighed by their alpha; beyond the edge the outermost pixels go on. @param sigma - px. */
export function blurPixels(pixels: Pixels, sigma: number): Pixels {
  if (sigma <= 0) return pixels;
  const { width, height, data } = pixels;
  const opaque = isOpaque(pixels);
  const channels = opaque ? 3 : 4;
  const factor = 2 ** Math.max(0, Math.floor(Math.log2(sigma / FINE)));
  const small = averaged(pixels, factor, channels);
  // Averaging blurs as a box does, and making it large again as a triangle: the passes between give the rest.
  const rest = Math.sqrt(sigma * sigma - (factor === 1 ? 0 : (factor * factor - 1) / 12 + (factor * factor) / 6)) / factor;
  boxBlur({ ...small, channels }, rest, 1);
  const out = new Uint8ClampedArray(data.length);
  if (factor === 1) {
    for (let i = 0, o = 0; i < data.length; i += 4, o += channels) {
      const alpha = opaque ? 255 : small.values[o + 3]!;
      const weight = opaque ? 1 : alpha > 0 ? 255 / alpha : 0;
      out[i] = small.values[o]! * weight;
      out[i + 1] = small.values[o + 1]! * weight;
      out[i + 2] = small.values[o + 2]! * weight;
      out[i + 3] = alpha;
    }
    return { width, height, data: out };
  }
  const row = new Float32Array(small.width * channels);
  for (let y = 0, i = 0; y < height; y++) {
    blendRows(small, channels, (y + 0.5) / factor - 0.5, row);
    for (let x = 0; x < width; x++, i += 4) {
      const u = Math.min(small.width - 1, Math.max(0, (x + 0.5) / factor - 0.5));
      const left = Math.min(small.width - 2, Math.floor(u));
      const t = small.width === 1 ? 0 : u - left;
      const o = Math.max(0, left) * channels;
      const next = small.width === 1 ? o : o + channels;
      const alpha = opaque ? 255 : row[o + 3]! + (row[next + 3]! - row[o + 3]!) * t;
      const weight = opaque ? 1 : alpha > 0 ? 255 / alpha : 0;
      out[i] = (row[o]! + (row[next]! - row[o]!) * t) * weight;
      out[i + 1] = (row[o + 1]! + (row[next + 1]! - row[o + 1]!) * t) * weight;
      out[i + 2] = (row[o + 2]! + (row[next + 2]! - row[o + 2]!) * t) * weight;
      out[i + 3] = alpha;
    }
  }
  return { width, height, data: out };
}

interface Averaged {
  readonly width: number;
  readonly height: number;
  readonly values: Float32Array;
}

/** Means of squares of `factor` px, alpha multiplied in; squares that reach over the edge are of what there is. */
function averaged({ width, height, data }: Pixels, factor: number, channels: number): Averaged {
  const [w, h] = [Math.ceil(width / factor), Math.ceil(height / factor)];
  const values = new Float32Array(w * h * channels);
  for (let y = 0, i = 0; y < height; y++) {
    const start = Math.floor(y / factor) * w * channels;
    for (let x = 0; x < width; x++, i += 4) {
      const o = start + Math.floor(x / factor) * channels;
      const alpha = data[i + 3]!;
      const share = channels === 3 ? 1 : alpha / 255;
      values[o] = values[o]! + data[i]! * share;
      values[o + 1] = values[o + 1]! + data[i + 1]! * share;
      values[o + 2] = values[o + 2]! + data[i + 2]! * share;
      if (channels === 4) values[o + 3] = values[o + 3]! + alpha;
    }
  }
  if (factor === 1) return { width: w, height: h, values };
  for (let y = 0, o = 0; y < h; y++) {
    const tall = Math.min(factor, height - y * factor);
    for (let x = 0; x < w; x++) {
      const count = tall * Math.min(factor, width - x * factor);
      for (let c = 0; c < channels; c++, o++) values[o] = values[o]! / count;
    }
  }
  return { width: w, height: h, values };
}

/** A row between two rows. @param v - rows from the top. */
function blendRows({ width, height, values }: Averaged, channels: number, v: number, row: Float32Array): void {
  const at = Math.min(height - 1, Math.max(0, v));
  const top = Math.floor(at);
  const t = at - top;
  const upper = top * width * channels;
  const lower = Math.min(height - 1, top + 1) * width * channels;
  for (let i = 0; i < row.length; i++) row[i] = values[upper + i]! + (values[lower + i]! - values[upper + i]!) * t;
}

/**
 * Three box passes along rows and columns, in place.
 * @param values - rows of px, each of `channels` values.
 * @param repeat - 1 repeats the outermost values beyond the ends, 0 counts them as nothing.
 */
interface Channels {
  /** channels * width * height, by rows. */
  readonly values: Float32Array;
  readonly width: number;
  readonly height: number;
  readonly channels: number;
}

function boxBlur({ values, width, height, channels }: Channels, sigma: number, repeat: 0 | 1): void {
  const between = new Float32Array(values.length);
  const row = width * channels;
  for (const radius of boxRadii(sigma)) {
    if (radius === 0) continue;
    for (let y = 0; y < height; y++)
      for (let c = 0; c < channels; c++) boxLine(values, between, y * row + c, channels, width, radius, repeat);
    boxColumns(between, values, row, height, radius, repeat);
  }
}

/** Sliding mean along one line. */
// eslint-disable-next-line max-params -- once for each row: an object would be made for each
function boxLine(
  from: Float32Array,
  to: Float32Array,
  start: number,
  step: number,
  length: number,
  radius: number,
  repeat: 0 | 1,
): void {
  const last = length - 1;
  const [first, end] = [from[start]! * repeat, from[start + last * step]! * repeat];
  const scale = 1 / (2 * radius + 1);
  let sum = first * radius;
  for (let i = 0; i <= Math.min(radius, last); i++) sum += from[start + i * step]!;
  if (radius > last) sum += end * (radius - last);
  // In the middle nothing has to be asked about the ends.
  const [middle, until] = [Math.min(length, radius), Math.max(0, last - radius)];
  let i = 0;
  let at = start;
  for (; i < middle; i++, at += step) {
    to[at] = sum * scale;
    sum += (i + radius + 1 <= last ? from[at + (radius + 1) * step]! : end) - first;
  }
  const [ahead, behind] = [(radius + 1) * step, radius * step];
  for (; i < until; i++, at += step) {
    to[at] = sum * scale;
    sum += from[at + ahead]! - from[at - behind]!;
  }
  for (; i < length; i++, at += step) {
    to[at] = sum * scale;
    sum += end - (i >= radius ? from[at - behind]! : first);
  }
}

/** The same along all columns at once: rows are read one after the other, which memory gives several times faster than columns. */
// eslint-disable-next-line max-params -- as boxLine, of whole rows
function boxColumns(from: Float32Array, to: Float32Array, width: number, height: number, radius: number, repeat: 0 | 1): void {
  const last = height - 1;
  const scale = 1 / (2 * radius + 1);
  const sums = new Float64Array(width);
  for (let x = 0; x < width; x++) sums[x] = from[x]! * repeat * radius;
  const add = (row: number, times: number): void => {
    for (let x = 0, at = row * width; x < width; x++, at++) sums[x] = sums[x]! + from[at]! * times;
  };
  for (let y = 0; y <= Math.min(radius, last); y++) add(y, 1);
  if (radius > last) add(last, repeat * (radius - last));
  for (let y = 0; y <= last; y++) {
    const [enters, leaves] = [y + radius + 1, y - radius];
    const [enterRow, leaveRow] = [Math.min(enters, last) * width, Math.max(leaves, 0) * width];
    const [enterTimes, leaveTimes] = [enters <= last ? 1 : repeat, leaves >= 0 ? 1 : repeat];
    for (let x = 0, at = y * width; x < width; x++, at++) {
      to[at] = sums[x]! * scale;
      sums[x] = sums[x]! + (from[enterRow + x]! * enterTimes - from[leaveRow + x]! * leaveTimes);
    }
  }
}

/** Blurs values of any kind in place; beyond the edge there is nothing (0). @param sigma - px. */
export function blurValues(values: Float32Array, width: number, height: number, sigma: number): void {
  boxBlur({ values, width, height, channels: 1 }, sigma, 0);
}
