import type { EffectKind } from './effect-kind.js';
import type { Pixels } from '../../photo/pixels.js';

/** Distance of the points of noise, px of the sheet. */
const PITCH = 1.6;
/** How far grain of full strength lightens or darkens, of 255. */
const DEPTH = 64;

export const grain: EffectKind = {
  name: 'Grain',
  turn: 2,
  apply: (pixels, { strength }, { scale, origin }) => withGrain(pixels, strength, scale, origin),
  isSlow: true,
  clears: false,
};

/**
 * Grain as of a fast film: value noise on a lattice that lies still on the sheet, so that it is the same at any size of output; strongest in the
 * middle tones. Where a px holds several points it is as much weaker as their mean is.
 * @param strength - from 0 to 1.
 * @param scale - px of the pixels per px of the sheet.
 * @param origin - where the pixels begin, px from the sheet's corner.
 */
function withGrain(pixels: Pixels, strength: number, scale: number, origin: { x: number; y: number }): Pixels {
  const { width, height, data } = pixels;
  const out = new Uint8ClampedArray(data);
  const step = 1 / (scale * PITCH);
  const depth = DEPTH * strength * Math.min(1, scale * PITCH);
  const first = Math.floor((0.5 + origin.x) * step);
  const points = Math.floor((width - 0.5 + origin.x) * step) - first + 2;
  let [upper, lower] = [noiseRow(first, points, 0), noiseRow(first, points, 0)];
  let drawn = NaN;
  for (let y = 0, o = 0; y < height; y++) {
    const v = (y + 0.5 + origin.y) * step;
    const row = Math.floor(v);
    if (row !== drawn) {
      upper = row === drawn + 1 ? lower : noiseRow(first, points, row);
      lower = noiseRow(first, points, row + 1);
      drawn = row;
    }
    const fv = smooth(v - row);
    for (let x = 0; x < width; x++, o += 4) {
      const u = (x + 0.5 + origin.x) * step - first;
      const column = Math.floor(u);
      const fu = smooth(u - column);
      const above = upper[column]! + (upper[column + 1]! - upper[column]!) * fu;
      const below = lower[column]! + (lower[column + 1]! - lower[column]!) * fu;
      const luma = (0.2126 * data[o]! + 0.7152 * data[o + 1]! + 0.0722 * data[o + 2]!) / 255;
      const by = (above + (below - above) * fv) * depth * (0.35 + 2.6 * luma * (1 - luma));
      out[o] = data[o]! + by;
      out[o + 1] = data[o + 1]! + by;
      out[o + 2] = data[o + 2]! + by;
    }
  }
  return { width, height, data: out };
}

/** The noise of one row of the lattice. */
function noiseRow(first: number, count: number, row: number): Float64Array {
  const values = new Float64Array(count);
  for (let i = 0; i < count; i++) values[i] = noise(first + i, row);
  return values;
}

function smooth(t: number): number {
  return t * t * (3 - 2 * t);
}

/** From -1 to 1, always the same for a point (integer hash by T. Wang, 1997, shortened). */
function noise(x: number, y: number): number {
  let h = (Math.imul(x, 374761393) + Math.imul(y, 668265263)) | 0;
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 2147483648 - 1;
}
