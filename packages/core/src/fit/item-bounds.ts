import { isHidden, openingsOf } from '../document/find-item.js';
import type { Item, Opening } from '../document/item.js';
import { transformBounds, unite, type Bounds } from '../geometry/bounds.js';
import { boxBounds, boxMatrix } from '../geometry/box.js';
import { flatten, transformPath } from '../geometry/path.js';
import { polygonBounds } from '../geometry/polygon.js';
import type { Shaper } from '../lettering/shaper.js';
import { openingPath } from './opening-fit.js';

/** The upright rectangle round the boxes of an item, px of the sheet; null for an empty group. */
export function itemBounds(item: Item): Bounds | null {
  return united([...openingsOf([item])].map(({ box }) => boxBounds(box)));
}

/**
 * The upright rectangle round what can be seen of an item: the true outlines of its openings, px of the sheet. Null where nothing is.
 * Lettering counts with its box, whose lines are what people line up.
 */
export function outlineBounds(item: Item, shaper: Shaper): Bounds | null {
  return united([...openingsOf([item], isHidden)].map((opening) => boundsOfOutline(opening, shaper)));
}

function boundsOfOutline(opening: Opening, shaper: Shaper): Bounds {
  const { box, outline } = opening;
  const { width, height } = box;
  if (outline.type === 'lettering') return transformBounds(boxMatrix(box), { x: 0, y: 0, width, height });
  return polygonBounds(flatten(transformPath(boxMatrix(box), openingPath(opening, shaper)), 0.1));
}

function united(boxes: readonly Bounds[]): Bounds | null {
  return boxes.reduce<Bounds | null>((sum, box) => (sum ? unite(sum, box) : box), null);
}
