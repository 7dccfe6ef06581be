import type { Bounds, Item, Opening, Plane } from '@kadrosyn/core';
import { lay, type Drawing, type Made, type Target } from '../canvas/drawing.js';
import { once } from '../kept/once.js';
import { keptLayer } from '../opening/kept-layer.js';
import { unitKey, type Unit, type UnitPart } from './unit.js';

/** Something that is painted in one go: an item, the subject of one, or a letter. */
export interface Paint {
  readonly unit: Unit;
  /** View px that it can touch. */
  readonly bounds: Bounds;
  /** @returns whether what it drew is exact: nothing stands in for what is still made elsewhere. */
  draw(target: Target): boolean;
  /** Whether it is clear or blended, so that what lies below shows through. */
  readonly isMixed: boolean;
  /** The layer that it would lay, for this much of the view; for paints that are made anew wherever they are drawn. */
  readonly make?: (part: Bounds) => Made | null;
  /** What falls on nothing but what was moved to between the paint `since` (a key) of the same item and this one. */
  readonly cast?: { readonly since: string; readonly make: (part: Bounds) => Made | null };
  /** What it covers, where that is known already: a plane whose first px is at x, y of the view. */
  readonly cover?: { readonly plane: Plane; readonly x: number; readonly y: number };
}

/** Parts of items that are painted apart, since a crossing is with one of them: 'subject' or ids of letters, by item. */
export type Splits = ReadonlyMap<string, ReadonlySet<string>>;

/** How a canvas lays down what is blended so; a silhouette blends nothing. */
export function operationOf(blend: Opening['finish']['blend'], drawing: Drawing): GlobalCompositeOperation {
  return blend === undefined || blend === 'normal' || drawing.silhouette ? 'source-over' : blend;
}

/** One paint of an item, or none where it touches nothing. */
export function paint(item: Item, part: UnitPart, bounds: Bounds | null, draw: Paint['draw']): Paint[] {
  const { opacity = 1, blend = 'normal' } = item.type === 'group' ? item : item.finish;
  const isMixed = opacity < 1 || blend !== 'normal';
  return bounds ? [{ unit: { itemId: item.id, part }, bounds, isMixed, draw }] : [];
}

/** A paint that lays a layer, which is kept from one frame to the next where there is room. */
export function layerPaint(
  opening: Opening,
  part: UnitPart,
  bounds: Bounds | null,
  make: () => Made | null,
  drawing: Drawing,
): Paint[] {
  const { layers } = drawing.resources;
  const layer = once(
    layers && !drawing.silhouette ? () => keptLayer(layers, opening, unitKey({ itemId: opening.id, part }), drawing, make) : make,
  );
  const { opacity = 1, blend } = opening.finish;
  return paint(opening, part, bounds, (target) => {
    const made = layer();
    if (made) lay(target, made.layer, drawing.silhouette ? 1 : opacity, operationOf(blend, drawing));
    return made?.exact ?? true;
  });
}
