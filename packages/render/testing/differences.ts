import type { Pixels } from '@kadrosyn/core';

/** The largest and the mean difference of two pictures, 0 to 255, colours weighed by their alpha. */
export function differences(a: Pixels, b: Pixels): { largest: number; mean: number } {
  let [largest, sum] = [0, 0];
  for (let i = 0; i < a.data.length; i++) {
    const share = i % 4 === 3 ? 1 : Math.min(a.data[i | 3]!, b.data[i | 3]!) / 255;
    const difference = Math.abs(a.data[i]! - b.data[i]!) * share;
    largest = Math.max(largest, difference);
    sum += difference;
  }
  return { largest, mean: sum / a.data.length };
}
