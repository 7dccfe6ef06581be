import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PhotoFill, Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, multiply } from '../geometry/matrix.js';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { covers } from './cover.js';
import { moveByGrip, placePhoto, scalePhoto, setBoxByGrip, turnPhoto, type GripContext } from './grip.js';
import { fillWithPhoto, openingHull } from './opening-fit.js';
import { placementMatrix } from './placement.js';

const shaper = await testShaper();
const photo = testPhoto();
const project = testProject([]);
const context: GripContext = { sheet: project.sheets[0]!, sheets: [], photos: project.photos, shaper };

function filled(change: Partial<Opening> = {}): Opening {
  const opening = testOpening('a', { outline: { type: 'ellipse' }, ...change });
  const fill = fillWithPhoto(opening, photo, shaper);
  const placement = fill.placement as Placement;
  return { ...opening, fill: { ...fill, placement: { ...placement, scale: placement.scale * 2 } } };
}

function after(opening: Opening, change: ReturnType<typeof moveByGrip>): Opening {
  return { ...opening, ...(change as Partial<Opening>) };
}

function placementOf(opening: Opening): Placement {
  return (opening.fill as PhotoFill).placement as Placement;
}

/** Where the photo's own point 400, 300 lies on the sheet. */
function photoPoint(opening: Opening) {
  return apply(multiply(boxMatrix(opening.box), placementMatrix(placementOf(opening), photo)), { x: 400, y: 300 });
}

describe('what the grip moves', () => {
  const turned = { x: 200, y: 100, width: 200, height: 150, turn: 30 };

  it('Opening: the opening moves, the photo stays where it is on the sheet', () => {
    const before = filled({ box: turned });
    const now = after(before, moveByGrip(before, 'opening', { x: 5, y: 4 }, context));
    expect(now.box).toMatchObject({ x: 205, y: 104, turn: 30 });
    expect(photoPoint(now).x).toBeCloseTo(photoPoint(before).x);
    expect(photoPoint(now).y).toBeCloseTo(photoPoint(before).y);
  });

  it('Photo: the photo moves, the opening stays', () => {
    const before = filled({ box: turned });
    const now = after(before, moveByGrip(before, 'photo', { x: 5, y: -3 }, context));
    expect(now.box).toEqual(before.box);
    expect(photoPoint(now).x).toBeCloseTo(photoPoint(before).x + 5);
    expect(photoPoint(now).y).toBeCloseTo(photoPoint(before).y - 3);
  });

  it('Both: everything moves', () => {
    const before = filled({ box: turned });
    const now = after(before, moveByGrip(before, 'both', { x: 50, y: -30 }, context));
    expect(photoPoint(now).x).toBeCloseTo(photoPoint(before).x + 50);
    expect(photoPoint(now).y).toBeCloseTo(photoPoint(before).y - 30);
    expect(placementOf(now)).toEqual(placementOf(before));
  });

  it('moves an empty opening by any grip', () => {
    const empty = testOpening('a');
    for (const grip of ['opening', 'photo', 'both'] as const) {
      expect(moveByGrip(empty, grip, { x: 7, y: 8 }, context)).toEqual({
        box: { ...empty.box, x: empty.box.x + 7, y: empty.box.y + 8 },
      });
    }
  });

  it('keeps the opening covered by any grip, however far it is dragged', () => {
    const far = fc.double({ min: -3000, max: 3000, noNaN: true });
    fc.assert(
      fc.property(far, far, fc.constantFrom('opening', 'photo', 'both' as const), (x, y, grip) => {
        const before = filled({ box: turned });
        const now = after(before, moveByGrip(before, grip, { x, y }, context));
        expect(covers(placementOf(now), openingHull(now, shaper), photo, 1e-5)).toBe(true);
      }),
    );
  });

  it('leaves gaps where they are wanted', () => {
    const before = filled();
    const free = { ...before, fill: { ...(before.fill as PhotoFill), keepCovered: false } };
    const now = after(free, moveByGrip(free, 'photo', { x: 900, y: 0 }, context));
    expect(placementOf(now).x).toBeCloseTo(placementOf(free).x + 900);
  });
});

describe('resizing', () => {
  it('with Both scales the photo along where proportions stay', () => {
    const before = filled();
    const { box } = before;
    const now = after(
      before,
      setBoxByGrip(before, 'both', { ...box, width: box.width * 1.5, height: box.height * 1.5 }, context),
    );
    expect(placementOf(now).scale).toBeCloseTo(placementOf(before).scale * 1.5);
  });

  it('never squashes the photo when the outline is stretched', () => {
    const before = filled();
    const now = after(before, setBoxByGrip(before, 'both', { ...before.box, width: before.box.width * 1.2 }, context));
    expect(placementOf(now).scale).toBeCloseTo(placementOf(before).scale);
  });

  it('with Opening turns the opening under a photo that keeps its direction', () => {
    const before = filled();
    const now = after(before, setBoxByGrip(before, 'opening', { ...before.box, turn: 20 }, context));
    expect(placementOf(now).turn).toBeCloseTo(-20);
  });
});

describe('the photo itself', () => {
  it('is scaled about a point that stays', () => {
    const before = filled();
    const about = { x: 40, y: 50 };
    const now = placementOf(after(before, scalePhoto(before, 1.5, about, context)));
    const was = placementOf(before);
    expect(now.scale).toBeCloseTo(was.scale * 1.5);
    expect((now.x - about.x) / (was.x - about.x)).toBeCloseTo(1.5);
  });

  it('is turned, placed, and then counts as placed by hand', () => {
    const before = filled();
    const turned = after(before, turnPhoto(before, 190, context));
    expect(placementOf(turned).turn).toBe(-170);
    expect((turned.fill as PhotoFill).fit).toBe('own');
    const placed = after(before, placePhoto(before, { ...placementOf(before), scale: 0.0001 }, context));
    expect(covers(placementOf(placed), openingHull(placed, shaper), photo, 1e-5)).toBe(true);
  });

  it('is nothing to work on in an opening without one', () => {
    expect(scalePhoto(testOpening('a'), 2, { x: 0, y: 0 }, context)).toEqual({});
    expect(turnPhoto(testOpening('a'), 2, context)).toEqual({});
  });
});
