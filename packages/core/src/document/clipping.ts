import { isShared, ownFill } from '../fit/register.js';
import { copiesOf, crossingsBetween, layCopies } from './copies.js';
import type { Crossing } from './crossing.js';
import type { Edit, Operation } from './edit.js';
import { findSheet, revisionOf } from './find-item.js';
import { isPart } from './is-part.js';
import type { Item } from './item.js';
import { frontOf, idsOf } from './make-edit.js';
import type { Cutout, CutoutRevision, Photo, PhotoArea, Project, Sheet } from './project.js';
import { referencesOfItems } from './references.js';
import { wouldShowItself } from './shown-sheets.js';

/** Copied items, from back to front, with the crossings between them and the photos that they show. */
export interface Clipping {
  readonly items: readonly Item[];
  /** Between the items. */
  readonly crossings: readonly Crossing[];
  readonly photos: readonly Photo[];
}

/** The text that the clipboard keeps of items. Windows in register are copied with a placement of their own. */
export function writeClipping(project: Project, sheet: Sheet, items: readonly Item[]): string {
  const own = (item: Item): Item => {
    if (item.type === 'group') return { ...item, items: item.items.map(own) };
    return isShared(item.fill) ? { ...item, fill: ownFill(item, sheet) } : item;
  };
  const shown = referencesOfItems(items, project).photos;
  const photos = Object.values(project.photos).filter(({ id }) => shown.has(id));
  const crossings = crossingsBetween(new Set(items.flatMap(idsOf)), sheet.crossings);
  return JSON.stringify({ items: items.map(own), crossings, photos });
}

/** What a text of the clipboard holds; null where that is no list of items, or one that shows what is not there. */
export function readClipping(text: string): Clipping | null {
  try {
    const { items, photos, crossings = [] } = JSON.parse(text) as Omit<Clipping, 'crossings'> & Partial<Clipping>;
    const areParts =
      items.every((item) => isPart('item', item)) &&
      photos.every((photo) => isPart('photo', photo)) &&
      crossings.every((crossing) => isPart('crossing', crossing));
    if (!areParts || items.length === 0) return null;
    const known = new Set(photos.map(({ id }) => id));
    const { photos: shown, placements } = referencesOfItems(items, { photos: {}, sheets: [] });
    const isWhole = placements.size === 0 && [...shown].every((id) => known.has(id));
    return isWhole ? { items, crossings, photos } : null;
  } catch {
    return null;
  }
}

/** Lays copies on top, a little beside the place of the originals or exactly there, and brings their photos along. */
export function pasteEdit(
  project: Project,
  sheet: Sheet,
  { items, crossings, photos }: Clipping,
  where: 'beside' | 'in place',
): { readonly edit: Edit; readonly ids: readonly string[] } {
  const by = where === 'beside' ? Math.max(8, Math.min(sheet.width, sheet.height) * 0.03) : 0;
  const copies = copiesOf(
    items.map((item): Item => ({ ...withoutLostSheets(item, project, sheet.id), locked: false })),
    crossings,
    by,
  );
  const added = photos.flatMap((photo) => photoOperations(project, photo));
  const inserts = layCopies(sheet, frontOf(sheet), copies);
  const name = `Paste ${items.length === 1 ? items[0]!.name : `${items.length} items`}`;
  return { edit: { name, operations: [...added, ...inserts] }, ids: copies.items.map(({ id }) => id) };
}

/** What shows a sheet that this project does not have, or one that shows the sheet it is laid on, comes empty. */
function withoutLostSheets(item: Item, project: Project, sheetId: string): Item {
  if (item.type === 'group') return { ...item, items: item.items.map((inner) => withoutLostSheets(inner, project, sheetId)) };
  const { fill } = item;
  const isLost = fill.type === 'sheet' && (!findSheet(project, fill.sheetId) || wouldShowItself(project, sheetId, fill.sheetId));
  return isLost ? { ...item, fill: { type: 'none' } } : item;
}

/** Lists a photo that the project does not have, or gives its photo the cutouts, revisions and areas that it does not have. */
function photoOperations(project: Project, photo: Photo): Operation[] {
  const present = project.photos[photo.id];
  if (!present) return [{ type: 'add-photo', photo }];
  const [cutouts, areas] = [broughtCutouts(present, photo), broughtAreas(present, photo)];
  const after = { ...(cutouts && { cutouts }), ...(areas && { areas }) };
  const before = { ...(cutouts && { cutouts: present.cutouts ?? null }), ...(areas && { areas: present.areas ?? null }) };
  return cutouts || areas ? [{ type: 'change-photo', photoId: photo.id, before, after }] : [];
}

/** The cutouts of a photo with those that come along; null where none does. */
function broughtCutouts(present: Photo, photo: Photo): readonly Cutout[] | null {
  const { cutouts = [] } = present;
  const isKnown = (id: string, { matteSha256 }: CutoutRevision): boolean =>
    revisionOf(present, { id, revision: matteSha256 }) !== undefined;
  const brought = (photo.cutouts ?? [])
    .map((cutout) => ({ ...cutout, revisions: cutout.revisions.filter((revision) => !isKnown(cutout.id, revision)) }))
    .filter(({ revisions }) => revisions.length > 0);
  if (brought.length === 0) return null;
  const grown = cutouts.map((cutout) => {
    const more = brought.find(({ id }) => id === cutout.id);
    // What the project has goes on being its newest.
    return more ? { ...cutout, revisions: [...more.revisions, ...cutout.revisions] } : cutout;
  });
  return [...grown, ...brought.filter(({ id }) => cutouts.every((cutout) => cutout.id !== id))];
}

/** The same for its areas: what lies in one that the project has lies in the project's. */
function broughtAreas({ areas = [] }: Photo, photo: Photo): readonly PhotoArea[] | null {
  const brought = (photo.areas ?? []).filter(({ id }) => areas.every((area) => area.id !== id));
  return brought.length === 0 ? null : [...areas, ...brought];
}
