import {
  presentValues,
  type Edit,
  type ItemProperties,
  type Operation,
  type Place,
  type ProjectProperties,
  type SheetProperties,
} from './edit.js';
import { findItem } from './find-item.js';
import type { Item } from './item.js';
import { newId } from './new-id.js';
import type { Photo, Project, Sheet } from './project.js';

/** Changes properties of an item; the edit keeps what they were. Null takes a property away. */
export function changeItem(sheet: Sheet, item: Item, after: ItemProperties, name: string): Edit {
  return { name, operations: [changeItemOperation(sheet, item, after)] };
}

export function changeItemOperation(sheet: Sheet, item: Item, after: ItemProperties): Operation {
  return { type: 'change-item', sheetId: sheet.id, itemId: item.id, before: presentValues(item, after as object), after };
}

export function changeSheet(sheet: Sheet, after: SheetProperties, name: string): Edit {
  return {
    name,
    operations: [{ type: 'change-sheet', sheetId: sheet.id, before: presentValues(sheet, after as object), after }],
  };
}

export function changeProject(project: Project, after: ProjectProperties, name: string): Edit {
  return { name, operations: [{ type: 'change-project', before: presentValues(project, after as object), after }] };
}

/** Lays an item on the sheet, at the front unless `place` says otherwise. */
export function insertItem(sheet: Sheet, item: Item, name: string, place: Place = frontOf(sheet)): Edit {
  return { name, operations: [{ type: 'insert-item', sheetId: sheet.id, place, item }] };
}

function frontOf(sheet: Sheet): Place {
  return { groupId: null, index: sheet.items.length };
}

/** Takes an item away, and with it its crossings. @throws RangeError when the item is not on the sheet. */
export function removeItem(sheet: Sheet, itemId: string, name: string): Edit {
  const place = placeOf(sheet, itemId);
  const item = findItem(sheet.items, itemId)!;
  const remove: Operation = { type: 'remove-item', sheetId: sheet.id, place, item };
  const gone = new Set(idsOf(item));
  const crossings = sheet.crossings.filter(({ lower, upper }) => !gone.has(lower.itemId) && !gone.has(upper.itemId));
  if (crossings.length === sheet.crossings.length) return { name, operations: [remove] };
  return { name, operations: [remove, ...changeSheet(sheet, { crossings }, '').operations] };
}

/** The id of an item, and of all that is in it. */
export function idsOf(item: Item): string[] {
  return item.type === 'group' ? [item.id, ...item.items.flatMap(idsOf)] : [item.id];
}

/** Moves an item within its list to `index`, counted from the back; null when it is there already. */
export function reorderItem(sheet: Sheet, itemId: string, index: number, name: string): Edit | null {
  const from = placeOf(sheet, itemId);
  const count = listOf(sheet.items, from.groupId).length;
  const to: Place = { ...from, index: Math.min(count - 1, Math.max(0, index)) };
  return to.index === from.index ? null : { name, operations: [{ type: 'move-item', sheetId: sheet.id, itemId, from, to }] };
}

/**
 * Where an item lies.
 * @throws RangeError when it is not on the sheet.
 */
export function placeOf(sheet: Sheet, itemId: string): Place {
  const search = (items: readonly Item[], groupId: string | null): Place | undefined => {
    for (const [index, item] of items.entries()) {
      if (item.id === itemId) return { groupId, index };
      const inner = item.type === 'group' ? search(item.items, item.id) : undefined;
      if (inner) return inner;
    }
    return undefined;
  };
  const place = search(sheet.items, null);
  if (!place) throw new RangeError(`Item ${itemId} is not on the sheet`);
  return place;
}

/** The list that an item lies in, from back to front: of its group or of the sheet. @throws RangeError when it is not on the sheet. */
export function listAround(sheet: Sheet, itemId: string): readonly Item[] {
  return listOf(sheet.items, placeOf(sheet, itemId).groupId);
}

function listOf(items: readonly Item[], groupId: string | null): readonly Item[] {
  const group = groupId === null ? undefined : findItem(items, groupId);
  return group?.type === 'group' ? group.items : items;
}

/** A copy with new ids, moved by `offset` px. */
export function copyOf(item: Item, offset: number): Item {
  const id = newId('item');
  if (item.type === 'group') return { ...item, id, items: item.items.map((inner) => copyOf(inner, offset)) };
  return { ...item, id, box: { ...item.box, x: item.box.x + offset, y: item.box.y + offset } };
}

/** Puts operations before an edit that list the photo in the project, if it is not there yet. */
export function withPhoto(project: Project, photo: Photo, edit: Edit): Edit {
  if (photo.id in project.photos) return edit;
  return { ...edit, operations: [{ type: 'add-photo', photo }, ...edit.operations] };
}
