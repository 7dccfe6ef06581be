import { alphaOf, filledBounds, isBackground, type Bounds, type Item, type Pixels, type ResolvedSheet } from '@kadrosyn/core';
import type { RenderResources } from '../canvas/resources.js';
import { drawSheet, sheetSize } from './draw-sheet.js';

/** The photo behind everything is hidden, and there all the same: what lies in an area of it is in its light. */
export function withoutGround(sheet: ResolvedSheet): ResolvedSheet {
  const { veil: _veil, ...rest } = sheet;
  const items = sheet.items.map((item) => (isBackground(item) ? { ...item, hidden: true } : item));
  return { ...rest, items, background: { type: 'none' } };
}

/** The sheet with these items alone: the others keep their places and are hidden. */
export function only(sheet: ResolvedSheet, items: readonly Item[]): ResolvedSheet {
  const shown = new Set(items);
  const hide = (item: Item): Item => {
    if (shown.has(item) || (item.type === 'opening' && item.role !== undefined)) return item;
    return item.type === 'group' && hasAny(item, shown) ? { ...item, items: item.items.map(hide) } : { ...item, hidden: true };
  };
  return { ...sheet, items: sheet.items.map(hide) };
}

function hasAny(item: Item, wanted: ReadonlySet<Item>): boolean {
  return wanted.has(item) || (item.type === 'group' && item.items.some((inner) => hasAny(inner, wanted)));
}

/** The px of a part of a sheet that hold anything, straight alpha, and where they lie, px of the picture. */
export interface DrawnPart {
  readonly pixels: Pixels;
  readonly at: Bounds;
}

/** Draws a sheet of which only a part is shown. @param isWhole - whether all px are wanted, also clear ones. @returns null where there is nothing */
export function drawnPart(sheet: ResolvedSheet, scale: number, resources: RenderResources, isWhole: boolean): DrawnPart | null {
  const { width, height } = sheetSize(sheet, scale);
  const { context } = resources.environment.createSurface(width, height);
  drawSheet(context, sheet, { scale, left: 0, top: 0 }, resources);
  const all: Bounds = { x: 0, y: 0, width, height };
  const at = isWhole ? all : filledBounds(alphaOf({ width, height, data: context.getImageData(0, 0, width, height).data }));
  if (at.width === 0 || at.height === 0) return null;
  const { data } = context.getImageData(at.x, at.y, at.width, at.height);
  return { pixels: { width: at.width, height: at.height, data }, at };
}
