import { FOLD_SIDE, type ClothFolds } from '../../geometry/cloth-folds.js';
import { CLOTH_SIDE, clothSurface, overCloth } from '../../geometry/cloth-surface.js';
import type { Point } from '../../geometry/matrix.js';
import type { Pixels } from '../../photo/pixels.js';
import type { ClothForm } from '../area-form.js';
import { cropArea, DARKEST } from './area-crop.js';
import { luminance } from './area-surface.js';
import { maskedBlur } from './masked-blur.js';

/** Folds are looked for in a photo that is about so long, px; all lengths below are px of that. */
const LONG = 1000;
/** Finer is weave, wider is the light of the room. */
const [WEAVE, ROOM_LIGHT] = [3, 60];
/** What a slope adds to the height is forgotten by so much a px: what is summed up drifts. */
const KEPT = 0.993;
/** Heights are read so finely. */
const EVEN = 2;
/** How far a height of 1 is seen from where it would lie, at half the length of the photo from its middle. */
const STRENGTH = 0.3;
/** Farther than this share of the photo's length nothing is shifted. */
const FARTHEST = 4 / 700;
/** Light that changes by less than this over the width of the cloth, in natural logarithms, does not say from where it comes. */
const LEAST_LIGHT = 0.08;

/**
 * Reads the folds of cloth from its light: a slope that is turned to the light is lighter, and what is lighter or darker than its surroundings, summed up
 * across from either side, is how far it rises. The side of the light is where the whole cloth is lighter. The 4 x 4 places lie right as they are.
 * @param photo - and the form in px of it
 * @returns null where light falls evenly, so that nothing can be read, or where the cloth lies outside of the photo
 */
export function findFolds(photo: Pixels, { points }: Pick<ClothForm, 'points'>): ClothFolds | null {
  const surface = clothSurface(points);
  const seen = surface && reduced(photo, points);
  if (!surface || !seen) return null;
  const { width, height, mask, logs } = seen;
  const side = lightSide(seen);
  if (side === 0) return null;
  const per = seen.long / LONG;
  const [fine] = maskedBlur([logs], mask, seen, [WEAVE * per]);
  const [wide] = maskedBlur([logs], mask, seen, [ROOM_LIGHT * per]);
  const slopes = fine!.map((value, i) => (mask[i] === 0 ? 0 : side * (value - wide![i]!)));
  const heights = maskedBlur([summed(slopes, mask, width, height)], mask, seen, [EVEN * per, ROOM_LIGHT * per])[0]!;
  const unit = STRENGTH / (seen.long / 2);
  const riseOf = (u: number, v: number): number => {
    const p = surface.seen(u, v)!;
    const x = Math.min(width - 1, Math.max(0, Math.floor((p.x - seen.x) / seen.factor)));
    const y = Math.min(height - 1, Math.max(0, Math.floor((p.y - seen.y) / seen.factor)));
    return (heights[y * width + x]! || 0) * unit;
  };
  const last = CLOTH_SIDE - 1;
  const said = points.map((_, i) => riseOf((i % CLOTH_SIDE) / last, Math.floor(i / CLOTH_SIDE) / last));
  const middle = { x: photo.width / 2, y: photo.height / 2 };
  const rises = Array.from({ length: FOLD_SIDE ** 2 }, (_, i) => {
    const [u, v] = [(i % FOLD_SIDE) / (FOLD_SIDE - 1), Math.floor(i / FOLD_SIDE) / (FOLD_SIDE - 1)];
    const p = surface.seen(u, v)!;
    const most = (FARTHEST * Math.max(photo.width, photo.height)) / Math.max(1, Math.hypot(p.x - middle.x, p.y - middle.y));
    return rounded(Math.min(most, Math.max(-most, riseOf(u, v) - overCloth(said, u, v))));
  });
  return { middle, rises };
}

/** As it is kept: finer is less than a tenth of a px. */
function rounded(rise: number): number {
  return Math.min(0.1, Math.max(-0.1, Math.round(rise * 1e5) / 1e5));
}

interface Reduced {
  /** Its top left corner, px of the photo, and how many of them one px is. */
  readonly x: number;
  readonly y: number;
  readonly factor: number;
  readonly width: number;
  readonly height: number;
  /** Of the photo, px of this. */
  readonly long: number;
  /** 1 where the cloth is. */
  readonly mask: Float32Array;
  /** Logarithms of luminance. */
  readonly logs: Float32Array;
}

function reduced(photo: Pixels, points: readonly Point[]): Reduced | null {
  const crop = cropArea(photo, { type: 'cloth', points });
  if (!crop) return null;
  const long = Math.max(photo.width, photo.height);
  const factor = Math.max(1, Math.round(long / LONG));
  const [width, height] = [Math.floor(crop.width / factor), Math.floor(crop.height / factor)];
  if (width < FOLD_SIDE || height < FOLD_SIDE) return null;
  const [mask, logs] = [new Float32Array(width * height), new Float32Array(width * height)];
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      let [sum, inside] = [0, 0];
      for (let row = 0; row < factor; row++) {
        for (let column = 0; column < factor; column++) {
          const at = (y * factor + row) * crop.width + x * factor + column;
          sum += luminance([crop.light[0][at]!, crop.light[1][at]!, crop.light[2][at]!]);
          if (crop.depth[at]! > 0) inside++;
        }
      }
      logs[i] = Math.log(Math.max(DARKEST, sum / factor ** 2));
      mask[i] = 2 * inside >= factor ** 2 ? 1 : 0;
    }
  }
  return { x: crop.x, y: crop.y, factor, width, height, long: long / factor, mask, logs };
}

/** 1 where the light comes from the left, -1 from the right, 0 where that can not be told. */
function lightSide({ width, mask, logs }: Reduced): -1 | 0 | 1 {
  let [count, sumX, sumXX, sum, sumXL] = [0, 0, 0, 0, 0];
  for (let i = 0; i < mask.length; i++) {
    if (mask[i] === 0) continue;
    const x = (i % width) / width;
    count++;
    sumX += x;
    sumXX += x * x;
    sum += logs[i]!;
    sumXL += x * logs[i]!;
  }
  const slope = (sumXL - (sumX * sum) / count) / (sumXX - (sumX * sumX) / count);
  if (!(Math.abs(slope) >= LEAST_LIGHT)) return 0;
  return slope < 0 ? 1 : -1;
}

/** Slopes summed up from the left and, downwards, from the right; the mean of both. */
function summed(slopes: Float32Array, mask: Float32Array, width: number, height: number): Float32Array {
  const heights = new Float32Array(slopes.length);
  for (let y = 0; y < height; y++) {
    const [from, to] = [y * width, (y + 1) * width];
    let sum = 0;
    for (let i = from; i < to; i++) {
      sum = mask[i] === 0 ? 0 : sum * KEPT + slopes[i]!;
      heights[i] = sum / 2;
    }
    sum = 0;
    for (let i = to - 1; i >= from; i--) {
      sum = mask[i] === 0 ? 0 : sum * KEPT + slopes[i]!;
      heights[i] = heights[i]! - sum / 2;
    }
  }
  return heights;
}
