import { insertInFront, changeSheetOperations } from './make-edit.js';
import { asLooseItem, isBackground } from './background.js';
import type { Crossing } from './crossing.js';
import type { Operation, Place } from './edit.js';
import type { Item } from './item.js';
import { newId } from './new-id.js';
import type { Sheet } from './project.js';

/** A copy with new ids, moved by `offset` px. */
export function copyOf(item: Item, offset: number): Item {
  return copiesOf([item], [], offset).items[0]!;
}

/**
 * Copies of items with new ids, moved by `offset` px, and of the crossings between them.
 * @param crossings - those of their sheet; what is with others stays behind.
 * @param of - where a whole sheet is copied, its background stays one.
 */
export function copiesOf(
  items: readonly Item[],
  crossings: readonly Crossing[],
  offset = 0,
  of: 'items' | 'sheet' = 'items',
): { readonly items: readonly Item[]; readonly crossings: readonly Crossing[] } {
  const ids = new Map<string, string>();
  const copy = (item: Item): Item => {
    const id = newId('item');
    // The copy of a background is a picture like any other. Nothing crosses a background: a crossing that names it must not begin to count.
    const isFreed = of === 'items' && isBackground(item);
    if (!isFreed) ids.set(item.id, id);
    if (item.type === 'group') return { ...item, id, items: item.items.map(copy) };
    const { host, ...opening } = isFreed ? asLooseItem(item) : item;
    // In the copy of its host, if that is copied too; else it lies free.
    const copiedHost = host && ids.get(host.itemId);
    return {
      ...opening,
      ...(copiedHost ? { host: { ...host, itemId: copiedHost } } : {}),
      id,
      box: { ...item.box, x: item.box.x + offset, y: item.box.y + offset },
    };
  };
  const copied = items.map(copy);
  const end = (part: Crossing['lower']): Crossing['lower'] => ({ ...part, itemId: ids.get(part.itemId) ?? part.itemId });
  return {
    items: copied,
    crossings: crossingsBetween(ids, crossings).map((crossing) => ({
      ...crossing,
      lower: end(crossing.lower),
      upper: end(crossing.upper),
    })),
  };
}

/** The crossings whose two ends are both among some items. */
export function crossingsBetween(ids: { has(id: string): boolean }, crossings: readonly Crossing[]): readonly Crossing[] {
  return crossings.filter(({ lower, upper }) => ids.has(lower.itemId) && ids.has(upper.itemId));
}

/** Lays copies at a place, each in front of the one before, and adds the crossings between them. */
export function layCopies(sheet: Sheet, place: Place, copies: ReturnType<typeof copiesOf>): Operation[] {
  return [
    ...insertInFront(sheet, place, copies.items),
    ...changeSheetOperations(sheet, { crossings: [...sheet.crossings, ...copies.crossings] }),
  ];
}
