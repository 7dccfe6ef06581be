import { referencesOf } from './references.js';
import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { newBackground } from './background.js';
import { applyEdit, type Edit, EditError, invertEdit, type Operation } from './edit.js';
import { findItem } from './find-item.js';
import type { Opening } from './item.js';
import { copyOf } from './copies.js';
import { insertItem, placeOf, removeItem, reorderItem, withPhoto } from './make-edit.js';

const project = testProject([testOpening('a'), testGroup('g', [testOpening('b'), testOpening('c')]), testOpening('d')]);
const sheet = project.sheets[0]!;
const run = (...operations: Operation[]) => applyEdit(project, { name: 'test', operations });

describe('applying edits', () => {
  it('refuses what does not fit the document', () => {
    const place = { groupId: null, above: null };
    const wrong: Operation[] = [
      { type: 'insert-item', sheetId: 'sheet_1', place, item: testOpening('b') },
      { type: 'insert-item', sheetId: 'sheet_1', place: { groupId: 'a', above: null }, item: testOpening('new') },
      { type: 'insert-item', sheetId: 'sheet_1', place: { groupId: null, above: 'nobody' }, item: testOpening('new') },
      { type: 'remove-item', sheetId: 'sheet_1', place, item: testOpening('d') },
      { type: 'change-item', sheetId: 'sheet_1', itemId: 'nobody', before: {}, after: { name: 'x' } },
      { type: 'change-sheet', sheetId: 'nobody', before: {}, after: {} },
      { type: 'remove-sheet', behind: 'nobody', sheet },
      { type: 'insert-sheet', behind: null, sheet },
      { type: 'add-photo', photo: testPhoto() },
      { type: 'remove-photo', photo: testPhoto('nobody') },
      { type: 'fold-sheet' } as unknown as Operation,
    ];
    for (const operation of wrong) expect(() => run(operation), JSON.stringify(operation)).toThrow(EditError);
  });

  it('reaches items inside groups and shares what it does not touch', () => {
    const after = run({ type: 'change-item', sheetId: 'sheet_1', itemId: 'c', before: {}, after: { name: 'C' } });
    expect(findItem(after.sheets[0]!.items, 'c')).toMatchObject({ name: 'C' });
    expect(after.sheets[0]!.items[0]).toBe(sheet.items[0]);
    expect(findItem(after.sheets[0]!.items, 'b')).toBe(findItem(sheet.items, 'b'));
  });

  it('takes a property away by null', () => {
    const locked = run({
      type: 'change-item',
      sheetId: 'sheet_1',
      itemId: 'a',
      before: { locked: null },
      after: { locked: true },
    });
    const free = applyEdit(locked, {
      name: '',
      operations: [{ type: 'change-item', sheetId: 'sheet_1', itemId: 'a', before: { locked: true }, after: { locked: null } }],
    });
    expect('locked' in findItem(free.sheets[0]!.items, 'a')!).toBe(false);
  });
});

describe('making edits', () => {
  it('places items at the front, and finds where one lies', () => {
    const after = applyEdit(project, insertItem(sheet, testOpening('new'), 'Add'));
    expect(after.sheets[0]!.items.at(-1)!.id).toBe('new');
    expect(placeOf(sheet, 'c')).toEqual({ groupId: 'g', above: 'b' });
    expect(() => placeOf(sheet, 'nobody')).toThrow(RangeError);
    expect(() => removeItem(sheet, 'nobody', '')).toThrow(RangeError);
  });

  it('takes the crossings of an item away with it, those of what it holds too, and brings them back by undo', () => {
    const pair = (lower: string, upper: string) => ({
      lower: { itemId: lower, part: 'whole' },
      upper: { itemId: upper, part: 'whole' },
      over: true,
      regions: [],
      cuts: [],
    });
    const crossed = { ...sheet, crossings: [pair('a', 'd'), pair('b', 'c'), pair('a', 'g')] };
    const before = { ...project, sheets: [crossed] };
    const edit = removeItem(crossed, 'g', 'Remove');
    const after = applyEdit(before, edit);
    expect(after.sheets[0]!.crossings).toEqual([pair('a', 'd')]);
    expect(applyEdit(after, invertEdit(edit))).toEqual(before);
    expect(removeItem({ ...crossed, crossings: [] }, 'g', '').operations).toHaveLength(1);
  });

  it('reorders within the list of the item and says when nothing would change', () => {
    const after = applyEdit(project, reorderItem(sheet, 'b', 5, 'Forward')!);
    expect(findItem(after.sheets[0]!.items, 'g')).toMatchObject({ items: [{ id: 'c' }, { id: 'b' }] });
    expect(reorderItem(sheet, 'd', 2, 'Forward')).toBeNull();
  });

  it('copies with new ids at every depth', () => {
    const copy = copyOf(sheet.items[1]!, 10);
    const ids = JSON.stringify(copy).match(/"id":"[^"]+"/g)!;
    expect(new Set(ids).size).toBe(3);
    expect(ids.some((id) => ['"id":"g"', '"id":"b"', '"id":"c"'].includes(id))).toBe(false);
  });

  it('lists a photo once', () => {
    const edit = insertItem(sheet, testOpening('new'), 'Add');
    expect(withPhoto(project, testPhoto(), edit)).toBe(edit);
    expect(withPhoto(project, testPhoto('photo_b'), edit).operations).toHaveLength(2);
  });

  it('finds the photos that are shown, backgrounds included', () => {
    const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
    const fill = (photoId: string) => ({ type: 'photo', photoId, placement }) as const;
    const shown = testProject([testGroup('g', [testOpening('a', { fill: fill('one') })])]);
    const withGround = {
      ...shown,
      sheets: [
        {
          ...shown.sheets[0]!,
          items: [newBackground(shown.sheets[0]!, fill('two')), ...shown.sheets[0]!.items],
        },
      ],
    };
    expect([...referencesOf(withGround).photos].sort()).toEqual(['one', 'two']);
  });

  it('finds the mattes that are shown, each once, and none that a photo does not have', () => {
    const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
    const revisions = ['a', 'b'].map((letter) => ({ matteSha256: letter.repeat(64), marks: [] }));
    const photos = { one: { ...testPhoto('one'), cutouts: [{ id: 'cut', name: 'Subject', revisions }] }, two: testPhoto('two') };
    const shows = (id: string, photoId: string, revision?: string): Opening =>
      testOpening(id, {
        fill: {
          type: 'photo',
          photoId,
          placement,
          ...(revision === undefined ? {} : { cutout: { id: 'cut', revision: revision.repeat(64) } }),
        },
      });
    const items = [
      shows('a', 'one', 'b'),
      shows('b', 'one', 'b'),
      shows('c', 'one'),
      shows('d', 'one', 'f'),
      shows('e', 'two', 'a'),
    ];
    expect(referencesOf({ ...testProject(items), photos }).mattes).toEqual([{ photoId: 'one', matteSha256: 'b'.repeat(64) }]);
  });

  it('changes what is known of a photo, and takes that back; a photo that is not there is an error', () => {
    const focus = { x: 1, y: 2, width: 3, height: 4 };
    const added = applyEdit(project, { name: '', operations: [{ type: 'add-photo', photo: testPhoto('new') }] });
    const edit: Edit = {
      name: '',
      operations: [{ type: 'change-photo', photoId: 'new', before: { focus: null }, after: { focus } }],
    };
    const changed = applyEdit(added, edit);
    expect(changed.photos['new']).toEqual({ ...testPhoto('new'), focus });
    expect(applyEdit(changed, invertEdit(edit))).toEqual(added);
    expect(() => applyEdit(project, edit)).toThrow(EditError);
  });
});
