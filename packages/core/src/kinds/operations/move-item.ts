import { isBackground } from '../../document/background.js';
import { EditConflict, EditError } from './edit-error.js';
import { changedSheet, found, insertedAt, itemId, itemSlot, listIn, removedAt, type Place } from './item-tree.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { presentAbove } from './ordered-list.js';
import { sheetOf } from './sheet-of.js';

/** Moves an item in depth, or into a group and out of one. */
export interface MoveItem {
  readonly type: 'move-item';
  readonly sheetId: string;
  readonly itemId: string;
  readonly from: Place;
  /** As the lists are without the item. */
  readonly to: Place;
}

export const moveItem = defineOperation<'move-item', MoveItem>({
  type: 'move-item',
  apply: (project, operation) =>
    changedSheet(project, operation.sheetId, (sheet) => {
      const { items, item } = removedAt(sheet.items, operation.from, operation.itemId);
      if (isBackground(item)) throw new EditError('A background lies at the back');
      return { ...sheet, items: insertedAt(items, operation.to, item) };
    }),
  invert: (operation) => ({ ...operation, from: operation.to, to: operation.from }),
  touches: ({ sheetId, itemId: id, from, to }) => ({
    needs: [
      nameOf.sheet(sheetId),
      nameOf.item(id),
      ...[from.groupId, to.groupId].flatMap((groupId) => (groupId === null ? [] : [nameOf.item(groupId)])),
    ],
    makes: [],
    takes: [],
    from: itemSlot(sheetId, id, from),
    to: itemSlot(sheetId, id, to),
  }),
  moved: (operation, { from, to }) => ({
    ...operation,
    from: { ...operation.from, above: from!.above },
    to: { ...operation.to, above: to!.above },
  }),
  // Two groups that are each put into the other would lie nowhere.
  isSame: (operation, over) =>
    operation.itemId === over.itemId || (operation.to.groupId === over.itemId && over.to.groupId === operation.itemId),
  reconcile: (operation, over) => {
    const isAlike = operation.itemId === over.itemId && operation.to.groupId === over.to.groupId;
    if (!isAlike || operation.to.above !== over.to.above) throw new EditConflict('Both moved the same item');
    return null;
  },
  refit: (project, operation) => {
    const { items } = sheetOf(project, operation.sheetId);
    const there = found(items, operation.itemId);
    if (there?.place.groupId !== operation.from.groupId) throw new EditConflict('The item was moved');
    const list = listIn(removedAt(items, there.place, operation.itemId).items, operation.to.groupId);
    if (!list) throw new EditConflict('The group of the item is gone');
    return {
      ...operation,
      from: there.place,
      to: { ...operation.to, above: presentAbove(list, operation.to.above, itemId) },
    };
  },
});
