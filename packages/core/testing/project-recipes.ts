import fc from 'fast-check';
import { changeProject, changeSheet } from '../src/document/make-edit.js';
import { COLOUR_ROLES } from '../src/kinds/colour.js';
import { newSheet } from '../src/document/new-project.js';
import { addSheet, moveSheet, removeSheet } from '../src/document/sheet-edits.js';
import { withdrawPhoto } from '../src/document/withdraw-photo.js';
import { backgroundEdit } from '../src/fit/photo-moves.js';
import { testPhoto } from './test-documents.js';
import { type EditRecipe, share, length, pick } from './edit-recipe.js';

export const sheets = fc
  .tuple(share, fc.constantFrom('add', 'remove', 'move'), length, share)
  .map(([at, what, width, to]): EditRecipe => (project, step) => {
    const index = Math.floor(at * project.sheets.length);
    const sheet = { ...newSheet({ width, height: 50, unit: 'px' }), id: `sheet${step}` };
    if (what === 'add') return addSheet(project, sheet, index);
    if (what === 'move') return moveSheet(project, project.sheets[index]!.id, Math.floor(to * project.sheets.length));
    if (project.sheets.length === 1) return changeSheet(project.sheets[0]!, { width, veil: null }, 'Resize sheet');
    return removeSheet(project, project.sheets[index]!.id);
  });

export const project = fc.tuple(fc.boolean(), fc.integer({ min: 0, max: 99 })).map(([photo, n]): EditRecipe => (before, step) => {
  if (photo) return { name: 'Add photo', operations: [{ type: 'add-photo', photo: testPhoto(`photo${step}`) }] };
  if (n % 3 === 0) {
    const role = COLOUR_ROLES[(n / 3) % COLOUR_ROLES.length]!;
    return changeProject(before, { roles: { ...before.roles, [role]: `#0000${10 + (n % 90)}` } }, 'Colour of the project');
  }
  return changeProject(
    before,
    { name: `Name ${n}`, set: n > 50 ? { columns: [{ itemId: 'a', property: 'text' }], rows: [[`${n}`]] } : null },
    'Rename',
  );
});

export const photos = fc
  .tuple(share, fc.integer({ min: 1, max: 60 }), fc.boolean())
  .map(([which, size, cuts]): EditRecipe => (before) => {
    const photo = pick(Object.values(before.photos), which);
    if (!photo) return null;
    const focus = { x: 0, y: 0, width: size, height: size };
    const cutouts = [{ id: 'cut', name: 'Subject', revisions: [{ matteSha256: 'a'.repeat(64), marks: [] }] }];
    const after = cuts ? { focus, cutouts } : { focus: null };
    const were = { focus: photo.focus ?? null, ...(cuts ? { cutouts: photo.cutouts ?? null } : {}) };
    return { name: 'Change photo', operations: [{ type: 'change-photo', photoId: photo.id, before: were, after }] };
  });

/** A photo as the ground of a sheet, and photos that could not be stored. */
export const shownPhotos = fc.tuple(share, share, fc.boolean()).map(([at, which, isGround]): EditRecipe => (before) => {
  const sheet = pick(before.sheets, at)!;
  const photo = pick(Object.values(before.photos), which);
  if (!photo) return null;
  return isGround ? backgroundEdit(sheet, photo) : withdrawPhoto(before, photo.id);
});
