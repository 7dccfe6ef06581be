import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Outline } from '../document/outline.js';
import { testShaper } from '../../testing/test-shaper.js';
import { isDrawable, outlinePath } from './outline-path.js';
import { flatten } from './path.js';
import { contains, polygonBounds, signedArea } from './polygon.js';

const shaper = await testShaper();
const polygons = (outline: Outline, width = 100, height = 100) => flatten(outlinePath(outline, width, height, shaper), 0.01);

const outlines: fc.Arbitrary<Outline> = fc.oneof(
  fc.constantFrom<Outline>({ type: 'ellipse' }, { type: 'heart' }, { type: 'rectangle', radii: [5, 0, 12, 3] }),
  fc.integer({ min: 3, max: 24 }).map((points): Outline => ({ type: 'polygon', points })),
  fc
    .tuple(fc.integer({ min: 3, max: 24 }), fc.double({ min: 0.05, max: 0.9, noNaN: true }))
    .map(([points, depth]): Outline => ({ type: 'star', points, depth })),
  fc.double({ min: -0.95, max: 0.95, noNaN: true }).map((slant): Outline => ({ type: 'trapezoid', slant })),
);

describe('outlines', () => {
  it('fill their box exactly, whatever its size', () => {
    const length = fc.double({ min: 20, max: 900, noNaN: true });
    fc.assert(
      fc.property(outlines, length, length, (outline, width, height) => {
        const bounds = polygonBounds(polygons(outline, width, height));
        expect(bounds.x).toBeCloseTo(0, 6);
        expect(bounds.y).toBeCloseTo(0, 6);
        expect(bounds.width).toBeCloseTo(width, 6);
        expect(bounds.height).toBeCloseTo(height, 6);
      }),
    );
  });

  it('have the corners and the area that their numbers say', () => {
    expect(polygons({ type: 'polygon', points: 6 })[0]!.length / 2).toBe(6);
    const [star] = polygons({ type: 'star', points: 5, depth: 0.5 });
    expect(star!.length / 2).toBe(10);
    expect(contains([star!], { x: 50, y: 55 })).toBe(true);
    expect(contains([star!], { x: 50, y: 97 })).toBe(false);
    const [deep, flat] = [0.7, 0.2].map((depth) => Math.abs(signedArea(polygons({ type: 'star', points: 7, depth })[0]!)));
    expect(deep).toBeLessThan(flat!);
    const [trapezoid] = polygons({ type: 'trapezoid', slant: 0.4 });
    expect(Math.abs(signedArea(trapezoid!))).toBeCloseTo(100 * 80, 6);
    expect(contains([trapezoid!], { x: 5, y: 95 })).toBe(true);
    expect(contains([trapezoid!], { x: 5, y: 5 })).toBe(false);
  });

  it('a heart has two lobes and a dip between them', () => {
    const heart = polygons({ type: 'heart' });
    expect(contains(heart, { x: 27, y: 3 })).toBe(true);
    expect(contains(heart, { x: 73, y: 3 })).toBe(true);
    expect(contains(heart, { x: 50, y: 10 })).toBe(false);
    expect(contains(heart, { x: 50, y: 96 })).toBe(true);
  });

  it('those that can not be drawn yet are said to be so', () => {
    const path: Outline = { type: 'path', d: 'M0 0H9V9Z' };
    expect(isDrawable(path)).toBe(false);
    expect(() => outlinePath(path, 10, 10, shaper)).toThrow(RangeError);
  });
});
