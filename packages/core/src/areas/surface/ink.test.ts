import { describe, expect, it } from 'vitest';
import type { Pixels } from '../../photo/pixels.js';
import { inkInto, type Ink } from './lit.js';

const one = (...colour: [number, number, number, number]): Pixels => ({
  width: 1,
  height: 1,
  data: new Uint8ClampedArray(colour),
});
/** A warm grey that is 0.5 in light, lit white. */
const grey: Ink = { base: [0.5, 0.5, 0.5], light: [0.8, 0.8, 0.8], takes: 1, opaque: 0 };
const surface = one(188, 188, 188, 255);

function printed(colour: Pixels, plate: Pixels, ink: Partial<Ink> = {}): number[] {
  inkInto(colour, plate, { ...grey, ...ink });
  return [...colour.data];
}

describe('ink on a surface', () => {
  it('that is clear and white leaves the surface as it is; black takes all of its light', () => {
    expect(printed(one(255, 255, 255, 255), surface)).toEqual([188, 188, 188, 255]);
    expect(printed(one(0, 0, 0, 255), surface)).toEqual([0, 0, 0, 255]);
  });

  it('that is opaque has its own colour in the light that falls there, whatever is below', () => {
    expect(printed(one(255, 120, 0, 255), surface, { opaque: 1 })).toEqual([255, 120, 0, 255]);
    const dark = { base: [0.05, 0.05, 0.05], light: [0.8, 0.8, 0.8], opaque: 1 } as const;
    expect(printed(one(255, 120, 0, 255), one(63, 63, 63, 255), dark).slice(0, 2)).toEqual([254, 120]);
    // Clear ink is hardly seen there.
    expect(Math.max(...printed(one(255, 120, 0, 255), one(63, 63, 63, 255), { ...dark, opaque: 0 }).slice(0, 3))).toBeLessThan(
      70,
    );
  });

  it('lies in the shade and in the weave of the surface', () => {
    const [lit, shaded] = [printed(one(200, 80, 40, 255), surface), printed(one(200, 80, 40, 255), one(120, 120, 120, 255))];
    for (const c of [0, 1, 2]) expect(shaded[c]!).toBeLessThan(lit[c]! * 0.75);
  });

  it('shines where the surface shines, however dark it is', () => {
    expect(printed(one(0, 0, 0, 255), one(255, 255, 255, 255))[0]!).toBeGreaterThan(100);
  });

  it('keeps what is clear clear, and alpha as it is', () => {
    expect(printed(one(9, 9, 9, 0), surface)).toEqual([9, 9, 9, 0]);
    expect(printed(one(255, 255, 255, 70), surface)[3]).toBe(70);
  });
});
