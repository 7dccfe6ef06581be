import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findFocus } from './find-focus.js';
import type { Pixels } from './pixels.js';

function picture(width: number, height: number, colour: (x: number, y: number) => readonly [number, number, number]): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i++) data.set([...colour(i % width, Math.floor(i / width)), 255], 4 * i);
  return { width, height, data };
}

describe('the focus of a picture', () => {
  it('is what differs from the border, wherever it lies', () => {
    const place = fc.record({
      x: fc.integer({ min: 10, max: 40 }),
      y: fc.integer({ min: 8, max: 26 }),
      r: fc.integer({ min: 5, max: 8 }),
    });
    fc.assert(
      fc.property(place, ({ x, y, r }) => {
        const focus = findFocus(
          picture(64, 44, (px, py) => (Math.hypot(px - x - r / 2, py - y - r / 2) < r ? [200, 80, 30] : [90 + py, 130, 140])),
        )!;
        expect(Math.abs(focus.x + focus.width / 2 - (x + r / 2))).toBeLessThan(4);
        expect(Math.abs(focus.y + focus.height / 2 - (y + r / 2))).toBeLessThan(4);
        expect(focus.width).toBeLessThan(5 * r);
      }),
    );
  });

  it('is not there in an even ground or texture', () => {
    expect(findFocus(picture(40, 40, () => [120, 110, 100]))).toBeUndefined();
    const noise = (x: number, y: number): number => ((x * 7919 + y * 104_729) * 2_654_435_761) % 200;
    expect(findFocus(picture(64, 64, (x, y) => [noise(x, y), noise(y, x), 90]))).toBeUndefined();
  });
});
