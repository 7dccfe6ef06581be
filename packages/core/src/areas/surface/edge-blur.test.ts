import { describe, expect, it } from 'vitest';
import type { Pixels } from '../../photo/pixels.js';
import { edgeBlur } from './edge-blur.js';

const SIZE = 160;
const WHOLE = { x: 0, y: 0, width: SIZE, height: SIZE };

function painted(grey: (x: number, y: number) => number): Pixels {
  const data = new Uint8ClampedArray(4 * SIZE * SIZE).fill(255);
  for (let i = 0; i < SIZE * SIZE; i++) data.fill(grey(i % SIZE, Math.floor(i / SIZE)), 4 * i, 4 * i + 3);
  return { width: SIZE, height: SIZE, data };
}

/** The integral of a Gaussian of deviation 1 (M. Abramowitz, I. Stegun, "Handbook of mathematical functions", 26.2.17). */
function normal(x: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(x));
  const sum = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (sum * Math.exp((-x * x) / 2)) / Math.sqrt(2 * Math.PI);
  return x > 0 ? 1 - tail : tail;
}
/** Two sides, and between them an edge at a slant that is so soft. */
const edge = (sigma: number): Pixels =>
  painted((x, y) => 40 + 180 * normal(((x - 80.3) * Math.cos(0.2) + (y - 80.3) * Math.sin(0.2)) / sigma));

describe('how soft a photo is', () => {
  it.each([0.6, 0.8, 1, 1.5])('measures an edge that is %s px soft', (sigma) => {
    expect(Math.abs(edgeBlur(edge(sigma), WHOLE)! / sigma - 1)).toBeLessThan(0.12);
  });

  it('says nothing where there are no edges, and of no part of a photo', () => {
    expect(
      edgeBlur(
        painted((x) => x / 2),
        WHOLE,
      ),
    ).toBeNull();
    expect(edgeBlur(edge(1), { x: 0, y: 0, width: 30, height: 30 })).toBeNull();
    expect(edgeBlur(edge(1), { x: 900, y: 0, width: 30, height: 30 })).toBeNull();
  });

  it('takes no line or grain for an edge', () => {
    expect(
      edgeBlur(
        painted((x) => (x % 20 === 0 ? 220 : 60)),
        WHOLE,
      ),
    ).toBeNull();
    expect(
      edgeBlur(
        painted((x, y) => ((x * 7 + y * 13) % 11 === 0 ? 200 : 90)),
        WHOLE,
      ),
    ).toBeNull();
  });
});
