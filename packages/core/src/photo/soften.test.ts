import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Pixels } from './pixels.js';
import { softenInto } from './soften.js';

const SIDE = 15;
const MIDDLE = 4 * (7 * SIDE + 7);

/** Red with one opaque px in the middle. */
function dot(): Pixels {
  const data = new Uint8ClampedArray(4 * SIDE * SIDE);
  for (let i = 0; i < data.length; i += 4) data[i] = 200;
  data[MIDDLE + 3] = 255;
  return { width: SIDE, height: SIDE, data };
}

describe('a blur finer than a px', () => {
  it.each([0.2, 0.4, 0.9, 1.6])('spreads a px by a variance of %s', (variance) => {
    const { data } = dot();
    softenInto({ width: SIDE, height: SIDE, data }, variance);
    let [sum, spread] = [0, 0];
    for (let i = 0; i < SIDE * SIDE; i++) {
      const alpha = data[4 * i + 3]!;
      sum += alpha;
      spread += alpha * ((i % SIDE) - 7) ** 2;
      if (alpha > 0) expect(Math.abs(data[4 * i]! - 200)).toBeLessThanOrEqual(1);
    }
    expect(Math.abs(sum - 255)).toBeLessThan(12);
    expect(Math.abs(spread / sum / variance - 1)).toBeLessThan(0.12);
  });

  it('leaves pixels as they are for nothing and less, and what is even for any', () => {
    for (const variance of [0, -1]) {
      const pixels = dot();
      softenInto(pixels, variance);
      expect(pixels.data).toEqual(dot().data);
    }
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 255 }), fc.double({ min: 0.01, max: 2, noNaN: true }), (value, variance) => {
        const data = new Uint8ClampedArray(4 * 5 * 3).fill(value);
        for (let i = 3; i < data.length; i += 4) data[i] = 255;
        softenInto({ width: 5, height: 3, data }, variance);
        for (let i = 0; i < data.length; i++) expect(Math.abs(data[i]! - (i % 4 === 3 ? 255 : value))).toBeLessThanOrEqual(1);
      }),
    );
  });
});
