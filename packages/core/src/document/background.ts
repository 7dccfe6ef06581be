import type { Fill, PhotoFill } from './fill.js';
import type { Box, Item, Opening } from './item.js';
import type { Sheet } from './project.js';
import { newId } from './new-id.js';

/**
 * The photo behind everything on a sheet: a locked opening with `role: 'background'` that lies at the back of the sheet's own list, once at
 * most (kinds/operations/item-tree keeps it so). It covers sheet and bleed, and follows their size.
 */
export type Background = Opening & { readonly role: 'background' };

export function isBackground(item: Item): item is Background {
  return item.type === 'opening' && item.role === 'background';
}

/** The photo behind a sheet; undefined where there is none. */
export function backgroundOf({ items }: Pick<Sheet, 'items'>): Background | undefined {
  const [first] = items;
  return first && isBackground(first) ? first : undefined;
}

/** What lies on a sheet in front of its background, from back to front. */
export function withoutBackground(items: readonly Item[]): readonly Item[] {
  return items[0] && isBackground(items[0]) ? items.slice(1) : items;
}

/** What a background covers: one px more than sheet and bleed on each side, since a sheet in mm may end within a px. */
export function backgroundBox({ width, height, bleed }: Pick<Sheet, 'width' | 'height' | 'bleed'>): Box {
  const out = bleed + 1;
  return { x: -out, y: -out, width: width + 2 * out, height: height + 2 * out, turn: 0 };
}

/** A background that shows a photo. @param fill - its placement is in px of `backgroundBox`. */
export function newBackground(sheet: Sheet, fill: PhotoFill): Background {
  return {
    type: 'opening',
    id: newId('item'),
    role: 'background',
    name: 'Background',
    kind: 'loose',
    outline: { type: 'rectangle', radii: [0, 0, 0, 0] },
    box: backgroundBox(sheet),
    fill,
    finish: {},
    locked: true,
  };
}

/** The same photo as an item like any other. */
export function asLooseItem({ role: _role, locked: _locked, ...opening }: Background): Opening {
  return opening;
}

/** A fill that stays where it is on the sheet when the corner of its box moves by x, y. */
export function heldInPlace(fill: Fill, by: { readonly x: number; readonly y: number }): Fill {
  if (fill.type !== 'photo' || typeof fill.placement === 'string') return fill;
  const { x, y } = fill.placement;
  return { ...fill, placement: { ...fill.placement, x: x - by.x, y: y - by.y } };
}
