import {
  applyEdit,
  marksDropped,
  newProject,
  newShapedOpening,
  type Opening,
  type Photo,
  type Project,
  type Shaper,
} from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { fillEdit, putInsideEdit } from './photo-edits';

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
  fill: { type: 'photo', photoId: 'one', placement, cutout: { id: 'cut', revision: 0 } },
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

describe('putting a photo into an opening', () => {
  it('keeps the rules, drops the marks of the old photo, and fills the slot for good', () => {
    const edit = fillEdit(project, sheet, hero, photo('two'), shaper);
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
    const after = applyEdit(project, putInsideEdit(project, sheet, loose, hero, shaper)!).sheets[0]!;
    expect(after.items).toHaveLength(1);
    expect(after.items[0]).toMatchObject({ fill: { photoId: 'two' } });
    expect(after.crossings).toEqual([]);
  });
});
