import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Placement } from '../document/fill.js';
import { convexHull } from '../geometry/polygon.js';
import { covers, fillOpening, keepCovered, leastCoveringScale, type Hull } from './cover.js';

const length = fc.double({ min: 5, max: 2000, noNaN: true });
const turn = fc.double({ min: -180, max: 180, noNaN: true });
const photo = fc.record({ width: fc.integer({ min: 1, max: 6000 }), height: fc.integer({ min: 1, max: 6000 }) });
const hull = fc
  .array(fc.tuple(length, length), { minLength: 3, maxLength: 12 })
  .map((points) => convexHull([Float64Array.from(points.flat())]))
  .filter((polygon) => polygon.length >= 6);
const circle: Hull = Float64Array.from({ length: 720 }, (_, i) => {
  const angle = (Math.floor(i / 2) * Math.PI) / 180;
  return i % 2 === 0 ? 100 + 100 * Math.cos(angle) : 100 + 100 * Math.sin(angle);
});

describe('fill the opening', () => {
  it('covers, and with less scale would not', () => {
    fc.assert(
      fc.property(hull, photo, turn, (outline, size, degrees) => {
        const placement = fillOpening(outline, size, degrees);
        expect(covers(placement, outline, size, 1e-6)).toBe(true);
        expect(covers({ ...placement, scale: placement.scale * 0.99 }, outline, size, 1e-6)).toBe(false);
      }),
    );
  });

  it('asks less of a photo in a circle than its box would, when turned', () => {
    const square = { width: 100, height: 100 };
    const box = Float64Array.from([0, 0, 200, 0, 200, 200, 0, 200]);
    expect(leastCoveringScale(circle, square, 45)).toBeCloseTo(2, 3);
    expect(leastCoveringScale(box, square, 45)).toBeCloseTo(2 * Math.SQRT2, 6);
  });

  it('centres the photo and keeps its flip', () => {
    const placement = fillOpening(circle, { width: 400, height: 100 }, 0, { flipX: true, flipY: false });
    expect(placement).toMatchObject({ flipX: true, flipY: false, turn: 0 });
    expect(placement.x).toBeCloseTo(100);
    expect(placement.y).toBeCloseTo(100);
    expect(placement.scale).toBeCloseTo(2);
  });
});

describe('keep covered', () => {
  const start = fc.record({
    x: fc.double({ min: -4000, max: 4000, noNaN: true }),
    y: fc.double({ min: -4000, max: 4000, noNaN: true }),
    scale: fc.double({ min: 0.001, max: 4, noNaN: true }),
    turn,
    flipX: fc.boolean(),
    flipY: fc.boolean(),
  });

  it('always covers, and leaves alone what covers already', () => {
    fc.assert(
      fc.property(hull, photo, start, (outline, size, placement) => {
        const kept = keepCovered(placement, outline, size);
        expect(covers(kept, outline, size, 1e-5)).toBe(true);
        const again = keepCovered(kept, outline, size);
        expect(Math.hypot(again.x - kept.x, again.y - kept.y)).toBeLessThan(1e-6);
        expect(again.scale).toBe(kept.scale);
        if (covers(placement, outline, size, 0)) expect(kept).toBe(placement);
        expect(kept.turn).toBe(placement.turn);
      }),
    );
  });

  it('is the nearest: no covering placement of that scale lies closer', () => {
    fc.assert(
      fc.property(
        hull,
        photo,
        start,
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (outline, size, placement, angle, share) => {
          const kept = keepCovered(placement, outline, size);
          const moved = Math.hypot(kept.x - placement.x, kept.y - placement.y);
          fc.pre(moved > 0.01);
          const reach = moved * share * 0.99;
          const other: Placement = {
            ...kept,
            x: placement.x + reach * Math.cos(angle),
            y: placement.y + reach * Math.sin(angle),
          };
          expect(covers(other, outline, size, 1e-6)).toBe(false);
        },
      ),
    );
  });

  it('slides along the edge instead of sticking', () => {
    const box = Float64Array.from([0, 0, 100, 0, 100, 100, 0, 100]);
    const wide = { width: 200, height: 200 };
    const dragged = keepCovered({ x: 130, y: 400, scale: 1, turn: 0, flipX: false, flipY: false }, box, wide);
    expect([dragged.x, dragged.y]).toEqual([100, 100]);
    const along = keepCovered({ x: 70, y: 400, scale: 1, turn: 0, flipX: false, flipY: false }, box, wide);
    expect([along.x, along.y]).toEqual([70, 100]);
  });
});
