import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { backgroundOf, newBackground } from '../document/background.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import type { PhotoFill, Placement } from '../document/fill.js';
import { findOpening } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import type { Project, Sheet } from '../document/project.js';
import { covers } from './cover.js';
import { moveByGrip, placedPhoto, scalePhoto, type Grip } from './grip.js';
import { changeOpening, coverHull, hostsFor, joinRegister, leaveRegister, windowsOf } from './register.js';

const shaper = await testShaper();
const photo = testPhoto();
const own: Placement = { x: 150, y: 100, scale: 0.3, turn: 0, flipX: false, flipY: false };
const host = testOpening('host', {
  box: { x: 200, y: 150, width: 300, height: 200, turn: 0 },
  fill: { type: 'photo', photoId: photo.id, placement: own, fit: 'fill' },
});
const window = testOpening('window', { box: { x: 250, y: 200, width: 100, height: 80, turn: 20 } });
const third = testOpening('third', { box: { x: 380, y: 180, width: 60, height: 60, turn: -10 } });
const begun = testProject([host, window, third]);

const sheetOf = (project: Project): Sheet => project.sheets[0]!;
const get = (project: Project, id: string): Opening => findOpening(sheetOf(project), id)!;
const contextOf = (project: Project) => ({ sheet: sheetOf(project), sheets: [], photos: project.photos, shaper });
const joined = applyEdit(begun, joinRegister(sheetOf(begun), [window, third], host, begun.photos, shaper));
const sharedOf = (project: Project): Placement => Object.values(sheetOf(project).placements)[0]!;

/** Whether every window, as the renderer draws it, is covered. */
function allCovered(project: Project): boolean {
  const sheet = sheetOf(project);
  return ['host', 'window', 'third'].every((id) => {
    const opening = get(project, id);
    const placed = placedPhoto(opening, contextOf(project))!;
    return covers(placed.placement, coverHull(opening, sheet, shaper), photo, 1e-3);
  });
}

describe('openings in register', () => {
  it('look at the photo where it lies on the sheet', () => {
    const placement = sharedOf(joined);
    expect([placement.x, placement.y, placement.scale]).toEqual([350, 250, 0.3]);
    const ids = windowsOf(sheetOf(joined), Object.keys(sheetOf(joined).placements)[0]!).map(({ id }) => id);
    expect(ids).toEqual(['host', 'window', 'third']);
    expect(
      applyEdit(joined, invertEdit(joinRegister(sheetOf(begun), [window, third], host, begun.photos, shaper))).sheets[0]!
        .items[1],
    ).toEqual(window);
  });

  it('moving a window shows another part; the photo stays for all', () => {
    for (const grip of ['opening', 'both'] as const) {
      const opening = get(joined, 'window');
      const edit = changeOpening(
        sheetOf(joined),
        opening,
        moveByGrip(opening, grip, { x: 20, y: 10 }, contextOf(joined)),
        'Move',
      );
      const after = applyEdit(joined, edit);
      expect(get(after, 'window').box.x).toBe(270);
      expect(sharedOf(after)).toEqual(sharedOf(joined));
    }
  });

  it('moving the photo in one moves it in all', () => {
    const opening = get(joined, 'window');
    const edit = changeOpening(
      sheetOf(joined),
      opening,
      moveByGrip(opening, 'photo', { x: 30, y: -20 }, contextOf(joined)),
      'Move',
    );
    const after = applyEdit(joined, edit);
    expect(sharedOf(after).x).toBeCloseTo(380, 6);
    expect(sharedOf(after).y).toBeCloseTo(230, 6);
    expect(get(after, 'window').fill).toMatchObject({ placement: Object.keys(sheetOf(after).placements)[0] });
    expect(applyEdit(after, invertEdit(edit))).toEqual(joined);
  });

  it('never shows a gap, whatever is moved or scaled (property)', () => {
    const act = fc.record({
      id: fc.constantFrom('host', 'window', 'third'),
      grip: fc.constantFrom<Grip>('opening', 'photo', 'both'),
      x: fc.integer({ min: -400, max: 400 }),
      y: fc.integer({ min: -400, max: 400 }),
      factor: fc.double({ min: 0.2, max: 2, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(act, { maxLength: 4 }), (acts) => {
        let project = joined;
        for (const { id, grip, x, y, factor } of acts) {
          const moved = moveByGrip(get(project, id), grip, { x, y }, contextOf(project));
          project = applyEdit(project, changeOpening(sheetOf(project), get(project, id), moved, ''));
          const scaled = scalePhoto(get(project, id), factor, { x: 10, y: 10 }, contextOf(project));
          project = applyEdit(project, changeOpening(sheetOf(project), get(project, id), scaled, ''));
        }
        return allCovered(project);
      }),
      { numRuns: 60 },
    );
  });

  it('a window that leaves keeps what it shows; the last two part together', () => {
    const opening = get(joined, 'window');
    const before = placedPhoto(opening, contextOf(joined))!.placement;
    const left = applyEdit(joined, leaveRegister(sheetOf(joined), opening)!);
    expect(get(left, 'window').fill).toMatchObject({ placement: before });
    expect(Object.keys(sheetOf(left).placements)).toHaveLength(1);
    const parted = applyEdit(left, leaveRegister(sheetOf(left), get(left, 'third'))!);
    expect(sheetOf(parted).placements).toEqual({});
    expect(typeof (get(parted, 'host').fill as PhotoFill).placement).toBe('object');
    expect(leaveRegister(sheetOf(parted), get(parted, 'host'))).toBeNull();
  });

  it('the background can be the host, and is covered from then on', () => {
    const fill: PhotoFill = { type: 'photo', photoId: photo.id, placement: { ...own, x: 501, y: 401, scale: 0.7 } };
    const ground = newBackground(sheetOf(begun), fill);
    const project = { ...begun, sheets: [{ ...sheetOf(begun), items: [ground, ...sheetOf(begun).items] }] };
    expect(hostsFor(sheetOf(project), window)).toEqual([ground, host]);
    const after = applyEdit(project, joinRegister(sheetOf(project), [window], ground, project.photos, shaper));
    expect(backgroundOf(sheetOf(after))!.fill).toMatchObject({ placement: Object.keys(sheetOf(after).placements)[0] });
    expect([sharedOf(after).x, sharedOf(after).y]).toEqual([500, 400]);
    const opening = get(after, 'window');
    const away = moveByGrip(opening, 'photo', { x: 5000, y: 0 }, contextOf(after));
    const moved = applyEdit(after, changeOpening(sheetOf(after), opening, away, ''));
    // The photo is 1120 px wide over a sheet of 1000: it can go 59 px to the right.
    expect(sharedOf(moved).x).toBeCloseTo(559, 3);
    expect(hostsFor(sheetOf(after), get(after, 'window'))).toEqual([host]);
  });
});
