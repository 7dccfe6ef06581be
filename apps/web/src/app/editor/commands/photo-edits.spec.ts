import {
  applyEdit,
  marksDropped,
  putInsideEdit,
  newProject,
  newShapedOpening,
  type Opening,
  type Photo,
  type Project,
  type Shaper,
} from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { droppedWords } from './dropped-words';
import { fillEdit, groundEdit, laidBy, layEdit, takeOutEdit } from './photo-edits';

// A rectangle needs no faces.
const shaper = {} as Shaper;
const matte = { matteSha256: 'a'.repeat(64), marks: [] };
const photo = (id: string): Photo => ({
  id,
  sha256: 'b'.repeat(64),
  name: id,
  width: 800,
  height: 600,
  cutouts: [{ id: 'cut', name: 'Subject', revisions: [matte] }],
});
const placement = { x: 50, y: 40, scale: 0.2, turn: 0, flipX: false, flipY: false };

function opening(id: string, change: Partial<Opening>): Opening {
  const shaped = newShapedOpening(id, { type: 'rectangle', radii: [0, 0, 0, 0] }, { x: 100, y: 100 }, 100, 80);
  return { ...shaped, id, ...change };
}

const hero = opening('hero', {
  fill: { type: 'photo', photoId: 'one', placement, cutout: { id: 'cut', revision: matte.matteSha256 } },
  overhangs: {
    sides: { top: true, right: false, bottom: false, left: false },
    pieces: [{ at: { x: 1, y: 1 }, out: false }],
    cuts: [],
  },
  slot: { hint: 'You', sample: true },
});
const loose = opening('loose', { kind: 'loose', fill: { type: 'photo', photoId: 'two', placement } });
const crossing = {
  lower: { itemId: 'hero', part: 'subject' },
  upper: { itemId: 'loose', part: 'whole' },
  over: true,
  regions: [{ at: { x: 2, y: 2 }, over: false }],
  cuts: [],
};
const made = newProject('Test', { width: 400, height: 300, unit: 'px' });
const sheet = { ...made.sheets[0]!, items: [hero, loose], crossings: [crossing] };
const project: Project = { ...made, photos: { one: photo('one'), two: photo('two') }, sheets: [sheet] };

const context = { project, sheet, sheets: [], photos: project.photos, shaper };

describe('putting a photo into an opening', () => {
  it('keeps the rules, drops the marks of the old photo, and fills the slot for good', () => {
    const edit = fillEdit(context, hero, photo('two'));
    expect(edit.name).toBe('Replace photo in hero');
    expect(marksDropped(edit)).toBe(2);
    const after = applyEdit(project, edit).sheets[0]!;
    expect(after.items[0]).toMatchObject({
      fill: { photoId: 'two' },
      overhangs: { sides: { top: true }, pieces: [] },
      slot: { sample: false },
    });
    expect(after.crossings).toEqual([{ ...crossing, regions: [] }]);
  });

  it('takes a loose photo of the sheet, whose crossings go with it', () => {
    const after = applyEdit(project, putInsideEdit(context, loose, hero)!).sheets[0]!;
    expect(after.items).toHaveLength(1);
    expect(after.items[0]).toMatchObject({ fill: { photoId: 'two' } });
    expect(after.crossings).toEqual([]);
  });
});

describe('laying a photo', () => {
  const fresh = photo('new');

  it('is on top, on the sheet, and adds the photo to the project', () => {
    const edit = layEdit(context, fresh, { x: 900, y: -50 });
    const after = applyEdit(project, edit);
    expect(after.photos['new']).toEqual(fresh);
    const laid = after.sheets[0]!.items.at(-1)!;
    expect(laid.id).toBe(laidBy(edit));
    if (laid.type !== 'opening') throw new Error('no opening');
    expect([laid.kind, laid.box.x + laid.box.width / 2, laid.box.y + laid.box.height / 2]).toEqual(['loose', 400, 0]);
  });

  it('with a clear ground makes it artwork', () => {
    const edit = layEdit(context, fresh, { x: 10, y: 10 }, { kind: 'artwork', id: 'mine' });
    expect(applyEdit(project, edit).sheets[0]!.items.at(-1)).toMatchObject({ id: 'mine', kind: 'artwork' });
  });

  it('under everything becomes the background', () => {
    const after = applyEdit(project, groundEdit(context, fresh)).sheets[0]!;
    expect(after.items[0]).toMatchObject({ role: 'background', fill: { type: 'photo', photoId: 'new' } });
    expect(after.items.slice(1)).toEqual(sheet.items);
  });
});

describe('taking a photo out', () => {
  it('leaves the opening, which is no sample any more', () => {
    const [after] = applyEdit(project, takeOutEdit(sheet, hero)).sheets[0]!.items;
    expect(after).toMatchObject({ id: 'hero', fill: { type: 'none' }, slot: { hint: 'You', sample: false } });
  });
});

describe('what is said after a replacement', () => {
  it('names marks, a missing cutout and a shared photo; otherwise nothing', () => {
    const bare = { ...photo('two'), cutouts: [] };
    expect(droppedWords(fillEdit(context, hero, bare))).toBe(
      '2 marks that were drawn on the old photo do not fit the new one and are gone. The rules stay. The new photo has no cutout yet, so it shows whole.',
    );
    const shared = opening('shared', { fill: { type: 'photo', photoId: 'one', placement: 'together' } });
    expect(droppedWords(fillEdit(context, shared, photo('two')))).toContain('no longer looks at the photo that it shared');
    expect(droppedWords(fillEdit(context, loose, photo('one')))).toBe('');
  });
});
