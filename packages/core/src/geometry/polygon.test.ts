import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaInsideConvex, contains, convexHull, distanceToEdge, signedArea } from './polygon.js';

const square = Float64Array.from([0, 0, 10, 0, 10, 10, 0, 10]);
const hole = Float64Array.from([3, 3, 3, 7, 7, 7, 7, 3]);
const point = fc.tuple(fc.double({ min: -20, max: 20, noNaN: true }), fc.double({ min: -20, max: 20, noNaN: true }));

describe('polygons', () => {
  it('hold points by winding, so that a hole of the other direction is outside', () => {
    expect(contains([square], { x: 5, y: 5 })).toBe(true);
    expect(contains([square, hole], { x: 5, y: 5 })).toBe(false);
    expect(contains([square, hole], { x: 1, y: 5 })).toBe(true);
    expect(contains([square], { x: 11, y: 5 })).toBe(false);
  });

  it('measure the distance to their nearest edge', () => {
    expect(distanceToEdge([square], { x: 5, y: 2 })).toBe(2);
    expect(distanceToEdge([square], { x: 13, y: 14 })).toBe(5);
    expect(distanceToEdge([], { x: 0, y: 0 })).toBe(Infinity);
  });

  it('have a hull that holds all points and turns one way only', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 3, maxLength: 40 }), (points) => {
        const hull = convexHull([Float64Array.from(points.flat())]);
        fc.pre(hull.length >= 6);
        const sign = Math.sign(signedArea(hull));
        for (let i = 0, j = hull.length - 2; i < hull.length; j = i, i += 2) {
          for (const [x, y] of points) {
            const side = (hull[i]! - hull[j]!) * (y - hull[j + 1]!) - (hull[i + 1]! - hull[j + 1]!) * (x - hull[j]!);
            expect(side * sign).toBeGreaterThan(-1e-6);
          }
        }
      }),
    );
  });

  it('are cut by a convex polygon to the common area', () => {
    const other = Float64Array.from([5, -5, 15, -5, 15, 5, 5, 5]);
    expect(areaInsideConvex(square, other)).toBeCloseTo(25);
    expect(areaInsideConvex(square, Float64Array.from([20, 20, 30, 20, 30, 30]))).toBe(0);
    expect(areaInsideConvex(square, other) + areaInsideConvex(hole, other)).toBeCloseTo(25 - 4);
  });
});
