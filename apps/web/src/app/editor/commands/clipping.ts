import {
  copyOf,
  frontOf,
  insertInFront,
  isPart,
  isShared,
  openingsOf,
  ownFill,
  type Edit,
  type Item,
  type Operation,
  type Photo,
  type Project,
  type Sheet,
} from '@kadrosyn/core';

/** How copied items are named among what the clipboard holds. */
export const CLIPPING_TYPE = 'application/x-kadrosyn-items+json';

/** Copied items, from back to front, with the photos that they show. */
export interface Clipping {
  readonly items: readonly Item[];
  readonly photos: readonly Photo[];
}

/** The text that the clipboard keeps of items. Windows in register are copied with a placement of their own. */
export function writeClipping(project: Project, sheet: Sheet, items: readonly Item[]): string {
  const own = (item: Item): Item => {
    if (item.type === 'group') return { ...item, items: item.items.map(own) };
    return isShared(item.fill) ? { ...item, fill: ownFill(item, sheet) } : item;
  };
  const ids = new Set([...openingsOf(items)].flatMap(({ fill }) => (fill.type === 'photo' ? [fill.photoId] : [])));
  const photos = Object.values(project.photos).filter(({ id }) => ids.has(id));
  return JSON.stringify({ items: items.map(own), photos });
}

/** What a text of the clipboard holds; null where that is no list of items, or one that shows what is not there. */
export function readClipping(text: string): Clipping | null {
  try {
    const { items, photos } = JSON.parse(text) as Clipping;
    const areParts = items.every((item) => isPart('item', item)) && photos.every((photo) => isPart('photo', photo));
    if (!areParts || items.length === 0) return null;
    const known = new Set(photos.map(({ id }) => id));
    const shown = [...openingsOf(items)].map(({ fill }) => fill);
    const isWhole = shown.every(
      (fill) => fill.type !== 'photo' || (known.has(fill.photoId) && typeof fill.placement !== 'string'),
    );
    return isWhole ? { items, photos } : null;
  } catch {
    return null;
  }
}

/** Lays copies on top, a little beside the place of the originals or exactly there, and brings their photos along. */
export function pasteEdit(
  project: Project,
  sheet: Sheet,
  { items, photos }: Clipping,
  where: 'beside' | 'in place',
): { readonly edit: Edit; readonly ids: readonly string[] } {
  const by = where === 'beside' ? Math.max(8, Math.min(sheet.width, sheet.height) * 0.03) : 0;
  const copies = items.map((item): Item => ({ ...copyOf(item, by), locked: false }));
  const added = photos.filter(({ id }) => !(id in project.photos)).map((photo): Operation => ({ type: 'add-photo', photo }));
  const inserts = insertInFront(sheet, frontOf(sheet), copies);
  const name = `Paste ${items.length === 1 ? items[0]!.name : `${items.length} items`}`;
  return { edit: { name, operations: [...added, ...inserts] }, ids: copies.map(({ id }) => id) };
}
