import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { halve, levelCount, levelFor, withBorder } from './levels.js';
import type { Pixels } from './pixels.js';

function pixels(width: number, height: number, values: readonly (readonly [number, number, number, number])[]): Pixels {
  return { width, height, data: Uint8ClampedArray.from(values.flat()) };
}

describe('levels of a photo', () => {
  it('average two by two', () => {
    const level = halve(
      pixels(2, 2, [
        [0, 0, 0, 255],
        [10, 20, 30, 255],
        [20, 40, 60, 255],
        [31, 60, 90, 255],
      ]),
      true,
    );
    expect([...level.data]).toEqual([15, 30, 45, 255]);
  });

  it('of a full photo are the same, whether it is known to be full or not', () => {
    const picture = fc.integer({ min: 1, max: 9 }).chain((width) =>
      fc.record({
        width: fc.constant(width),
        colours: fc.array(fc.tuple(fc.nat(255), fc.nat(255), fc.nat(255), fc.constant(255)), {
          minLength: 3 * width,
          maxLength: 3 * width,
        }),
      }),
    );
    fc.assert(
      fc.property(picture, ({ width, colours }) => {
        const photo = pixels(width, 3, colours);
        expect(halve(photo, true)).toEqual(halve(photo, false));
      }),
    );
  });

  it('weigh colours by their alpha, so that clear pixels give no fringe', () => {
    const level = halve(
      pixels(2, 1, [
        [200, 100, 0, 255],
        [0, 0, 0, 0],
      ]),
      false,
    );
    expect([...level.data]).toEqual([200, 100, 0, 128]);
  });

  it('average an odd last column with itself', () => {
    const level = halve(
      pixels(3, 1, [
        [0, 0, 0, 255],
        [100, 0, 0, 255],
        [77, 0, 0, 255],
      ]),
      true,
    );
    expect(level.width).toBe(2);
    expect(level.data[4]).toBe(77);
  });

  it('are never drawn smaller than by half', () => {
    const count = levelCount(4000, 3000);
    expect(count).toBe(13);
    for (const scale of [1, 0.9, 0.51, 0.5, 0.26, 0.25, 0.1, 0.013]) {
      const drawn = scale * 2 ** levelFor(scale, count);
      expect(drawn).toBeLessThanOrEqual(1);
      expect(drawn).toBeGreaterThan(0.5 - 1e-9);
    }
    expect(levelFor(3, count)).toBe(0);
    expect(levelFor(1e-9, count)).toBe(count - 1);
  });

  it('get a border of their own edge', () => {
    const bordered = withBorder(
      pixels(1, 2, [
        [1, 2, 3, 255],
        [4, 5, 6, 255],
      ]),
    );
    expect([bordered.width, bordered.height]).toEqual([3, 4]);
    expect([...bordered.data.subarray(0, 4)]).toEqual([1, 2, 3, 255]);
    expect([...bordered.data.subarray(-4)]).toEqual([4, 5, 6, 255]);
  });
});
