import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { backgroundOf, newBackground } from './background.js';
import { applyEdit, EditError, invertEdit } from './edit.js';
import { findItem } from './find-item.js';
import { referencesOf } from './references.js';
import { openProject } from './open-project.js';
import type { Project } from './project.js';
import { withdrawFiles, withdrawMatte, withdrawPhoto } from './withdraw-photo.js';

const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
const fill = { type: 'photo', photoId: 'photo_a', placement } as const;

/** The photo is in an opening, in one within a group, on another sheet, and the ground of that. */
function shownEverywhere(): Project {
  const project = testProject(
    [testOpening('a', { fill }), testGroup('g', [testOpening('b', { fill })])],
    [testPhoto('photo_a'), testPhoto('photo_b')],
  );
  const first = project.sheets[0]!;
  const background = newBackground(first, { ...fill, blur: 0 });
  const second = { ...first, id: 'sheet_2', items: [background, testOpening('c', { fill }), testOpening('d')] };
  return { ...project, sheets: [first, second] };
}

describe('a photo that could not be stored', () => {
  it('is taken out of all sheets, groups and grounds, and leaves a project that opens; undone, all is as it was', () => {
    const project = shownEverywhere();
    const edit = withdrawPhoto(project, 'photo_a')!;
    const without = applyEdit(project, edit);
    expect([...referencesOf(without).photos]).toEqual([]);
    expect(Object.keys(without.photos)).toEqual(['photo_b']);
    expect(backgroundOf(without.sheets[1]!)).toBeUndefined();
    expect(openProject(without)).toMatchObject({ ok: true });
    expect(applyEdit(without, invertEdit(edit))).toEqual(project);
    expect(withdrawPhoto(without, 'photo_a')).toBeNull();
  });

  it('and a cutout that could not be: what used it shows the whole photo', () => {
    const [one, two] = ['a', 'b'].map((letter) => ({ matteSha256: letter.repeat(64), marks: [] }));
    const cutouts = [{ id: 'cut', name: 'Subject', revisions: [one!, two!] }];
    const shows = (id: string, letter: string) =>
      testOpening(id, { fill: { ...fill, cutout: { id: 'cut', revision: letter.repeat(64) }, show: 'subject' } });
    const project = testProject([shows('a', 'a'), testGroup('g', [shows('b', 'b')])], [{ ...testPhoto('photo_a'), cutouts }]);
    const edit = withdrawMatte(project, { photoId: 'photo_a', matteSha256: two!.matteSha256 })!;
    const without = applyEdit(project, edit);
    expect(referencesOf(without).mattes).toEqual([{ photoId: 'photo_a', matteSha256: one!.matteSha256 }]);
    expect(findItem(without.sheets[0]!.items, 'b')).toMatchObject({ fill });
    expect(findItem(without.sheets[0]!.items, 'b')).not.toHaveProperty('fill.cutout');
    expect(without.photos['photo_a']!.cutouts).toEqual([{ ...cutouts[0], revisions: [one] }]);
    expect(openProject(without)).toMatchObject({ ok: true });
    expect(applyEdit(without, invertEdit(edit))).toEqual(project);
    expect(withdrawMatte(without, { photoId: 'photo_a', matteSha256: two!.matteSha256 })).toBeNull();
    const lost = [one!, two!].map(({ matteSha256 }) => ({ photoId: 'photo_a', matteSha256 }));
    const both = withdrawFiles(project, { photoIds: [], mattes: lost })!;
    expect(referencesOf(applyEdit(project, both)).mattes).toEqual([]);
    const all = withdrawFiles(project, { photoIds: ['photo_a', 'nobody'], mattes: lost })!;
    expect([...referencesOf(applyEdit(project, all)).photos]).toEqual([]);
    expect(applyEdit(applyEdit(project, all), invertEdit(all))).toEqual(project);
    expect(withdrawFiles(project, { photoIds: ['nobody'], mattes: [] })).toBeNull();
  });

  it('of what stands in front of an area leaves the area, and nothing in front of it', () => {
    const form = { type: 'round', centre: { x: 20, y: 15 }, rx: 5, ry: 4, turn: 0 } as const;
    const front = { matteSha256: 'a'.repeat(64), plateSha256: 'b'.repeat(64) };
    const areas = [
      { id: 'pane', name: 'Pane', form, front },
      { id: 'card', name: 'Card', form },
    ];
    const project = testProject([testOpening('a', { fill: { ...fill } })], [{ ...testPhoto('photo_a'), areas }]);
    for (const matteSha256 of [front.matteSha256, front.plateSha256]) {
      const edit = withdrawMatte(project, { photoId: 'photo_a', matteSha256 })!;
      const without = applyEdit(project, edit);
      expect(without.photos['photo_a']!.areas).toEqual([{ id: 'pane', name: 'Pane', form }, areas[1]]);
      expect(openProject(without)).toMatchObject({ ok: true });
      expect(applyEdit(without, invertEdit(edit))).toEqual(project);
    }
    expect(withdrawMatte(project, { photoId: 'photo_a', matteSha256: 'c'.repeat(64) })).toBeNull();
  });

  it('can not be removed from the project while anything shows it', () => {
    const project = shownEverywhere();
    const remove = { name: 'Remove', operations: [{ type: 'remove-photo', photo: project.photos['photo_a']! }] } as const;
    expect(() => applyEdit(project, remove)).toThrow(EditError);
    const unused = { name: 'Remove', operations: [{ type: 'remove-photo', photo: project.photos['photo_b']! }] } as const;
    expect(Object.keys(applyEdit(project, unused).photos)).toEqual(['photo_a']);
  });
});
