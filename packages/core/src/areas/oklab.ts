import { LINEAR } from '../finish/contrast.js';

/** The light of an sRGB value between 0 and 255, which need not be whole. */
export function lightOf(value: number): number {
  const at = Math.max(0, Math.min(254, Math.floor(value)));
  return LINEAR[at]! + (LINEAR[at + 1]! - LINEAR[at]!) * (value - at);
}

/**
 * Light of the three sRGB primaries, 0 to 1, in Oklab (B. Ottosson, "A perceptual color space for image processing", 2020).
 * @param into - L, a and b are put here from `at` on.
 */
export function oklabInto(r: number, g: number, b: number, into: Float32Array | Float64Array, at: number): void {
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
  into[at] = 0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s;
  into[at + 1] = 1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s;
  into[at + 2] = 0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s;
}
