import { entryChanges } from '../kinds/operations/entry-changes.js';
import { found, listIn, placeAbove, type Place } from '../kinds/operations/item-tree.js';
import type { SheetProperties } from '../kinds/operations/change-sheet.js';
import { presentValues, type Edit, type ItemProperties, type Operation, type ProjectProperties } from './edit.js';
import { isBackground } from './background.js';
import { findItem } from './find-item.js';
import type { Item } from './item.js';
import type { Photo, Project, Sheet } from './project.js';

/** What of a sheet can be changed as a whole: its properties, and what it keeps one by one as it shall be. */
export type SheetChange = SheetProperties & Partial<Pick<Sheet, 'crossings' | 'guides' | 'placements'>>;

/** Changes properties of an item; the edit keeps what they were. Null takes a property away. */
export function changeItem(sheet: Sheet, item: Item, after: ItemProperties, name: string): Edit {
  return { name, operations: [changeItemOperation(sheet, item, after)] };
}

export function changeItemOperation(sheet: Sheet, item: Item, after: ItemProperties): Operation {
  return { type: 'change-item', sheetId: sheet.id, itemId: item.id, before: presentValues(item, after as object), after };
}

/** Changes a sheet; of crossings, guides and placements only those that differ. */
export function changeSheet(sheet: Sheet, after: SheetChange, name: string): Edit {
  return { name, operations: changeSheetOperations(sheet, after) };
}

export function changeSheetOperations(sheet: Sheet, wanted: SheetChange): Operation[] {
  const { crossings, guides, placements, ...after } = wanted;
  const entries = entryChanges(sheet, {
    ...(crossings && { crossings }),
    ...(guides && { guides }),
    ...(placements && { placements }),
  });
  if (Object.keys(after).length === 0) return entries;
  const before = presentValues<object>(sheet, after);
  return [{ type: 'change-sheet', sheetId: sheet.id, before, after }, ...entries];
}

export function changeProject(project: Project, after: ProjectProperties, name: string): Edit {
  return { name, operations: [{ type: 'change-project', before: presentValues<object>(project, after), after }] };
}

/** Lays an item on the sheet, at the front unless `place` says otherwise. */
export function insertItem(sheet: Sheet, item: Item, name: string, place: Place = frontOf(sheet)): Edit {
  return { name, operations: [{ type: 'insert-item', sheetId: sheet.id, place, item }] };
}

/** The place in front of everything on a sheet. */
export function frontOf(sheet: Sheet): Place {
  return { groupId: null, above: placeAbove(sheet.items, sheet.items.length) };
}

/** Lays several items at a place, each in front of the one before. */
export function insertInFront(sheet: Sheet, place: Place, items: readonly Item[]): Operation[] {
  return items.map((item, index) => ({
    type: 'insert-item',
    sheetId: sheet.id,
    place: { ...place, above: items[index - 1]?.id ?? place.above },
    item,
  }));
}

/** Takes an item away, and with it its crossings. @throws RangeError when the item is not on the sheet. */
export function removeItem(sheet: Sheet, itemId: string, name: string): Edit {
  const place = placeOf(sheet, itemId);
  const item = findItem(sheet.items, itemId)!;
  const crossings = crossingsWithout(sheet, idsOf(item));
  return { name, operations: [{ type: 'remove-item', sheetId: sheet.id, place, item }, ...crossings] };
}

/** The operations that take away all crossings that are with one of these items. */
export function crossingsWithout(sheet: Sheet, itemIds: readonly string[]): Operation[] {
  const gone = new Set(itemIds);
  const crossings = sheet.crossings.filter(({ lower, upper }) => !gone.has(lower.itemId) && !gone.has(upper.itemId));
  return changeSheetOperations(sheet, { crossings });
}

/** The id of an item, and of all that is in it. */
export function idsOf(item: Item): string[] {
  return item.type === 'group' ? [item.id, ...item.items.flatMap(idsOf)] : [item.id];
}

/** Moves an item within its list to `index`, counted from the back; null when it is there already, and for a background. */
export function reorderItem(sheet: Sheet, itemId: string, index: number, name: string): Edit | null {
  const from = placeOf(sheet, itemId);
  const others = listIn(sheet.items, from.groupId)!.filter(({ id }) => id !== itemId);
  const above = placeAbove(others, Math.min(others.length, Math.max(0, index)));
  const item = findItem(sheet.items, itemId);
  if (above === from.above || (item && isBackground(item))) return null;
  return { name, operations: [{ type: 'move-item', sheetId: sheet.id, itemId, from, to: { ...from, above } }] };
}

/**
 * Where an item lies.
 * @throws RangeError when it is not on the sheet.
 */
export function placeOf(sheet: Sheet, itemId: string): Place {
  const there = found(sheet.items, itemId);
  if (!there) throw new RangeError(`Item ${itemId} is not on the sheet`);
  return there.place;
}

/** The place directly in front of an item, in its own list. @throws RangeError when it is not on the sheet. */
export function placeBefore(sheet: Sheet, itemId: string): Place {
  const item = findItem(sheet.items, itemId);
  return { groupId: placeOf(sheet, itemId).groupId, above: item && isBackground(item) ? null : itemId };
}

/** How many items lie below an item in its own list. @throws RangeError when it is not on the sheet. */
export function indexOf(sheet: Sheet, itemId: string): number {
  return listAround(sheet, itemId).findIndex(({ id }) => id === itemId);
}

/** The list that an item lies in, from back to front: of its group or of the sheet. @throws RangeError when it is not on the sheet. */
export function listAround(sheet: Sheet, itemId: string): readonly Item[] {
  return listIn(sheet.items, placeOf(sheet, itemId).groupId)!;
}

/** Puts operations before an edit that list the photo in the project, if it is not there yet. */
export function withPhoto(project: Project, photo: Photo, edit: Edit): Edit {
  if (photo.id in project.photos) return edit;
  return { ...edit, operations: [{ type: 'add-photo', photo }, ...edit.operations] };
}
