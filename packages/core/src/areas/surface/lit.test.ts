import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { encodedLight, LINEAR } from '../../finish/contrast.js';
import type { Pixels } from '../../photo/pixels.js';
import { frontInto, lightInto } from './lit.js';

const one = (...rgba: number[]): Pixels => ({ width: 1, height: 1, data: new Uint8ClampedArray(rgba) });
const lit = (
  px: number[],
  plate: number[],
  base: [number, number, number],
  light: [number, number, number],
  takes: number,
): number[] => {
  const pixels = one(...px);
  lightInto(pixels, one(...plate), { base, light, takes });
  return [...pixels.data];
};
const WHITE: [number, number, number] = [0.8, 0.8, 0.8];
const colour = fc.tuple(fc.nat(255), fc.nat(255), fc.nat(255));

describe('light on what lies in an area', () => {
  it('changes nothing on white paper in white light, without a shade', () => {
    const paper = encodedLight(0.8);
    fc.assert(
      fc.property(colour, fc.nat(255), (rgb, alpha) => {
        const after = lit([...rgb, alpha], [paper, paper, paper, 255], WHITE, WHITE, 1);
        for (let c = 0; c < 3; c++) expect(Math.abs(after[c]! - rgb[c]!)).toBeLessThanOrEqual(1 + 12 / (rgb[c]! + 1));
        expect(after[3]).toBe(alpha);
      }),
    );
  });

  it('multiplies, in linear light, by how light the surface is there and by the colour of the light', () => {
    const grey = encodedLight(0.4);
    const light: [number, number, number] = [0.8, 0.4, 0.2];
    const half = lit([200, 200, 200, 255], [grey, grey, grey, 255], WHITE, light, 0);
    expect(half[0]).toBe(encodedLight(LINEAR[200]! * (LINEAR[grey]! / 0.8)));
    expect(half[1]).toBe(half[0]);
    const all = lit([200, 200, 200, 255], [grey, grey, grey, 255], WHITE, light, 1);
    expect(Math.abs(all[1]! - encodedLight((LINEAR[200]! * (LINEAR[grey]! / 0.8)) / 2))).toBeLessThanOrEqual(1);
    expect(Math.abs(all[2]! - encodedLight((LINEAR[200]! * (LINEAR[grey]! / 0.8)) / 4))).toBeLessThanOrEqual(1);
  });

  it('is nowhere brighter than what shines can make it, and never darker for a lighter surface', () => {
    fc.assert(
      fc.property(colour, fc.nat(255), fc.nat(255), (rgb, a, b) => {
        const [dark, bright] = [Math.min(a, b), Math.max(a, b)];
        const [below, above] = [dark, bright].map((v) => lit([...rgb, 255], [v, v, v, 255], WHITE, WHITE, 1)) as [
          number[],
          number[],
        ];
        for (let c = 0; c < 3; c++) {
          expect(above[c]).toBeGreaterThanOrEqual(below[c]!);
          expect(LINEAR[above[c]!]!).toBeLessThanOrEqual(LINEAR[rgb[c]!]! * 1.25 + 0.01);
        }
      }),
    );
  });

  it('has no shade where nothing is known of the surface, and none on what stands before it', () => {
    const [grey, light] = [encodedLight(0.4), WHITE];
    expect(lit([90, 120, 30, 255], [0, 0, 0, 0], WHITE, light, 1)).toEqual([90, 120, 30, 255]);
    const upright = one(90, 120, 30, 255);
    lightInto(upright, one(grey, grey, grey, 255), { base: WHITE, light, takes: 1 }, one(0, 0, 0, 255));
    expect([...upright.data]).toEqual([90, 120, 30, 255]);
  });

  it('leaves what is clear as it is', () => {
    expect(lit([90, 120, 30, 0], [0, 0, 0, 255], WHITE, WHITE, 1)).toEqual([90, 120, 30, 0]);
  });
});

describe('what stands in front', () => {
  it('is all that is seen where it is solid, nothing where it is clear', () => {
    const behind = one(10, 200, 30, 255);
    frontInto(behind, one(77, 0, 255, 255));
    expect([...behind.data]).toEqual([77, 0, 255, 255]);
    frontInto(behind, one(1, 2, 3, 0));
    expect([...behind.data]).toEqual([77, 0, 255, 255]);
  });

  it('is mixed in linear light, and is not seen where nothing lies', () => {
    const behind = one(0, 0, 0, 255);
    frontInto(behind, one(255, 255, 255, 128));
    expect(behind.data[0]).toBe(encodedLight(128 / 255));
    const clear = one(0, 0, 0, 0);
    frontInto(clear, one(255, 255, 255, 255));
    expect([...clear.data]).toEqual([0, 0, 0, 0]);
  });
});
