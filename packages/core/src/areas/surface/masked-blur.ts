import { blurValues } from '../../finish/blur.js';

/** Less of the mask within reach says nothing of a place. */
const NOTHING = 1e-3;

/**
 * The means of several planes of values where a mask holds, weighed by distance, carried to where it does not.
 * @param mask - 0 to 1; @param sigmas - px, tried in their order: where the first reaches nothing of the mask, the next does
 * @returns a plane for each; NaN where none reaches anything
 */
export function maskedBlur(
  planes: readonly Float32Array[],
  mask: Float32Array,
  { width, height }: { readonly width: number; readonly height: number },
  sigmas: readonly number[],
): Float32Array[] {
  const means = planes.map((plane) => new Float32Array(plane.length).fill(NaN));
  for (const sigma of sigmas) {
    if (!means.some((mean) => mean.some(Number.isNaN))) break;
    const shares = mask.slice();
    blurValues(shares, width, height, sigma);
    planes.forEach((plane, which) => {
      const [sums, mean] = [new Float32Array(plane.length), means[which]!];
      for (let i = 0; i < sums.length; i++) sums[i] = plane[i]! * mask[i]!;
      blurValues(sums, width, height, sigma);
      for (let i = 0; i < mean.length; i++) if (Number.isNaN(mean[i]!) && shares[i]! > NOTHING) mean[i] = sums[i]! / shares[i]!;
    });
  }
  return means;
}
