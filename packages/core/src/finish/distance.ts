import type { Plane } from './plane.js';

/**
 * For each pixel the distance in px to the nearest pixel whose value is at least `threshold`; 0 on those, Infinity where
 * there is none. Exact Euclidean transform (P. Felzenszwalb and D. Huttenlocher, "Distance transforms of sampled
 * functions", 2012).
 */
export function distanceTo(plane: Plane, threshold: number): Float32Array {
  const { width, height, data } = plane;
  const squared = new Float64Array(width * height);
  for (let i = 0; i < squared.length; i++) squared[i] = data[i]! >= threshold ? 0 : Infinity;
  const longest = Math.max(width, height);
  const line = { f: new Float64Array(longest), v: new Int32Array(longest), z: new Float64Array(longest + 1) };
  for (let x = 0; x < width; x++) transformLine(squared, x, width, height, line);
  for (let y = 0; y < height; y++) transformLine(squared, y * width, 1, width, line);
  const out = new Float32Array(squared.length);
  for (let i = 0; i < out.length; i++) out[i] = Math.sqrt(squared[i]!);
  return out;
}

interface Line {
  readonly f: Float64Array;
  readonly v: Int32Array;
  readonly z: Float64Array;
}

/** Lower envelope of the parabolas of one line. */
function transformLine(values: Float64Array, start: number, step: number, length: number, { f, v, z }: Line): void {
  let count = 0;
  for (let q = 0; q < length; q++) {
    f[q] = values[start + q * step]!;
    if (f[q] === Infinity) continue;
    let at = -Infinity;
    while (count > 0) {
      const p = v[count - 1]!;
      at = (f[q]! + q * q - (f[p]! + p * p)) / (2 * (q - p));
      if (at > z[count - 1]!) break;
      count--;
    }
    z[count] = count === 0 ? -Infinity : at;
    v[count++] = q;
  }
  if (count === 0) return;
  let k = 0;
  for (let q = 0; q < length; q++) {
    while (k + 1 < count && z[k + 1]! < q) k++;
    const p = v[k]!;
    values[start + q * step] = (q - p) * (q - p) + f[p]!;
  }
}
