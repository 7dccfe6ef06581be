import type { Plane } from '../finish/plane.js';
import { apply, type Matrix } from '../geometry/matrix.js';

/** A plane seen through an affine map, mixed linearly; beyond its edge there is nothing. @param toSource - px of the result to px of the source. */
export function samplePlane(source: Plane, toSource: Matrix, width: number, height: number): Plane {
  const data = new Uint8Array(width * height);
  const start = apply(toSource, { x: 0.5, y: 0.5 });
  for (let y = 0; y < height; y++)
    sampleRow(source, toSource, { u: start.x - 0.5, v: start.y - 0.5, y }, data.subarray(y * width, (y + 1) * width));
  return { width, height, data };
}

/** A function of its own for each row, so that the engine can make the inner loop fast once for all rows. */
function sampleRow(
  source: Plane,
  toSource: Matrix,
  from: { readonly u: number; readonly v: number; readonly y: number },
  out: Uint8Array,
): void {
  const { width, height, data } = source;
  const { u: u0, v: v0, y } = from;
  const [a, b, down, across] = [toSource.a, toSource.b, toSource.c * y, toSource.d * y];
  for (let x = 0; x < out.length; x++) {
    const u = u0 + a * x + down;
    const v = v0 + b * x + across;
    const left = Math.floor(u);
    const top = Math.floor(v);
    if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) {
      out[x] = atEdge(source, u, v);
      continue;
    }
    const i = top * width + left;
    const p = data[i]!;
    const q = data[i + 1]!;
    const r = data[i + width]!;
    const s = data[i + width + 1]!;
    // Nearly all of a mask is the same all around.
    if (p === q && r === s && p === r) {
      out[x] = p;
      continue;
    }
    const [fx, fy] = [u - left, v - top];
    const above = p * (1 - fx) + q * fx;
    const below = r * (1 - fx) + s * fx;
    out[x] = above * (1 - fy) + below * fy + 0.5;
  }
}

function atEdge({ width, height, data }: Plane, u: number, v: number): number {
  const [left, top] = [Math.floor(u), Math.floor(v)];
  if (left < -1 || top < -1 || left >= width || top >= height) return 0;
  const at = (x: number, y: number): number => (x < 0 || y < 0 || x >= width || y >= height ? 0 : data[y * width + x]!);
  const [fx, fy] = [u - left, v - top];
  const above = at(left, top) * (1 - fx) + at(left + 1, top) * fx;
  const below = at(left, top + 1) * (1 - fx) + at(left + 1, top + 1) * fx;
  return above * (1 - fy) + below * fy + 0.5;
}
