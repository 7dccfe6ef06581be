import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { flatten } from './path.js';
import { contains, distanceToEdge } from './polygon.js';
import { combined, unitedPath } from './combine.js';
import { transformPath } from './path.js';
import { chain, rotation, translation } from './matrix.js';
import { starPoints } from '../kinds/outlines/star.js';
import { polygonPath } from './polygon-path.js';
import { ringPath } from '../kinds/outlines/ring.js';

const square = (x: number, y: number, size: number, clockwise = true) => {
  const points = [x, y, x + size, y, x + size, y + size, x, y + size];
  return Float64Array.from(
    clockwise ? points : [...points.slice(0, 2), ...points.slice(6), ...points.slice(4, 6), ...points.slice(2, 4)],
  );
};

describe('uniting contours', () => {
  it('makes one outline of what overlaps, without the lines between', () => {
    const polygons = flatten(unitedPath([square(0, 0, 10), square(6, 6, 10)]));
    expect(polygons).toHaveLength(1);
    expect(polygons[0]!.length / 2).toBe(8);
    expect(contains(polygons, { x: 8, y: 8 })).toBe(true);
    expect(contains(polygons, { x: 14, y: 2 })).toBe(false);
  });

  it('keeps holes, and what lies apart', () => {
    const polygons = flatten(unitedPath([square(0, 0, 30), square(10, 10, 10, false), square(50, 0, 10)]));
    expect(polygons).toHaveLength(3);
    expect(contains(polygons, { x: 15, y: 15 })).toBe(false);
    expect(contains(polygons, { x: 5, y: 15 })).toBe(true);
    expect(contains(polygons, { x: 55, y: 5 })).toBe(true);
  });
});

describe('what is pressed flat', () => {
  it.each([
    [0.0005, 1],
    [1, 0.0005],
    [1e-9, 1e-7],
  ])('is united as it would be at its full size: %d x %d', (across, down) => {
    const flat = (polygon: Float64Array) => polygon.map((value, i) => value * (i % 2 === 0 ? across : down));
    const [full, pressed] = [(p: Float64Array) => p, flat].map((by) =>
      flatten(unitedPath([square(0, 0, 10), square(6, 6, 10), square(30, 30, 10)].map(by))),
    );
    expect(pressed!.map(({ length }) => length)).toEqual(full!.map(({ length }) => length));
    for (const [index, polygon] of full!.map(flat).entries()) {
      for (const [i, value] of polygon.entries())
        expect(Math.abs(pressed![index]![i]! - value)).toBeLessThanOrEqual(1e-4 * (i % 2 === 0 ? across : down) * 40);
    }
  });

  it('is subtracted so too', () => {
    const flat = (polygon: Float64Array) => polygon.map((value, i) => (i % 2 === 0 ? value : value * 0.0004));
    const left = flatten(combined('subtract', [flat(square(0, 0, 10))], [flat(square(0, 5, 10))]));
    expect(contains(left, { x: 5, y: 0.001 })).toBe(true);
    expect(contains(left, { x: 5, y: 0.003 })).toBe(false);
  });
});

describe('combining two outlines', () => {
  const shapes = fc
    .record({
      kind: fc.constantFrom('star', 'ring'),
      turn: fc.double({ min: 0, max: 360, noNaN: true }),
      x: fc.double({ min: -60, max: 60, noNaN: true }),
      y: fc.double({ min: -60, max: 60, noNaN: true }),
    })
    .map(({ kind, turn, x, y }) => {
      const path = kind === 'star' ? polygonPath(starPoints(6, 0.5), 100, 90) : ringPath(0.5, 100, 80);
      return flatten(transformPath(chain(translation(x, y), rotation(turn)), path), 0.05);
    });
  const points = fc.array(
    fc.record({ x: fc.double({ min: -100, max: 160, noNaN: true }), y: fc.double({ min: -100, max: 160, noNaN: true }) }),
    {
      minLength: 40,
      maxLength: 40,
    },
  );

  it('holds a point exactly when the rule says so, holes included', () => {
    fc.assert(
      fc.property(shapes, shapes, points, (a, b, at) => {
        const [all, without, shared] = (['unite', 'subtract', 'intersect'] as const).map((how) => flatten(combined(how, a, b)));
        for (const p of at) {
          // On an edge either answer is right.
          if (Math.min(distanceToEdge(a, p), distanceToEdge(b, p)) < 0.01) continue;
          const [inA, inB] = [contains(a, p), contains(b, p)];
          expect(contains(all!, p)).toBe(inA || inB);
          expect(contains(without!, p)).toBe(inA && !inB);
          expect(contains(shared!, p)).toBe(inA && inB);
        }
      }),
    );
  });

  it('is empty where nothing is left', () => {
    expect(combined('subtract', [square(2, 2, 5)], [square(0, 0, 10)]).commands).toEqual([]);
    expect(combined('intersect', [square(0, 0, 5)], [square(9, 9, 5)]).commands).toEqual([]);
  });
});
