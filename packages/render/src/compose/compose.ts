import {
  intersect,
  invert,
  isAbove,
  meanScale,
  movedAbove,
  apply,
  toWholePixels,
  transformBounds,
  type Bounds,
  type Crossing,
  type Item,
} from '@kadrosyn/core';
import { castsOf, drawWithCasts } from './casts.js';
import { crossingPlan, crossingsAmong, splitsOf, type CrossingPlan } from './crossing-plan.js';
import { drawMask } from '../photo/draw-level.js';
import { lay, layAway, newLayer, type Drawing, type Layer, type Target } from '../canvas/drawing.js';
import type { Paint, Splits } from './layer-paint.js';
import { isOfZones, keysOf, unitKey, type Unit } from './unit.js';
import { letterOrder } from './letter-order.js';
import { paintsOf } from './paints.js';
import { zoneMaskLayer } from './zone-mask.js';

/** A place where the order from back to front is another than the depth order. */
interface Zone {
  readonly plan: CrossingPlan;
  readonly moved: ReadonlySet<string>;
  readonly above: ReadonlySet<string>;
  /** All of the list. */
  readonly units: readonly Unit[];
  /** What single letters of it lay below themselves. */
  readonly below: readonly Unit[];
  /** View px. */
  readonly bounds: Bounds;
  mask?: Layer;
}

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
  const zones = zonesOf(crossings, items, paints, splits, wanted, drawing);
  const order = depthOrder(paints);
  const composition: Composition = { paints, zones, drawing, backdrop };
  return paintOrder(target, order, 0, wanted, composition);
}

/** Paints by the keys of their units. */
type Paints = ReadonlyMap<string, Paint>;

function paintsByKey(items: readonly Item[], splits: Splits, drawing: Drawing): Paints {
  return new Map(paintsOf(items, splits, drawing).map((paint) => [unitKey(paint.unit), paint]));
}

/** Keys from back to front, without what only zones show. */
function depthOrder(paints: Paints): string[] {
  return [...paints].filter(([, { unit }]) => !isOfZones(unit)).map(([key]) => key);
}

interface Composition {
  readonly paints: Paints;
  readonly zones: readonly Zone[];
  readonly drawing: Drawing;
  readonly backdrop: Backdrop;
}

/** From back to front by the unit that is moved, so that later moves settle what earlier ones left open. */
function zonesOf(
  crossings: readonly Crossing[],
  items: readonly Item[],
  paints: Paints,
  splits: Splits,
  wanted: Bounds,
  drawing: Drawing,
): Zone[] {
  const units = [...paints.values()].map(({ unit }) => unit);
  const below = units.filter((unit) => isOfZones(unit) && unit.part.kind === 'below');
  const depth = (itemId: string): number => items.findIndex(({ id }) => id === itemId);
  return crossings
    .map((crossing) => crossingPlan(crossing, items, splits, drawing))
    .filter((plan) => plan !== null)
    .filter(({ zone }) => zone.mask !== null)
    .sort((a, b) => depth(a.moved.itemId) - depth(b.moved.itemId))
    .flatMap((plan): Zone[] => {
      const bounds = intersect(toWholePixels(transformBounds(drawing.view, plan.area), 1), wanted);
      const zone = {
        plan,
        units,
        below,
        moved: new Set(keysOf(plan.moved, units)),
        above: new Set(keysAbove(plan.above, units)),
      };
      return bounds && zone.moved.size > 0 && zone.above.size > 0 ? [{ ...zone, bounds }] : [];
    });
}

/** What is passed over with a subject: the tongue of it, and the body that it lies in. */
function keysAbove(above: CrossingPlan['above'], units: readonly Unit[]): string[] {
  return keysOf(above.part === 'subject' ? { ...above, part: 'whole' } : above, units);
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

/** The moved unit directly above the other. A subject leaves its body behind, and then shows all of itself. */
function localOrder(before: readonly string[], { plan, moved, above, units, below }: Zone): readonly string[] {
  const order = letterOrder(before, plan, { moved, above, units, below });
  if (plan.moved.part !== 'subject') return movedAbove(order, moved, above);
  const tongue = unitKey({ itemId: plan.moved.itemId, part: { kind: 'tongue' } });
  const whole = subjectKey(plan);
  const rest = order.filter((name) => name !== tongue && name !== whole);
  const last = rest.findLastIndex((name) => above.has(name));
  return last < 0 ? order : rest.toSpliced(last + 1, 0, whole);
}

/** The whole subject of what is moved. */
function subjectKey({ moved }: CrossingPlan): string {
  return unitKey({ itemId: moved.itemId, part: { kind: 'subject' } });
}

/** The part of a layer within the bounds. */
function clippedTo(layer: Layer, bounds: Bounds, drawing: Drawing): Layer {
  const { x, y, width, height } = layer.bounds;
  if (bounds.x === x && bounds.y === y && bounds.width === width && bounds.height === height) return layer;
  const part = newLayer(bounds, drawing.resources);
  lay(part, layer);
  return part;
}

/** Crossings whose rule a later one undoes where they overlap: a cycle, of which the last one counts. */
export function unsettledCrossings(items: readonly Item[], drawing: Drawing): Crossing[] {
  const crossings = crossingsAmong(items, drawing.sheet.crossings);
  const splits = splitsOf(crossings);
  const paints = paintsByKey(items, splits, drawing);
  const order = depthOrder(paints);
  const zones = zonesOf(crossings, items, paints, splits, drawing.clip, drawing);
  return zones
    .filter((zone) => {
      const touching = zones.filter((other) => other === zone || overlap(zone.plan, other.plan));
      const settled = touching.reduce(localOrder, order);
      return !isAbove(settled, zone.moved, zone.above);
    })
    .map(({ plan }) => plan.crossing);
}

/** Whether two zones have a place in common. */
function overlap(a: CrossingPlan, b: CrossingPlan): boolean {
  const common = intersect(a.area, b.area);
  if (!common) return false;
  const step = 1 / meanScale(a.toPlane);
  const value = ({ zone, toPlane }: CrossingPlan, x: number, y: number): number => {
    const p = apply(toPlane, { x, y });
    const { width, height, data } = zone.mask!;
    const [px, py] = [Math.floor(p.x), Math.floor(p.y)];
    return px < 0 || py < 0 || px >= width || py >= height ? 0 : data[py * width + px]!;
  };
  for (let y = common.y + step / 2; y < common.y + common.height; y += step) {
    for (let x = common.x + step / 2; x < common.x + common.width; x += step) {
      if (value(a, x, y) > 127 && value(b, x, y) > 127) return true;
    }
  }
  return false;
}
