import type { Item } from '../document/item.js';
import { intersect, type Bounds } from '../geometry/bounds.js';
import { itemBounds } from './item-bounds.js';

/** An item is meant when so much of the rectangle round it lies inside. */
const SHARE = 0.5;

/** Items that a rectangle drawn on the sheet (px) means: those of which at least half lies inside. Locked and hidden ones are passed over. */
export function itemsWithin(items: readonly Item[], area: Bounds): Item[] {
  return items.filter((item) => {
    if (item.locked || item.hidden) return false;
    const bounds = itemBounds(item);
    const inside = bounds && intersect(bounds, area);
    return inside !== null && inside.width * inside.height >= SHARE * bounds!.width * bounds!.height;
  });
}
