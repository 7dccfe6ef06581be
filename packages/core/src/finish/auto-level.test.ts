import { describe, expect, it } from 'vitest';
import type { Pixels } from '../photo/pixels.js';
import { autoLevel, lumaHistogram } from './auto-level.js';
import { toned } from './tone.js';

/** A ramp of greys from one value to another. */
function ramp(from: number, to: number): Pixels {
  const data = new Uint8ClampedArray(256 * 40 * 4);
  for (let i = 0; i < 256 * 40; i++) {
    const value = from + ((to - from) * (i % 256)) / 255;
    data.set([value, value, value, 255], i * 4);
  }
  return { width: 256, height: 40, data };
}

describe('auto level', () => {
  it('lets a dull picture reach from black to white', () => {
    const dull = ramp(60, 180);
    const curve = autoLevel(dull)!;
    expect(curve[0]!.x).toBeCloseTo(60 / 255, 1);
    expect(curve[1]!.x).toBeCloseTo(180 / 255, 1);
    const { data } = toned(dull, { curve });
    const values = [...data].filter((_, i) => i % 4 === 0);
    expect(Math.min(...values)).toBe(0);
    expect(Math.max(...values)).toBe(255);
  });

  it('leaves what reaches that far already, what is one flat colour, and what is clear', () => {
    expect(autoLevel(ramp(0, 255))).toBeNull();
    expect(autoLevel(ramp(120, 130))).toBeNull();
    const clear = ramp(60, 180);
    for (let i = 3; i < clear.data.length; i += 4) clear.data[i] = 0;
    expect(lumaHistogram(clear).every((count) => count === 0)).toBe(true);
    expect(autoLevel(clear)).toBeNull();
  });

  it('counts every pixel once', () => {
    const counts = lumaHistogram(ramp(0, 255));
    expect(counts.reduce((a, b) => a + b)).toBe(256 * 40);
    expect(counts[128]).toBe(40);
  });
});
