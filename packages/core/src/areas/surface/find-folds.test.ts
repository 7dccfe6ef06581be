import { describe, expect, it } from 'vitest';
import { FOLD_SIDE, riseAt } from '../../geometry/cloth-folds.js';
import { flatCloth } from '../../geometry/cloth-surface.js';
import type { Pixels } from '../../photo/pixels.js';
import { findFolds } from './find-folds.js';

const SIZE = 400;
const points = flatCloth([
  { x: 60, y: 60 },
  { x: 340, y: 60 },
  { x: 340, y: 340 },
  { x: 60, y: 340 },
]);

/** Cloth in light from the left that falls off by so much over it, with a ridge that runs down at so many px. */
function lit(fall: number, ridge = 0, isMirrored = false): Pixels {
  const data = new Uint8ClampedArray(4 * SIZE * SIZE).fill(255);
  for (let i = 0; i < SIZE * SIZE; i++) {
    const x = isMirrored ? SIZE - 1 - (i % SIZE) : i % SIZE;
    const from = (x - ridge) / 14;
    // The side of the ridge towards the light is lighter, the other darker.
    const slope = ridge ? -from * Math.exp(-(from * from) / 2) : 0;
    data.fill(170 * Math.exp((-fall * x) / SIZE) * (1 + 0.12 * slope), 4 * i, 4 * i + 3);
  }
  return { width: SIZE, height: SIZE, data };
}

describe('folds of cloth', () => {
  it('sees a ridge rise where one side is lighter and the other darker', () => {
    const { rises, middle } = findFolds(lit(0.3, 150), { points })!;
    expect(rises).toHaveLength(FOLD_SIDE ** 2);
    expect(middle).toEqual({ x: 200, y: 200 });
    const [ridge, beside] = [riseAt(rises, 90 / 280, 0.5), riseAt(rises, 200 / 280, 0.5)];
    // One of the sixteen places lies near to it: what is left of it there is what the places do not say.
    const most = Math.max(...rises);
    expect(most).toBeGreaterThan(0.0005);
    expect(Math.max(ridge, most)).toBeGreaterThan(beside);
  });

  it('tells from which side the light comes: mirrored, the same ridge rises as far', () => {
    const [from, mirrored] = [findFolds(lit(0.3, 130), { points })!, findFolds(lit(0.3, 130, true), { points })!];
    for (let i = 0; i < FOLD_SIDE; i++) {
      const row = 11 * FOLD_SIDE;
      expect(mirrored.rises[row + FOLD_SIDE - 1 - i]).toBeCloseTo(from.rises[row + i]!, 3);
    }
  });

  it('leaves the places where they are said to lie', () => {
    const { rises } = findFolds(lit(0.3, 150), { points })!;
    const most = Math.max(...rises.map(Math.abs));
    for (const u of [0, 1 / 3, 2 / 3, 1]) expect(Math.abs(riseAt(rises, u, 1 / 3))).toBeLessThan(0.35 * most);
    expect(riseAt(rises, 0, 0)).toBeCloseTo(0, 5);
    expect(riseAt(rises, 1, 1)).toBeCloseTo(0, 5);
  });

  it('reads nothing in even light, or outside of the photo', () => {
    expect(findFolds(lit(0, 150), { points })).toBeNull();
    expect(findFolds(lit(0.3, 150), { points: points.map(({ x, y }) => ({ x: x + 900, y })) })).toBeNull();
  });
});
