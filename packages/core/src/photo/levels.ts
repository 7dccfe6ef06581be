import type { Pixels } from './pixels.js';

/**
 * The next level of a photo: every pixel is the mean of 2 x 2, colours weighted by their alpha. An odd last column or
 * row is averaged with itself, so that pixel k of level n always begins at k * 2^n of the photo.
 * Pyramids by repeated halving: L. Williams, "Pyramidal parametrics" (1983).
 */
export function halve(pixels: Pixels, opaque: boolean): Pixels {
  const { width, height, data } = pixels;
  const [w, h] = [(width + 1) >> 1, (height + 1) >> 1];
  const out = new Uint8ClampedArray(w * h * 4);
  for (let y = 0; y < h; y++) {
    const top = 2 * y * width * 4;
    const bottom = Math.min(2 * y + 1, height - 1) * width * 4;
    for (let x = 0; x < w; x++) {
      const left = 8 * x;
      const right = Math.min(2 * x + 1, width - 1) * 4;
      const [i, j, k, l] = [top + left, top + right, bottom + left, bottom + right];
      const o = (y * w + x) * 4;
      if (opaque) {
        out[o] = (data[i]! + data[j]! + data[k]! + data[l]! + 2) >> 2;
        out[o + 1] = (data[i + 1]! + data[j + 1]! + data[k + 1]! + data[l + 1]! + 2) >> 2;
        out[o + 2] = (data[i + 2]! + data[j + 2]! + data[k + 2]! + data[l + 2]! + 2) >> 2;
        out[o + 3] = 255;
      } else {
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
  }
  return { width: w, height: h, data: out };
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
