import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readLength } from './read-length.js';

const mm = { unit: 'mm', dpi: 300 };

describe('what is typed as a length', () => {
  it('is a number, a simple sum, or a length in another unit', () => {
    const read = [
      '50',
      '50mm',
      '1/3',
      '(105 - 2*8)/3',
      '5 cm',
      '2in + 5',
      '300px',
      '−4',
      '12,5',
      '.5',
      '3×4',
      '9÷3',
      '- (2 + 1)',
    ].map((text) => readLength(text, mm));
    expect(read.map((value) => Math.round(value! * 1000) / 1000)).toEqual([
      50, 50, 0.333, 29.667, 50, 55.8, 25.4, -4, 12.5, 0.5, 12, 3, -3,
    ]);
  });

  it('means nothing otherwise', () => {
    for (const text of ['', ' ', 'wide', '5 kg', '1/0', '(2', '2)', '2 2', '+', '5mm mm', '1..2'])
      expect(readLength(text, mm)).toBeNull();
    expect(readLength('5mm', { unit: '°' })).toBeNull();
    expect(readLength('45°', { unit: '°' })).toBe(45);
  });

  it('counts as arithmetic does (property)', () => {
    const number = fc.integer({ min: -50, max: 50 });
    fc.assert(
      fc.property(number, number, fc.integer({ min: 1, max: 50 }), (a, b, c) => {
        expect(readLength(`${a} + ${b}*${c} - ${a}/${c}`, { unit: 'px' })).toBeCloseTo(a + b * c - a / c, 9);
      }),
    );
  });
});
