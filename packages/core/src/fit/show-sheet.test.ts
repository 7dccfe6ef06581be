import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testOpening, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { applyEdit } from '../document/edit.js';
import { findOpening } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import { changeItem, changeSheet } from '../document/make-edit.js';
import type { Project, Sheet } from '../document/project.js';
import { pictureSize } from '../document/shown-sheets.js';
import { trimSheet } from '../document/trim-sheet.js';
import { covers } from './cover.js';
import { moveByGrip, placedPicture, scalePhoto, type GripContext } from './grip.js';
import { openingHull } from './opening-fit.js';
import { resizeSheet } from './resize-sheet.js';
import { followShown, fillWithSheet } from './show-sheet.js';

const shaper = await testShaper();
const round = testOpening('round', { outline: { type: 'ellipse' } });
const made = testProject([round]);
const [wall] = made.sheets as [Sheet];
const poster: Sheet = { ...wall, id: 'poster', name: 'Poster', width: 297.3, height: 420.6, items: [] };
const empty: Project = { ...made, sheets: [wall, poster] };

function shown(change: Partial<Opening> = {}): Project {
  const opening = { ...round, ...change };
  return applyEdit(empty, changeItem(wall, round, { ...change, fill: fillWithSheet(opening, poster, shaper) }, 'Show'));
}

const contextOf = (project: Project): GripContext => ({ ...project, sheet: project.sheets[0]!, shaper });
const roundOf = (project: Project): Opening => findOpening(project.sheets[0]!, 'round')!;
const isCovered = (project: Project): boolean => {
  const placed = placedPicture(roundOf(project), contextOf(project))!;
  return covers(placed.placement, openingHull(roundOf(project), shaper), placed.picture, 1e-6);
};
const fillOf = (project: Project) => {
  const { fill } = roundOf(project);
  if (fill.type !== 'sheet') throw new Error('No sheet is shown');
  return fill;
};

describe('showing a sheet in an opening', () => {
  it('covers it, and the rule of what was there is kept', () => {
    expect(isCovered(shown())).toBe(true);
    const photo = { type: 'photo', photoId: 'photo_a', placement: fillOf(shown()).placement, fit: 'whole' } as const;
    const whole = fillWithSheet({ ...round, fill: photo }, poster, shaper);
    expect([whole.fit, whole.keepCovered]).toEqual(['whole', false]);
    expect(pictureSize(poster)).toEqual({ width: 297, height: 421 });
  });

  it('stays covered however it is moved and scaled in it', () => {
    const start = shown();
    const between = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true });
    fc.assert(
      fc.property(between(-300, 300), between(-300, 300), between(0.2, 4), (x, y, factor) => {
        const grip = contextOf(start);
        const moved = moveByGrip(roundOf(start), 'photo', { x, y }, grip);
        const after = applyEdit(start, changeItem(grip.sheet, roundOf(start), moved, 'Move'));
        const scaled = scalePhoto(roundOf(after), factor, { x: 20, y: 30 }, contextOf(after));
        const last = applyEdit(after, changeItem(after.sheets[0]!, roundOf(after), scaled, 'Scale'));
        expect(isCovered(after)).toBe(true);
        expect(isCovered(last)).toBe(true);
        expect(fillOf(last).fit).toBe('own');
      }),
    );
  });

  it('is fitted again when the sheet that is shown gets another size, by whatever', () => {
    const start = shown();
    const sizes = [
      resizeSheet({ project: start, sheet: poster, photos: {}, shaper }, { width: 200, height: 300 }),
      trimSheet(poster, { left: 30, top: 120, right: 0, bottom: 10 }),
      changeSheet(poster, { width: 100 }, 'Narrower'),
    ];
    for (const edit of sizes) {
      expect(isCovered(applyEdit(start, edit))).toBe(false);
      expect(isCovered(applyEdit(start, followShown(start, edit, shaper)))).toBe(true);
    }
  });

  it('keeps what was placed by hand as wide as it was, where that leaves no gap', () => {
    const start = shown();
    const own = { ...fillOf(start), fit: 'own' as const, placement: { ...fillOf(start).placement, scale: 1 } };
    const placed = applyEdit(start, changeItem(start.sheets[0]!, roundOf(start), { fill: own }, 'Place'));
    const edit = changeSheet(poster, { width: 594, height: 842 }, 'Twice');
    const after = applyEdit(placed, followShown(placed, edit, shaper));
    expect(fillOf(after).placement).toEqual({ ...own.placement, scale: 0.5 });
  });

  it('is left alone by all other edits', () => {
    const start = shown();
    const edit = changeSheet(poster, { name: 'Other' }, 'Name');
    expect(followShown(start, edit, shaper)).toBe(edit);
    const other = changeSheet(start.sheets[0]!, { width: 900 }, 'Wall');
    expect(followShown(start, other, shaper)).toBe(other);
  });
});
