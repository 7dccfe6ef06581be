import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apply, chain, determinant, IDENTITY, invert, meanScale, multiply, rotation, scaling, translation } from './matrix.js';

const number = fc.double({ min: -50, max: 50, noNaN: true });
const matrix = fc.record({ a: number, b: number, c: number, d: number, e: number, f: number });

describe('matrices', () => {
  it('undoes a map by its inverse', () => {
    fc.assert(
      fc.property(matrix, number, number, (m, x, y) => {
        fc.pre(Math.abs(determinant(m)) > 0.01);
        const back = apply(invert(m), apply(m, { x, y }));
        expect(back.x).toBeCloseTo(x, 3);
        expect(back.y).toBeCloseTo(y, 3);
      }),
    );
  });

  it('has no inverse for a map that flattens the plane', () => {
    expect(() => invert(scaling(1, 0))).toThrow(RangeError);
  });

  it('keeps quarter turns exact', () => {
    expect(rotation(90)).toEqual({ a: 0, b: 1, c: -1, d: 0, e: 0, f: 0 });
    expect(rotation(-270)).toEqual(rotation(90));
    expect(rotation(360)).toEqual(IDENTITY);
  });

  it('turns clockwise on a y-down plane', () => {
    const p = apply(rotation(45), { x: 1, y: 0 });
    expect(p.x).toBeCloseTo(Math.SQRT1_2);
    expect(p.y).toBeCloseTo(Math.SQRT1_2);
  });

  it('reads a chain as nested frames, the last one first', () => {
    expect(apply(chain(translation(10, 0), scaling(2)), { x: 3, y: 1 })).toEqual({ x: 16, y: 2 });
  });

  it('multiplies mean scales', () => {
    const m = multiply(rotation(30), scaling(3));
    expect(meanScale(m)).toBeCloseTo(3);
  });
});
