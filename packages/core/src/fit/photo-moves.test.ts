import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { backgroundOf, isBackground } from '../document/background.js';
import { applyEdit, type Edit, invertEdit } from '../document/edit.js';
import { findOpening } from '../document/find-item.js';
import type { Item, Opening } from '../document/item.js';
import type { Project } from '../document/project.js';
import { apply } from '../geometry/matrix.js';
import { boxMatrix } from '../geometry/box.js';
import { fillWithPhoto, openingHull, uncoveredShare, openingPolygons } from './opening-fit.js';
import { photoArea } from './photo-layout.js';
import { covers, fillOpening } from './cover.js';
import { placementMatrix } from './placement.js';
import {
  backgroundEdit,
  emptyOpenings,
  fillEmptyOpenings,
  layLoose,
  movePhoto,
  putInsideEdit,
  swapPhotos,
} from './photo-moves.js';

const shaper = await testShaper();
const [wide, tall] = [testPhoto('wide', 2000, 1000), testPhoto('tall', 900, 1800)];

function contextOf(items: readonly Item[]) {
  const project = testProject(items, [wide, tall]);
  return { project, sheet: project.sheets[0]!, sheets: [], photos: project.photos, shaper };
}

const shape = (id: string, x: number, y: number, change: Partial<Opening> = {}): Opening =>
  testOpening(id, { outline: { type: 'ellipse' }, box: { x, y, width: 200, height: 160, turn: 0 }, ...change });
const withPhoto = (opening: Opening, photo: typeof wide): Opening => ({
  ...opening,
  fill: fillWithPhoto(opening, photo, shaper),
});

function after(project: Project, edit: Edit | null | undefined): (id: string) => Opening {
  const next = applyEdit(project, edit!);
  // Every step can be taken back whole.
  expect(applyEdit(next, invertEdit(edit!))).toEqual(project);
  return (id) => findOpening(next.sheets[0]!, id)!;
}

const photoIn = ({ fill }: Opening): string => (fill.type === 'photo' ? fill.photoId : fill.type);

describe('swapping', () => {
  const a = withPhoto(shape('a', 50, 50, { finish: { opacity: 0.5 } }), wide);
  const b = withPhoto(shape('b', 400, 50, { box: { x: 400, y: 50, width: 100, height: 300, turn: 20 } }), tall);

  it('exchanges the photos; finish and outline stay, both are covered', () => {
    const context = contextOf([a, b]);
    const now = after(context.project, swapPhotos(context, a, b));
    expect([photoIn(now('a')), photoIn(now('b'))]).toEqual(['tall', 'wide']);
    expect(now('a').finish).toEqual({ opacity: 0.5 });
    for (const [id, photo] of [
      ['a', tall],
      ['b', wide],
    ] as const) {
      const { fill } = now(id);
      if (fill.type !== 'photo' || typeof fill.placement === 'string') throw new Error('no photo');
      expect(covers(fill.placement, openingHull(now(id), shaper), photo)).toBe(true);
    }
  });

  it('needs two photos', () => {
    const context = contextOf([a, shape('c', 0, 0)]);
    expect(swapPhotos(context, a, shape('c', 0, 0))).toBeNull();
  });

  it('drops the marks of both', () => {
    const marked = {
      sides: { top: true, right: false, bottom: false, left: false },
      pieces: [{ at: { x: 1, y: 2 }, out: true }],
      cuts: [],
    };
    const [ma, mb] = [
      { ...a, overhangs: marked },
      { ...b, overhangs: marked },
    ];
    const context = contextOf([ma, mb]);
    const now = after(context.project, swapPhotos(context, ma, mb));
    expect([now('a').overhangs, now('b').overhangs]).toEqual([
      { ...marked, pieces: [] },
      { ...marked, pieces: [] },
    ]);
  });
});

describe('moving a photo into another opening', () => {
  it('leaves the first empty', () => {
    const [from, to] = [withPhoto(shape('from', 0, 0), wide), shape('to', 300, 0)];
    const context = contextOf([from, to]);
    const now = after(context.project, movePhoto(context, from, to));
    expect([photoIn(now('from')), photoIn(now('to'))]).toEqual(['none', 'wide']);
  });

  it('makes a sample a photo of one’s own', () => {
    const from = withPhoto(shape('from', 0, 0), wide);
    const to = withPhoto(shape('to', 300, 0, { slot: { hint: 'Your mug', sample: true } }), tall);
    const context = contextOf([from, to]);
    const now = after(context.project, movePhoto(context, from, to));
    expect(now('to').slot).toEqual({ hint: 'Your mug', sample: false });
  });

  it('takes a loose picture with it', () => {
    const loose = withPhoto(testOpening('loose', { kind: 'loose' }), wide);
    const to = shape('to', 300, 0);
    for (const edit of [movePhoto, putInsideEdit]) {
      const context = contextOf([loose, to]);
      const now = after(context.project, edit(context, loose, to));
      expect(now('loose')).toBeUndefined();
      expect(photoIn(now('to'))).toBe('wide');
    }
  });
});

describe('laying loose', () => {
  it('shows the whole photo where it lay, in front of its opening, which stays empty', () => {
    const turned = withPhoto(shape('a', 300, 200, { box: { x: 300, y: 200, width: 200, height: 160, turn: 30 } }), wide);
    const context = contextOf([turned, shape('b', 0, 0)]);
    const laid = layLoose(context, turned)!;
    const now = after(context.project, laid.edit);
    expect(photoIn(now('a'))).toBe('none');
    const loose = now(laid.id);
    expect(applyEdit(context.project, laid.edit).sheets[0]!.items.map(({ id }) => id)).toEqual(['a', laid.id, 'b']);
    const corner = (opening: Opening) => {
      if (opening.fill.type !== 'photo' || typeof opening.fill.placement === 'string') throw new Error('no photo');
      return apply(boxMatrix(opening.box), apply(placementMatrix(opening.fill.placement, wide), { x: 0, y: 0 }));
    };
    expect(corner(loose).x).toBeCloseTo(corner(turned).x, 6);
    expect(corner(loose).y).toBeCloseTo(corner(turned).y, 6);
    const { fill } = loose;
    if (fill.type !== 'photo' || typeof fill.placement === 'string') throw new Error('no photo');
    expect(uncoveredShare(openingPolygons(loose, shaper), photoArea(loose, fill.placement, wide))).toBe(0);
    expect(loose.box.width / loose.box.height).toBeCloseTo(2, 9);
  });

  it('is nothing for a loose picture', () => {
    const loose = withPhoto(testOpening('loose', { kind: 'loose' }), wide);
    expect(layLoose(contextOf([loose]), loose)).toBeNull();
  });
});

describe('the background', () => {
  it('is covered by the photo', () => {
    const context = contextOf([]);
    const next = applyEdit(context.project, backgroundEdit(context.sheet, tall));
    const { width, height } = next.sheets[0]!;
    const hull = Float64Array.from([0, 0, width + 2, 0, width + 2, height + 2, 0, height + 2]);
    const { fill, id } = backgroundOf(next.sheets[0]!)!;
    if (fill.type !== 'photo' || typeof fill.placement === 'string') throw new Error('no photo');
    expect(covers(fill.placement, hull, tall)).toBe(true);
    expect(fill.placement).toEqual(fillOpening(hull, tall));
    // Another photo takes its place; the opening stays the same.
    const again = applyEdit(next, backgroundEdit(next.sheets[0]!, wide));
    expect(again.sheets[0]!.items.filter(isBackground)).toMatchObject([{ id, fill: { photoId: wide.id } }]);
  });
});

describe('filling all empty openings', () => {
  const photo = testPhoto('new', 800, 600);
  const empties = [
    shape('right', 500, 110),
    shape('below', 100, 500),
    shape('left', 100, 100),
    testGroup('g', [shape('inside', 500, 520)]),
    shape('locked', 0, 0, { locked: true }),
    withPhoto(shape('full', 700, 600), wide),
  ];

  it('goes row by row, also into groups, past what is locked or filled', () => {
    expect(emptyOpenings(contextOf(empties).sheet).map(({ id }) => id)).toEqual(['left', 'right', 'below', 'inside']);
  });

  it('counts a sample as empty', () => {
    const sample = withPhoto(shape('sample', 0, 0, { slot: { hint: 'x', sample: true } }), wide);
    expect(emptyOpenings(contextOf([sample]).sheet)).toHaveLength(1);
  });

  it('puts the photos in, in their order, as one step; photos that the project does not know are added once', () => {
    const context = contextOf(empties);
    const filled = fillEmptyOpenings(context, [tall, photo, photo])!;
    expect(filled.count).toBe(3);
    const now = after(context.project, filled.edit);
    expect(['left', 'right', 'below', 'inside'].map((id) => photoIn(now(id)))).toEqual(['tall', 'new', 'new', 'none']);
    expect(filled.edit.operations.filter(({ type }) => type === 'add-photo')).toHaveLength(1);
    expect(filled.edit.name).toBe('Fill 3 openings');
  });

  it('is nothing where nothing is empty', () => {
    expect(fillEmptyOpenings(contextOf([withPhoto(shape('full', 0, 0), wide)]), [tall])).toBeNull();
  });
});
