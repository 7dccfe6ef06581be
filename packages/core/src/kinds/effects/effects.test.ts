import { describe, expect, it } from 'vitest';
import type { Pixels } from '../../photo/pixels.js';
import { scaling } from '../../geometry/matrix.js';
import { effectReach, EFFECTS, withEffects, type Effect, type EffectName } from './effects.js';

function grey(width: number, height: number, value: (x: number) => number): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i++) data.set([value(i % width), value(i % width), value(i % width), 255], i * 4);
  return { width, height, data };
}

/** The effect on pixels that begin in the corner of what they are part of. */
function withEffect(pixels: Pixels, effect: Effect, scale: number): Pixels {
  return withEffects(pixels, [effect], { scale, origin: { x: 0, y: 0 }, toUnit: scaling(1) });
}

function coverage({ data }: Pixels): number {
  let sum = 0;
  for (let i = 3; i < data.length; i += 4) sum += data[i]!;
  return sum / (data.length / 4) / 255;
}

describe('effects', () => {
  it('flatten a ramp into a few even areas', () => {
    const { data } = withEffect(
      grey(300, 3, (x) => (x * 255) / 300),
      { kind: 'flattened', strength: 1 },
      1,
    );
    const counts = new Map<number, number>();
    for (let x = 10; x < 290; x++) counts.set(data[(300 + x) * 4]!, (counts.get(data[(300 + x) * 4]!) ?? 0) + 1);
    const even = [...counts.values()].filter((count) => count > 30);
    expect(even).toHaveLength(3);
    expect(even.reduce((a, b) => a + b)).toBeGreaterThan(200);
  });

  it('print as much ink as a place is dark, in dots, at any size of output', () => {
    for (const scale of [1, 2]) {
      const [dark, light] = [64, 192].map((value) => {
        const print = withEffect(
          grey(240 * scale, 240 * scale, () => value),
          { kind: 'halftone', strength: 1, ink: '#102030' },
          scale,
        );
        expect([...print.data.subarray(0, 3)]).toEqual([0x10, 0x20, 0x30]);
        return coverage(print);
      }) as [number, number];
      expect(Math.abs(dark - 0.75)).toBeLessThan(0.12);
      expect(Math.abs(light - 0.25)).toBeLessThan(0.08);
    }
  });

  it('print nothing on white', () => {
    expect(
      coverage(
        withEffect(
          grey(60, 60, () => 255),
          { kind: 'halftone', strength: 0.5 },
          1,
        ),
      ),
    ).toBe(0);
  });

  it('lay the same grain at any size of output, and keep the mean', () => {
    const mean = ({ data }: Pixels): number =>
      data.reduce((sum, value, i) => (i % 4 === 0 ? sum + value : sum), 0) / (data.length / 4);
    const [one, four] = [1, 4].map((scale) =>
      withEffect(
        grey(80 * scale, 80 * scale, () => 128),
        { kind: 'grain', strength: 1 },
        scale,
      ),
    );
    expect(Math.abs(mean(one!) - 128)).toBeLessThan(2);
    expect(Math.abs(mean(four!) - 128)).toBeLessThan(2);
    // Sixteen px of the large one lie on one of the small: their mean is about that one, and far from its neighbours.
    let [own, other] = [0, 0];
    for (let y = 4; y < 76; y++) {
      for (let x = 4; x < 76; x++) {
        let sum = 0;
        for (let j = 0; j < 16; j++) sum += four!.data[((y * 4 + (j >> 2)) * 320 + x * 4 + (j & 3)) * 4]!;
        own += Math.abs(sum / 16 - one!.data[(y * 80 + x) * 4]!);
        other += Math.abs(sum / 16 - one!.data[(y * 80 + x + 4) * 4]!);
      }
    }
    expect(own).toBeLessThan(other * 0.35);
  });

  it('darken the corners and not the middle', () => {
    const toUnit = { a: 2 / 100, b: 0, c: 0, d: 2 / 100, e: -1, f: -1 };
    const frame = { scale: 1, origin: { x: 0, y: 0 }, toUnit };
    const { data } = withEffects(
      grey(100, 100, () => 200),
      [{ kind: 'edges', strength: 0.5 }],
      frame,
    );
    const at = (x: number, y: number): number => data[(y * 100 + x) * 4]!;
    expect(at(50, 50)).toBe(200);
    expect(at(0, 0)).toBeCloseTo(200 * (1 - 0.85 * 0.5), -0.5);
    expect(at(0, 0)).toBe(at(99, 99));
    expect(at(0, 50)).toBeGreaterThan(at(0, 0));
  });

  it('come in their own order, whatever the order of the list', () => {
    const frame = { scale: 1, origin: { x: 0, y: 0 }, toUnit: scaling(0.01) };
    const list: Effect[] = [
      { kind: 'halftone', strength: 0.6 },
      { kind: 'grain', strength: 0.8 },
      { kind: 'flattened', strength: 0.5 },
    ];
    const ramp = grey(60, 40, (x) => x * 4);
    expect(withEffects(ramp, list, frame)).toEqual(withEffects(ramp, list.toReversed(), frame));
  });
});

describe.each(Object.keys(EFFECTS) as EffectName[])('%s', (kind) => {
  const frame = { scale: 1, origin: { x: 0, y: 0 }, toUnit: scaling(1 / 100) };
  const uneven = (): Pixels => grey(161, 41, (x) => (x * 37) % 256);

  it('changes nothing at strength 0', () => {
    const pixels = uneven();
    expect(withEffects(pixels, [{ kind, strength: 0 }], frame)).toBe(pixels);
    expect(effectReach({ kind, strength: 0 })).toBe(0);
  });

  it('looks no further around than it says', () => {
    for (const strength of [0.2, 1]) {
      const effect = { kind, strength };
      const reach = effectReach(effect);
      const [one, other] = [uneven(), uneven()];
      const away = Math.ceil(reach) + 1;
      // Everything that is further away from the middle is another picture.
      for (let y = 0; y < 41; y++) {
        for (let x = 0; x < 161; x++) {
          if (Math.max(Math.abs(x - 80), Math.abs(y - 20)) > away) other.data.set([9, 200, 77, 255], (y * 161 + x) * 4);
        }
      }
      const at = (20 * 161 + 80) * 4;
      const [a, b] = [one, other].map((pixels) => [...withEffects(pixels, [effect], frame).data.subarray(at, at + 4)]);
      expect(b).toEqual(a);
    }
  });

  it('says whether it leaves clear places', () => {
    const { data } = withEffects(uneven(), [{ kind, strength: 1 }], frame);
    const isClear = data.some((value, i) => i % 4 === 3 && value < 255);
    expect(isClear).toBe(EFFECTS[kind].clears);
  });
});
