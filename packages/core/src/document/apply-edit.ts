import type { Edit, Operation, Place } from './edit.js';
import { findItem, photosUsed } from './find-item.js';
import type { Group, Item } from './item.js';
import type { Project, Sheet } from './project.js';

/** Thrown when an edit does not fit the document it is applied to. The document stays as it was. */
export class EditError extends Error {
  override readonly name = 'EditError';
}

/**
 * The project after `edit`. The given project is left as it is; unchanged parts are shared with the result.
 * @throws EditError when an operation names what is not there, or would create an id twice.
 */
export function applyEdit(project: Project, edit: Edit): Project {
  return edit.operations.reduce(applyOperation, project);
}

function applyOperation(project: Project, operation: Operation): Project {
  switch (operation.type) {
    case 'insert-sheet': {
      const { sheet, index } = operation;
      if (project.sheets.some((other) => other.id === sheet.id)) throw new EditError(`Sheet ${sheet.id} is there already`);
      return { ...project, sheets: inserted(project.sheets, index, sheet) };
    }
    case 'remove-sheet': {
      const { sheet, index } = operation;
      if (project.sheets[index]?.id !== sheet.id) throw new EditError(`Sheet ${sheet.id} is not at ${index}`);
      return { ...project, sheets: removed(project.sheets, index) };
    }
    case 'change-project':
      return withProperties(project, operation.after);
    case 'add-photo': {
      const { photo } = operation;
      if (photo.id in project.photos) throw new EditError(`Photo ${photo.id} is there already`);
      return { ...project, photos: { ...project.photos, [photo.id]: photo } };
    }
    case 'change-photo': {
      const photo = project.photos[operation.photoId];
      if (!photo) throw new EditError(`Photo ${operation.photoId} is not in the project`);
      return { ...project, photos: { ...project.photos, [photo.id]: withProperties(photo, operation.after) } };
    }
    case 'remove-photo': {
      const { [operation.photo.id]: found, ...photos } = project.photos;
      if (!found) throw new EditError(`Photo ${operation.photo.id} is not in the project`);
      if (photosUsed(project).has(found.id)) throw new EditError(`Photo ${found.id} is still shown`);
      return { ...project, photos };
    }
    default:
      return {
        ...project,
        sheets: replaced(project.sheets, operation.sheetId, 'Sheet', (sheet) => applyToSheet(sheet, operation)),
      };
  }
}

type SheetOperation = Extract<Operation, { sheetId: string }>;

function applyToSheet(sheet: Sheet, operation: SheetOperation): Sheet {
  switch (operation.type) {
    case 'change-sheet':
      return withProperties(sheet, operation.after);
    case 'insert-item':
      if (findItem(sheet.items, operation.item.id)) throw new EditError(`Item ${operation.item.id} is there already`);
      return { ...sheet, items: insertAt(sheet.items, operation.place, operation.item) };
    case 'remove-item':
      return { ...sheet, items: removeAt(sheet.items, operation.place, operation.item.id).items };
    case 'move-item': {
      const { items, item } = removeAt(sheet.items, operation.from, operation.itemId);
      return { ...sheet, items: insertAt(items, operation.to, item) };
    }
    case 'change-item':
      return { ...sheet, items: changeItem(sheet.items, operation.itemId, (item) => withProperties(item, operation.after)) };
  }
}

function insertAt(items: readonly Item[], place: Place, item: Item): readonly Item[] {
  return inList(items, place.groupId, (list) => inserted(list, place.index, item));
}

function removeAt(items: readonly Item[], place: Place, id: string): { items: readonly Item[]; item: Item } {
  let item: Item | undefined;
  const rest = inList(items, place.groupId, (list) => {
    item = list[place.index];
    if (item?.id !== id) throw new EditError(`Item ${id} is not at ${place.index}`);
    return removed(list, place.index);
  });
  return { items: rest, item: item! };
}

/** Changes the list of a group, or the sheet's own for null. */
function inList(
  items: readonly Item[],
  groupId: string | null,
  change: (list: readonly Item[]) => readonly Item[],
): readonly Item[] {
  if (groupId === null) return change(items);
  return changeItem(items, groupId, (item) => {
    if (item.type !== 'group') throw new EditError(`Item ${groupId} is no group`);
    return { ...item, items: change(item.items) };
  });
}

function changeItem(items: readonly Item[], id: string, change: (item: Item) => Item): readonly Item[] {
  const result = changedList(items, id, change);
  if (!result) throw new EditError(`Item ${id} is not on the sheet`);
  return result;
}

/** The list with one item changed, at any depth of groups; null when the item is not in it. */
function changedList(items: readonly Item[], id: string, change: (item: Item) => Item): readonly Item[] | null {
  for (const [index, item] of items.entries()) {
    if (item.id === id) return items.with(index, change(item));
    const inner = item.type === 'group' ? changedList(item.items, id, change) : null;
    if (inner) return items.with(index, { ...(item as Group), items: inner });
  }
  return null;
}

/** Sets properties; null takes one away. */
function withProperties<T extends object>(target: T, properties: object): T {
  const changed = Object.entries({ ...target, ...properties }).filter(([, value]) => value !== null);
  return Object.fromEntries(changed) as T;
}

function inserted<T>(list: readonly T[], index: number, value: T): readonly T[] {
  if (!Number.isInteger(index) || index < 0 || index > list.length) throw new EditError(`There is no place ${index}`);
  return list.toSpliced(index, 0, value);
}

function removed<T>(list: readonly T[], index: number): readonly T[] {
  return list.toSpliced(index, 1);
}

function replaced<T extends { readonly id: string }>(
  list: readonly T[],
  id: string,
  what: string,
  change: (value: T) => T,
): readonly T[] {
  const index = list.findIndex((value) => value.id === id);
  if (index < 0) throw new EditError(`${what} ${id} is not in the project`);
  return list.with(index, change(list[index]!));
}
