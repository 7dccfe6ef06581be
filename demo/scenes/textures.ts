import type { Vector } from './solids.js';

/** -1 to 1 at a whole place, the same always. */
function lattice(x: number, y: number, z: number): number {
  let h = Math.imul(x, 374761393) ^ Math.imul(y, 668265263) ^ Math.imul(z, 2147483647 - 62711);
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 2147483648 - 1;
}

/** Smooth noise from -1 to 1 (K. Perlin's idea, with values at the places of the lattice). @param size - of its grain, cm */
export function grain(p: Vector, size: number): number {
  const [x, y, z] = [p[0] / size, p[1] / size, p[2] / size];
  const [i, j, k] = [Math.floor(x), Math.floor(y), Math.floor(z)];
  const [u, v, w] = [smooth(x - i), smooth(y - j), smooth(z - k)];
  const mix = (a: number, b: number, share: number): number => a + (b - a) * share;
  const row = (dy: number, dz: number): number => mix(lattice(i, j + dy, k + dz), lattice(i + 1, j + dy, k + dz), u);
  return mix(mix(row(0, 0), row(1, 0), v), mix(row(0, 1), row(1, 1), v), w);
}

function smooth(t: number): number {
  return t * t * (3 - 2 * t);
}

/** Boards that run across, with fibres and seams. */
export function planks(p: Vector): number {
  const board = Math.floor(p[2] / 9);
  const within = p[2] / 9 - board;
  const tone = 1 + 0.1 * lattice(board, 7, 3);
  const fibre = 1 + 0.09 * grain([p[0] * 0.06 + 13 * board, p[1], p[2] * 1.4], 0.35) + 0.07 * grain([p[0] * 0.02, 0, p[2]], 1.1);
  const seam = Math.min(within, 1 - within) < 0.008 ? 0.45 : 1;
  return tone * fibre * seam;
}

/** Grains of cork. */
export function speckles(p: Vector, size: number): number {
  const value = grain(p, size) + 0.6 * grain(p, size / 2.4);
  return value < -0.75 ? 0.6 : 1 + 0.14 * value;
}
