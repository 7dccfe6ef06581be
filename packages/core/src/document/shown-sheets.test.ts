import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { pasteEdit, readClipping, writeClipping } from './clipping.js';
import { applyEdit, EditConflict, EditError } from './edit.js';
import type { SheetFill } from './fill.js';
import type { Item, Opening } from './item.js';
import { changeItem, changeProject, changeSheet } from './make-edit.js';
import { openProject } from './open-project.js';
import type { Photo, Project, Sheet } from './project.js';
import { rebaseEdits } from './rebase.js';
import { referencesOf } from './references.js';
import { resolvedIn, resolvedItem, resolveSheet } from './resolve-sheet.js';
import { copySheet, removeSheet } from './sheet-edits.js';
import { openingsShowing, sheetsShownBy, wouldShowItself } from './shown-sheets.js';

const placement = { x: 60, y: 40, scale: 0.1, turn: 0, flipX: false, flipY: false };
const showing = (sheetId: string): SheetFill => ({ type: 'sheet', sheetId, placement });
const window = (id: string, sheetId: string): Opening => testOpening(id, { fill: showing(sheetId) });
const inked = testOpening('inked', { fill: { type: 'colour', colour: { role: 'ink' } } });
const pictured = testOpening('pictured', {
  fill: { type: 'photo', photoId: 'photo_a', placement, cutout: { id: 'cut', revision: 'b'.repeat(64) } },
});
const cut: Photo = {
  ...testPhoto(),
  cutouts: [{ id: 'cut', name: 'Subject', revisions: [{ matteSha256: 'b'.repeat(64), marks: [] }] }],
};

/** A project whose sheets are wall, poster and stamp, with these items. */
function project(wall: readonly Item[], poster: readonly Item[], stamp: readonly Item[] = []): Project {
  const made = testProject([], [cut]);
  const sheet = (id: string, items: readonly Item[]): Sheet => ({ ...made.sheets[0]!, id, name: id, items });
  return { ...made, sheets: [sheet('wall', wall), sheet('poster', poster), sheet('stamp', stamp)] };
}

const plain = project([window('frame', 'poster'), inked], [inked, pictured]);
const frameOf = (of: Project, sheetId = 'wall') => resolveSheet(of, sheetId)!.items[0] as Opening;
const pictureOf = (of: Project) => {
  const { fill } = frameOf(of);
  return fill.type === 'photo' ? fill.photoId : null;
};
const sheetOf = (of: Project, id: string) => of.sheets.find((sheet) => sheet.id === id)!;

describe('a sheet that another one shows', () => {
  it('is a picture there, at the same place and under the same rules', () => {
    const { shows } = resolveSheet(plain, 'wall')!;
    const id = pictureOf(plain)!;
    expect(frameOf(plain).fill).toEqual({ type: 'photo', photoId: id, placement });
    expect(shows![id]).toBe(resolveSheet(plain, 'poster'));
    expect(resolveSheet(plain, 'poster')!.shows).toBeUndefined();
  });

  it('is another picture whenever it looks different, and only then', () => {
    const poster = sheetOf(plain, 'poster');
    const id = pictureOf(plain);
    const after = (edit: Parameters<typeof applyEdit>[1]) => pictureOf(applyEdit(plain, edit));
    expect(after(changeItem(poster, inked, { fill: { type: 'colour', colour: '#ff0000' } }, 'Colour'))).not.toBe(id);
    expect(after(changeProject(plain, { roles: { ...plain.roles, ink: '#123456' } }, 'Ink'))).not.toBe(id);
    expect(after(changeSheet(poster, { background: { type: 'none' } }, 'Ground'))).not.toBe(id);
    expect(after(changeSheet(poster, { name: 'Other', margin: 3, guides: [{ id: 'g', axis: 'vertical', at: 5 }] }, 'Name'))).toBe(
      id,
    );
    expect(after(changeItem(sheetOf(plain, 'wall'), inked, { name: 'Other' }, 'Name'))).toBe(id);
    // Made anew, as after a reload or in another thread.
    expect(pictureOf(structuredClone(plain))).toBe(id);
  });

  it('leaves everything else on the sheet the very same, edit after edit', () => {
    const before = resolveSheet(plain, 'wall')!;
    expect(resolveSheet(plain, 'wall')).toBe(before);
    const moved = applyEdit(plain, changeItem(sheetOf(plain, 'wall'), inked, { box: { ...inked.box, x: 7 } }, 'Move'));
    const after = resolveSheet(moved, 'wall')!;
    expect(after.items[0]).toBe(before.items[0]);
    expect(after.items[1]).not.toBe(before.items[1]);
    expect(resolvedIn(moved, sheetOf(plain, 'wall'))).toBe(before);
    expect(resolvedItem(plain, sheetOf(plain, 'wall').items[0]!, before)).toBe(before.items[0]);
  });

  it('is found within groups, and within sheets that are shown themselves', () => {
    const nested = project([testGroup('group', [window('frame', 'poster')])], [window('mark', 'stamp')], [inked]);
    const wall = resolveSheet(nested, 'wall')!;
    const [id, poster] = Object.entries(wall.shows!)[0]!;
    expect(wall.items[0]).toMatchObject({ items: [{ fill: { type: 'photo', photoId: id } }] });
    expect(Object.values(poster.shows!)[0]).toBe(resolveSheet(nested, 'stamp'));
    expect([...sheetsShownBy(nested, 'wall')]).toEqual(['poster', 'stamp']);
    expect(openingsShowing(nested, 'poster').map(({ sheet, opening }) => [sheet.id, opening.id])).toEqual([['wall', 'frame']]);
  });

  it('never shows itself: where two windows made it so, the inner one stays empty', () => {
    const mutual = project([window('frame', 'poster')], [window('back', 'wall')]);
    expect(wouldShowItself(plain, 'poster', 'wall')).toBe(true);
    expect(wouldShowItself(plain, 'wall', 'wall')).toBe(true);
    expect(wouldShowItself(plain, 'stamp', 'wall')).toBe(false);
    expect(sheetsShownBy(mutual, 'wall')).toEqual(new Set(['poster', 'wall']));
    const [poster] = Object.values(resolveSheet(mutual, 'wall')!.shows!);
    expect((poster!.items[0] as Opening).fill).toEqual({ type: 'none' });
  });

  it('needs what is on it to be drawn', () => {
    const { photos, mattes, sheets } = referencesOf(plain, ['wall']);
    expect([[...photos], [...sheets]]).toEqual([['photo_a'], ['poster']]);
    expect(mattes).toEqual([{ photoId: 'photo_a', matteSha256: 'b'.repeat(64) }]);
  });

  it('is not removed, alone or by somebody else at the same time', () => {
    expect(() => applyEdit(plain, removeSheet(plain, 'poster')!)).toThrow(EditError);
    expect(applyEdit(plain, removeSheet(plain, 'wall')!).sheets).toHaveLength(2);
    const empty = project([testOpening('frame')], [inked]);
    const shows = changeItem(sheetOf(empty, 'wall'), testOpening('frame'), { fill: showing('poster') }, 'Show');
    const removes = removeSheet(empty, 'poster')!;
    expect(() => rebaseEdits([shows], [removes])).toThrow(EditConflict);
    expect(() => rebaseEdits([removes], [shows])).toThrow(EditConflict);
  });

  it('is shown by a copy of the other, and comes with copied items where it is', () => {
    const copied = copySheet(plain, sheetOf(plain, 'wall'));
    expect(openingsShowing(applyEdit(plain, copied.edit), 'poster')).toHaveLength(2);
    const clipping = readClipping(writeClipping(plain, sheetOf(plain, 'wall'), [window('frame', 'poster')]))!;
    const fillOn = (of: Project, sheetId: string) => {
      const pasted = pasteEdit(of, sheetOf(of, sheetId), clipping, 'beside');
      return (sheetOf(applyEdit(of, pasted.edit), sheetId).items.at(-1) as Opening).fill.type;
    };
    expect(fillOn(plain, 'stamp')).toBe('sheet');
    // It would be seen in itself there, or is not there at all.
    expect(fillOn(plain, 'poster')).toBe('none');
    expect(fillOn({ ...plain, sheets: plain.sheets.filter(({ id }) => id === 'stamp') }, 'stamp')).toBe('none');
  });

  it('has to be there when a project is opened', () => {
    expect(openProject(plain)).toMatchObject({ ok: true });
    expect(openProject({ ...plain, sheets: [sheetOf(plain, 'wall')] })).toMatchObject({
      ok: false,
      reason: 'The project shows a sheet that it does not have.',
      where: 'poster',
    });
  });
});
