import { describe, expect, it } from 'vitest';
import { discPicture } from '../../testing/subject-pictures.js';
import { silhouetteOutline } from './silhouette-outline.js';

const { truth } = discPicture(200, 200, 60);
const WIDTH = 8;

describe('the outline of a silhouette', () => {
  for (const [align, from, to] of [
    ['outside', 60, 68],
    ['inside', 52, 60],
    ['centre', 56, 64],
  ] as const) {
    it(`lies ${align} of its edge, as wide as wanted`, () => {
      const outline = silhouetteOutline(truth, align, WIDTH);
      const area = outline.data.reduce((sum, value) => sum + value / 255, 0);
      expect(area / (Math.PI * (to ** 2 - from ** 2))).toBeCloseTo(1, 1);
      const at = (r: number): number => outline.data[100 * 200 + 100 + r]!;
      expect(at((from + to) / 2)).toBe(255);
      expect([at(from - 3), at(to + 3)]).toEqual([0, 0]);
    });
  }

  it('is nothing around nothing', () => {
    const empty = { width: 20, height: 20, data: new Uint8Array(400) };
    expect(silhouetteOutline(empty, 'outside', 5).data.every((value) => value === 0)).toBe(true);
  });
});
