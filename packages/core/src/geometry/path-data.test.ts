import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { flatten, PathBuilder, toPathData, type Path } from './path.js';
import { readPathData } from './path-data.js';
import { signedArea } from './polygon.js';
import { freePathOutline } from './free-path.js';
import { outlinePath } from '../kinds/outlines/outlines.js';
import { testShaper } from '../../testing/test-shaper.js';

const shaper = await testShaper();
const area = (path: Path): number => flatten(path, 0.001).reduce((sum, polygon) => sum + signedArea(polygon), 0);

describe('path data', () => {
  it('of every command is read, relative ones too', () => {
    const square = readPathData('M10 10h80v80h-80z');
    expect(toPathData(square.path)).toBe('M10 10L90 10L90 90L10 90Z');
    expect(readPathData('m10,10 80,0 0,80 -80,0').path).toEqual(square.path);
    const smooth = readPathData('M0 0C0 10 10 10 10 0S20 -10 20 0Q25 10 30 0T40 0').path;
    expect(smooth.commands.join('')).toBe('MCCQQZ');
    expect(smooth.coords.slice(8, 10)).toEqual([10, -10]);
  });

  it('of arcs becomes curves of the same area', () => {
    expect(area(readPathData('M0 50A50 50 0 1 1 100 50A50 50 0 1 1 0 50Z').path)).toBeCloseTo(Math.PI * 2500, -1);
    expect(area(readPathData('M0 0a30,60 0 0 1 60 0z').path)).toBeCloseTo((Math.PI * 30 * 60) / 2, -1);
  });

  it('goes on after a close where the subpath began', () => {
    expect(toPathData(readPathData('M5 5H9V9ZL0 9V0Z').path)).toBe('M5 5L9 5L9 9ZM5 5L0 9L0 0Z');
  });

  it('is read up to a fault, which is said', () => {
    const read = readPathData('M0 0L10 0L10 10Lbroken');
    expect(read.fault).toBeTruthy();
    expect(toPathData(read.path)).toBe('M0 0L10 0L10 10Z');
    for (const bad of ['hello', 'L0 0', 'M0 0L1e400 0', 'M 1 2 A 1 1 0 3 3 5 5']) expect(readPathData(bad).fault).toBeTruthy();
    expect(readPathData('').fault).toBeUndefined();
  });

  it('round-trips what an outline is made of', () => {
    const number = fc.double({ min: -5000, max: 5000, noNaN: true });
    const step = fc.oneof(
      fc.tuple(number, number).map(
        ([x, y]) =>
          (path: PathBuilder) =>
            path.lineTo(x, y),
      ),
      fc.tuple(number, number, number, number).map(
        ([a, b, x, y]) =>
          (path: PathBuilder) =>
            path.quadTo(a, b, x, y),
      ),
      fc.tuple(number, number, number, number, number, number).map(
        ([a, b, c, d, x, y]) =>
          (path: PathBuilder) =>
            path.cubicTo(a, b, c, d, x, y),
      ),
    );
    fc.assert(
      fc.property(number, number, fc.array(step, { minLength: 2, maxLength: 12 }), (x, y, steps) => {
        const builder = new PathBuilder().moveTo(x, y);
        steps.forEach((run) => run(builder));
        const path = builder.close().build();
        const { path: again, fault } = readPathData(toPathData(path, 6));
        expect(fault).toBeUndefined();
        expect(again.commands).toEqual(path.commands);
        again.coords.forEach((value, i) => expect(Math.abs(value - path.coords[i]!)).toBeLessThan(1e-5));
        // And as a free path in its box, to a thousandth of a px.
        const free = freePathOutline(path);
        if (!free) return;
        const { width, height, x: left, y: top } = free.bounds;
        const placed = outlinePath(free.outline, width, height, shaper);
        placed.coords.forEach((value, i) => {
          expect(Math.abs(value + (i % 2 === 0 ? left : top) - path.coords[i]!)).toBeLessThan(2e-3);
        });
      }),
    );
  });
});
