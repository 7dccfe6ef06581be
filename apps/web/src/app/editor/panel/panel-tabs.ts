import { isBackground, outlineKind, type Item } from '@kadrosyn/core';
import type { PanelTab } from '../state/editor.state';

const BREAKOUT = { id: 'breakout', name: 'Break out' } as const;
const TOGETHER = [
  { id: 'together', name: 'Arrange' },
  { id: 'finish', name: 'Finish' },
] as const;

/** The tabs that apply to what is selected, in the order of work. @param item - null for several together; @param isOnProduct - it is what is printed on a product */
export function tabsFor(item: Item | null, isOnProduct = false): readonly { readonly id: PanelTab; readonly name: string }[] {
  if (!item) return TOGETHER;
  if (isBackground(item)) return [{ id: 'fit', name: 'Fit' }, TOGETHER[1]];
  if (item.type === 'group') return [TOGETHER[0], BREAKOUT, TOGETHER[1]];
  // Its size and place are those of the area, so that true sizes stay true.
  if (isOnProduct) return [{ id: 'product', name: 'Product' }, TOGETHER[1]];
  const common = [{ id: 'fit', name: 'Fit' }, BREAKOUT, { id: 'finish', name: 'Finish' }, { id: 'size', name: 'Size' }] as const;
  return item.outline.type === 'lettering' ? [{ id: 'lettering', name: 'Letters' }, ...common] : common;
}

/** "Arch", "Ellipse"... as the panel calls an outline. */
export function outlineWord(item: Item): string {
  if (item.type === 'group') return 'Group';
  if (isBackground(item)) return 'Photo behind the sheet';
  const { outline, kind } = item;
  if (kind === 'loose') return 'Loose photo';
  if (kind === 'artwork') return 'Artwork';
  return outlineKind(outline).word;
}
