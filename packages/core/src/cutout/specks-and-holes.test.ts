import { describe, expect, it } from 'vitest';
import { planeOf } from '../../testing/test-planes.js';
import type { Plane } from '../finish/plane.js';
import { tidyMask } from './specks-and-holes.js';

const SIDE = 120;
const none = new Uint8Array(SIDE * SIDE);
const at = (plane: Plane, x: number, y: number): number => plane.data[y * SIDE + x]!;
const stroke = (x: number, y: number): Uint8Array => none.map((_, i) => (i === y * SIDE + x ? 1 : 0));

/** A large square with a hole and a pinhole, a speck, and a crumb. */
function mask(): Plane {
  const plane = planeOf(SIDE, [10, 10, 80, 80], [100, 100, 8, 8], [2, 100, 2, 2]);
  for (const [x, y, side] of [
    [30, 30, 10],
    [60, 60, 2],
  ] as const)
    for (let row = y; row < y + side; row++) plane.data.fill(0, row * SIDE + x, row * SIDE + x + side);
  return plane;
}

describe('specks and holes', () => {
  it('are counted; only crumbs go and only pinholes are filled', () => {
    const plane = mask();
    expect(tidyMask(plane, none, none, { specks: 'kept', holes: 'open' })).toEqual({ specks: 1, holes: 1 });
    expect([at(plane, 104, 104), at(plane, 35, 35)]).toEqual([255, 0]);
    expect([at(plane, 3, 101), at(plane, 61, 61)]).toEqual([0, 255]);
  });

  it('go and are filled where that is wanted', () => {
    const plane = mask();
    tidyMask(plane, none, none, { specks: 'out', holes: 'filled' });
    expect([at(plane, 104, 104), at(plane, 35, 35), at(plane, 50, 50)]).toEqual([0, 255, 255]);
  });

  it('stay where a stroke says so, the smallest too', () => {
    const plane = mask();
    tidyMask(plane, stroke(3, 101), stroke(61, 61), { specks: 'out', holes: 'filled' });
    expect([at(plane, 3, 101), at(plane, 61, 61)]).toEqual([255, 0]);
    expect(at(plane, 104, 104)).toBe(0);
  });

  it('are not what reaches the border of the photo, and nothing is one where there is nothing', () => {
    const bay = planeOf(SIDE, [0, 0, 50, 120], [70, 0, 50, 120]);
    expect(tidyMask(bay, none, none, { specks: 'kept', holes: 'filled' }).holes).toBe(0);
    expect(at(bay, 60, 60)).toBe(0);
    expect(tidyMask(planeOf(SIDE), none, none, { specks: 'out', holes: 'filled' })).toEqual({ specks: 0, holes: 0 });
  });
});
