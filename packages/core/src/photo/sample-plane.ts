import type { Plane } from '../finish/plane.js';
import { apply, type Matrix } from '../geometry/matrix.js';

/** A plane seen through an affine map, mixed linearly; beyond its edge there is nothing. @param toSource - px of the result to px of the source. */
export function samplePlane(source: Plane, toSource: Matrix, width: number, height: number): Plane {
  const data = new Uint8Array(width * height);
  const start = apply(toSource, { x: 0.5, y: 0.5 });
  const at = (x: number, y: number): number =>
    x < 0 || y < 0 || x >= source.width || y >= source.height ? 0 : source.data[y * source.width + x]!;
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < width; x++, o++) {
      const u = start.x - 0.5 + toSource.a * x + toSource.c * y;
      const v = start.y - 0.5 + toSource.b * x + toSource.d * y;
      const left = Math.floor(u);
      const top = Math.floor(v);
      if (left < -1 || top < -1 || left >= source.width || top >= source.height) continue;
      const fx = u - left;
      const fy = v - top;
      if (left >= 0 && top >= 0 && left + 1 < source.width && top + 1 < source.height) {
        const i = top * source.width + left;
        const above = source.data[i]! * (1 - fx) + source.data[i + 1]! * fx;
        const below = source.data[i + source.width]! * (1 - fx) + source.data[i + source.width + 1]! * fx;
        data[o] = above * (1 - fy) + below * fy + 0.5;
        continue;
      }
      const upper = at(left, top) * (1 - fx) + at(left + 1, top) * fx;
      const lower = at(left, top + 1) * (1 - fx) + at(left + 1, top + 1) * fx;
      data[o] = upper * (1 - fy) + lower * fy + 0.5;
    }
  }
  return { width, height, data };
}
