import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import type { Crossing } from '../document/crossing.js';
import type { Opening } from '../document/item.js';
import type { Photo } from '../document/project.js';
import { marksDropped, replacePhoto } from './replace-photo.js';

const shaper = await testShaper();
const matte = { matteSha256: 'a'.repeat(64), marks: [] };
const cutOut = (photo: Photo): Photo => ({ ...photo, cutouts: [{ id: 'cut', name: 'Subject', revisions: [matte, matte] }] });
const [first, second, bare] = [cutOut(testPhoto('one')), cutOut(testPhoto('two', 900, 900)), testPhoto('bare')];
const placement = { x: 60, y: 40, scale: 1, turn: 0, flipX: false, flipY: false };

const opening = testOpening('hero', {
  fill: { type: 'photo', photoId: 'one', placement, cutout: { id: 'cut', revision: matte.matteSha256 } },
  overhangs: {
    sides: { top: true, right: false, bottom: false, left: true },
    pieces: [{ at: { x: 3, y: 4 }, out: false }],
    cuts: [
      [
        { x: 1, y: 1 },
        { x: 9, y: 9 },
      ],
    ],
    shadow: { distance: 4, blur: 6, strength: 0.5 },
  },
});
const crossing = (lower: string, upper: string): Crossing => ({
  lower: { itemId: lower, part: 'subject' },
  upper: { itemId: upper, part: 'whole' },
  over: true,
  regions: [{ at: { x: 5, y: 6 }, over: false }],
  cuts: [],
});
const project = testProject([opening, testOpening('word')], [first]);
const sheet = { ...project.sheets[0]!, crossings: [crossing('hero', 'word'), crossing('word', 'hero')] };
const start = { ...project, sheets: [sheet] };

function replaced(photo: Photo) {
  const edit = {
    name: 'Replace',
    operations: [{ type: 'add-photo', photo } as const, ...replacePhoto(sheet, opening, photo, shaper)],
  };
  const after = applyEdit(start, edit);
  return { edit, after, hero: after.sheets[0]!.items[0] as Opening, crossings: after.sheets[0]!.crossings };
}

describe('replacing a photo', () => {
  it('keeps the rules: sides, shadow, and which of a pair passes over', () => {
    const { hero, crossings } = replaced(second);
    expect(hero.overhangs).toEqual({ ...opening.overhangs, pieces: [], cuts: [] });
    expect(crossings[0]).toEqual({ ...crossing('hero', 'word'), regions: [] });
    expect(hero.fill).toMatchObject({ photoId: 'two', cutout: { id: 'cut', revision: matte.matteSha256 } });
  });

  it('drops the marks that were drawn on the old photo, no others, and counts them', () => {
    const { edit, crossings } = replaced(second);
    expect(crossings[1]).toEqual(crossing('word', 'hero'));
    expect(marksDropped(edit)).toBe(3);
    expect(replaced(bare).hero.fill).not.toHaveProperty('cutout');
  });

  it('is taken back whole by its inverse', () => {
    const { edit, after } = replaced(second);
    expect(applyEdit(after, invertEdit(edit))).toEqual(start);
    expect(marksDropped(invertEdit(edit))).toBe(0);
  });

  it('drops nothing when the same photo is put in again, or where there is nothing to drop', () => {
    const again = replacePhoto(sheet, opening, { ...first }, shaper);
    expect(marksDropped({ name: '', operations: again })).toBe(0);
    expect(replacePhoto(sheet, testOpening('word'), second, shaper)).toHaveLength(1);
  });
});
