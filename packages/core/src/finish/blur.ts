import type { Pixels } from '../photo/pixels.js';
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
  const from = Float32Array.from(plane.data);
  const to = new Float32Array(from.length);
  for (const radius of boxRadii(sigma)) {
    if (radius === 0) continue;
    for (let y = 0; y < height; y++) boxLine(from, to, y * width, 1, width, radius, 0);
    boxColumns(to, from, width, height, radius, 0);
  }
  const data = new Uint8Array(from.length);
  for (let i = 0; i < data.length; i++) data[i] = from[i]! + 0.5;
  return { width, height, data };
}

/** Blurred pixels, colours weighed by their alpha; beyond the edge the outermost pixels go on. @param sigma - px. */
export function blurPixels(pixels: Pixels, sigma: number): Pixels {
  if (sigma <= 0) return pixels;
  const { width, height, data } = pixels;
  const count = width * height;
  const out = new Uint8ClampedArray(data.length);
  const alpha = blurChannel(width, height, count, (i) => data[4 * i + 3]!, sigma);
  for (let c = 0; c < 3; c++) {
    const channel = blurChannel(width, height, count, (i) => (data[4 * i + c]! * data[4 * i + 3]!) / 255, sigma);
    for (let i = 0; i < count; i++) out[4 * i + c] = alpha[i]! > 0 ? (channel[i]! * 255) / alpha[i]! : 0;
  }
  for (let i = 0; i < count; i++) out[4 * i + 3] = alpha[i]!;
  return { width, height, data: out };
}

function blurChannel(width: number, height: number, count: number, value: (i: number) => number, sigma: number): Float32Array {
  const from = new Float32Array(count);
  for (let i = 0; i < count; i++) from[i] = value(i);
  const to = new Float32Array(count);
  for (const radius of boxRadii(sigma)) {
    if (radius === 0) continue;
    for (let y = 0; y < height; y++) boxLine(from, to, y * width, 1, width, radius, 1);
    boxColumns(to, from, width, height, radius, 1);
  }
  return from;
}

/** Sliding mean along one line. @param repeat - 1 repeats the outermost values beyond the ends, 0 counts them as nothing. */
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
  for (let i = 0; i < length; i++) {
    to[start + i * step] = sum * scale;
    const enters = i + radius + 1;
    const leaves = i - radius;
    sum += (enters <= last ? from[start + enters * step]! : end) - (leaves >= 0 ? from[start + leaves * step]! : first);
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
