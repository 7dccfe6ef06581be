import { isBackground } from './background.js';
import type { Edit, Operation } from './edit.js';
import { findItem } from './find-item.js';
import type { Group, Item } from './item.js';
import { crossingsWithout, idsOf, placeBefore, placeOf } from './make-edit.js';
import { newId } from './new-id.js';
import type { Sheet } from './project.js';

/** Ids of all groups that an item lies in, from the outermost inwards. @throws RangeError when it is not on the sheet. */
export function groupsAround(sheet: Sheet, itemId: string): string[] {
  const path: string[] = [];
  for (let { groupId } = placeOf(sheet, itemId); groupId !== null; { groupId } = placeOf(sheet, groupId)) path.unshift(groupId);
  return path;
}

/** Of several items those that are not inside another one of them, in their order from back to front. */
export function outermost(sheet: Sheet, ids: readonly string[]): Item[] {
  const wanted = new Set(ids);
  const found: Item[] = [];
  const search = (items: readonly Item[]): void => {
    for (const item of items) {
      if (wanted.has(item.id)) found.push(item);
      else if (item.type === 'group') search(item.items);
    }
  };
  search(sheet.items);
  return found;
}

/**
 * Puts items into a new group, where the frontmost of them lies. Null for less than one item. Items may come from other groups; they
 * then lie in the list of the frontmost.
 */
export function groupItems(
  sheet: Sheet,
  ids: readonly string[],
  name: string,
): { readonly edit: Edit; readonly id: string } | null {
  const items = outermost(sheet, ids).filter((item) => !isBackground(item));
  const front = items.at(-1);
  if (!front) return null;
  const group: Group = { type: 'group', id: newId('item'), name, items: [] };
  const sheetId = sheet.id;
  // From front to back, so that what an item lies on is still there when it leaves.
  const moves = items.toReversed().map((item): Operation => ({
    type: 'move-item',
    sheetId,
    itemId: item.id,
    from: placeOf(sheet, item.id),
    to: { groupId: group.id, above: null },
  }));
  const operations: Operation[] = [{ type: 'insert-item', sheetId, place: placeBefore(sheet, front.id), item: group }, ...moves];
  return { edit: { name: `Group ${items.length} items`, operations }, id: group.id };
}

/** Takes the items of a group out of it, in their order, to where it lay. Opacity, blend and shadow of the group go with it. */
export function ungroupItem(sheet: Sheet, group: Group): { readonly edit: Edit; readonly ids: readonly string[] } {
  const place = placeOf(sheet, group.id);
  // The frontmost first: each comes to lie directly in front of the group.
  const operations: Operation[] = [
    ...group.items.toReversed().map((item): Operation => ({
      type: 'move-item',
      sheetId: sheet.id,
      itemId: item.id,
      from: placeOf(sheet, item.id),
      to: { groupId: place.groupId, above: group.id },
    })),
    { type: 'remove-item', sheetId: sheet.id, place, item: { ...group, items: [] } },
  ];
  return { edit: { name: `Ungroup ${group.name}`, operations }, ids: group.items.map(({ id }) => id) };
}

/** Takes an item out of its group and lays it directly in front of it; null when it is in none. A group without items goes. */
export function takeOutOfGroup(sheet: Sheet, itemId: string): Edit | null {
  const from = placeOf(sheet, itemId);
  const group = from.groupId === null ? undefined : findItem(sheet.items, from.groupId);
  if (group?.type !== 'group') return null;
  const item = findItem(sheet.items, itemId)!;
  const to = placeBefore(sheet, group.id);
  const move: Operation = { type: 'move-item', sheetId: sheet.id, itemId, from, to };
  const place = placeOf(sheet, group.id);
  const isLast = group.items.length === 1;
  const gone: Operation[] = isLast ? [{ type: 'remove-item', sheetId: sheet.id, place, item: { ...group, items: [] } }] : [];
  return { name: `Take ${item.name} out of ${group.name}`, operations: [move, ...gone] };
}

/** Takes several items away, and with them their crossings. */
export function removeItems(sheet: Sheet, ids: readonly string[], name: string): Edit {
  const items = outermost(sheet, ids);
  // From front to back, so that what an item lies on is still there when it goes.
  const removals = items.toReversed().map((item): Operation => ({
    type: 'remove-item',
    sheetId: sheet.id,
    place: placeOf(sheet, item.id),
    item,
  }));
  return { name, operations: [...removals, ...crossingsWithout(sheet, items.flatMap(idsOf))] };
}
