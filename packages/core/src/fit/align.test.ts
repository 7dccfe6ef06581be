import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alignBy, withinMargins, type Alignment } from './align.js';

const area = { x: 10, y: 20, width: 200, height: 100 };
const box = { x: 50, y: 60, width: 40, height: 20 };

describe('aligning', () => {
  it.each<[Alignment, number, number]>([
    ['left', -40, 0],
    ['centre', 40, 0],
    ['right', 120, 0],
    ['top', 0, -40],
    ['middle', 0, 0],
    ['bottom', 0, 40],
  ])('%s moves by %d, %d', (where, x, y) => {
    expect(alignBy(box, area, where)).toEqual({ x, y });
  });

  it('twice is the same as once', () => {
    const number = fc.integer({ min: -500, max: 500 });
    const places = fc.constantFrom<Alignment>('left', 'centre', 'right', 'top', 'middle', 'bottom');
    fc.assert(
      fc.property(number, number, places, (x, y, where) => {
        const by = alignBy({ ...box, x, y }, area, where);
        const again = alignBy({ ...box, x: x + by.x, y: y + by.y }, area, where);
        expect([Math.abs(again.x), Math.abs(again.y)]).toEqual([0, 0]);
      }),
    );
  });

  it('keeps to the margins, where there is room within them', () => {
    expect(withinMargins({ width: 100, height: 60, margin: 5 })).toEqual({ x: 5, y: 5, width: 90, height: 50 });
    expect(withinMargins({ width: 100, height: 60, margin: 30 })).toEqual({ x: 0, y: 0, width: 100, height: 60 });
  });
});
