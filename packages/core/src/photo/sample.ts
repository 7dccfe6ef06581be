import { apply, type Matrix } from '../geometry/matrix.js';
import type { Pixels } from './pixels.js';

/** Two channels of a pixel side by side, 16 bits each. */
const PAIR = 0x00ff00ff;
const HALF = 0x00800080;

/**
 * A photo seen through an affine map, each pixel mixed from the four nearest of the source (bilinear interpolation). Beyond
 * its edge the photo repeats its outermost pixels. Done here and not by a canvas, since canvases differ in how they
 * smooth; shrink by at most 2 and take a coarser level for more. Weights are whole 256ths and sums whole numbers, so that
 * every platform mixes to the same value.
 * @param toSource - maps px of the result to px of the source.
 * @param opaque - whether the source has no clear pixel, which is quicker.
 * @param out - gets width * height * 4 bytes of RGBA; made when absent.
 */
export function samplePixels(
  source: Pixels,
  toSource: Matrix,
  { width, height }: { readonly width: number; readonly height: number },
  opaque: boolean,
  out: Uint8ClampedArray = new Uint8ClampedArray(width * height * 4),
): Pixels {
  const columns = new Float64Array(width * 2);
  const { x: u0, y: v0 } = apply(toSource, { x: 0.5, y: 0.5 });
  for (let x = 0; x < width; x++) {
    // Counted from the middle of the source's first pixel.
    columns[2 * x] = u0 - 0.5 + toSource.a * x;
    columns[2 * x + 1] = v0 - 0.5 + toSource.b * x;
  }
  const target = new Int32Array(out.buffer, out.byteOffset, width * height);
  if (opaque) mixOpaque(source, columns, toSource, target, height);
  else for (let y = 0; y < height; y++) mixClearRow(source, columns, toSource.c * y, toSource.d * y, target, y * width);
  return { width, height, data: out };
}

/** Where a row of the result falls on the source: for each pixel the nearer column or its index, and the weight of the next. */
interface Taps {
  readonly index: Int32Array;
  /** 0 to 255. */
  readonly along: Int32Array;
  readonly down: Int32Array;
}

/** Red with blue and green with alpha are mixed as pairs in one number, first along the row, then downwards. */
function mixOpaque(source: Pixels, columns: Float64Array, toSource: Matrix, target: Int32Array, height: number): void {
  const data = new Int32Array(source.data.buffer, source.data.byteOffset, source.width * source.height);
  const width = columns.length >> 1;
  const upright = toSource.b === 0 && toSource.c === 0;
  const taps: Taps = { index: new Int32Array(width), along: new Int32Array(width), down: new Int32Array(width) };
  for (let y = 0; y < height; y++) {
    if (upright && y > 0) moveTapsDown(source, taps, columns[1]! + toSource.d * y);
    else findTaps(source, taps, columns, toSource.c * y, toSource.d * y);
    mixTaps(data, source.width, taps, target, y * width);
  }
}

function findTaps(source: Pixels, taps: Taps, columns: Float64Array, du: number, dv: number): void {
  const right = source.width - 1;
  const bottom = source.height - 1;
  for (let x = 0, c = 0; x < taps.index.length; x++, c += 2) {
    const u = Math.min(Math.max(columns[c]! + du, 0), right);
    const v = Math.min(Math.max(columns[c + 1]! + dv, 0), bottom);
    const left = Math.floor(u);
    const top = Math.floor(v);
    taps.index[x] = top * source.width + left;
    taps.along[x] = Math.floor((u - left) * 256);
    taps.down[x] = Math.floor((v - top) * 256);
  }
}

/** For a photo that is not turned, only the row changes from one line to the next. */
function moveTapsDown(source: Pixels, taps: Taps, at: number): void {
  const v = Math.min(Math.max(at, 0), source.height - 1);
  const top = Math.floor(v);
  const before = Math.floor(taps.index[0]! / source.width);
  const step = (top - before) * source.width;
  if (step !== 0) for (let x = 0; x < taps.index.length; x++) taps.index[x]! += step;
  taps.down.fill(Math.floor((v - top) * 256));
}

function mixTaps(data: Int32Array, stride: number, { index, along, down }: Taps, target: Int32Array, from: number): void {
  for (let x = 0; x < index.length; x++) {
    const i = index[x]!;
    const wx = along[x]!;
    const wy = down[x]!;
    const vx = 256 - wx;
    const j = wx === 0 ? i : i + 1;
    const below = wy === 0 ? 0 : stride;
    const p = data[i]!;
    const q = data[j]!;
    const r = data[i + below]!;
    const s = data[j + below]!;
    const upperRedBlue = ((Math.imul(p & PAIR, vx) + Math.imul(q & PAIR, wx) + HALF) >>> 8) & PAIR;
    const lowerRedBlue = ((Math.imul(r & PAIR, vx) + Math.imul(s & PAIR, wx) + HALF) >>> 8) & PAIR;
    const upperGreen = (Math.imul((p >>> 8) & 0xff, vx) + Math.imul((q >>> 8) & 0xff, wx) + 128) >> 8;
    const lowerGreen = (Math.imul((r >>> 8) & 0xff, vx) + Math.imul((s >>> 8) & 0xff, wx) + 128) >> 8;
    const redBlue = ((Math.imul(upperRedBlue, 256 - wy) + Math.imul(lowerRedBlue, wy) + HALF) >>> 8) & PAIR;
    const green = (Math.imul(upperGreen, 256 - wy) + Math.imul(lowerGreen, wy) + 128) & 0xff00;
    target[from + x] = redBlue | green | 0xff000000;
  }
}

/** The same with colours weighed by their alpha, so that clear pixels give no fringe. */
// eslint-disable-next-line max-params -- once for each row of pixels
function mixClearRow(source: Pixels, columns: Float64Array, du: number, dv: number, target: Int32Array, from: number): void {
  const data = new Int32Array(source.data.buffer, source.data.byteOffset, source.width * source.height);
  const stride = source.width;
  const right = source.width - 1;
  const bottom = source.height - 1;
  for (let c = 0, o = from; c < columns.length; c += 2, o++) {
    let u = columns[c]! + du;
    let v = columns[c + 1]! + dv;
    u = u < 0 ? 0 : u > right ? right : u;
    v = v < 0 ? 0 : v > bottom ? bottom : v;
    const left = u | 0;
    const top = v | 0;
    const wx = ((u - left) * 256) | 0;
    const wy = ((v - top) * 256) | 0;
    const i = top * stride + left;
    const j = wx === 0 ? i : i + 1;
    const below = wy === 0 ? 0 : stride;
    const p = data[i]!;
    const q = data[j]!;
    const r = data[i + below]!;
    const s = data[j + below]!;
    // Most of a subject is clear all around or full all around.
    if ((p | q | r | s) >>> 24 === 0) target[o] = 0;
    else {
      const w11 = wx * wy;
      const w01 = (wx << 8) - w11;
      const w10 = (wy << 8) - w11;
      target[o] = (p & q & r & s) >>> 24 === 255 ? mixFull(p, q, r, s, w01, w10, w11) : mixClear(p, q, r, s, w01, w10, w11);
    }
  }
}

/** Four full pixels: each channel for itself, rounded once. */
// eslint-disable-next-line max-params -- once for each pixel: an object would be made for each
function mixFull(p: number, q: number, r: number, s: number, w01: number, w10: number, w11: number): number {
  const w00 = 65536 - w01 - w10 - w11;
  const red = ((p & 255) * w00 + (q & 255) * w01 + (r & 255) * w10 + (s & 255) * w11 + 32768) >>> 16;
  const green =
    (((p >>> 8) & 255) * w00 + ((q >>> 8) & 255) * w01 + ((r >>> 8) & 255) * w10 + ((s >>> 8) & 255) * w11 + 32768) >>> 16;
  const blue =
    (((p >>> 16) & 255) * w00 + ((q >>> 16) & 255) * w01 + ((r >>> 16) & 255) * w10 + ((s >>> 16) & 255) * w11 + 32768) >>> 16;
  return red | (green << 8) | (blue << 16) | 0xff000000;
}

// eslint-disable-next-line max-params -- once for each pixel: an object would be made for each
function mixClear(p: number, q: number, r: number, s: number, w01: number, w10: number, w11: number): number {
  const a00 = (p >>> 24) * (65536 - w01 - w10 - w11);
  const a01 = (q >>> 24) * w01;
  const a10 = (r >>> 24) * w10;
  const a11 = (s >>> 24) * w11;
  const alpha = a00 + a01 + a10 + a11;
  if (alpha === 0) return 0;
  const red = Math.floor(((p & 255) * a00 + (q & 255) * a01 + (r & 255) * a10 + (s & 255) * a11) / alpha + 0.5);
  const green = Math.floor(
    (((p >>> 8) & 255) * a00 + ((q >>> 8) & 255) * a01 + ((r >>> 8) & 255) * a10 + ((s >>> 8) & 255) * a11) / alpha + 0.5,
  );
  const blue = Math.floor(
    (((p >>> 16) & 255) * a00 + ((q >>> 16) & 255) * a01 + ((r >>> 16) & 255) * a10 + ((s >>> 16) & 255) * a11) / alpha + 0.5,
  );
  return red | (green << 8) | (blue << 16) | (((alpha + 32768) >> 16) << 24);
}
