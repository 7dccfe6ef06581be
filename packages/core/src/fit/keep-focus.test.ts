import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apply } from '../geometry/matrix.js';
import { covers } from './cover.js';
import { fitByRule } from './opening-fit.js';
import { placementMatrix } from './placement.js';

const hull = Float64Array.from([0, 0, 200, 0, 200, 100, 0, 100]);
const photo = (x: number, y: number, width: number, height: number) => ({
  width: 1000,
  height: 1000,
  focus: { x, y, width, height },
});
const middleOf = (rule: 'fill' | 'subject', of: ReturnType<typeof photo>, turn = 0) => {
  const placement = fitByRule(rule, hull, of, { x: 0, y: 0, scale: 1, turn, flipX: false, flipY: false });
  return apply(placementMatrix(placement, of), { x: of.focus.x + of.focus.width / 2, y: of.focus.y + of.focus.height / 2 });
};

describe('fits that honour the focus', () => {
  it('fill moves no more than it takes to bring the focus in', () => {
    // The photo is 200 px wide and high over an opening of 200 x 100 px.
    expect(fitByRule('fill', hull, { width: 1000, height: 1000 }).y).toBe(50);
    expect(fitByRule('fill', hull, photo(400, 450, 100, 100)).y).toBeCloseTo(50, 6);
    expect(middleOf('fill', photo(400, 100, 100, 100)).y).toBeCloseTo(10, 6);
    expect(middleOf('fill', photo(400, 850, 100, 100)).y).toBeCloseTo(90, 6);
  });

  it('subject brings it to the middle as far as the cover allows', () => {
    expect(middleOf('subject', photo(400, 350, 100, 100)).y).toBeCloseTo(50, 6);
    expect(middleOf('subject', photo(400, 0, 100, 100)).y).toBeCloseTo(10, 6);
  });

  it('never uncovers (property)', () => {
    const part = fc.integer({ min: 0, max: 900 });
    fc.assert(
      fc.property(
        part,
        part,
        fc.constantFrom<'fill' | 'subject'>('fill', 'subject'),
        fc.integer({ min: -180, max: 180 }),
        (x, y, rule, turn) => {
          const of = photo(x, y, 100, 100);
          const placement = fitByRule(rule, hull, of, { x: 0, y: 0, scale: 1, turn, flipX: turn % 2 === 0, flipY: false });
          expect(covers(placement, hull, of, 1e-6)).toBe(true);
        },
      ),
    );
  });
});
