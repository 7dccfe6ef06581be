import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import type { Opening } from '../document/item.js';
import { newPlane } from '../finish/plane.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, type Point } from '../geometry/matrix.js';
import { placedPhoto, setBoxByGrip } from './grip.js';
import { loosePhoto } from './loose-photo.js';
import { openingPolygons } from './opening-fit.js';
import { placementMatrix } from './placement.js';
import { isSubjectInSight, keptBounds, widenToHold } from './subject-in-sight.js';

const shaper = await testShaper();
const photo = testPhoto('p', 1600, 1200);
const sheet = testProject([]).sheets[0]!;
const context = { sheet, sheets: [], photos: { p: photo }, shaper };
const loose = loosePhoto(photo, sheet, { x: 500, y: 400 });

/** A matte of 16 by 12 px that keeps one of them. */
function matteOf(x: number, y: number) {
  const plane = newPlane(16, 12);
  plane.data[y * 16 + x] = 255;
  return plane;
}

/** Only the left part of the photo is left in its box. */
const trimmed = (share: number, turn = 0): Opening => {
  const box = { ...loose.box, turn };
  const whole = { ...loose, box };
  const left = { ...box, width: box.width * share };
  const toLeft = { x: (-box.width * (1 - share)) / 2, y: 0 };
  const moved = apply(
    { a: Math.cos((turn * Math.PI) / 180), b: Math.sin((turn * Math.PI) / 180), c: 0, d: 0, e: 0, f: 0 },
    toLeft,
  );
  const at = { ...left, x: box.x + box.width / 2 + moved.x - left.width / 2, y: box.y + moved.y };
  return { ...whole, ...setBoxByGrip(whole, 'opening', at, context) } as Opening;
};
const onSheet = (opening: Opening, at: Point): Point =>
  apply(boxMatrix(opening.box), apply(placementMatrix(placedPhoto(opening, context)!.placement, photo), at));
const inSight = (opening: Opening, matte = matteOf(14, 6)): boolean =>
  isSubjectInSight(matte, placedPhoto(opening, context)!.placement, photo, openingPolygons(opening, shaper));

describe('a subject in its opening', () => {
  it('is found by its matte, whatever the size of that', () => {
    expect(keptBounds(matteOf(14, 6), photo)).toEqual({ x: 1400, y: 600, width: 100, height: 100 });
    expect(keptBounds(newPlane(16, 12), photo)).toBeNull();
  });

  it('is out of sight where the photo was trimmed without it', () => {
    expect(inSight(loose)).toBe(true);
    expect(inSight(trimmed(0.5))).toBe(false);
    expect(inSight(trimmed(0.5), newPlane(16, 12))).toBe(false);
  });

  it('is held by the photo that is widened, which stays where it is and grows no further', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.8, noNaN: true }),
        fc.integer({ min: -180, max: 180 }),
        fc.integer({ min: 0, max: 15 }),
        (share, turn, column) => {
          const part = keptBounds(matteOf(column, 6), photo)!;
          const before = trimmed(share, turn);
          const after = { ...before, ...widenToHold(before, part, context) } as Opening;
          expect(inSight(after, matteOf(column, 6))).toBe(true);
          const [a, b] = [onSheet(before, { x: 300, y: 200 }), onSheet(after, { x: 300, y: 200 })];
          expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeLessThan(1e-6);
          expect(after.box.height).toBeCloseTo(before.box.height, 6);
          expect(after.box.width).toBeLessThanOrEqual(
            loose.box.width * Math.max(share, Math.min(1, (column + 1) / 16 + 0.01)) + 1e-6,
          );
        },
      ),
    );
  });

  it('changes nothing where it is held already, or only some of it is wanted', () => {
    const part = { x: 100, y: 100, width: 1300, height: 500 };
    expect(widenToHold(trimmed(0.5), part, context, 'out of sight')).toEqual({});
    expect(widenToHold(trimmed(0.5), part, context)).not.toEqual({});
    expect(widenToHold(trimmed(0.5), { ...part, x: 1000, width: 300 }, context, 'out of sight')).not.toEqual({});
    expect(widenToHold(loose, { x: 10, y: 10, width: 500, height: 500 }, context)).toEqual({});
  });
});
