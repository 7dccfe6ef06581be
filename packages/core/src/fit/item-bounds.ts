import { openingsOf } from '../document/find-item.js';
import type { Item } from '../document/item.js';
import { unite, type Bounds } from '../geometry/bounds.js';
import { boxBounds } from '../geometry/box.js';

/** The upright rectangle round the boxes of an item, px of the sheet; null for an empty group. */
export function itemBounds(item: Item): Bounds | null {
  return [...openingsOf([item])]
    .map(({ box }) => boxBounds(box))
    .reduce<Bounds | null>((sum, box) => (sum ? unite(sum, box) : box), null);
}
