import { describe, expect, it } from 'vitest';
import { flatten } from './path.js';
import { contains } from './polygon.js';
import { unitedPath } from './unite.js';

const square = (x: number, y: number, size: number, clockwise = true) => {
  const points = [x, y, x + size, y, x + size, y + size, x, y + size];
  return Float64Array.from(
    clockwise ? points : [...points.slice(0, 2), ...points.slice(6), ...points.slice(4, 6), ...points.slice(2, 4)],
  );
};

describe('uniting contours', () => {
  it('makes one outline of what overlaps, without the lines between', () => {
    const polygons = flatten(unitedPath([square(0, 0, 10), square(6, 6, 10)]));
    expect(polygons).toHaveLength(1);
    expect(polygons[0]!.length / 2).toBe(8);
    expect(contains(polygons, { x: 8, y: 8 })).toBe(true);
    expect(contains(polygons, { x: 14, y: 2 })).toBe(false);
  });

  it('keeps holes, and what lies apart', () => {
    const polygons = flatten(unitedPath([square(0, 0, 30), square(10, 10, 10, false), square(50, 0, 10)]));
    expect(polygons).toHaveLength(3);
    expect(contains(polygons, { x: 15, y: 15 })).toBe(false);
    expect(contains(polygons, { x: 5, y: 15 })).toBe(true);
    expect(contains(polygons, { x: 55, y: 5 })).toBe(true);
  });
});
