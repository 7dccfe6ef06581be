import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apply, chain, rotation, scaling, translation } from '../geometry/matrix.js';
import { samplePixels } from './sample.js';
import type { Pixels } from './pixels.js';

/** A picture whose channels grow evenly to the right and downwards: any linear mix of it is known. */
function ramp(width: number, height: number, alpha = 255): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) data.set([4 * x, 4 * y, 2 * (x + y), alpha], (y * width + x) * 4);
  }
  return { width, height, data };
}

describe('sampling', () => {
  it('gives the very pixels back at full size', () => {
    const source = ramp(31, 17);
    expect(samplePixels(source, { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 }, { width: 31, height: 17 }, true).data).toEqual(
      source.data,
    );
    expect(samplePixels(source, { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 }, { width: 31, height: 17 }, false).data).toEqual(
      source.data,
    );
  });

  it('mixes linearly under any turn and scale', () => {
    const source = ramp(60, 60);
    const place = fc.record({
      turn: fc.double({ min: -180, max: 180, noNaN: true }),
      scale: fc.double({ min: 0.5, max: 2, noNaN: true }),
      opaque: fc.boolean(),
    });
    fc.assert(
      fc.property(place, ({ turn, scale, opaque }) => {
        const m = chain(translation(30, 30), rotation(turn), scaling(scale), translation(-5, -5));
        const { data } = samplePixels(source, m, { width: 10, height: 10 }, opaque);
        for (const [x, y] of [
          [0, 0],
          [9, 0],
          [4, 5],
          [9, 9],
        ] as const) {
          const p = apply(m, { x: x + 0.5, y: y + 0.5 });
          const o = (y * 10 + x) * 4;
          expect(Math.abs(data[o]! - 4 * (p.x - 0.5))).toBeLessThanOrEqual(1.1);
          expect(Math.abs(data[o + 1]! - 4 * (p.y - 0.5))).toBeLessThanOrEqual(1.1);
          expect(data[o + 3]).toBe(255);
        }
      }),
    );
  });

  it('weighs colours by their alpha, rounded once', () => {
    // Much of it clear or full, as subjects are.
    const alpha = fc.constantFrom(0, 0, 255, 255, 1, 90, 254);
    const pixel = fc.tuple(fc.nat(255), fc.nat(255), fc.nat(255), alpha);
    const picture = fc.array(pixel, { minLength: 12, maxLength: 12 });
    const place = fc.tuple(fc.nat(256), fc.nat(256));
    fc.assert(
      fc.property(picture, place, (list, [wx, wy]) => {
        const source: Pixels = { width: 4, height: 3, data: Uint8ClampedArray.from(list.flat()) };
        const toSource = { a: 1, b: 0, c: 0, d: 1, e: wx / 256, f: wy / 256 };
        const { data } = samplePixels(source, toSource, { width: 2, height: 1 }, false);
        for (const x of [0, 1]) {
          const corners = [
            { of: list[x]!, weight: (256 - wx) * (256 - wy) },
            { of: list[x + 1]!, weight: wx * (256 - wy) },
            { of: list[x + 4]!, weight: (256 - wx) * wy },
            { of: list[x + 5]!, weight: wx * wy },
          ];
          const full = corners.reduce((sum, { of, weight }) => sum + of[3] * weight, 0);
          const mean = (c: number) => corners.reduce((sum, { of, weight }) => sum + of[c]! * of[3] * weight, 0) / full;
          const expected = full === 0 ? [0, 0, 0, 0] : [...[0, 1, 2].map((c) => Math.round(mean(c))), Math.round(full / 65536)];
          expect([...data.subarray(4 * x, 4 * x + 4)]).toEqual(expected);
        }
      }),
    );
  });

  it('is the same wherever the part begins', () => {
    const source = ramp(50, 50);
    const m = chain(translation(3.25, 7.5), scaling(0.75));
    const whole = samplePixels(source, m, { width: 40, height: 40 }, true);
    const part = samplePixels(source, chain(m, translation(12, 9)), { width: 10, height: 10 }, true);
    for (let y = 0; y < 10; y++) {
      const from = ((y + 9) * 40 + 12) * 4;
      expect(part.data.subarray(y * 40, y * 40 + 40)).toEqual(whole.data.subarray(from, from + 40));
    }
  });

  it('repeats the edge beyond it', () => {
    const source = ramp(8, 8);
    const { data } = samplePixels(source, translation(-20, 100), { width: 3, height: 3 }, true);
    expect([...data.subarray(0, 4)]).toEqual([0, 28, 14, 255]);
  });

  it('takes no colour from clear pixels', () => {
    const source: Pixels = { width: 2, height: 1, data: Uint8ClampedArray.from([200, 100, 50, 255, 0, 255, 0, 0]) };
    const { data } = samplePixels(source, translation(0.5, 0), { width: 1, height: 1 }, false);
    expect([...data]).toEqual([200, 100, 50, 128]);
  });
});
