import type { Outline } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { numbersOf } from './outline-numbers';

describe('the numbers of an outline', () => {
  const OUTLINES: readonly Outline[] = [
    { type: 'star', points: 5, depth: 0.5 },
    { type: 'trapezoid', slant: -0.25 },
    { type: 'speech', tail: 0.2, reach: 0.25 },
    { type: 'ticket', notch: 0.1 },
    { type: 'ring', hole: 0.6 },
    { type: 'torn', seed: 1, depth: 0.05 },
    { type: 'polygon', points: 6 },
  ];

  it.each(OUTLINES.map((outline) => [outline.type, outline] as const))('of a %s give it back as it is', (_type, outline) => {
    const numbers = numbersOf(outline);
    expect(numbers.length).toBeGreaterThan(0);
    for (const number of numbers) {
      expect(number.set(number.value)).toEqual(outline);
      expect(number.value).toBeGreaterThanOrEqual(number.least);
      expect(number.value).toBeLessThanOrEqual(number.most);
    }
  });

  it('are said in percent or by counting', () => {
    const [points, depth] = numbersOf(OUTLINES[0]!);
    expect(points!.set(7.4)).toEqual({ type: 'star', points: 7, depth: 0.5 });
    expect([depth!.name, depth!.unit, depth!.value]).toEqual(['Depth', '%', 50]);
    expect(depth!.set(12.5)).toMatchObject({ depth: 0.125 });
  });

  it('are none where only the box gives the form', () => {
    for (const type of ['heart', 'leaf', 'droplet', 'ellipse', 'arch'] as const) expect(numbersOf({ type })).toEqual([]);
  });
});
