import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import type { Opening } from '../document/item.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, invert, type Point } from '../geometry/matrix.js';
import { covers } from './cover.js';
import { cropTo, straighten } from './crop.js';
import { loosePhoto } from './loose-photo.js';
import { openingHull } from './opening-fit.js';
import { placementMatrix } from './placement.js';

const shaper = await testShaper();
const photo = testPhoto('p', 1600, 1200);
const sheet = testProject([]).sheets[0]!;
const context = { sheet, sheets: [], photos: { p: photo }, shaper };
const loose = loosePhoto(photo, sheet, { x: 500, y: 400 });

const changed = (opening: Opening, after: object): Opening => ({ ...opening, ...after });
const onSheet = (opening: Opening, at: Point): Point => {
  if (opening.fill.type !== 'photo' || typeof opening.fill.placement === 'string') throw new Error('no photo');
  return apply(boxMatrix(opening.box), apply(placementMatrix(opening.fill.placement, photo), at));
};

describe('cropping to a proportion', () => {
  it('keeps the area where the photo reaches, and the photo where it is', () => {
    const small = changed(loose, { box: { ...loose.box, x: 450, y: 350, width: 100, height: 100 } });
    const placed = changed(small, {
      fill: { ...loose.fill, placement: { x: 50, y: 50, scale: 0.25, turn: 0, flipX: false, flipY: false } },
    });
    const cropped = changed(placed, cropTo(placed, 16 / 9, context));
    expect(cropped.box.width / cropped.box.height).toBeCloseTo(16 / 9, 9);
    expect(cropped.box.width * cropped.box.height).toBeCloseTo(100 * 100, 6);
    expect(onSheet(cropped, { x: 100, y: 100 }).x).toBeCloseTo(onSheet(placed, { x: 100, y: 100 }).x, 6);
  });

  it('goes back and forth without shrinking', () => {
    const first = changed(loose, cropTo(loose, 1, context));
    const second = changed(first, cropTo(first, 16 / 9, context));
    const third = changed(second, cropTo(second, 1, context));
    expect(third.box.width).toBeCloseTo(third.box.height, 6);
    expect(third.box.width * third.box.height).toBeGreaterThan(0.7 * first.box.width * first.box.height);
  });

  it('never needs more photo than there is, whatever the opening and the proportion', () => {
    const within = { noNaN: true } as const;
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 5, ...within }),
        fc.double({ min: 0.05, max: 1, ...within }),
        fc.double({ min: 0, max: 1, ...within }),
        fc.constantFrom(0, 25),
        (proportion, share, at, turn) => {
          const { width, height } = loose.box;
          const box = {
            x: loose.box.x + at * width * (1 - share),
            y: loose.box.y + at * height * (1 - share),
            width: width * share,
            height: height * share,
            turn,
          };
          const placement = { x: width / 2 - at * width * (1 - share), y: height / 2 - at * height * (1 - share), turn: 0 };
          const before = changed(loose, {
            box,
            fill: { ...loose.fill, placement: { ...placement, scale: 0.375, flipX: false, flipY: false } },
          });
          const after = changed(before, cropTo(before, proportion, context));
          if (after.fill.type !== 'photo' || typeof after.fill.placement === 'string') throw new Error('no photo');
          expect(after.box.width / after.box.height).toBeCloseTo(proportion, 6);
          expect(after.fill.placement.scale).toBeCloseTo(0.375, 9);
          expect(covers(after.fill.placement, openingHull(after, shaper), photo, 1e-6)).toBe(true);
        },
      ),
    );
  });

  it('without a photo is the largest box of that proportion in the present one', () => {
    const plain = testOpening('a', { box: { x: 0, y: 0, width: 300, height: 100, turn: 0 } });
    expect(cropTo(plain, 1, context)).toEqual({ box: { x: 100, y: 0, width: 100, height: 100, turn: 0 } });
  });
});

describe('straightening', () => {
  it.each([
    [{ x: 400, y: 400 }, { x: 600, y: 420 }, 'level'],
    [{ x: 600, y: 420 }, { x: 400, y: 400 }, 'level'],
    [{ x: 500, y: 300 }, { x: 480, y: 520 }, 'upright'],
  ] as const)('a line from %o to %o is %s afterwards', (from, to, wanted) => {
    const opening = changed(loose, { box: { ...loose.box, turn: 12 } });
    const toPhoto = (p: Point): Point => {
      if (opening.fill.type !== 'photo' || typeof opening.fill.placement === 'string') throw new Error('no photo');
      return apply(invert(placementMatrix(opening.fill.placement, photo)), apply(invert(boxMatrix(opening.box)), p));
    };
    const [a, b] = [toPhoto(from), toPhoto(to)];
    const after = changed(opening, straighten(opening, from, to, context));
    const [p, q] = [onSheet(after, a), onSheet(after, b)];
    if (wanted === 'level') expect(p.y).toBeCloseTo(q.y, 6);
    else expect(p.x).toBeCloseTo(q.x, 6);
    if (after.fill.type !== 'photo' || typeof after.fill.placement === 'string') throw new Error('no photo');
    expect(covers(after.fill.placement, openingHull(after, shaper), photo, 1e-6)).toBe(true);
  });

  it('of a point is nothing', () => {
    expect(straighten(loose, { x: 1, y: 1 }, { x: 1, y: 1 }, context)).toEqual({});
  });
});
