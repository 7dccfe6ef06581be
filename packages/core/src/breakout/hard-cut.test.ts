import { describe, expect, it } from 'vitest';
import { planeOf } from '../../testing/test-planes.js';
import { wallsOf } from './cut-line.js';
import { hardCuts, lengthWithin, paintedCut, toNearestEdge } from './hard-cut.js';
import { divide } from './parts.js';

const SIZE = 100;
/** Two blobs joined by a thin bridge from 45 to 55, at rows 48 to 51. */
const mask = planeOf(SIZE, [10, 30, 35, 40], [45, 48, 10, 4], [55, 30, 35, 40]).data.map((value) => (value > 0 ? 1 : 0));
const upright = (x: number) => [
  { x, y: 10 },
  { x, y: 90 },
];

describe('a hard cut', () => {
  it('is as long as the line runs through the parts', () => {
    const parts = divide(mask, SIZE, SIZE, null, 4);
    const { length, at } = lengthWithin(parts, upright(20));
    expect(length).toBeCloseTo(40, 0);
    expect(at!.y).toBeCloseTo(30, 0);
    expect(lengthWithin(parts, upright(50)).length).toBeCloseTo(4, 0);
    expect(lengthWithin(parts, upright(95))).toEqual({ length: 0, at: null });
  });

  it('is there only while the two sides are said to be different', () => {
    const line = upright(50);
    const parts = divide(mask, SIZE, SIZE, wallsOf([line], SIZE, SIZE), 4);
    expect(parts.parts).toHaveLength(2);
    const [a, b] = parts.parts.map(({ label }) => label) as [number, number];
    const said = (left: boolean, right: boolean) =>
      new Map([
        [a, left],
        [b, right],
      ]);
    expect(hardCuts(parts, [line], said(true, true))).toEqual([{ length: 0, at: null }]);
    expect(hardCuts(parts, [line], said(true, false))[0]!.length).toBeCloseTo(4, 0);
  });

  it('is moved to where it cuts the least, and stays where nothing near by is better', () => {
    const parts = divide(mask, SIZE, SIZE, null, 4);
    const moved = toNearestEdge(parts, upright(40), 20);
    expect(moved[0]!.x).toBeGreaterThanOrEqual(45);
    expect(moved[0]!.x).toBeLessThan(55);
    expect(lengthWithin(parts, moved).length).toBeLessThan(6);
    expect(toNearestEdge(parts, upright(25), 6)).toEqual(upright(25));
    // Beyond the blob it would cut nothing, but divide nothing either.
    expect(lengthWithin(parts, toNearestEdge(parts, upright(14), 10)).length).toBeGreaterThan(0);
  });

  it('goes where another thing hides it', () => {
    const parts = divide(mask, SIZE, SIZE, null, 4);
    const hidden = planeOf(SIZE, [26, 0, 8, 100]).data;
    const moved = toNearestEdge(parts, upright(22), 14, hidden);
    expect(moved[0]!.x).toBeGreaterThanOrEqual(26);
    expect(moved[0]!.x).toBeLessThanOrEqual(34);
  });

  it('by paint is about as long as the border of what was painted, and is told where it lies deepest', () => {
    const labels = Int32Array.from(mask);
    const values = Int32Array.from(mask, (value, i) => (value === 0 ? 0 : i % SIZE < 30 ? 1 : 2));
    const { length, at } = paintedCut(values, labels, SIZE, SIZE);
    expect(length).toBeGreaterThan(30);
    expect(length).toBeLessThan(42);
    expect(at!.x).toBeCloseTo(29.5, 0);
    expect(Math.abs(at!.y - 50)).toBeLessThan(8);
    expect(paintedCut(labels, labels, SIZE, SIZE)).toEqual({ length: 0, at: null });
  });
});
