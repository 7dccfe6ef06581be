import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import { findOpening } from '../document/find-item.js';
import { groupItems } from '../document/group-edits.js';
import type { Opening } from '../document/item.js';
import { changeItem } from '../document/make-edit.js';
import { openProject } from '../document/open-project.js';
import type { PhotoArea, Project, Sheet } from '../document/project.js';
import { covers } from '../fit/cover.js';
import { placedPicture, type GripContext } from '../fit/grip.js';
import { fillWithPhoto, openingHull } from '../fit/opening-fit.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, type Point } from '../geometry/matrix.js';
import { project as projected } from '../geometry/quad.js';
import { takeArea } from './area-edits.js';
import type { FlatForm } from './area-form.js';
import { openingInArea, photoToSheet } from './area-opening.js';
import { followHosts } from './follow-hosts.js';
import { hangIn } from './hang-in.js';

const shaper = await testShaper();
const flat = (...corners: readonly [number, number][]): FlatForm => ({
  type: 'flat',
  corners: corners.map(([x, y]) => ({ x, y })) as unknown as FlatForm['corners'],
});
const wide: PhotoArea = { id: 'wide', name: 'Pane', form: flat([300, 100], [900, 130], [880, 420], [310, 400]) };
const high: PhotoArea = { id: 'high', name: 'Frame', form: flat([1000, 200], [1250, 240], [1240, 900], [990, 860]) };
const [room, lake] = [testPhoto('photo_a', 1600, 1200), testPhoto('photo_b', 900, 600)];
const sheetOf = (project: Project): Sheet => project.sheets[0]!;
const itemOf = (project: Project, id: string): Opening => findOpening(sheetOf(project), id)!;
const contextOf = (project: Project): GripContext => ({ ...project, sheet: sheetOf(project), shaper });
const placeIn = (project: Project) => ({
  ...{ project, sheet: sheetOf(project), host: itemOf(project, 'room') },
  photo: project.photos[room.id]!,
});

/** A room with a print of the lake in its pane, and something before both. */
function start(): Project {
  const host = testOpening('room', { box: { x: 100, y: 50, width: 800, height: 600, turn: 0 } });
  const filled = { ...host, fill: fillWithPhoto(host, room, shaper) };
  const empty = testProject([filled, testOpening('front')], [room, lake]);
  const opening = { ...openingInArea(filled, wide, contextOf(empty))!, id: 'print' };
  const print = { ...opening, fill: fillWithPhoto(opening, lake, shaper), finish: { opacity: 0.7 } };
  return applyEdit(empty, takeArea(placeIn(empty), wide, print));
}

function hungIn(project: Project, area: PhotoArea): Project {
  const edit = hangIn(placeIn(project), area, itemOf(project, 'print'), contextOf(project))!;
  const whole = followHosts(project, edit, shaper).edit;
  const after = applyEdit(project, whole);
  expect(applyEdit(after, invertEdit(whole))).toEqual(project);
  expect(openProject(JSON.parse(JSON.stringify(after)))).toMatchObject({ ok: true });
  return after;
}

function expectIn(project: Project, { form }: PhotoArea): void {
  const print = itemOf(project, 'print');
  const onto = photoToSheet(itemOf(project, 'room'), contextOf(project))!;
  if (print.outline.type !== 'corners') throw new Error('Four corners were wanted');
  const corners = print.outline.points.map(({ x, y }): Point =>
    apply(boxMatrix(print.box), { x: x * print.box.width, y: y * print.box.height }),
  );
  (form as FlatForm).corners.forEach((corner, i) => {
    const wanted = projected(onto, corner);
    expect([corners[i]!.x, corners[i]!.y]).toEqual([expect.closeTo(wanted.x, 6), expect.closeTo(wanted.y, 6)]);
  });
}

describe('a print that is hung elsewhere', () => {
  it('lies in the other area, covers it by its rule, and is the same in all else', () => {
    const after = hungIn(start(), high);
    expectIn(after, high);
    const print = itemOf(after, 'print');
    expect(print).toMatchObject({ host: { itemId: 'room', areaId: 'high' }, finish: { opacity: 0.7 }, fill: { fit: 'fill' } });
    const placed = placedPicture(print, contextOf(after))!;
    expect(covers(placed.placement, openingHull(print, shaper), placed.picture, 1e-6)).toBe(true);
    expect(after.photos[room.id]!.areas).toEqual([wide, high]);
  });

  it('comes from wherever it lay: from the front, or out of a group', () => {
    const project = start();
    const free = applyEdit(project, changeItem(sheetOf(project), itemOf(project, 'print'), { host: null }, 'Off'));
    const grouped = applyEdit(free, groupItems(sheetOf(free), ['print', 'front'], 'Group')!.edit);
    for (const from of [free, grouped]) {
      const after = hungIn(from, high);
      expectIn(after, high);
      expect(
        sheetOf(after)
          .items.slice(0, 2)
          .map(({ id }) => id),
      ).toEqual(['room', 'print']);
    }
  });

  it('hangs again where it hung, and nowhere that is out of sight', () => {
    const project = start();
    const back = hungIn(hungIn(project, high), wide);
    expectIn(back, wide);
    const flatOut: PhotoArea = { ...high, form: flat([10, 10], [10, 10], [10, 10], [10, 10]) };
    expect(hangIn(placeIn(project), flatOut, itemOf(project, 'print'), contextOf(project))).toBeNull();
  });
});
