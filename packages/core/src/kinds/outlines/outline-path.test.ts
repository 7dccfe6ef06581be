import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Outline } from './outlines.js';
import { testShaper } from '../../../testing/test-shaper.js';
import { outlinePath } from './outlines.js';
import { flatten } from '../../geometry/path.js';
import { contains, polygonBounds, signedArea } from '../../geometry/polygon.js';

const shaper = await testShaper();
const polygons = (outline: Outline, width = 100, height = 100) => flatten(outlinePath(outline, width, height, shaper), 0.01);

const share = fc.double({ min: 0, max: 0.98, noNaN: true });
const outlines: fc.Arbitrary<Outline> = fc.oneof(
  fc.constantFrom<Outline>(
    { type: 'ellipse' },
    { type: 'heart' },
    { type: 'leaf' },
    { type: 'droplet' },
    { type: 'rectangle', radii: [5, 0, 12, 3] },
    { type: 'path', d: 'M0 0L1 0L1 1L0 1ZM.25 .25L.25 .75L.75 .75L.75 .25Z' },
  ),
  fc.integer({ min: 3, max: 24 }).map((points): Outline => ({ type: 'polygon', points })),
  fc
    .tuple(fc.integer({ min: 3, max: 24 }), fc.double({ min: 0.05, max: 0.9, noNaN: true }))
    .map(([points, depth]): Outline => ({ type: 'star', points, depth })),
  share.map((notch): Outline => ({ type: 'ticket', notch })),
  share.map((hole): Outline => ({ type: 'ring', hole })),
  fc
    .tuple(share, fc.double({ min: 0.02, max: 0.7, noNaN: true }))
    .map(([tail, reach]): Outline => ({ type: 'speech', tail, reach })),
  fc
    .tuple(fc.nat(), fc.double({ min: 0, max: 0.3, noNaN: true }))
    .map(([seed, depth]): Outline => ({ type: 'torn', seed, depth })),
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

  it('have the holes and notches that their numbers say', () => {
    const ring = polygons({ type: 'ring', hole: 0.5 });
    expect(contains(ring, { x: 50, y: 50 })).toBe(false);
    expect(contains(ring, { x: 50, y: 12 })).toBe(true);
    expect(Math.abs(ring.reduce((sum, polygon) => sum + signedArea(polygon), 0))).toBeCloseTo(Math.PI * (2500 - 625), -1);
    const ticket = polygons({ type: 'ticket', notch: 0.2 });
    expect(contains(ticket, { x: 15, y: 50 })).toBe(false);
    expect(contains(ticket, { x: 85, y: 50 })).toBe(false);
    expect(contains(ticket, { x: 50, y: 50 })).toBe(true);
    const speech = polygons({ type: 'speech', tail: 0.1, reach: 0.25 });
    expect(contains(speech, { x: 12, y: 96 })).toBe(true);
    expect(contains(speech, { x: 60, y: 80 })).toBe(false);
  });

  it('a torn edge is the same for the same seed, and stays on the sheet of paper', () => {
    const torn = (seed: number) => outlinePath({ type: 'torn', seed, depth: 0.08 }, 300, 200, shaper);
    expect(torn(7)).toEqual(torn(7));
    expect(torn(8)).not.toEqual(torn(7));
    const inner = { x: 300 - 17, y: 200 - 17 };
    expect(contains(flatten(torn(7)), inner)).toBe(true);
  });
});
