import type { WorkingCopy } from './working-copy.js';

/** Sweeps over the picture: forth, back and forth again. */
const SWEEPS = 3;

/**
 * How well each px is fenced off from the seeds: on the best way from a seed to it, the smallest span of lightness and colour that has to be
 * passed (minimum barrier distance by sweeps: J. Zhang and others, "Minimum barrier salient object detection at 80 fps", 2015). What lies in the
 * open counts little even where its colour is another.
 * @param seeds - 1 where a px belongs to the ground for sure; width * height.
 * @returns one distance for each px, Lab units, the sum over the three channels.
 */
export function barrierDistance(
  { width, height, lab }: Pick<WorkingCopy, 'width' | 'height' | 'lab'>,
  seeds: Uint8Array,
): Float32Array {
  const total = new Float32Array(width * height);
  for (let channel = 0; channel < 3; channel++) {
    const distance = new Float32Array(width * height).fill(Infinity);
    const high = new Float32Array(width * height);
    const low = new Float32Array(width * height);
    for (let i = 0; i < distance.length; i++) {
      high[i] = low[i] = lab[3 * i + channel]!;
      if (seeds[i] === 1) distance[i] = 0;
    }
    const from = (i: number, j: number): void => {
      if (distance[j] === Infinity) return;
      const value = lab[3 * i + channel]!;
      const most = Math.max(high[j]!, value);
      const least = Math.min(low[j]!, value);
      if (most - least >= distance[i]!) return;
      distance[i] = most - least;
      high[i] = most;
      low[i] = least;
    };
    for (let sweep = 0; sweep < SWEEPS; sweep++) {
      const isBack = sweep % 2 === 1;
      for (let n = 0; n < distance.length; n++) {
        const i = isBack ? distance.length - 1 - n : n;
        const x = i % width;
        const [beside, above] = isBack ? [x < width - 1 ? i + 1 : -1, i + width] : [x > 0 ? i - 1 : -1, i - width];
        if (beside >= 0) from(i, beside);
        if (above >= 0 && above < distance.length) from(i, above);
      }
    }
    for (let i = 0; i < total.length; i++) total[i] = total[i]! + (distance[i] === Infinity ? 0 : distance[i]!);
  }
  return total;
}
