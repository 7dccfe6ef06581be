import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fromPx, toPx } from './units.js';
import { newSheet } from './new-project.js';

describe('units', () => {
  it('stay exact whatever the dpi', () => {
    expect(toPx(50, 'mm', 300)).toBeCloseTo(590.5511811, 6);
    expect(toPx(1, 'in', 96)).toBe(96);
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 5000, noNaN: true }), fc.integer({ min: 30, max: 1200 }), (mm, dpi) => {
        expect(fromPx(toPx(mm, 'mm', dpi), 'mm', dpi)).toBeCloseTo(mm, 9);
      }),
    );
  });

  it('give a new sheet its size', () => {
    expect(newSheet({ width: 105, height: 148, unit: 'mm', dpi: 254 })).toMatchObject({ width: 1050, height: 1480, dpi: 254 });
    expect(newSheet({ width: 1080, height: 1080, unit: 'px' })).toMatchObject({ width: 1080, height: 1080, dpi: 72 });
  });
});
