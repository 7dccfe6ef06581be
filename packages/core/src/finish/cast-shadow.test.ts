import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { castShadow, innerShadePlane } from './cast-shadow.js';
import { newPlane, type Plane } from './plane.js';

/** A block of full coverage in the middle of a plane. */
function block(size: number, from: number, to: number): Plane {
  const plane = newPlane(size, size);
  for (let y = from; y < to; y++) for (let x = from; x < to; x++) plane.data[y * size + x] = 255;
  return plane;
}

function sumOf({ data }: Plane): number {
  return data.reduce((sum, value) => sum + value, 0);
}

describe('a cast shadow', () => {
  it('is the silhouette itself, moved, where nothing is soft or spread', () => {
    const silhouette = block(40, 10, 20);
    const { data } = castShadow(silhouette, { dx: 5, dy: -3, sigma: 0, spread: 0 });
    for (let y = 3; y < 40; y++)
      for (let x = 5; x < 40; x++) expect(data[(y - 3) * 40 + x]).toBe(silhouette.data[y * 40 + x - 5]);
  });

  it('keeps its amount when it is soft, and grows by its spread', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 6, noNaN: true }), fc.integer({ min: -4, max: 8 }), (sigma, spread) => {
        const silhouette = block(120, 45, 75);
        expect(sumOf(castShadow(silhouette, { dx: 0, dy: 0, sigma, spread: 0 })) / sumOf(silhouette)).toBeCloseTo(1, 1);
        // The sides move by the spread; corners become round.
        const { data } = castShadow(silhouette, { dx: 0, dy: 0, sigma: 0, spread });
        let width = 0;
        for (let x = 0; x < 120; x++) width += data[60 * 120 + x]! / 255;
        expect(width).toBeCloseTo(30 + 2 * spread, -0.5);
      }),
      { numRuns: 30 },
    );
  });

  it('is nothing where it is thrown out of the plane', () => {
    expect(sumOf(castShadow(block(40, 10, 20), { dx: 400, dy: 0, sigma: 0, spread: 0 }))).toBe(0);
    expect(sumOf(castShadow(block(40, 10, 20), { dx: 0, dy: -400, sigma: 2, spread: 0 }))).toBe(0);
  });
});

describe('an inner shade', () => {
  it('is deepest along the edge, nothing in the middle and outside', () => {
    const shade = innerShadePlane(block(100, 20, 80), 4);
    const at = (x: number): number => shade.data[50 * 100 + x]!;
    expect(at(20)).toBeGreaterThan(200);
    expect(at(26)).toBeLessThan(at(22));
    expect(at(50)).toBe(0);
    expect(at(10)).toBe(0);
  });
});
