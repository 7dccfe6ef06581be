import { labOf } from '../photo/palette.js';
import { halve } from '../photo/levels.js';
import { isOpaque, type Pixels } from '../photo/pixels.js';
import { samplePixels } from '../photo/sample.js';
import { scaling } from '../geometry/matrix.js';
import { blurPixels } from '../finish/blur.js';

/** A photo made small in CIE Lab, on which a subject is searched for. */
export interface WorkingCopy {
  readonly width: number;
  readonly height: number;
  /** px of the copy to one px of the picture it was made of; at most 1. */
  readonly scale: number;
  /** Its colours as they are. */
  readonly pixels: Pixels;
  /** L, a and b of each px, lightly softened, in rows from the top: width * height * 3. */
  readonly lab: Float32Array;
}

/** The longer side of a working copy, px. */
export const WORKING_SIDE = 512;
/** A light blur takes away noise that no edge depends on; px. */
const SOFTNESS = 0.7;

/** A picture made small. @param side - the longer side of the result, px; smaller pictures stay as they are. */
export function smallPixels(pixels: Pixels, side: number): Pixels {
  const scale = Math.min(1, side / Math.max(pixels.width, pixels.height));
  if (scale === 1) return pixels;
  const [width, height] = [Math.max(1, Math.round(pixels.width * scale)), Math.max(1, Math.round(pixels.height * scale))];
  let near = pixels;
  // Sampling alone must not shrink by more than 2.
  while (near.width >= 2 * width && near.height >= 2 * height) near = halve(near, isOpaque(near));
  return samplePixels(near, scaling(near.width / width, near.height / height), { width, height }, isOpaque(near));
}

/**
 * The working copy of a picture.
 * @param pixels - any size; a level of about twice the working side is quickest. Clear places count as the colour that they have.
 * @param side - the longer side of the copy, px.
 */
export function workingCopy(pixels: Pixels, side = WORKING_SIDE): WorkingCopy {
  const scale = Math.min(1, side / Math.max(pixels.width, pixels.height));
  const small = smallPixels(pixels, side);
  const { width, height } = small;
  const { data } = blurPixels(small, SOFTNESS);
  const lab = new Float32Array(width * height * 3);
  for (let i = 0, o = 0; o < lab.length; i += 4, o += 3) {
    const [l, a, b] = labOf([data[i]!, data[i + 1]!, data[i + 2]!]);
    lab[o] = l;
    lab[o + 1] = a;
    lab[o + 2] = b;
  }
  return { width, height, scale, pixels: small, lab };
}
