import { describe, expect, it } from 'vitest';
import { planeOf } from '../../testing/test-planes.js';
import { scaling } from '../geometry/matrix.js';
import { markedParts } from './marks.js';
import { divide } from './parts.js';

const SIZE = 60;
const { data } = planeOf(SIZE, [5, 5, 20, 10], [35, 5, 20, 10]);
const parts = divide(data, SIZE, SIZE, null, 1);
const [left, right] = [parts.labels[8 * SIZE + 8]!, parts.labels[8 * SIZE + 40]!];
const nothing = new Uint8Array(SIZE * SIZE);
const say = (...marks: [number, number, boolean][]) =>
  markedParts(
    parts,
    marks.map(([x, y, value]) => ({ at: { x, y }, value })),
    scaling(1),
    nothing,
    4,
  );

describe('what marks say of parts', () => {
  it('each part hears its own', () => {
    const { said, lost } = say([10, 10, true], [40, 10, false]);
    expect([said.get(left), said.get(right), lost]).toEqual([true, false, 0]);
  });

  it('most of them decide, and the last one where they are even', () => {
    expect(say([8, 8, true], [10, 10, true], [12, 8, false]).said.get(left)).toBe(true);
    expect(say([8, 8, true], [10, 10, false]).said.get(left)).toBe(false);
    expect(say([8, 8, false], [10, 10, true]).said.get(left)).toBe(true);
  });

  it('one that lies on the part counts more than any that was led to it, and the nearest of those more than the others', () => {
    expect(say([10, 17, true], [14, 17, true], [10, 10, false]).said.get(left)).toBe(false);
    expect(say([10, 10, false], [10, 17, true]).said.get(left)).toBe(false);
    expect(say([10, 18, true], [14, 16, false]).said.get(left)).toBe(false);
  });

  it('what hits nothing is counted', () => {
    const { said, lost } = say([30, 50, true], [10, 10, true]);
    expect([said.size, lost]).toEqual([1, 1]);
  });

  it('marks may be in other px than the planes', () => {
    const { said } = markedParts(parts, [{ at: { x: 400, y: 100 }, value: true }], scaling(0.1), nothing, 4);
    expect(said.get(right)).toBe(true);
  });
});
