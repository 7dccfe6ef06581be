import { describe, expect, it } from 'vitest';
import { discPicture } from '../../testing/subject-pictures.js';
import type { Plane } from '../finish/plane.js';
import { colourGrid, GRID_FEATURES, LATER } from './colour-grid.js';
import { commonShare } from './common-share.js';
import { freeCut } from './free-cut.js';
import { preparePhoto } from './prepared-photo.js';
import { MUST_BE_GROUND, MUST_BE_SUBJECT, UNKNOWN } from './segment.js';

const { photo, truth } = discPicture(160, 120, 40);
const grid = colourGrid(preparePhoto({ pixels: photo, index: 0 }));
const { width, height } = truth;
/** What was found for pieces: the disc moved aside, so that much of its edge is wrong. */
const moved = Float32Array.from(truth.data, (_, i) => ((truth.data[i - 9] ?? 0) >= 128 ? 1 : 0));
const free = new Int8Array(width * height).fill(UNKNOWN);
const planeOf = (sides: Uint8Array | Float32Array): Plane => ({
  width,
  height,
  data: Uint8Array.from(sides, (side) => 255 * side),
});

describe('the second cut', () => {
  it('finds the edge of the picture, from an answer that lies beside it', async () => {
    expect(commonShare(planeOf(moved), truth)).toBeLessThan(0.8);
    expect(commonShare(planeOf(await freeCut(grid, free, moved)), truth)).toBeGreaterThan(0.97);
  });

  it('is the same each time', async () => {
    expect(await freeCut(grid, free, moved)).toEqual(await freeCut(grid, free, moved));
  });

  it('obeys every hint to the px', async () => {
    const hints = free.map((_, i) => (i % 97 === 0 ? MUST_BE_SUBJECT : i % 89 === 0 ? MUST_BE_GROUND : UNKNOWN));
    const sides = await freeCut(grid, hints, moved);
    const wrong = [...sides.keys()].filter((i) => hints[i] !== UNKNOWN && sides[i] !== (hints[i] === MUST_BE_SUBJECT ? 1 : 0));
    expect(wrong).toEqual([]);
  });

  it('leaves what it is given where one side is empty, and gives up at a pause that throws', async () => {
    const nothing = new Float32Array(width * height);
    expect((await freeCut(grid, free, nothing)).some((side) => side === 1)).toBe(false);
    const pause = (): Promise<void> => Promise.reject(new Error('overtaken'));
    await expect(freeCut(grid, free, moved, { pause })).rejects.toThrow('overtaken');
  });
});

describe('the grid of colours', () => {
  it('gives cells the mean of their px, and ties like neighbours most', () => {
    const sums = new Float64Array(grid.values.length);
    const sizes = new Float64Array(grid.values.length / GRID_FEATURES);
    grid.cells.forEach((cell, i) => {
      sizes[cell]!++;
      for (let c = 0; c < 3; c++) sums[GRID_FEATURES * cell + c]! += photo.data[4 * i + c]!;
    });
    sizes.forEach((size, cell) => {
      for (let c = 0; c < 3; c++)
        expect(grid.values[GRID_FEATURES * cell + c]).toBeCloseTo(sums[GRID_FEATURES * cell + c]! / size, 3);
    });
    // The last px has no neighbour that comes later; the first has none to the lower left.
    expect([...grid.likeness.subarray(-LATER.length)]).toEqual([0, 0, 0, 0]);
    expect(grid.likeness[1]).toBe(0);
    const across = (x: number, y: number): number => grid.likeness[LATER.length * (y * width + x)]!;
    const edge = Array.from({ length: 20 }, (_, n) => across(30 + n, 60));
    expect(Math.min(...edge)).toBeLessThan(across(80, 60));
  });
});
