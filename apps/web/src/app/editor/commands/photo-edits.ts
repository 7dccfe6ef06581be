import {
  applyEdit,
  changeItem,
  changeItemOperation,
  insertItem,
  loosePhoto,
  newId,
  openingsOf,
  removeItem,
  replacePhoto,
  withPhoto,
  type Edit,
  type Opening,
  type Operation,
  type Photo,
  type Point,
  type Project,
  type Shaper,
  type Sheet,
} from '@kadrosyn/core';

/** Puts a photo into an opening: finish, depth and rules stay. */
export function fillEdit(project: Project, sheet: Sheet, opening: Opening, photo: Photo, shaper: Shaper): Edit {
  const verb = opening.fill.type === 'photo' ? 'Replace photo in' : 'Fill';
  const operations = replacePhoto(sheet, opening, photo, shaper);
  if (opening.slot?.sample) operations.push(changeItemOperation(sheet, opening, { slot: { ...opening.slot, sample: false } }));
  return withPhoto(project, photo, { name: `${verb} ${opening.name}`, operations });
}

/** Lays a photo on top, its middle at `at`. @param id - of the new item, so that a drag keeps the same one. */
export function layEdit(project: Project, sheet: Sheet, photo: Photo, at: Point, id = newId('item')): Edit {
  return withPhoto(project, photo, insertItem(sheet, { ...loosePhoto(photo, sheet, at), id }, `Lay ${photo.name} on top`));
}

/** Puts a loose photo of the sheet into an opening: the loose one goes, its photo fills the opening. */
export function putInsideEdit(project: Project, sheet: Sheet, loose: Opening, opening: Opening, shaper: Shaper): Edit | null {
  const photo = loose.fill.type === 'photo' ? project.photos[loose.fill.photoId] : undefined;
  if (!photo) return null;
  const filled = replacePhoto(sheet, opening, photo, shaper);
  const now = applyEdit(project, { name: '', operations: filled }).sheets.find(({ id }) => id === sheet.id)!;
  const { operations } = removeItem(now, loose.id, '');
  return { name: `Put ${loose.name} inside ${opening.name}`, operations: [...filled, ...operations] };
}

/** Takes the photo out; the opening stays, empty. */
export function takeOutEdit(sheet: Sheet, opening: Opening): Edit {
  return changeItem(sheet, opening, { fill: { type: 'none' } }, `Take photo out of ${opening.name}`);
}

/** Takes a photo that could not be stored out of everything on the sheet; null when nothing shows it. */
export function withdrawEdit(project: Project, sheet: Sheet, photo: Photo): Edit | null {
  const operations: Operation[] = [];
  for (const opening of openingsOf(sheet.items)) {
    if (opening.fill.type !== 'photo' || opening.fill.photoId !== photo.id) continue;
    operations.push(changeItemOperation(sheet, opening, { fill: { type: 'none' } }));
  }
  if (photo.id in project.photos) operations.push({ type: 'remove-photo', photo: project.photos[photo.id]! });
  return operations.length > 0 ? { name: `Take out ${photo.name}, which could not be stored`, operations } : null;
}
