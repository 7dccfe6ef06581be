import { describe, expect, it } from 'vitest';
import type { Pixels } from '../photo/pixels.js';
import { withEffect } from './effect.js';

function grey(width: number, height: number, value: (x: number) => number): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i++) data.set([value(i % width), value(i % width), value(i % width), 255], i * 4);
  return { width, height, data };
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
});
