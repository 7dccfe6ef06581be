import { dequal } from 'dequal';
import { isBackground } from '../../document/background.js';
import type { Item } from '../../document/item.js';
import { EditConflict } from './edit-error.js';
import { changedSheet, found, itemSlot, removedAt, type Place } from './item-tree.js';
import { namesIn } from './item-names.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { sheetOf } from './sheet-of.js';

export interface RemoveItem {
  readonly type: 'remove-item';
  readonly sheetId: string;
  readonly place: Place;
  /** As it is when it is taken away, so that it can come back. */
  readonly item: Item;
}

export const removeItem = defineOperation<'remove-item', RemoveItem>({
  type: 'remove-item',
  apply: (project, { sheetId, place, item }) =>
    changedSheet(project, sheetId, (sheet) => ({ ...sheet, items: removedAt(sheet.items, place, item.id).items })),
  invert: (operation) => ({ ...operation, type: 'insert-item' }),
  touches: ({ sheetId, place, item }) => ({
    needs: [nameOf.sheet(sheetId), ...(place.groupId === null ? [] : [nameOf.item(place.groupId)])],
    makes: [],
    takes: namesIn(item),
    ...(isBackground(item) ? {} : { from: itemSlot(sheetId, item.id, place) }),
  }),
  moved: (operation, { from }) => ({ ...operation, place: { ...operation.place, above: from!.above } }),
  isSame: (operation, over) => operation.item.id === over.item.id,
  reconcile: (operation, over) => {
    if (!dequal(operation.item, over.item)) throw new EditConflict(`${operation.item.name} was changed and taken away`);
    return null;
  },
  refit: (project, operation) => {
    const there = found(sheetOf(project, operation.sheetId).items, operation.item.id);
    if (!there) throw new EditConflict(`${operation.item.name} is gone`);
    if (!dequal(there.item, operation.item)) throw new EditConflict(`${operation.item.name} was changed`);
    return { ...operation, place: there.place };
  },
});
