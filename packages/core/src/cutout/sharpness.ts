import type { Pixels } from '../photo/pixels.js';
import type { Superpixels } from './superpixels.js';

/**
 * How sharp each piece of a picture is: the mean of its second differences of lightness at full size, as a power of two. What lies in front of
 * or behind the plane of focus is smooth, even where its colours are those of the subject.
 * @param pixels - the picture that the pieces were found in, at its size or larger.
 * @returns one value for each piece, 0 where nothing changes, about 5 where every px is another.
 */
export function pieceSharpness(pixels: Pixels, { width, height, labels, count }: Superpixels): Float32Array {
  const { data } = pixels;
  const [w, h] = [pixels.width, pixels.height];
  const light = new Float32Array(w * h);
  for (let i = 0, o = 0; i < light.length; i++, o += 4) light[i] = 0.3 * data[o]! + 0.59 * data[o + 1]! + 0.11 * data[o + 2]!;
  const sums = new Float64Array(count);
  const sizes = new Float64Array(count);
  const columns = Int32Array.from({ length: w }, (_, x) => Math.min(width - 1, Math.floor((x * width) / w)));
  for (let y = 1; y < h - 1; y++) {
    const row = Math.min(height - 1, Math.floor((y * height) / h)) * width;
    for (let x = 1, i = y * w + 1; x < w - 1; x++, i++) {
      const bend = Math.abs(4 * light[i]! - light[i - 1]! - light[i + 1]! - light[i - w]! - light[i + w]!);
      const k = labels[row + columns[x]!]!;
      sums[k] = sums[k]! + bend;
      sizes[k] = sizes[k]! + 1;
    }
  }
  return Float32Array.from(sums, (sum, k) => Math.log2(1 + sum / Math.max(1, sizes[k]!)));
}
