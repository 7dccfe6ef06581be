import type { Vector } from './solids.js';

/** -1 to 1 at a whole place, the same always. */
function lattice(x: number, y: number, z: number): number {
  let h = Math.imul(x, 374761393) ^ Math.imul(y, 668265263) ^ Math.imul(z, 2147483647 - 62711);
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 2147483648 - 1;
}

/** Smooth noise from -1 to 1 (K. Perlin's idea, with values at the places of the lattice). @param size - of its grain, cm */
export function grain(p: Vector, size: number): number {
  const x = p[0] / size;
  const y = p[1] / size;
  const z = p[2] / size;
  const i = Math.floor(x);
  const j = Math.floor(y);
  const k = Math.floor(z);
  const u = smooth(x - i);
  const v = smooth(y - j);
  const near = mix(alongRow(i, j, k, u), alongRow(i, j + 1, k, u), v);
  const far = mix(alongRow(i, j, k + 1, u), alongRow(i, j + 1, k + 1, u), v);
  return mix(near, far, smooth(z - k));
}

function alongRow(i: number, j: number, k: number, share: number): number {
  return mix(lattice(i, j, k), lattice(i + 1, j, k), share);
}

function mix(a: number, b: number, share: number): number {
  return a + (b - a) * share;
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
