import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { featureMixture } from './feature-mixture.js';
import { pieceNeighbours } from './piece-neighbours.js';
import type { Superpixels } from './superpixels.js';

const RED = [50, 60, 40];
const BLUE = [30, 10, -50];

describe('a mixture of features', () => {
  const lab = [RED, BLUE].flatMap(([l, a, b]) =>
    Array.from({ length: 40 }, (_, i) => [l! + (i % 5) - 2, a! + (i % 3) - 1, b!]).flat(),
  );
  const weights = new Array<number>(80).fill(1);

  it('finds its own colours likely and others not', () => {
    const mixture = featureMixture({ values: lab, dims: 3, weights }, 5)!;
    const cost = ([l, a, b]: readonly number[]): number => mixture.cost([l!, a!, b!], 0);
    expect(cost(RED)).toBeLessThan(cost([50, 30, 10]));
    expect(cost(BLUE)).toBeLessThan(cost([60, -40, 40]) - 5);
    expect(Number.isFinite(cost([100, 120, 120]))).toBe(true);
  });

  it('goes by weights: what weighs nothing does not count', () => {
    const onlyRed = featureMixture({ values: lab, dims: 3, weights: weights.map((_, i) => (i < 40 ? 1 : 0)) }, 5)!;
    expect(onlyRed.cost([30, 10, -50], 0)).toBeGreaterThan(onlyRed.cost([50, 60, 40], 0) + 10);
    expect(featureMixture({ values: lab, dims: 3, weights: weights.map(() => 0) }, 5)).toBeNull();
  });

  it('is a density: summed over all colours it is about one', () => {
    const mixture = featureMixture({ values: lab, dims: 3, weights }, 3)!;
    let sum = 0;
    for (let l = 0; l <= 100; l += 2)
      for (let a = -60; a <= 110; a += 2) for (let b = -90; b <= 80; b += 2) sum += 8 * Math.exp(-mixture.cost([l, a, b], 0));
    expect(sum).toBeGreaterThan(0.97);
    expect(sum).toBeLessThan(1.03);
  });

  it('takes one colour, and colours that are all alike', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 6 }), (count, parts) => {
        const same = Array.from({ length: count }, () => RED).flat();
        const mixture = featureMixture({ values: same, dims: 3, weights: new Array<number>(count).fill(2) }, parts)!;
        expect(mixture.cost([50, 60, 40], 0)).toBeLessThan(mixture.cost([50, 60, 50], 0));
      }),
    );
  });
});

describe('pieces beside one another', () => {
  it('are found with the length of their border', () => {
    const labels = Int32Array.from([0, 0, 1, 1, 0, 0, 1, 1, 2, 2, 2, 2]);
    const pieces: Superpixels = {
      width: 4,
      height: 3,
      labels,
      count: 3,
      lab: new Float32Array(9),
      sizes: Int32Array.from([4, 4, 4]),
    };
    const { pairs, borders } = pieceNeighbours(pieces);
    expect([...pairs]).toEqual([0, 1, 0, 2, 1, 2]);
    expect(borders[0]).toBeCloseTo(2 + 2 * Math.SQRT1_2, 9);
    expect(borders[1]).toBeCloseTo(2 + 3 * Math.SQRT1_2, 9);
    expect(borders[2]).toBeCloseTo(2 + 3 * Math.SQRT1_2, 9);
  });
});
