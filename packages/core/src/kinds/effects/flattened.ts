import { blurPixels, blurReach } from '../../finish/blur.js';
import type { Pixels } from '../../photo/pixels.js';
import type { EffectKind } from './effect-kind.js';

/** Steps of each channel that flattened colours have, from strength 0 to 1. */
const [MOST_STEPS, FEWEST_STEPS] = [12, 3];

export const flattened: EffectKind = {
  name: 'Flat areas',
  turn: 1,
  apply: (pixels, { strength }, { scale }) => flatAreas(pixels, strength, scale),
  reach: (strength) => blurReach(smoothing(strength)),
  isSlow: true,
  clears: false,
};

function smoothing(strength: number): number {
  return 0.5 + 2.5 * strength;
}

/** Flat areas of few colours: smoothed a little, then each channel in steps, edges kept a pixel soft. */
function flatAreas(pixels: Pixels, strength: number, scale: number): Pixels {
  const smooth = blurPixels(pixels, smoothing(strength) * scale);
  const steps = Math.round(MOST_STEPS + (FEWEST_STEPS - MOST_STEPS) * strength);
  const table = new Uint8ClampedArray(256);
  for (let value = 0; value < 256; value++) {
    const at = (value / 255) * steps;
    const whole = Math.min(steps - 1, Math.floor(at));
    // The jump from one step to the next takes a tenth of a step, which smooths its edge.
    const jump = Math.min(1, Math.max(0, (at - whole - 0.9) / 0.1));
    table[value] = ((whole + jump) / (steps - 1)) * 255;
  }
  const out = new Uint8ClampedArray(smooth.data.length);
  for (let i = 0; i < out.length; i += 4) {
    out[i] = table[smooth.data[i]!]!;
    out[i + 1] = table[smooth.data[i + 1]!]!;
    out[i + 2] = table[smooth.data[i + 2]!]!;
    out[i + 3] = pixels.data[i + 3]!;
  }
  return { width: pixels.width, height: pixels.height, data: out };
}
