import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apply, chain, multiply, rotation, scaling, translation } from '../geometry/matrix.js';
import { normalTurn, placementMatrix, transformPlacement } from './placement.js';

const number = fc.double({ min: -500, max: 500, noNaN: true });
const photo = { width: 300, height: 200 };

describe('placements', () => {
  it('seen from another frame show the same', () => {
    const placement = fc.record({
      x: number,
      y: number,
      scale: fc.double({ min: 0.05, max: 5, noNaN: true }),
      turn: number,
      flipX: fc.boolean(),
      flipY: fc.boolean(),
    });
    fc.assert(
      fc.property(
        placement,
        number,
        number,
        number,
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        fc.boolean(),
        (p, dx, dy, turn, s, mirrored) => {
          const frame = chain(translation(dx, dy), rotation(turn), scaling(s, mirrored ? -s : s));
          const seen = placementMatrix(transformPlacement(frame, p), photo);
          const meant = multiply(frame, placementMatrix(p, photo));
          for (const corner of [
            { x: 0, y: 0 },
            { x: 300, y: 0 },
            { x: 10, y: 200 },
          ]) {
            expect(apply(seen, corner).x).toBeCloseTo(apply(meant, corner).x, 5);
            expect(apply(seen, corner).y).toBeCloseTo(apply(meant, corner).y, 5);
          }
        },
      ),
    );
  });

  it('have turns between -180 and 180 degrees', () => {
    expect([180, -180, 190, 540, -190, 0].map(normalTurn)).toEqual([180, 180, -170, 180, 170, 0]);
  });
});
