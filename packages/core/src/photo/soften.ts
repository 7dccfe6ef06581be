import type { Pixels } from './pixels.js';

/** Three px next to each other can be mixed to this variance and no further, px^2. */
const MOST_AT_ONCE = 0.4;

/**
 * Blurs pixels a little, in place, colours weighed by their alpha; beyond the edge the outermost pixels go on. For blurs that are finer than boxes of whole px:
 * each pass mixes three px so that its variance is exact.
 * @param variance - of the blur, px^2; nothing is done for 0 and below
 */
export function softenInto({ width, height, data }: Pixels, variance: number): void {
  if (!(variance > 0) || width === 0 || height === 0) return;
  const passes = Math.ceil(variance / MOST_AT_ONCE);
  const share = variance / passes / 2;
  const values = new Float32Array(data.length);
  for (let i = 0; i < data.length; i += 4) {
    const alpha = data[i + 3]!;
    for (let c = 0; c < 3; c++) values[i + c] = (data[i + c]! * alpha) / 255;
    values[i + 3] = alpha;
  }
  const between = new Float32Array(data.length);
  for (let pass = 0; pass < passes; pass++) {
    mixRows(values, between, width, share);
    mixColumns(between, values, width, share);
  }
  for (let i = 0; i < data.length; i += 4) {
    const alpha = values[i + 3]!;
    const weight = alpha > 0 ? 255 / alpha : 0;
    for (let c = 0; c < 3; c++) data[i + c] = values[i + c]! * weight;
    data[i + 3] = alpha;
  }
}

function mixRows(from: Float32Array, to: Float32Array, width: number, share: number): void {
  const row = 4 * width;
  for (let start = 0; start < from.length; start += row) {
    for (let i = start; i < start + row; i++) {
      const before = i - start < 4 ? i : i - 4;
      const after = i - start >= row - 4 ? i : i + 4;
      to[i] = from[i]! + share * (from[before]! - 2 * from[i]! + from[after]!);
    }
  }
}

function mixColumns(from: Float32Array, to: Float32Array, width: number, share: number): void {
  const row = 4 * width;
  for (let i = 0; i < from.length; i++) {
    const before = i < row ? i : i - row;
    const after = i >= from.length - row ? i : i + row;
    to[i] = from[i]! + share * (from[before]! - 2 * from[i]! + from[after]!);
  }
}
