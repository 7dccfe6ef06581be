import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boxBounds, boxMatrix, resizeBox } from './box.js';
import { apply } from './matrix.js';

describe('boxes', () => {
  it('turn about their middle', () => {
    const bounds = boxBounds({ x: 0, y: 0, width: 100, height: 40, turn: 90 });
    expect(bounds).toEqual({ x: 30, y: -30, width: 40, height: 100 });
  });

  it('keep the fixed point where it is when they change their size', () => {
    const size = fc.double({ min: 1, max: 900, noNaN: true });
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        size,
        size,
        size,
        size,
        fc.double({ min: -180, max: 180, noNaN: true }),
        share,
        share,
        (w, h, w2, h2, turn, x, y) => {
          const box = { x: 12, y: -7, width: w, height: h, turn };
          const resized = resizeBox(box, w2, h2, { x, y });
          const before = apply(boxMatrix(box), { x: x * w, y: y * h });
          const after = apply(boxMatrix(resized), { x: x * w2, y: y * h2 });
          expect(after.x).toBeCloseTo(before.x, 6);
          expect(after.y).toBeCloseTo(before.y, 6);
          expect(resized).toMatchObject({ width: w2, height: h2, turn });
        },
      ),
    );
  });
});
