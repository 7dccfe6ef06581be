import {
  backgroundEdit,
  changeItem,
  fillOperations,
  insertItem,
  loosePhoto,
  newId,
  showsPicture,
  withPhoto,
  type Edit,
  type GripContext,
  type Opening,
  type OpeningKind,
  type Photo,
  type Point,
  type Project,
  type Sheet,
} from '@kadrosyn/core';
import { pictureWord } from './picture-word';

type Context = GripContext & { readonly project: Project };

/** Puts a photo into an opening: finish, depth and rules stay. */
export function fillEdit(context: Context, opening: Opening, photo: Photo): Edit {
  const verb = showsPicture(opening.fill) ? `Replace ${pictureWord(opening.fill)} in` : 'Fill';
  const operations = fillOperations(context.sheet, opening, photo, context);
  return withPhoto(context.project, photo, { name: `${verb} ${opening.name}`, operations });
}

/** How a photo is laid on the sheet. */
export interface Laying {
  /** Of the new item, so that a drag keeps the same one. */
  readonly id?: string;
  /** What has a clear ground is artwork. @default 'loose' */
  readonly kind?: Exclude<OpeningKind, 'shaped'>;
}

/** Lays a photo on top, its middle at `at`, or at the nearest place on the sheet. */
export function layEdit(
  { project, sheet }: Context,
  photo: Photo,
  at: Point,
  { id = newId('item'), kind = 'loose' }: Laying = {},
): Edit {
  const place = { x: Math.min(Math.max(at.x, 0), sheet.width), y: Math.min(Math.max(at.y, 0), sheet.height) };
  const item: Opening = { ...loosePhoto(photo, sheet, place), id, kind };
  return withPhoto(project, photo, insertItem(sheet, item, `Lay ${photo.name} on top`));
}

/** Lays a photo under everything, as the ground of the sheet. */
export function groundEdit({ project, sheet }: Context, photo: Photo): Edit {
  return withPhoto(project, photo, backgroundEdit(sheet, photo));
}

/** Takes the picture out; the opening stays, empty. */
export function takeOutEdit(sheet: Sheet, opening: Opening): Edit {
  const slot = opening.slot?.sample ? { slot: { ...opening.slot, sample: false } } : {};
  return changeItem(
    sheet,
    opening,
    { fill: { type: 'none' }, ...slot },
    `Take ${pictureWord(opening.fill)} out of ${opening.name}`,
  );
}

/** The item that an edit lays on the sheet; null where it lays none. */
export function laidBy(edit: Edit): string | null {
  return edit.operations.find((operation) => operation.type === 'insert-item')?.item.id ?? null;
}
