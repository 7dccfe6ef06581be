import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Pixels } from '../photo/pixels.js';
import { isNeutral, monotoneCurve, toned } from './tone.js';

const one = (...rgba: number[]): Pixels => ({ width: 1, height: 1, data: Uint8ClampedArray.from(rgba) });
const after = (tone: Parameters<typeof toned>[1], ...rgba: number[]): number[] => [...toned(one(...rgba), tone).data];

describe('tone', () => {
  it('changes nothing when it is neutral', () => {
    expect(isNeutral({})).toBe(true);
    expect(isNeutral({ contrast: 0.1 })).toBe(false);
    expect(after({}, 10, 130, 240, 90)).toEqual([10, 130, 240, 90]);
  });

  it('brightens, keeps black and white, and leaves alpha alone', () => {
    const [black, middle, white, alpha] = after({ brightness: 0.5 }, 0, 128, 255, 77);
    expect([black, white, alpha]).toEqual([0, 255, 77]);
    expect(middle).toBeGreaterThan(150);
    expect(middle).toBeLessThan(190);
    expect(after({ brightness: -0.5 }, 0, 128, 255, 255)[1]).toBeLessThan(100);
  });

  it('turns about the middle for contrast', () => {
    const [dark, middle, light] = after({ contrast: 0.6, saturation: 0 }, 64, 128, 192, 255) as [number, number, number];
    expect(dark).toBeLessThan(40);
    expect(Math.abs(middle - 128)).toBeLessThanOrEqual(1);
    expect(light).toBeGreaterThan(215);
    expect(new Set(after({ contrast: -1 }, 0, 128, 255, 255).slice(0, 3)).size).toBe(1);
  });

  it('takes all colour away at the least saturation, by Rec. 709 luma', () => {
    const grey = 0.2126 * 200 + 0.7152 * 100 + 0.0722 * 50;
    for (const value of after({ saturation: -1 }, 200, 100, 50, 255).slice(0, 3))
      expect(Math.abs(value - grey)).toBeLessThanOrEqual(1);
  });

  it('makes warm what is grey redder than blue, and tinted less green', () => {
    const [r, , b] = after({ warmth: 0.5 }, 128, 128, 128, 255) as [number, number, number];
    expect(r - b).toBeGreaterThan(25);
    expect(after({ tint: 0.5 }, 128, 128, 128, 255)[1]).toBeLessThan(120);
  });

  it('goes through the points of its curve and never turns back between them', () => {
    const point = fc.record({ x: fc.double({ min: 0, max: 1, noNaN: true }), y: fc.double({ min: 0, max: 1, noNaN: true }) });
    fc.assert(
      fc.property(fc.uniqueArray(point, { minLength: 2, maxLength: 7, selector: ({ x }) => Math.round(x * 500) }), (points) => {
        const rising = points.toSorted((a, b) => a.x - b.x);
        const heights = points.map(({ y }) => y).sort((a, b) => a - b);
        const curve = rising.map(({ x }, i) => ({ x, y: heights[i]! }));
        const f = monotoneCurve(curve);
        for (const { x, y } of curve) expect(f(x)).toBeCloseTo(y, 6);
        let before = -1e-9;
        for (let step = 0; step <= 200; step++) {
          const value = f(step / 200);
          expect(value).toBeGreaterThanOrEqual(before - 1e-9);
          before = value;
        }
      }),
    );
  });

  it('fades black and keeps white', () => {
    const pixels = { width: 2, height: 1, data: Uint8ClampedArray.from([0, 0, 0, 255, 255, 255, 255, 90]) };
    const { data } = toned(pixels, { fade: 1 });
    expect([...data]).toEqual([115, 115, 115, 255, 255, 255, 255, 90]);
  });

  it('prints with two inks by lightness alone', () => {
    const inks = { dark: '#102030', light: '#f0e0d0' };
    const pixels = { width: 3, height: 1, data: Uint8ClampedArray.from([0, 0, 0, 255, 255, 255, 255, 255, 128, 128, 128, 7]) };
    const { data } = toned(pixels, { inks, saturation: 1 });
    expect([...data.subarray(0, 8)]).toEqual([16, 32, 48, 255, 240, 224, 208, 255]);
    expect(data[8]).toBeCloseTo((16 + 240) / 2, -0.5);
    expect(data[11]).toBe(7);
  });
});
