import { apply, type Matrix } from '../../geometry/matrix.js';
import type { Pixels } from '../../photo/pixels.js';
import type { EffectKind } from './effect-kind.js';

/** Nothing is darkened nearer to the middle than this, as a share of the way to a side. */
const CLEAR = 0.45;
/** How much of the light is taken in the corners at full strength. */
const DEEPEST = 0.85;

export const edges: EffectKind = {
  name: 'Dark edges',
  turn: 3,
  apply: (pixels, { strength }, { toUnit }) => withDarkEdges(pixels, strength, toUnit),
  isSlow: false,
  clears: false,
};

/**
 * Darkens towards the edges, most in the corners, as a lens does.
 * @param toUnit - px of the pixels to a frame in which what is darkened reaches from -1 to 1 both ways.
 */
function withDarkEdges(pixels: Pixels, strength: number, toUnit: Matrix): Pixels {
  const { width, height, data } = pixels;
  const out = new Uint8ClampedArray(data);
  const { x: startX, y: startY } = apply(toUnit, { x: 0.5, y: 0.5 });
  const reach = Math.SQRT2 - CLEAR;
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < width; x++, o += 4) {
      const u = startX + toUnit.a * x + toUnit.c * y;
      const v = startY + toUnit.b * x + toUnit.d * y;
      const t = (Math.sqrt(u * u + v * v) - CLEAR) / reach;
      if (t <= 0) continue;
      const share = t >= 1 ? 1 : t * t * (3 - 2 * t);
      const kept = 1 - DEEPEST * strength * share;
      out[o] = data[o]! * kept;
      out[o + 1] = data[o + 1]! * kept;
      out[o + 2] = data[o + 2]! * kept;
    }
  }
  return { width, height, data: out };
}
