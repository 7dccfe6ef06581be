import { applyEdit, newProject, type Opening, type Project, type Shaper, type Sheet } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { shaped } from '../../../testing/opened-editor';
import { showSheetEdit, whyKept } from './sheet-edits';

const made = newProject('Card', { width: 400, height: 300, unit: 'px' });
const frame = shaped('Frame', { slot: { hint: 'Your poster', sample: true } });
const wall: Sheet = { ...made.sheets[0]!, id: 'wall', name: 'Wall', items: [frame] };
const poster: Sheet = { ...made.sheets[0]!, id: 'poster', name: 'Poster' };
const empty: Project = { ...made, sheets: [wall, poster] };
const shaper = {} as Shaper;

describe('showing a sheet', () => {
  const edit = showSheetEdit({ sheet: wall, sheets: empty.sheets, photos: {}, shaper }, frame, poster);
  const shown = applyEdit(empty, edit);

  it('fills the opening and takes the place of a sample, under a name that says so', () => {
    expect(edit.name).toBe('Show Poster in Frame');
    expect(shown.sheets[0]!.items[0]).toMatchObject({
      fill: { type: 'sheet', sheetId: 'poster', fit: 'fill' },
      slot: { sample: false },
    });
  });

  it('keeps the sheet from being removed, and says where it is shown', () => {
    expect(whyKept(empty, poster)).toBeNull();
    expect(whyKept(shown, poster)).toBe('Poster was not removed: it is shown in Frame on Wall. Take it out there first.');
    const second = { ...(shown.sheets[0]!.items[0] as Opening), id: 'second', name: 'Second' };
    const twice = { ...shown, sheets: [{ ...shown.sheets[0]!, items: [...shown.sheets[0]!.items, second] }, poster] };
    expect(whyKept(twice, poster)).toContain('shown in Frame on Wall and Second on Wall.');
    expect(whyKept(shown, shown.sheets[0]!)).toBeNull();
  });
});
