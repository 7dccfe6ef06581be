import { dequal } from 'dequal';
import { isBackground } from '../../document/background.js';
import type { Item } from '../../document/item.js';
import { EditConflict, EditError } from './edit-error.js';
import { changedSheet, found, insertedAt, itemId, itemSlot, listIn, type Place } from './item-tree.js';
import { namesIn, namesNeededBy } from './item-names.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { presentAbove } from './ordered-list.js';
import { sheetOf } from './sheet-of.js';

export interface InsertItem {
  readonly type: 'insert-item';
  readonly sheetId: string;
  readonly place: Place;
  readonly item: Item;
}

export const insertItem = defineOperation<'insert-item', InsertItem>({
  type: 'insert-item',
  apply: (project, { sheetId, place, item }) =>
    changedSheet(project, sheetId, (sheet) => {
      if (found(sheet.items, item.id)) throw new EditError(`Item ${item.id} is there already`);
      return { ...sheet, items: insertedAt(sheet.items, place, item) };
    }),
  invert: (operation) => ({ ...operation, type: 'remove-item' }),
  touches: ({ sheetId, place, item }) => ({
    needs: [
      nameOf.sheet(sheetId),
      ...(place.groupId === null ? [] : [nameOf.item(place.groupId)]),
      ...namesNeededBy(sheetId, item),
    ],
    // A sheet has one background.
    makes: [...namesIn(item), ...(isBackground(item) ? [nameOf.background(sheetId)] : [])],
    takes: [],
    // A background has no neighbours: it lies behind all of them.
    ...(isBackground(item) ? {} : { to: itemSlot(sheetId, item.id, place) }),
  }),
  // Sent twice, as when an answer was lost.
  isSame: (operation, over) =>
    operation.item.id === over.item.id ||
    (operation.sheetId === over.sheetId && isBackground(operation.item) && isBackground(over.item)),
  reconcile: (operation, over) => {
    if (!dequal(operation.item, over.item)) throw new EditConflict(`${operation.item.name} is there already`);
    return null;
  },
  moved: (operation, { to }) => ({ ...operation, place: { ...operation.place, above: to!.above } }),
  refit: (project, operation) => {
    const { sheetId, place, item } = operation;
    const { items } = sheetOf(project, sheetId);
    const list = listIn(items, place.groupId);
    if (!list) throw new EditConflict(`The group of ${item.name} is gone`);
    if (found(items, item.id)) throw new EditConflict(`${item.name} is there already`);
    return { ...operation, place: { ...place, above: presentAbove(list, place.above, itemId) } };
  },
});
