import { describe, expect, it } from 'vitest';
import { testOpening } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { covers } from './cover.js';
import { openingHull } from './opening-fit.js';
import { placementLike, relativePlacement } from './relative-placement.js';

const shaper = await testShaper();
const photo = { width: 1600, height: 1200 };
const small = testOpening('small', { box: { x: 0, y: 0, width: 100, height: 100, turn: 0 } });
const large = testOpening('large', { box: { x: 50, y: 50, width: 300, height: 300, turn: 20 } });

describe('a placement that is copied', () => {
  it('lies alike in an opening of another size, and the same in its own', () => {
    const placement = { x: 60, y: 45, scale: 0.12, turn: 10, flipX: true, flipY: false };
    const like = relativePlacement(small, placement, photo, shaper);
    const back = placementLike(small, like, photo, shaper);
    for (const [value, wanted] of [
      [back.x, 60],
      [back.y, 45],
      [back.scale, 0.12],
    ] as const) {
      expect(value).toBeCloseTo(wanted, 9);
    }
    const other = placementLike(large, like, photo, shaper);
    expect([other.x, other.y, other.scale, other.turn, other.flipX]).toEqual([
      expect.closeTo(180, 9),
      expect.closeTo(135, 9),
      expect.closeTo(0.36, 9),
      10,
      true,
    ]);
  });

  it('covers where the first covered, also with a photo of another form', () => {
    const like = relativePlacement(
      small,
      { x: 50, y: 50, scale: 100 / 1200, turn: 0, flipX: false, flipY: false },
      photo,
      shaper,
    );
    const tall = { width: 500, height: 2000 };
    expect(covers(placementLike(large, { ...like, right: 0.4 }, tall, shaper), openingHull(large, shaper), tall, 1e-6)).toBe(
      true,
    );
  });
});
