import fc from 'fast-check';
import type { Edit, Place } from '../src/document/edit.js';
import type { Group, Item } from '../src/document/item.js';
import { placeAbove } from '../src/kinds/operations/item-tree.js';
import type { Project, Sheet } from '../src/document/project.js';

/** A recipe of an edit: it becomes one when it meets a project, so that it always fits. Null where it can not. */
export type EditRecipe = (project: Project, step: number) => Edit | null;

export const share = fc.double({ min: 0, max: 0.999, noNaN: true });
export const length = fc.double({ min: 1, max: 900, noNaN: true });

export function pick<T>(list: readonly T[], at: number): T | undefined {
  return list[Math.floor(at * list.length)];
}

export function allItems(items: readonly Item[]): Item[] {
  return items.flatMap((item) => (item.type === 'group' ? [item, ...allItems(item.items)] : [item]));
}

/** All lists an item can lie in: the sheet's own and those of groups. */
function lists(sheet: Sheet): { groupId: string | null; items: readonly Item[] }[] {
  const groups = allItems(sheet.items).filter((item): item is Group => item.type === 'group');
  return [{ groupId: null, items: sheet.items }, ...groups.map(({ id, items }) => ({ groupId: id, items }))];
}

export function placeAt(sheet: Sheet, list: number, index: number): Place {
  const { groupId, items } = pick(lists(sheet), list)!;
  return { groupId, above: placeAbove(items, Math.floor(index * (items.length + 1))) };
}
