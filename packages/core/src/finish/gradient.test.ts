import { describe, expect, it } from 'vitest';
import type { GradientFill } from '../document/fill.js';
import { IDENTITY, scaling } from '../geometry/matrix.js';
import { gradientPixels, gradientRun } from './gradient.js';

const box = { width: 100, height: 40 };
const stops = [
  { at: 0, colour: '#000000' },
  { at: 1, colour: '#ffffff' },
];
const linear = (angle?: number): GradientFill => ({
  type: 'gradient',
  kind: 'linear',
  ...(angle === undefined ? {} : { angle }),
  stops,
});
const radial: GradientFill = { type: 'gradient', kind: 'radial', stops };

function at(fill: GradientFill, x: number, y: number, scale = 1): number[] {
  const pixels = gradientPixels(fill, box, scale === 1 ? IDENTITY : scaling(scale), box.width * scale, box.height * scale);
  return [...pixels.data.subarray(4 * (y * pixels.width + x), 4 * (y * pixels.width + x) + 4)];
}

describe('a gradient', () => {
  it('runs from edge to edge, downwards unless it says otherwise', () => {
    const { from, to } = gradientRun(linear(), 100, 40);
    [from.x, from.y, to.x, to.y].forEach((value, index) => expect(value).toBeCloseTo([50, 0, 50, 40][index]!, 9));
    expect(gradientRun(linear(0), 100, 40)).toMatchObject({ from: { x: 0, y: 20 }, to: { x: 100, y: 20 } });
    expect(gradientRun(radial, 60, 80)).toEqual({ from: { x: 30, y: 40 }, to: { x: 80, y: 40 } });
  });

  it('has the colour of its share at the middle of each px', () => {
    for (const x of [0, 24, 50, 99]) expect(at(linear(0), x, 7)[0]).toBeCloseTo(((x + 0.5) / 100) * 255, -0.3);
    expect(at(linear(0), 99, 7)[3]).toBe(255);
    expect(at(radial, 50, 20)[0]).toBeLessThan(5);
    expect(at(radial, 0, 0)[0]).toBeGreaterThan(250);
  });

  it('is the same picture at every scale', () => {
    for (const scale of [2, 5]) {
      expect(Math.abs(at(linear(30), 50 * scale, 20 * scale, scale)[0]! - at(linear(30), 50, 20)[0]!)).toBeLessThanOrEqual(3);
    }
  });

  it('keeps to its first and last colour outside, knows alpha, and jumps where two stops meet', () => {
    const hard: GradientFill = {
      type: 'gradient',
      kind: 'linear',
      angle: 0,
      stops: [
        { at: 0.25, colour: '#ff000000' },
        { at: 0.5, colour: '#ff0000ff' },
        { at: 0.5, colour: '#0000ff80' },
      ],
    };
    expect(at(hard, 3, 0)).toEqual([255, 0, 0, 0]);
    expect(at(hard, 37, 0)).toEqual([255, 0, 0, expect.closeTo(127, -0.5) as number]);
    expect(at(hard, 51, 0)).toEqual([0, 0, 255, 128]);
    expect(at(hard, 99, 0)).toEqual([0, 0, 255, 128]);
  });
});
