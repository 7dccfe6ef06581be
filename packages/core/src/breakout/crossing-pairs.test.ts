import { beforeAll, describe, expect, it } from 'vitest';
import { applyEdit, invertEdit } from '../document/edit.js';
import type { Crossing } from '../document/crossing.js';
import type { PhotoFill } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { newLettering, newShapedOpening } from '../document/new-opening.js';
import { newProject } from '../document/new-project.js';
import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import type { Project, Sheet } from '../document/project.js';
import type { Shaper } from '../lettering/shaper.js';
import { testShaper } from '../../testing/test-shaper.js';
import { apply } from '../geometry/matrix.js';
import { changeCrossing, crossingPairs, crossingsOver, withCrossing } from './crossing-pairs.js';
import { newestCutout } from '../document/find-item.js';
import { changeCutout, marksToSheet } from './marks-to-sheet.js';

let shaper: Shaper;
let word: Opening;
let letters: readonly string[];
beforeAll(async () => {
  shaper = await testShaper();
  word = {
    ...newLettering({ text: 'OX', face: 'archivo', axes: {}, size: 300 }, { x: 500, y: 300 }, { type: 'none' }, shaper),
    id: 'word',
  };
  letters = (word.outline as LetteringOutline).runs[0]!.letterIds;
});

const cutouts = [{ id: 'cut', name: 'Subject', revisions: [{ matteSha256: 'a'.repeat(64), marks: [] }] }];
const photo = { id: 'photo', sha256: 'b'.repeat(64), name: 'photo', width: 200, height: 100, cutouts };
const fill: PhotoFill = {
  type: 'photo',
  photoId: 'photo',
  placement: { x: 150, y: 150, scale: 2, turn: 30, flipX: false, flipY: false },
};
const arch: Opening = { ...newShapedOpening('Arch', { type: 'arch' }, { x: 300, y: 400 }, 300, 300), id: 'arch', fill };
const ring: Opening = { ...newShapedOpening('Ring', { type: 'ellipse' }, { x: 800, y: 800 }, 100, 100), id: 'ring' };
const cutArch: Opening = { ...arch, fill: { ...fill, cutout: { id: 'cut', revision: 'a'.repeat(64) } } };

function sheetOf(items: Opening[], crossings: readonly Crossing[] = []): Sheet {
  return { ...newProject('Test', { width: 1000, height: 1000, unit: 'px' }).sheets[0]!, items, crossings };
}
const ends = (pairs: readonly Crossing[]): string[] =>
  pairs.map(({ lower, upper }) => `${lower.itemId}#${lower.part} ${upper.itemId}#${upper.part}`);

describe('the pairs that can cross', () => {
  it('are made of the subject, of letters, or of whole items', () => {
    expect(ends(crossingPairs(sheetOf([cutArch, word, ring]), 'arch'))).toEqual([
      `arch#subject word#${letters[0]}`,
      `arch#subject word#${letters[1]}`,
      'arch#subject ring#whole',
    ]);
    // Without a cutout, and above, it is all of the item; small letters cross as a word.
    expect(ends(crossingPairs(sheetOf([arch, ring]), 'ring'))).toEqual(['arch#whole ring#whole']);
    expect(ends(crossingPairs(sheetOf([ring, cutArch]), 'arch'))).toEqual(['ring#whole arch#whole']);
    const { outline } = word as { outline: LetteringOutline };
    const small: Opening = { ...word, outline: { ...outline, runs: [{ ...outline.runs[0]!, size: 20 }] } };
    expect(ends(crossingPairs(sheetOf([ring, small]), 'word'))).toEqual(['ring#whole word#whole']);
    expect(crossingPairs(sheetOf([cutArch, { ...ring, hidden: true }]), 'arch')).toEqual([]);
  });

  it('are those of the sheet where something was said already, whichever was the lower one then', () => {
    const said: Crossing = {
      lower: { itemId: 'ring', part: 'whole' },
      upper: { itemId: 'arch', part: 'subject' },
      over: true,
      regions: [],
      cuts: [],
    };
    const pairs = crossingPairs(sheetOf([cutArch, word, ring], [said]), 'arch');
    expect(pairs).toContain(said);
    expect(pairs).toHaveLength(3);
  });

  it('are kept while they say something', () => {
    const sheet = sheetOf([cutArch, word, ring]);
    const [pair] = crossingPairs(sheet, 'arch');
    const project: Project = { ...newProject('Test', { width: 10, height: 10, unit: 'px' }), sheets: [sheet] };
    const over = applyEdit(project, changeCrossing(sheet, pair!, { ...pair!, over: true }, 'Over'));
    const [now] = over.sheets;
    expect(now!.crossings).toEqual([{ ...pair!, over: true }]);
    const back = applyEdit(over, changeCrossing(now!, now!.crossings[0]!, { ...now!.crossings[0]!, over: false }, 'Under'));
    expect(back.sheets[0]!.crossings).toEqual([]);
    expect(withCrossing([], null, pair!)).toEqual([]);
  });

  it('that let a subject over everything are those within its reach', () => {
    const sheet = sheetOf([cutArch, word, ring]);
    const { x, y } = word.box;
    const left = { x, y, width: word.box.width / 4, height: word.box.height };
    expect(ends(crossingsOver(sheet, 'arch', left, shaper))).toEqual([`arch#subject word#${letters[0]}`]);
    expect(crossingsOver(sheet, 'arch', { x: 0, y: 0, width: 1000, height: 1000 }, shaper).every(({ over }) => over)).toBe(true);
    expect(crossingsOver(sheet, 'ring', { x: 0, y: 0, width: 1000, height: 1000 }, shaper)).toEqual([]);
  });
});

describe('marks of a crossing', () => {
  it('keep their places on the sheet when the photo gets its cutout', () => {
    const crossing: Crossing = {
      lower: { itemId: 'arch', part: 'whole' },
      upper: { itemId: 'ring', part: 'whole' },
      over: false,
      regions: [{ at: { x: 100, y: 50 }, over: true }],
      cuts: [
        [
          { x: 0, y: 0 },
          { x: 30, y: 10 },
        ],
      ],
      paint: [{ points: [{ x: 5, y: 5 }], width: 8, over: true }],
    };
    const sheet = sheetOf([arch, ring], [crossing]);
    const photos = { photo };
    const project: Project = { ...newProject('Test', { width: 10, height: 10, unit: 'px' }), photos, sheets: [sheet] };
    const cutout = newestCutout(photo);
    expect(cutout).toEqual({ id: 'cut', revision: 'a'.repeat(64) });
    const edit = {
      name: 'Cut',
      operations: changeCutout(sheet, arch, { fill: { ...fill, ...(cutout ? { cutout } : {}) } }, photos),
    };
    const after = applyEdit(project, edit).sheets[0]!;
    const place = (now: Sheet) => {
      const [first] = now.crossings;
      return apply(marksToSheet(first!, now, photos), first!.regions[0]!.at);
    };
    expect(after.crossings[0]!.regions[0]!.at).not.toEqual({ x: 100, y: 50 });
    expect(place(after).x).toBeCloseTo(place(sheet).x, 6);
    expect(place(after).y).toBeCloseTo(place(sheet).y, 6);
    expect(after.crossings[0]!.paint![0]!.width).toBeCloseTo(4, 9);
    expect(applyEdit(applyEdit(project, edit), invertEdit(edit))).toEqual(project);
    // Nothing was marked: nothing but the photo changes.
    expect(changeCutout(sheetOf([arch, ring]), arch, { fill }, photos)).toHaveLength(1);
  });
});
