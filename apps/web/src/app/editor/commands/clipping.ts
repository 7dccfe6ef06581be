import {
  copyOf,
  insertItem,
  newId,
  openingsOf,
  openProject,
  type Edit,
  type Item,
  type Operation,
  type Photo,
  type Project,
  type Sheet,
} from '@kadrosyn/core';

/** How a copied item is named among what the clipboard holds. */
export const CLIPPING_TYPE = 'application/x-kadrosyn-item+json';

/** A copied item with the photos that it shows. */
export interface Clipping {
  readonly item: Item;
  readonly photos: readonly Photo[];
}

/** The text that the clipboard keeps of an item. */
export function writeClipping(project: Project, item: Item): string {
  const ids = new Set([...openingsOf([item])].flatMap(({ fill }) => (fill.type === 'photo' ? [fill.photoId] : [])));
  const photos = Object.values(project.photos).filter(({ id }) => ids.has(id));
  return JSON.stringify({ item, photos });
}

/** What a text of the clipboard holds; null where that is no item, or one that shows what is not there. */
export function readClipping(text: string, project: Project): Clipping | null {
  try {
    const { item, photos } = JSON.parse(text) as Clipping;
    const sheet: Sheet = { ...project.sheets[0]!, placements: {}, items: [item], crossings: [] };
    const held = { ...project, photos: Object.fromEntries(photos.map((photo) => [photo.id, photo])), sheets: [sheet] };
    const opened = openProject(held);
    const shown = [...openingsOf([item])].map(({ fill }) => fill);
    const isWhole = shown.every(
      (fill) => fill.type !== 'photo' || (fill.photoId in held.photos && typeof fill.placement !== 'string'),
    );
    return opened.ok && isWhole ? { item: opened.project.sheets[0]!.items[0]!, photos } : null;
  } catch {
    return null;
  }
}

/** Lays a copy on top, a little beside the place of the original, and brings its photos along. */
export function pasteEdit(
  project: Project,
  sheet: Sheet,
  { item, photos }: Clipping,
): { readonly edit: Edit; readonly id: string } {
  const copy = { ...copyOf(item, Math.max(8, Math.min(sheet.width, sheet.height) * 0.03)), locked: false };
  const added = photos.filter(({ id }) => !(id in project.photos)).map((photo): Operation => ({ type: 'add-photo', photo }));
  const id = newId('item');
  const { operations } = insertItem(sheet, { ...copy, id }, '');
  return { edit: { name: `Paste ${item.name}`, operations: [...added, ...operations] }, id };
}
