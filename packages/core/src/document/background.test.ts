import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cook, editRecipes } from '../../testing/arbitrary-edits.js';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { backgroundEdit } from '../fit/photo-moves.js';
import { resizeSheet } from '../fit/resize-sheet.js';
import { testShaper } from '../../testing/test-shaper.js';
import { crossingPairs } from '../breakout/crossing-pairs.js';
import { backgroundBox, backgroundOf, isBackground, newBackground } from './background.js';
import { copiesOf } from './copies.js';
import { applyEdit, EditError, invertEdit } from './edit.js';
import type { PhotoFill } from './fill.js';
import { isOutOfReach } from './find-item.js';
import { groupItems } from './group-edits.js';
import { insertItem, placeBefore, placeOf, removeItem, reorderItem } from './make-edit.js';
import { openProject } from './open-project.js';
import type { Project, Sheet } from './project.js';
import { rebaseEdits } from './rebase.js';
import { copySheet } from './sheet-edits.js';
import { trimSheet } from './trim-sheet.js';
import { AT_THE_BACK } from '../kinds/operations/item-tree.js';

const photo = testPhoto();
const begun = testProject([testOpening('a'), testOpening('b')], [photo, testPhoto('photo_b')]);
const project = applyEdit(begun, backgroundEdit(begun.sheets[0]!, photo));
const [sheet] = project.sheets as [Sheet];
const background = backgroundOf(sheet)!;
const idsOn = ({ sheets }: Project): string[] => sheets[0]!.items.map(({ id }) => id);

describe('the photo behind a sheet', () => {
  it('lies behind all, locked, one px beyond the sheet and its bleed', () => {
    expect(idsOn(project)).toEqual([background.id, 'a', 'b']);
    expect(background).toMatchObject({ locked: true, role: 'background', box: { x: -1, y: -1, width: 1002, height: 802 } });
    expect(backgroundBox({ width: 100, height: 50, bleed: 3 })).toEqual({ x: -4, y: -4, width: 108, height: 58, turn: 0 });
    expect(isOutOfReach(background)).toBe(true);
    expect(crossingPairs(sheet, background.id)).toEqual([]);
    expect(crossingPairs(sheet, 'a').map(({ upper }) => upper.itemId)).toEqual(['b']);
  });

  it('stays there whatever is put behind everything', () => {
    const behind = insertItem(sheet, testOpening('c'), 'Add', AT_THE_BACK);
    const after = applyEdit(project, behind);
    expect(idsOn(after)).toEqual([background.id, 'c', 'a', 'b']);
    expect(applyEdit(after, invertEdit(behind))).toEqual(project);
    expect(placeOf(sheet, 'a')).toEqual(AT_THE_BACK);
    expect(placeBefore(sheet, background.id)).toEqual(AT_THE_BACK);
    expect(idsOn(applyEdit(project, reorderItem(sheet, 'b', 0, 'To the back')!))).toEqual([background.id, 'b', 'a']);
    const without = applyEdit(project, removeItem(sheet, background.id, 'Remove'));
    expect(idsOn(without)).toEqual(['a', 'b']);
    expect(idsOn(applyEdit(without, invertEdit(removeItem(sheet, background.id, 'Remove'))))).toEqual(idsOn(project));
  });

  it('is there once, on the sheet itself', () => {
    const other = newBackground(sheet, background.fill as PhotoFill);
    expect(() => applyEdit(project, insertItem(sheet, other, 'Add', AT_THE_BACK))).toThrow(EditError);
    expect(() => applyEdit(begun, insertItem(begun.sheets[0]!, other, 'Add'))).toThrow(EditError);
    const refused = (items: Sheet['items']) => openProject({ ...project, sheets: [{ ...sheet, items }] });
    expect(refused([testOpening('a'), background])).toMatchObject({ ok: false });
    expect(refused([background, { ...background, id: 'two' }])).toMatchObject({ ok: false });
    expect(refused([testGroup('g', [background])])).toMatchObject({ ok: false });
    expect(refused([background])).toMatchObject({ ok: true });
  });

  it('goes into no group, and its copy is a picture like any other; that of a whole sheet has it too', () => {
    const { edit } = groupItems(sheet, [background.id, 'a'], 'Group')!;
    expect(backgroundOf(applyEdit(project, edit).sheets[0]!)).toEqual(background);
    const [copy] = copiesOf([background], []).items;
    const crossed = { lower: { itemId: background.id, part: 'whole' }, upper: { itemId: 'a', part: 'whole' } } as const;
    const crossing = { ...crossed, over: true, regions: [], cuts: [] };
    // Nothing crosses a background; a crossing that names one must not begin to count with its copy.
    expect(copiesOf([background, testOpening('a')], [crossing]).crossings).toEqual([]);
    expect(copiesOf([background, testOpening('a')], [crossing], 0, 'sheet').crossings).toHaveLength(1);
    expect(copy).toMatchObject({ fill: background.fill });
    expect(copy).not.toHaveProperty('role');
    expect(copy).not.toHaveProperty('locked');
    const copied = applyEdit(project, copySheet(project, sheet).edit);
    expect(copied.sheets.map((each) => backgroundOf(each)?.fill)).toEqual([background.fill, background.fill]);
  });

  it('covers a sheet of another size, and stays where it is when the sheet is trimmed', async () => {
    const size = { width: 300, height: 900 };
    const resized = applyEdit(project, resizeSheet({ project, sheet, photos: project.photos, shaper: await testShaper() }, size));
    expect(backgroundOf(resized.sheets[0]!)!.box).toEqual(backgroundBox(resized.sheets[0]!));
    const trimmed = applyEdit(project, trimSheet(sheet, { left: 100, top: 40, right: 0, bottom: 10 })).sheets[0]!;
    const after = backgroundOf(trimmed)!;
    expect(after.box).toEqual(backgroundBox(trimmed));
    const [was, is] = [background.fill, after.fill].map((fill) => (fill as PhotoFill).placement as { x: number; y: number });
    expect([is!.x - was!.x, is!.y - was!.y]).toEqual([-100, -40]);
  });

  it('lies at the back of every sheet after any edits', () => {
    fc.assert(
      fc.property(editRecipes, (recipes) => {
        const after = cook(recipes, project, applyEdit);
        for (const { items } of after.sheets) expect(items.slice(1).some(isBackground)).toBe(false);
      }),
      { numRuns: 200 },
    );
  });

  it('is a matter for the two who both gave the sheet one; what others lay behind all goes with it', () => {
    const mine = backgroundEdit(begun.sheets[0]!, photo);
    const theirs = backgroundEdit(begun.sheets[0]!, testPhoto('photo_b'));
    expect(() => rebaseEdits([mine], [theirs])).toThrow();
    const behind = insertItem(begun.sheets[0]!, testOpening('c'), 'Add', AT_THE_BACK);
    const joined = rebaseEdits([mine], [behind]);
    const [one, other] = [
      joined.mine.reduce(applyEdit, applyEdit(begun, behind)),
      joined.theirs.reduce(applyEdit, applyEdit(begun, mine)),
    ];
    expect(idsOn(one)).toEqual([mine.operations.flatMap((o) => (o.type === 'insert-item' ? [o.item.id] : []))[0], 'c', 'a', 'b']);
    expect(other).toEqual(one);
  });
});
