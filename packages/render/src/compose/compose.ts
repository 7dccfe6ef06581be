import { intersect, invert, toWholePixels, transformBounds, type Bounds, type Item } from '@kadrosyn/core';
import { lay, layAway, newLayer, type Drawing, type Layer, type Target } from '../canvas/drawing.js';
import { drawMask } from '../photo/draw-level.js';
import { castsOf, drawWithCasts } from './casts.js';
import { crossingsAmong, splitsOf, type CrossingPlan } from './crossing-plan.js';
import { depthOrder, paintsByKey, type Paints } from './paints-by-key.js';
import { zoneMaskLayer } from './zone-mask.js';
import { localOrder, subjectKey, zonesOf, type Zone } from './zone.js';

/** Paints what lies below all items of the list, or nothing, and says whether it is exact. */
export type Backdrop = ((target: Target) => boolean) | null;

/**
 * Paints a list of items, from back to front, and in the zones of its crossings in their local order: result = (1 - m) x depth order
 * + m x local order. A list without crossings pays nothing for them; a zone pays for its bounding box.
 * @param part - view px that are wanted; all of the clip when absent.
 * @returns whether all of it is exact: nothing stands in for what is still made elsewhere.
 */
export function composeItems(
  target: Target,
  items: readonly Item[],
  drawing: Drawing,
  backdrop: Backdrop,
  part: Bounds = drawing.clip,
): boolean {
  const { width, height } = target.context.canvas;
  const wanted = intersect(part, { x: target.x, y: target.y, width, height });
  if (!wanted) return true;
  const crossings = drawing.silhouette ? [] : crossingsAmong(items, drawing.sheet.crossings);
  const splits = splitsOf(crossings);
  const paints = paintsByKey(items, splits, drawing);
  const zones = zonesOf({ crossings, items, paints, splits, drawing }, wanted);
  const order = depthOrder(paints);
  const composition: Composition = { paints, zones, drawing, backdrop };
  return paintOrder(target, order, 0, wanted, composition);
}

interface Composition {
  readonly paints: Paints;
  readonly zones: readonly Zone[];
  readonly drawing: Drawing;
  readonly backdrop: Backdrop;
}

/** @returns whether all of it is exact. */
function paintOrder(target: Target, order: readonly string[], from: number, wanted: Bounds, composition: Composition): boolean {
  const { zones, paints, backdrop, drawing } = composition;
  const index = zones.findIndex((zone, i) => i >= from && intersect(zone.bounds, wanted) !== null);
  if (index < 0) {
    let exact = backdrop?.(target) ?? true;
    const casts = castsOf(order, wanted, paints);
    for (const [i, name] of order.entries()) {
      const paint = paints.get(name)!;
      const bounds = intersect(paint.bounds, wanted);
      if (!bounds) continue;
      const fallen = casts.filter((cast) => cast.after < i && i < cast.index && cast.itemId !== paint.unit.itemId);
      const drawn = fallen.length > 0 ? drawWithCasts(target, paint, fallen, bounds, drawing) : paint.draw(target);
      exact &&= drawn;
    }
    return exact;
  }
  const zone = zones[index]!;
  const exact = paintOrder(target, order, index + 1, wanted, composition);
  const local = localOrder(order, zone);
  if (local === order) return exact;
  const part = intersect(zone.bounds, wanted)!;
  if (drawing.resources.draft && canBeRepainted(local, zone, part, composition)) {
    repaint(target, local, zone, part, composition);
    return false;
  }
  const layer = newLayer(part, drawing.resources);
  const isLocalExact = paintOrder(layer, local, index + 1, part, composition);
  if (drawing.resources.draft) {
    drawMask(layer, zone.plan.zone.mask!, zone.plan.toPlane, drawing, 'destination-in');
    drawMask(target, zone.plan.zone.mask!, zone.plan.toPlane, drawing, 'destination-out');
    layAway(target, layer, drawing.resources, 'lighter');
    return false;
  }
  zone.mask ??= zoneMaskLayer(zone.plan, zone.bounds, drawing);
  lay(layer, zone.mask, 1, 'destination-in');
  lay(target, clippedTo(zone.mask, part, drawing), 1, 'destination-out');
  layAway(target, layer, drawing.resources, 'lighter');
  return exact && isLocalExact;
}

/** Whether the moved unit ends up on top of all that lies here, itself solid. */
function canBeRepainted(local: readonly string[], zone: Zone, part: Bounds, { paints, drawing }: Composition): boolean {
  const subject = subjectKey(zone.plan);
  const isMoved = (name: string): boolean => zone.moved.has(name) || name === subject;
  const last = local.findLastIndex(isMoved);
  const isHere = (name: string): boolean => {
    const common = intersect(paints.get(name)!.bounds, part);
    return common !== null && isFilledIn(zone.plan, transformBounds(invert(drawing.view), common));
  };
  return !local.slice(last + 1).some(isHere) && !local.some((name) => isMoved(name) && paints.get(name)!.isMixed);
}

/** Whether the mask of a zone has anything within a part of the sheet, or right beside it. @param part - px of the sheet. */
function isFilledIn({ zone, toPlane }: CrossingPlan, part: Bounds): boolean {
  const { width, height, data } = zone.mask!;
  const within = intersect(toWholePixels(transformBounds(toPlane, part), 1), { x: 0, y: 0, width, height });
  if (!within) return false;
  for (let y = within.y; y < within.y + within.height; y++) {
    const row = y * width + within.x;
    if (data.subarray(row, row + within.width).some((value) => value !== 0)) return true;
  }
  return false;
}

/** For a frame of a drag: the moved unit once more, where the zone is. Soft edges come out a little harder. */
function repaint(target: Target, local: readonly string[], zone: Zone, part: Bounds, { paints, drawing }: Composition): void {
  const subject = zone.plan.moved.part === 'subject' ? paints.get(subjectKey(zone.plan)) : undefined;
  const layer = subject?.make ? subject.make(part)?.layer : newLayer(part, drawing.resources);
  if (!layer) return;
  if (!subject) for (const name of local) if (zone.moved.has(name)) paints.get(name)!.draw(layer);
  drawMask(layer, zone.plan.zone.mask!, zone.plan.toPlane, drawing, 'destination-in');
  layAway(target, layer, drawing.resources);
}

/** The part of a layer within the bounds. */
function clippedTo(layer: Layer, bounds: Bounds, drawing: Drawing): Layer {
  const { x, y, width, height } = layer.bounds;
  if (bounds.x === x && bounds.y === y && bounds.width === width && bounds.height === height) return layer;
  const part = newLayer(bounds, drawing.resources);
  lay(part, layer);
  return part;
}
