import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { backgroundEdit } from '../fit/photo-moves.js';
import { copiesOf } from '../document/copies.js';
import { applyEdit, invertEdit, type Edit, type ItemProperties } from '../document/edit.js';
import { findOpening, openingsOf } from '../document/find-item.js';
import { groupItems } from '../document/group-edits.js';
import type { Opening } from '../document/item.js';
import { changeItem, insertItem, removeItem, reorderItem } from '../document/make-edit.js';
import { openProject } from '../document/open-project.js';
import type { Project, Sheet } from '../document/project.js';
import { moveCorner } from '../fit/move-corner.js';
import { moveByGrip, placedPhoto, scalePhoto, setBoxByGrip, turnPhoto, type GripContext } from '../fit/grip.js';
import { fillWithPhoto } from '../fit/opening-fit.js';
import { changeOpening } from '../fit/register.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, type Point } from '../geometry/matrix.js';
import { project as projected } from '../geometry/quad.js';
import { removeArea, takeArea, takeOff } from './area-edits.js';
import type { FlatForm } from './area-form.js';
import { openingInArea, photoToSheet } from './area-opening.js';
import { followHosts, withHosted } from './follow-hosts.js';

const shaper = await testShaper();
const form: FlatForm = {
  type: 'flat',
  corners: [
    { x: 304, y: 108 },
    { x: 803, y: 155 },
    { x: 862, y: 822 },
    { x: 354, y: 894 },
  ],
};
const area = { id: 'area_1', name: 'Print', form };
const [room, lake] = [testPhoto('photo_a', 1600, 1200), testPhoto('photo_b', 900, 600)];
const contextOf = (project: Project): GripContext => ({ sheet: project.sheets[0]!, sheets: [], photos: project.photos, shaper });
const sheetOf = (project: Project): Sheet => project.sheets[0]!;
const itemOf = (project: Project, id: string): Opening => findOpening(sheetOf(project), id)!;
const order = (project: Project): string[] => sheetOf(project).items.map(({ id }) => id);

/** A room on the sheet with a print of the lake in its frame, between two other things. */
function hung(): Project {
  const host = testOpening('room', { box: { x: 200, y: 150, width: 400, height: 300, turn: 0 } });
  const empty = testProject([testOpening('below'), host, testOpening('above')], [room, lake]);
  const filled = applyEdit(empty, changeOpening(sheetOf(empty), host, { fill: fillWithPhoto(host, room, shaper) }, 'Fill'));
  const opening = { ...openingInArea(itemOf(filled, 'room'), area, contextOf(filled))!, id: 'print', name: 'Print' };
  const place = { project: filled, sheet: sheetOf(filled), host: itemOf(filled, 'room'), photo: filled.photos[room.id]! };
  const taken = applyEdit(filled, takeArea(place, area, opening));
  const print = itemOf(taken, 'print');
  return applyEdit(taken, changeOpening(sheetOf(taken), print, { fill: fillWithPhoto(print, lake, shaper) }, 'Fill'));
}
const start = hung();

const done = (project: Project, edit: Edit): Project => applyEdit(project, followHosts(project, edit, shaper).edit);
const change = (project: Project, id: string, after: ItemProperties): Edit =>
  changeOpening(sheetOf(project), itemOf(project, id), after, 'Change');

/** Where the corners of the print lie on the sheet, and where its area's lie. */
function corners(project: Project): { readonly print: Point[]; readonly area: Point[] } {
  const print = itemOf(project, 'print');
  const onto = boxMatrix(print.box);
  if (print.outline.type !== 'corners') throw new Error('Four corners were wanted');
  const place = photoToSheet(itemOf(project, 'room'), contextOf(project))!;
  const shown = placedPhoto(itemOf(project, 'room'), contextOf(project))!.photo.areas!.find(
    ({ id }) => id === print.host?.areaId,
  )!;
  return {
    print: print.outline.points.map(({ x, y }) => apply(onto, { x: x * print.box.width, y: y * print.box.height })),
    area: (shown.form as FlatForm).corners.map((corner) => projected(place, corner)),
  };
}

function expectInArea(project: Project): void {
  const { print, area: wanted } = corners(project);
  print.forEach(({ x, y }, i) => {
    expect(x).toBeCloseTo(wanted[i]!.x, 4);
    expect(y).toBeCloseTo(wanted[i]!.y, 4);
  });
}

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** What a hand does to the host. */
const GESTURES: fc.Arbitrary<(project: Project) => Edit> = fc.oneof(
  fc.tuple(number(-300, 300), number(-300, 300), fc.constantFrom('opening', 'photo', 'both')).map(
    ([x, y, grip]) =>
      (project: Project) =>
        change(project, 'room', moveByGrip(itemOf(project, 'room'), grip, { x, y }, contextOf(project))),
  ),
  fc
    .tuple(number(0.4, 2), number(-90, 90), fc.constantFrom('opening', 'photo', 'both'))
    .map(([by, turn, grip]) => (project: Project) => {
      const { box } = itemOf(project, 'room');
      const after = { ...box, width: box.width * by, height: box.height * by, turn };
      return change(project, 'room', setBoxByGrip(itemOf(project, 'room'), grip, after, contextOf(project)));
    }),
  fc.tuple(number(1, 2), number(-40, 40)).map(([by, turn]) => (project: Project) => {
    const host = itemOf(project, 'room');
    const scaled = { ...host, ...scalePhoto(host, by, { x: 300, y: 200 }, contextOf(project)) } as Opening;
    return change(project, 'room', turnPhoto(scaled, turn, contextOf(project)));
  }),
);

describe('an opening that lies in an area', () => {
  it('goes wherever a hand takes its host, and everything is taken back to the letter', () => {
    fc.assert(
      fc.property(fc.array(GESTURES, { minLength: 1, maxLength: 4 }), (gestures) => {
        let project = start;
        for (const gesture of gestures) {
          const { edit, freed } = followHosts(project, gesture(project), shaper);
          const after = applyEdit(project, edit);
          expect(freed).toEqual([]);
          expectInArea(after);
          expect(openProject(JSON.parse(JSON.stringify(after)))).toMatchObject({ ok: true });
          expect(applyEdit(after, invertEdit(edit))).toEqual(project);
          project = after;
        }
        expect(itemOf(project, 'print').host).toEqual({ itemId: 'room', areaId: area.id });
      }),
      { numRuns: 150 },
    );
  });

  it('shows the same of its photo at every size of its host', () => {
    const room = itemOf(start, 'room');
    const box = { ...room.box, width: room.box.width * 2, height: room.box.height * 2 };
    const after = done(start, change(start, 'room', setBoxByGrip(room, 'both', box, contextOf(start))));
    const [before, now] = [
      placedPhoto(itemOf(start, 'print'), contextOf(start))!,
      placedPhoto(itemOf(after, 'print'), contextOf(after))!,
    ];
    expect(now.placement.scale / before.placement.scale).toBeCloseTo(2, 6);
    expect(now.placement.x / before.placement.x).toBeCloseTo(2, 6);
  });

  it('is hidden, reordered, grouped and removed with its host', () => {
    const hidden = done(start, changeItem(sheetOf(start), itemOf(start, 'room'), { hidden: true }, 'Hide'));
    expect(itemOf(hidden, 'print').hidden).toBe(true);
    const shown = done(hidden, changeItem(sheetOf(hidden), itemOf(hidden, 'room'), { hidden: null }, 'Show'));
    expect(itemOf(shown, 'print').hidden).toBeUndefined();
    expect(order(start)).toEqual(['below', 'room', 'print', 'above']);
    expect(order(done(start, reorderItem(sheetOf(start), 'room', 3, 'To the front')!))).toEqual([
      'below',
      'above',
      'room',
      'print',
    ]);
    expect(order(done(start, reorderItem(sheetOf(start), 'room', 0, 'To the back')!))).toEqual([
      'room',
      'print',
      'below',
      'above',
    ]);
    const grouped = done(start, groupItems(sheetOf(start), ['room', 'above'], 'Group')!.edit);
    const group = sheetOf(grouped).items.find((item) => item.type === 'group')!;
    expect(group.items.map(({ id }) => id)).toEqual(['room', 'print', 'above']);
    const removed = followHosts(start, removeItem(sheetOf(start), 'room', 'Remove'), shaper);
    expect(order(applyEdit(start, removed.edit))).toEqual(['below', 'above']);
    expect(applyEdit(applyEdit(start, removed.edit), invertEdit(removed.edit))).toEqual(start);
  });

  it('keeps its order among others in the same host', () => {
    const print = itemOf(start, 'print');
    const two = applyEdit(
      start,
      insertItem(sheetOf(start), { ...print, id: 'second' }, 'Add', { groupId: null, above: 'print' }),
    );
    expect(order(done(two, reorderItem(sheetOf(two), 'room', 4, 'To the front')!))).toEqual([
      'below',
      'above',
      'room',
      'print',
      'second',
    ]);
    expect(order(done(two, reorderItem(sheetOf(two), 'room', 0, 'To the back')!))).toEqual([
      'room',
      'print',
      'second',
      'below',
      'above',
    ]);
  });

  it('stays at the back in an area of the background, whatever is laid or moved beside it', () => {
    const empty = testProject([testOpening('a'), testOpening('b')], [room]);
    const ground = applyEdit(empty, backgroundEdit(sheetOf(empty), room));
    const host = sheetOf(ground).items[0] as Opening;
    const opening = { ...openingInArea(host, area, contextOf(ground))!, id: 'print' };
    const place = { project: ground, sheet: sheetOf(ground), host, photo: ground.photos[room.id]! };
    const hungThere = applyEdit(ground, takeArea(place, area, opening));
    expect(order(hungThere)).toEqual([host.id, 'print', 'a', 'b']);
    const reordered = reorderItem(sheetOf(hungThere), 'b', 2, 'Back')!;
    expect(followHosts(hungThere, reordered, shaper).edit).toBe(reordered);
    const below = followHosts(hungThere, reorderItem(sheetOf(hungThere), 'b', 1, 'To the back')!, shaper).edit;
    const after = applyEdit(hungThere, below);
    expect(order(after)).toEqual([host.id, 'print', 'b', 'a']);
    expect(applyEdit(after, invertEdit(below))).toEqual(hungThere);
  });

  it('is free when it is itself moved, taken off, or its area is removed, and stays where it is', () => {
    const print = itemOf(start, 'print');
    const moved = done(start, change(start, 'print', moveByGrip(print, 'both', { x: 40, y: 0 }, contextOf(start))));
    expect(itemOf(moved, 'print')).toMatchObject({ box: { x: print.box.x + 40 } });
    expect(itemOf(moved, 'print').host).toBeUndefined();
    for (const edit of [takeOff(sheetOf(start), print), removeArea(start.photos['photo_a']!, area.id)]) {
      const after = followHosts(start, edit, shaper);
      const { host: _was, ...rest } = print;
      expect(itemOf(applyEdit(start, after.edit), 'print')).toEqual(rest);
      // It was asked for: nothing has to be said.
      expect(after.freed).toEqual([]);
    }
    // Its photo, its finish and its name are its own.
    const toned = done(start, change(start, 'print', { name: 'Lake', finish: { opacity: 0.5 } }));
    expect(itemOf(toned, 'print').host).toBeDefined();
  });

  it('whose corner is corrected corrects the area', () => {
    const print = itemOf(start, 'print');
    const corrected = done(start, change(start, 'print', moveCorner(print, 0, { x: 3, y: -2 }, contextOf(start))));
    expect(itemOf(corrected, 'print').host).toBeDefined();
    const [was, now] = [corners(start).area[0]!, corners(corrected).area[0]!];
    expect(now.x - was.x).toBeCloseTo(3, 3);
    expect(now.y - was.y).toBeCloseTo(-2, 3);
    expectInArea(corrected);
  });

  it('lies in the area of the same name of another photo, in its only one, or free', () => {
    const moved = {
      ...form,
      corners: form.corners.map(({ x, y }) => ({ x: x * 0.5, y: y * 0.5 })) as unknown as FlatForm['corners'],
    };
    const replaced = (areas: readonly { readonly id: string; readonly name: string }[]) => {
      const other = { ...testPhoto('photo_c', 800, 600), areas: areas.map((one) => ({ ...one, form: moved })) };
      const project = applyEdit(start, { name: 'Add', operations: [{ type: 'add-photo', photo: other }] });
      const host = itemOf(project, 'room');
      const { edit, freed } = followHosts(project, change(project, 'room', { fill: fillWithPhoto(host, other, shaper) }), shaper);
      return { after: applyEdit(project, edit), freed };
    };
    const named = replaced([
      { id: 'x', name: 'Mirror' },
      { id: 'y', name: 'Print' },
    ]);
    expect(itemOf(named.after, 'print').host).toEqual({ itemId: 'room', areaId: 'y' });
    expectInArea(named.after);
    expect(itemOf(replaced([{ id: 'x', name: 'Mirror' }]).after, 'print').host).toEqual({ itemId: 'room', areaId: 'x' });
    const none = replaced([
      { id: 'x', name: 'Mirror' },
      { id: 'z', name: 'Pane' },
    ]);
    expect(itemOf(none.after, 'print').host).toBeUndefined();
    expect(none.freed).toEqual(['Print']);
  });

  it('is copied with its host, and copied alone it is free', () => {
    const [room, print] = [itemOf(start, 'room'), itemOf(start, 'print')];
    expect(withHosted(sheetOf(start), [room]).map(({ id }) => id)).toEqual(['room', 'print']);
    expect(withHosted(sheetOf(start), [room, print]).map(({ id }) => id)).toEqual(['room', 'print']);
    const [host, inside] = copiesOf(withHosted(sheetOf(start), [room]), []).items as [Opening, Opening];
    expect(inside.host).toEqual({ itemId: host.id, areaId: area.id });
    expect((copiesOf([print], []).items[0] as Opening).host).toBeUndefined();
  });

  it('costs nothing where nothing lies in an area', () => {
    const plain = testProject([testOpening('a'), testGroup('g', [testOpening('b')])]);
    const edit = changeItem(sheetOf(plain), [...openingsOf(sheetOf(plain).items)][0]!, { name: 'x' }, 'Rename');
    expect(followHosts(plain, edit, shaper).edit).toBe(edit);
  });
});
