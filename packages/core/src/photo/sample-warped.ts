import { project, type Projection } from '../geometry/quad.js';
import type { Pixels } from './pixels.js';

/**
 * A photo seen through a projection, mixed linearly from the four nearest pixels with colours weighed by their alpha. Beyond its
 * edge the photo repeats its outermost pixels; behind the horizon the result is clear.
 * @param toSource - maps px of the result to px of the source.
 */
export function sampleWarped(source: Pixels, toSource: Projection, width: number, height: number): Pixels {
  const { data } = source;
  const right = source.width - 1;
  const bottom = source.height - 1;
  const stride = source.width * 4;
  const out = new Uint8ClampedArray(width * height * 4);
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < width; x++, o += 4) {
      const w = toSource[6] * (x + 0.5) + toSource[7] * (y + 0.5) + toSource[8];
      if (w <= 0) continue;
      const u = clamp((toSource[0] * (x + 0.5) + toSource[1] * (y + 0.5) + toSource[2]) / w - 0.5, right);
      const v = clamp((toSource[3] * (x + 0.5) + toSource[4] * (y + 0.5) + toSource[5]) / w - 0.5, bottom);
      const left = u | 0;
      const top = v | 0;
      const fx = u - left;
      const fy = v - top;
      const i = top * stride + left * 4;
      const j = fx === 0 ? i : i + 4;
      const below = fy === 0 ? 0 : stride;
      const k = i + below;
      const l = j + below;
      const a00 = data[i + 3]! * (1 - fx) * (1 - fy);
      const a01 = data[j + 3]! * fx * (1 - fy);
      const a10 = data[k + 3]! * (1 - fx) * fy;
      const a11 = data[l + 3]! * fx * fy;
      const alpha = a00 + a01 + a10 + a11;
      if (alpha === 0) continue;
      out[o] = (data[i]! * a00 + data[j]! * a01 + data[k]! * a10 + data[l]! * a11) / alpha;
      out[o + 1] = (data[i + 1]! * a00 + data[j + 1]! * a01 + data[k + 1]! * a10 + data[l + 1]! * a11) / alpha;
      out[o + 2] = (data[i + 2]! * a00 + data[j + 2]! * a01 + data[k + 2]! * a10 + data[l + 2]! * a11) / alpha;
      out[o + 3] = alpha;
    }
  }
  return { width, height, data: out };
}

function clamp(value: number, most: number): number {
  return value < 0 ? 0 : value > most ? most : value;
}

/**
 * How much the projection shrinks at its most shrunken corner: px of the source per px of the result, for the choice of a
 * level.
 */
export function warpedScale(toSource: Projection, width: number, height: number): number {
  let most = 0;
  for (const [x, y] of [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
    [width / 2, height / 2],
  ] as const) {
    const here = project(toSource, { x, y });
    const along = project(toSource, { x: x + 1, y });
    const down = project(toSource, { x, y: y + 1 });
    const area = Math.abs((along.x - here.x) * (down.y - here.y) - (along.y - here.y) * (down.x - here.x));
    if (Number.isFinite(area)) most = Math.max(most, Math.sqrt(area));
  }
  return most;
}
