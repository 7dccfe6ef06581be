import type { Plane } from '../finish/plane.js';

/** What a model of persons has to reach to be believed. */
const [LEAST_SHARE, MOST_SHARE, MOST_DOUBT, LEAST_COMMON] = [0.03, 0.93, 0.25, 0.88];

/**
 * Whether a model of persons is to be believed, and what it marks. It is asked twice, the second time about the mirrored picture: of a person it says
 * the same both times (0.92 and more in common on the sample pictures), of other things it does not (at most 0.79).
 * @param likely - how likely each px of a square is to be a person's, 0 to 1, in rows from the top.
 * @param mirrored - the same for the mirrored picture.
 * @returns 255 where a person is; null where it is not sure of any.
 */
export function personMask(likely: Float32Array, mirrored: Float32Array): Plane | null {
  const side = Math.sqrt(likely.length);
  const data = new Uint8Array(likely.length);
  let [count, doubt, both, either] = [0, 0, 0, 0];
  for (let y = 0, i = 0; y < side; y++) {
    for (let x = 0; x < side; x++, i++) {
      const [value, other] = [likely[i]!, mirrored[y * side + side - 1 - x]!];
      if (value > 0.5) {
        data[i] = 255;
        count++;
      }
      if (value > 0.2 && value < 0.8) doubt++;
      if (value > 0.5 && other > 0.5) both++;
      if (value > 0.5 || other > 0.5) either++;
    }
  }
  const share = count / likely.length;
  const isSure = share >= LEAST_SHARE && share <= MOST_SHARE && doubt <= MOST_DOUBT * count && both >= LEAST_COMMON * either;
  return isSure ? { width: side, height: side, data } : null;
}
