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
  const values = Float32Array.from(plane.data);
  boxBlur(values, width, height, 1, sigma, 0);
  const data = new Uint8Array(values.length);
  for (let i = 0; i < data.length; i++) data[i] = values[i]! + 0.5;
  return { width, height, data };
}

/** Blurred pixels, colours weighed by their alpha; beyond the edge the outermost pixels go on. @param sigma - px. */
export function blurPixels(pixels: Pixels, sigma: number): Pixels {
  if (sigma <= 0) return pixels;
  const { width, height, data } = pixels;
  const opaque = isOpaque(pixels);
  const channels = opaque ? 3 : 4;
  const values = new Float32Array(width * height * channels);
  for (let i = 0, o = 0; i < data.length; i += 4, o += channels) {
    const alpha = data[i + 3]!;
    values[o] = opaque ? data[i]! : (data[i]! * alpha) / 255;
    values[o + 1] = opaque ? data[i + 1]! : (data[i + 1]! * alpha) / 255;
    values[o + 2] = opaque ? data[i + 2]! : (data[i + 2]! * alpha) / 255;
    if (!opaque) values[o + 3] = alpha;
  }
  boxBlur(values, width, height, channels, sigma, 1);
  const out = new Uint8ClampedArray(data.length);
  for (let i = 0, o = 0; i < data.length; i += 4, o += channels) {
    const alpha = opaque ? 255 : values[o + 3]!;
    const weight = opaque ? 1 : alpha > 0 ? 255 / alpha : 0;
    out[i] = values[o]! * weight;
    out[i + 1] = values[o + 1]! * weight;
    out[i + 2] = values[o + 2]! * weight;
    out[i + 3] = alpha;
  }
  return { width, height, data: out };
}

/**
 * Three box passes along rows and columns, in place.
 * @param values - rows of px, each of `channels` values.
 * @param repeat - 1 repeats the outermost values beyond the ends, 0 counts them as nothing.
 */
function boxBlur(values: Float32Array, width: number, height: number, channels: number, sigma: number, repeat: 0 | 1): void {
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
