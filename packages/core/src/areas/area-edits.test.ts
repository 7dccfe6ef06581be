import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import { openProject } from '../document/open-project.js';
import type { PhotoArea, Project } from '../document/project.js';
import { keepArea, removeArea, renameArea, takeArea } from './area-edits.js';

const photo = testPhoto();
const host = testOpening('host', {
  fill: { type: 'photo', photoId: photo.id, placement: { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false } },
});
const pane: PhotoArea = { id: 'area_1', name: 'Pane', form: { type: 'round', centre: { x: 5, y: 5 }, rx: 3, ry: 2, turn: 0 } };
const project = testProject([host, testOpening('other')]);
const areasOf = (one: Project): readonly PhotoArea[] | undefined => one.photos[photo.id]!.areas;
const taken = takeArea({ project, sheet: project.sheets[0]!, host, photo }, pane, testOpening('inside'));

describe('areas of a photo', () => {
  it('are taken with an opening directly above the photo, and undone with it', () => {
    const after = applyEdit(project, taken);
    expect(areasOf(after)).toEqual([pane]);
    expect(after.sheets[0]!.items.map(({ id }) => id)).toEqual(['host', 'inside', 'other']);
    expect(openProject(JSON.parse(JSON.stringify(after)))).toMatchObject({
      ok: true,
      project: { photos: { [photo.id]: { areas: [pane] } } },
    });
    expect(applyEdit(after, invertEdit(taken))).toEqual(project);
  });

  it('are listed once, however many openings lie in them', () => {
    const after = applyEdit(project, taken);
    const again = takeArea(
      { project: after, sheet: after.sheets[0]!, host, photo: after.photos[photo.id]! },
      pane,
      testOpening('second'),
    );
    expect(areasOf(applyEdit(after, again))).toEqual([pane]);
  });

  it('are renamed and removed; openings in them stay', () => {
    const after = applyEdit(project, taken);
    const renamed = applyEdit(after, renameArea(after.photos[photo.id]!, pane, 'Window'));
    expect(areasOf(renamed)).toEqual([{ ...pane, name: 'Window' }]);
    const gone = applyEdit(renamed, removeArea(renamed.photos[photo.id]!, pane.id));
    expect(areasOf(gone)).toBeUndefined();
    expect(gone.sheets[0]!.items).toHaveLength(3);
    expect(removeArea(renamed.photos[photo.id]!, pane.id).name).toBe('Remove area Window');
  });

  it('that no photo could have are refused when the project is opened', () => {
    const damaged = applyEdit(
      project,
      keepArea(photo, { ...pane, form: { type: 'round', centre: { x: 5, y: 5 }, rx: -3, ry: 2, turn: 0 } }),
    );
    expect(openProject(JSON.parse(JSON.stringify(damaged)))).toMatchObject({ ok: false });
  });
});
