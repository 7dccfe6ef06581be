import type { Fill } from '../../document/fill.js';
import type { Item } from '../../document/item.js';
import { fillReferences } from '../fills/fills.js';
import { nameOf } from './operation-kind.js';

/** Names of an item, and of all that is in it. */
export function namesIn(item: Item): string[] {
  return item.type === 'group' ? [nameOf.item(item.id), ...item.items.flatMap(namesIn)] : [nameOf.item(item.id)];
}

/** Names of what must be there for an item to be drawn. */
export function namesNeededBy(sheetId: string, item: Item): string[] {
  return item.type === 'group' ? item.items.flatMap((inner) => namesNeededBy(sheetId, inner)) : fillNames(sheetId, item.fill);
}

/** The same for a fill. */
export function fillNames(sheetId: string, fill: Fill | null | undefined): string[] {
  if (!fill) return [];
  return fillReferences(fill).flatMap((reference) => {
    if (reference.to === 'photo') return [nameOf.photo(reference.id)];
    if (reference.to === 'sheet') return [nameOf.sheet(reference.id)];
    return reference.to === 'placement' ? [nameOf.placement(sheetId, reference.id)] : [];
  });
}
