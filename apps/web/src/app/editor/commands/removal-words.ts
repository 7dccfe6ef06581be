import { slotsUnder, type Item, type Sheet } from '@kadrosyn/core';

/** What is said when an item has been removed: a slot, or what belonged to one, is lost only knowingly. */
export function removalWords(sheet: Sheet, item: Item): string {
  if (item.type === 'opening' && item.slot) {
    return `${item.name} was a place to fill (“${item.slot.hint}”). It was removed.`;
  }
  const [slot] = slotsUnder(sheet, item);
  const isPart = slot && (item.type === 'group' || item.kind === 'artwork');
  return isPart ? `${item.name} lay over the place for “${slot.slot!.hint}”. It was removed.` : `${item.name} was removed.`;
}
