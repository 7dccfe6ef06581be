import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  contoursPath,
  insertNode,
  moveHandle,
  moveNode,
  nearestOnContours,
  pathContours,
  removeNode,
  toggleCurve,
  withHoles,
  type Contour,
} from './contours.js';
import { ringPath } from '../kinds/outlines/ring.js';
import { flatten } from './path.js';
import { readPathData } from './path-data.js';
import { contains, signedArea } from './polygon.js';

const area = (contours: readonly Contour[]): number =>
  flatten(contoursPath(contours), 0.0005).reduce((sum, polygon) => sum + signedArea(polygon), 0);
const ring = pathContours(ringPath(0.4, 200, 100));
const coordinate = fc.double({ min: 0, max: 300, noNaN: true });
const point = fc.record({ x: coordinate, y: coordinate });
const node = fc
  .tuple(point, fc.option(point, { nil: undefined }), fc.option(point, { nil: undefined }))
  .map(([at, before, after]) => ({
    ...at,
    ...(before ? { before } : {}),
    ...(after ? { after } : {}),
  }));

describe('contours', () => {
  it('are the path that they came from, holes too', () => {
    expect(ring.map((contour) => contour.length)).toEqual([4, 4]);
    expect(area(ring)).toBeCloseTo(Math.PI * 100 * 50 * (1 - 0.16), -1);
    const straight = pathContours(readPathData('M0 0H10V10H0Z').path);
    expect(straight).toEqual([
      [
        { x: 0, y: 0 },
        { x: 10, y: 0 },
        { x: 10, y: 10 },
        { x: 0, y: 10 },
      ],
    ]);
    expect(area(pathContours(readPathData('M0 0Q50 100 100 0Z').path))).toBeCloseTo(-(2 / 3) * 100 * 50, 1);
  });

  it('round-trip through a path', () => {
    fc.assert(
      fc.property(fc.array(node, { minLength: 2, maxLength: 8 }), (contour) => {
        // Two points in one place are one point.
        fc.pre(Math.hypot(contour[0]!.x - contour.at(-1)!.x, contour[0]!.y - contour.at(-1)!.y) > 1e-3);
        const there = contoursPath([contour]);
        const back = contoursPath(pathContours(there));
        expect(back.coords.length).toBe(there.coords.length);
        back.coords.forEach((value, i) => expect(value).toBeCloseTo(there.coords[i]!, 6));
      }),
    );
  });

  it('keep their form when a point is put in between', () => {
    fc.assert(
      fc.property(
        fc.array(node, { minLength: 2, maxLength: 6 }),
        fc.nat(),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (contour, at, t) => {
          const more = insertNode(contour, at % contour.length, t);
          expect(more).toHaveLength(contour.length + 1);
          expect(area([more])).toBeCloseTo(area([contour]), 0);
        },
      ),
    );
  });

  it('find the nearest place', () => {
    const near = nearestOnContours(ring, { x: 203, y: 50 })!;
    expect(near.at.x).toBeCloseTo(200, 1);
    expect(near.distance).toBeCloseTo(3, 1);
    expect(near.contour).toBe(0);
    expect(nearestOnContours(ring, { x: 101, y: 33 })!.contour).toBe(1);
    expect(nearestOnContours([], { x: 0, y: 0 })).toBeNull();
  });

  it('lose a point, and turn corners into curves and back', () => {
    const square: Contour = [
      { x: 0, y: 0 },
      { x: 90, y: 0 },
      { x: 90, y: 90 },
      { x: 0, y: 90 },
    ];
    expect(removeNode(square, 1)).toHaveLength(3);
    const curved = toggleCurve(square, 1);
    expect(curved[1]!.before!.x).toBeLessThan(90);
    // The tangent runs along the line of the neighbours.
    const { before, after } = curved[1]!;
    expect((after!.y - before!.y) / (after!.x - before!.x)).toBeCloseTo(1, 6);
    expect(toggleCurve(curved, 1)).toEqual(square);
  });

  it('take handles along, and keep a curve smooth', () => {
    const smooth = { x: 10, y: 10, before: { x: 5, y: 10 }, after: { x: 25, y: 10 } };
    expect(moveNode(smooth, { x: 1, y: 2 })).toEqual({ x: 11, y: 12, before: { x: 6, y: 12 }, after: { x: 26, y: 12 } });
    const turned = moveHandle(smooth, 'after', { x: 10, y: 30 });
    expect(turned.before!.x).toBeCloseTo(10);
    expect(turned.before!.y).toBeCloseTo(5);
    expect(moveHandle(smooth, 'after', { x: 10, y: 30 }, true).before).toEqual(smooth.before);
  });

  it('make holes and islands by how they lie, whichever way they were drawn', () => {
    const square = (inset: number, forwards: boolean): Contour => {
      const [a, b] = [inset, 100 - inset];
      const nodes = [
        { x: a, y: a },
        { x: b, y: a },
        { x: b, y: b },
        { x: a, y: b },
      ];
      return forwards ? nodes : nodes.toReversed();
    };
    fc.assert(
      fc.property(fc.array(fc.boolean(), { minLength: 3, maxLength: 3 }), ([first, second, third]) => {
        const polygons = flatten(contoursPath(withHoles([square(0, first!), square(20, second!), square(40, third!)])));
        expect([5, 25, 50].map((at) => contains(polygons, { x: at, y: 50 }))).toEqual([true, false, true]);
      }),
    );
  });
});
