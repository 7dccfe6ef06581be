import { isBackground, withoutBackground, type Bounds, type Item, type ResolvedSheet } from '@kadrosyn/core';
import type { Drawing } from '../canvas/drawing.js';
import type { Context2D, Surface } from '../canvas/environment.js';
import { composeItems } from '../compose/compose.js';
import { itemBounds } from '../compose/paints.js';
import { uniteBounds } from '../subject/subject.js';
import { drawBackdrop, drawGround } from './draw-sheet.js';

/** What lies below and above the item that is being changed, each drawn once. */
export interface KeptLayers {
  readonly index: number;
  readonly below: Surface;
  readonly above: { readonly surface: Surface; readonly bounds: Bounds } | null;
}

/** Draws what lies below and above an item. */
export function buildLayers(
  drawing: Drawing,
  index: number,
  { width, height }: { readonly width: number; readonly height: number },
): KeptLayers {
  const { sheet, resources, clip } = drawing;
  const exact: Drawing = { ...drawing, resources: { ...resources, draft: false } };
  const onto = (surface: Surface) => {
    surface.context.beginPath();
    surface.context.rect(clip.x, clip.y, clip.width, clip.height);
    surface.context.clip();
    return { context: surface.context, x: 0, y: 0 };
  };
  const below = resources.environment.createSurface(width, height);
  const backdrop = isBackground(sheet.items[index]!) ? drawGround : drawBackdrop;
  composeItems(onto(below), withoutBackground(sheet.items.slice(0, index)), exact, (target) => backdrop(target, exact));
  const upper = sheet.items.slice(index + 1);
  const bounds = upper.map((item) => itemBounds(item, exact)).reduce(uniteBounds, null);
  if (!bounds) return { index, below, above: null };
  const surface = resources.environment.createSurface(width, height);
  composeItems(onto(surface), upper, exact, null);
  return { index, below, above: { surface, bounds } };
}

/**
 * Whether an item can be drawn between layers of what lies below and above it: nothing above may mix with what it lies on, and no
 * crossing may reach across.
 */
export function canBeLayered({ items, crossings }: ResolvedSheet, index: number): boolean {
  if (items.slice(index + 1).some(mixes)) return false;
  const depth = (id: string): number => items.findIndex((item) => item.id === id);
  return crossings.every(({ lower, upper }) => {
    const [a, b] = [depth(lower.itemId), depth(upper.itemId)];
    return a < 0 || b < 0 || Math.max(a, b) < index || Math.min(a, b) > index;
  });
}

function mixes(item: Item): boolean {
  if (item.type === 'group') return (item.blend ?? 'normal') !== 'normal' || item.items.some(mixes);
  return (item.finish.blend ?? 'normal') !== 'normal';
}

/** Copies a part of a layer of the canvas' size to its place. */
export function copyPart(context: Context2D, layer: Surface, part: Bounds): void {
  context.drawImage(layer.image, part.x, part.y, part.width, part.height, part.x, part.y, part.width, part.height);
}
