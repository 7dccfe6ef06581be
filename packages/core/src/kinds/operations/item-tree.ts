import { isBackground } from '../../document/background.js';
import type { Group, Item } from '../../document/item.js';
import type { Project, Sheet } from '../../document/project.js';
import { EditError } from './edit-error.js';
import type { Slot } from './operation-kind.js';
import { insertedAbove, removedFrom } from './ordered-list.js';

/** Where an item lies: in a group or on the sheet (null), directly above another item of that list, or at the back (null). */
export interface Place {
  readonly groupId: string | null;
  readonly above: string | null;
}

/** The place behind everything on a sheet. */
export const AT_THE_BACK: Place = { groupId: null, above: null };

export const itemId = ({ id }: Item): string => id;

/** The place above what an item lies on; what lies on the background lies at the back. */
export function placeAbove(items: readonly Item[], index: number): string | null {
  const below = items[index - 1];
  return below === undefined || isBackground(below) ? null : below.id;
}

export function itemSlot(sheetId: string, id: string, { groupId, above }: Place): Slot {
  return { list: `items ${sheetId} ${groupId ?? ''}`, id, above };
}

/** @throws EditError when the sheet is not in the project. */
export function changedSheet(project: Project, sheetId: string, change: (sheet: Sheet) => Sheet): Project {
  const index = project.sheets.findIndex(({ id }) => id === sheetId);
  if (index < 0) throw new EditError(`Sheet ${sheetId} is not in the project`);
  return { ...project, sheets: project.sheets.with(index, change(project.sheets[index]!)) };
}

/** What an item of a list lies on; at the back that is the background, where there is one. @param id - of the item. */
function laidOn(list: readonly Item[], above: string | null, id: string): string | null {
  const [first] = list;
  return above === null && first && isBackground(first) && first.id !== id ? first.id : above;
}

export function insertedAt(items: readonly Item[], { groupId, above }: Place, item: Item): readonly Item[] {
  if (isBackground(item)) {
    if (groupId !== null || above !== null) throw new EditError('A background lies at the back');
    if (items[0] && isBackground(items[0])) throw new EditError('The sheet has a background already');
    return [item, ...items];
  }
  return inList(items, groupId, (list) => insertedAbove(list, laidOn(list, above, item.id), item, itemId));
}

export function removedAt(
  items: readonly Item[],
  { groupId, above }: Place,
  id: string,
): { readonly items: readonly Item[]; readonly item: Item } {
  let item: Item | undefined;
  const rest = inList(items, groupId, (list) => {
    const { rest, value } = removedFrom(list, id, laidOn(list, above, id), itemId);
    item = value;
    return rest;
  });
  return { items: rest, item: item! };
}

/** The items with one changed, at any depth of groups. @throws EditError when it is not among them. */
export function changedItem(items: readonly Item[], id: string, change: (item: Item) => Item): readonly Item[] {
  const result = changedList(items, id, change);
  if (!result) throw new EditError(`Item ${id} is not on the sheet`);
  return result;
}

/** Where an item lies, and it itself; undefined when it is not among the items. */
export function found(
  items: readonly Item[],
  id: string,
  groupId: string | null = null,
): { readonly place: Place; readonly item: Item } | undefined {
  for (const [index, item] of items.entries()) {
    if (item.id === id) return { place: { groupId, above: placeAbove(items, index) }, item };
    const inner = item.type === 'group' ? found(item.items, id, item.id) : undefined;
    if (inner) return inner;
  }
  return undefined;
}

/** The items of a group, or those of the sheet for null; undefined when there is no such group. */
export function listIn(items: readonly Item[], groupId: string | null): readonly Item[] | undefined {
  if (groupId === null) return items;
  const group = found(items, groupId)?.item;
  return group?.type === 'group' ? group.items : undefined;
}

/** Changes the list of a group, or the sheet's own for null. */
function inList(
  items: readonly Item[],
  groupId: string | null,
  change: (list: readonly Item[]) => readonly Item[],
): readonly Item[] {
  if (groupId === null) return change(items);
  return changedItem(items, groupId, (item) => {
    if (item.type !== 'group') throw new EditError(`Item ${groupId} is no group`);
    return { ...item, items: change(item.items) };
  });
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
