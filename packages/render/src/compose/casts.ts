import { intersect, type Bounds } from '@kadrosyn/core';
import { giveBack, lay, newLayer, type Drawing, type Layer, type Target } from '../canvas/drawing.js';
import type { Paint } from './layer-paint.js';

/** What falls on everything that lies between two places of the order, besides its own item. */
interface Cast {
  readonly itemId: string;
  readonly after: number;
  readonly index: number;
  readonly layer: Layer;
  readonly exact: boolean;
}

/** Shadows of subjects and letters that were moved, from back to front, each made once. A sheet of thousands of items pays nothing for them. */
export function castsOf(order: readonly string[], wanted: Bounds, paints: ReadonlyMap<string, Paint>): Cast[] {
  return order.flatMap((name, index) => {
    const { cast, unit, bounds } = paints.get(name)!;
    const { itemId } = unit;
    const after = cast ? order.lastIndexOf(cast.since, index) : -1;
    // Where nothing but its own parts lies between, there is nothing that it falls on.
    const passes = after >= 0 && order.slice(after + 1, index).some((passed) => paints.get(passed)!.unit.itemId !== itemId);
    const part = passes ? intersect(bounds, wanted) : null;
    const made = part && cast!.make(part);
    return made ? [{ itemId, after, index, ...made }] : [];
  });
}

/**
 * A paint with what falls on it. Both become one before they are laid: laid one after the other, the soft edge of the paint would be seen as a
 * line where what falls on it is solid. Only what is blended with all that lies below it can not be put together before.
 * @returns whether all of it is exact.
 */
export function drawWithCasts(target: Target, paint: Paint, casts: readonly Cast[], bounds: Bounds, drawing: Drawing): boolean {
  const layer = newLayer(bounds, drawing.resources);
  const exact = paint.draw(layer);
  if (paint.isMixed) paint.draw(target);
  for (const { layer: fallen } of casts) {
    const part = intersect(fallen.bounds, bounds);
    if (!part) continue;
    const onPaint = newLayer(part, drawing.resources);
    lay(onPaint, fallen, 1, 'copy');
    lay(onPaint, layer, 1, 'destination-in');
    if (paint.isMixed) lay(target, onPaint);
    else {
      lay(layer, fallen, 1, 'destination-out');
      lay(layer, onPaint, 1, 'lighter');
    }
    giveBack(onPaint, drawing.resources);
  }
  if (!paint.isMixed) lay(target, layer);
  giveBack(layer, drawing.resources);
  return exact && casts.every((cast) => cast.exact);
}
