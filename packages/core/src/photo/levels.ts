import type { Pixels } from './pixels.js';

/**
 * The next level of a photo: every pixel is the mean of 2 x 2, colours weighted by their alpha. An odd last column or
 * row is averaged with itself, so that pixel k of level n always begins at k * 2^n of the photo.
 * Pyramids by repeated halving: L. Williams, "Pyramidal parametrics" (1983).
 */
export function halve(pixels: Pixels, opaque: boolean): Pixels {
  const { width, height } = pixels;
  const [w, h] = [(width + 1) >> 1, (height + 1) >> 1];
  const out = new Uint8ClampedArray(w * h * 4);
  const halveRow = opaque ? halveOpaqueRow : halveClearRow;
  for (let y = 0; y < h; y++) halveRow(pixels, 2 * y, Math.min(2 * y + 1, height - 1), out, y * w);
  return { width: w, height: h, data: out };
}

/** Two channels of a pixel side by side, 16 bits each. */
const PAIR = 0x00ff00ff;

/** Red with blue are added as a pair in one number, green by itself. */
function halveOpaqueRow(pixels: Pixels, upper: number, lower: number, out: Uint8ClampedArray, at: number): void {
  const { width, height } = pixels;
  const data = new Int32Array(pixels.data.buffer, pixels.data.byteOffset, width * height);
  const target = new Int32Array(out.buffer, out.byteOffset, out.length >> 2);
  const [top, bottom] = [upper * width, lower * width];
  for (let x = 0, o = at; x < width; x += 2, o++) {
    const next = x + 1 < width ? x + 1 : x;
    const p = data[top + x]!;
    const q = data[top + next]!;
    const r = data[bottom + x]!;
    const s = data[bottom + next]!;
    const redBlue = ((p & PAIR) + (q & PAIR) + (r & PAIR) + (s & PAIR) + 0x00020002) >>> 2;
    const green = (((p >>> 8) & 0xff) + ((q >>> 8) & 0xff) + ((r >>> 8) & 0xff) + ((s >>> 8) & 0xff) + 2) >>> 2;
    target[o] = (redBlue & PAIR) | (green << 8) | 0xff000000;
  }
}

function halveClearRow(pixels: Pixels, upper: number, lower: number, out: Uint8ClampedArray, at: number): void {
  const { width, data } = pixels;
  const [top, bottom] = [upper * width * 4, lower * width * 4];
  const last = (width - 1) * 4;
  for (let left = 0, o = at * 4; left <= last; left += 8, o += 4) {
    const right = Math.min(left + 4, last);
    const [i, j, k, l] = [top + left, top + right, bottom + left, bottom + right];
    const [ai, aj, ak, al] = [data[i + 3]!, data[j + 3]!, data[k + 3]!, data[l + 3]!];
    const alpha = ai + aj + ak + al;
    if (alpha === 0) continue;
    for (let c = 0; c < 3; c++) {
      const sum = data[i + c]! * ai + data[j + c]! * aj + data[k + c]! * ak + data[l + c]! * al;
      out[o + c] = Math.floor(sum / alpha + 0.5);
    }
    out[o + 3] = (alpha + 2) >> 2;
  }
}

/**
 * The same pixels with a border of one repeated pixel, so that smoothing at the edge of a photo meets its own colour
 * instead of nothing.
 */
export function withBorder(pixels: Pixels): Pixels {
  const { width, height, data } = pixels;
  const [w, h] = [width + 2, height + 2];
  const source = new Uint32Array(data.buffer, data.byteOffset, width * height);
  const out = new Uint32Array(w * h);
  for (let y = 0; y < h; y++) {
    const row = Math.min(Math.max(y - 1, 0), height - 1) * width;
    out.set(source.subarray(row, row + width), y * w + 1);
    out[y * w] = source[row]!;
    out[y * w + w - 1] = source[row + width - 1]!;
  }
  return { width: w, height: h, data: new Uint8ClampedArray(out.buffer) };
}

/**
 * The level from which a photo is drawn: the smallest one that is not smaller than what is drawn, so that no
 * drawing shrinks by more than 2.
 * @param scale - px drawn per px of the photo.
 * @param count - how many levels there are.
 */
export function levelFor(scale: number, count: number): number {
  const level = Math.floor(Math.log2(1 / scale) + 1e-9);
  return Math.min(Math.max(level, 0), count - 1);
}

/** How many levels a photo has, down to a single pixel. */
export function levelCount(width: number, height: number): number {
  return Math.ceil(Math.log2(Math.max(width, height, 1))) + 1;
}
