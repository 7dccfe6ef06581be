import type { Group, Opening } from '../../document/item.js';
import { EditConflict } from './edit-error.js';
import { changedItem, changedSheet, found } from './item-tree.js';
import { fillNames } from './item-names.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { mergedChange, refittedChange, reconciledChange, withProperties, type Properties } from './properties.js';
import { sheetOf } from './sheet-of.js';

export type ItemProperties = Properties<Omit<Opening, 'type' | 'id' | 'role'>> &
  Properties<Omit<Group, 'type' | 'id' | 'items' | 'finish'>>;

export interface ChangeItem {
  readonly type: 'change-item';
  readonly sheetId: string;
  readonly itemId: string;
  readonly before: ItemProperties;
  readonly after: ItemProperties;
}

const isSame = (a: ChangeItem, b: ChangeItem): boolean => a.sheetId === b.sheetId && a.itemId === b.itemId;

export const changeItem = defineOperation<'change-item', ChangeItem>({
  type: 'change-item',
  apply: (project, { sheetId, itemId, after }) =>
    changedSheet(project, sheetId, (sheet) => ({
      ...sheet,
      items: changedItem(sheet.items, itemId, (item) => withProperties(item, after)),
    })),
  invert: (operation) => ({ ...operation, before: operation.after, after: operation.before }),
  touches: ({ sheetId, itemId, after }) => ({
    needs: [nameOf.sheet(sheetId), nameOf.item(itemId), ...fillNames(sheetId, after.fill)],
    makes: [],
    takes: [],
  }),
  merge: (earlier, later) => (isSame(earlier, later) ? mergedChange(earlier, later) : null),
  isSame,
  reconcile: reconciledChange,
  refit: (project, operation) => {
    const there = found(sheetOf(project, operation.sheetId).items, operation.itemId);
    if (!there) throw new EditConflict('The item is gone');
    return refittedChange(there.item, operation);
  },
});
