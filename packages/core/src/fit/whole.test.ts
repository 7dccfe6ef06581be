import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convexHull } from '../geometry/polygon.js';
import { cornersOf } from '../geometry/bounds.js';
import { apply } from '../geometry/matrix.js';
import { placementMatrix } from './placement.js';
import { wholePhoto } from './whole.js';

const box = Float64Array.from([0, 0, 300, 0, 300, 100, 0, 100]);

/** The greatest distance by which a corner of the photo lies outside the hull, px. */
function outside(hull: Float64Array, placement: ReturnType<typeof wholePhoto>, photo: { width: number; height: number }): number {
  const m = placementMatrix(placement, photo);
  const corners = cornersOf({ x: 0, y: 0, ...photo }).map((p) => apply(m, p));
  let worst = -Infinity;
  for (let i = 0, j = hull.length - 2; i < hull.length; j = i, i += 2) {
    const [dx, dy] = [hull[i]! - hull[j]!, hull[i + 1]! - hull[j + 1]!];
    const length = Math.hypot(dx, dy);
    for (const p of corners) worst = Math.max(worst, -(dx * (p.y - hull[j + 1]!) - dy * (p.x - hull[j]!)) / length);
  }
  return worst;
}

describe('whole photo', () => {
  it('fits a photo into a box as large as it goes, in the middle', () => {
    expect(wholePhoto(box, { width: 100, height: 100 })).toMatchObject({ scale: 1, x: 150, y: 50 });
    expect(wholePhoto(box, { width: 600, height: 100 }).scale).toBeCloseTo(0.5);
  });

  it('stays inside any hull and is nearly as large as possible', () => {
    const point = fc.tuple(fc.integer({ min: 0, max: 1000 }), fc.integer({ min: 0, max: 1000 }));
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 3, maxLength: 9 }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        (points, turn) => {
          const hull = convexHull([Float64Array.from(points.flat())]);
          fc.pre(hull.length >= 6);
          const photo = { width: 400, height: 300 };
          const placement = wholePhoto(hull, photo, turn);
          fc.pre(placement.scale > 0.01);
          expect(outside(hull, placement, photo)).toBeLessThan(0.05);
          expect(outside(hull, { ...placement, scale: placement.scale * 1.02 }, photo)).toBeGreaterThan(0);
        },
      ),
    );
  });
});
