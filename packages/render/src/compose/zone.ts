import { intersect, movedAbove, toWholePixels, transformBounds, type Bounds, type Crossing, type Item } from '@kadrosyn/core';
import type { Drawing, Layer } from '../canvas/drawing.js';
import { crossingPlan, type CrossingPlan } from './crossing-plan.js';
import type { Splits } from './layer-paint.js';
import { letterOrder } from './letter-order.js';
import type { Paints } from './paints-by-key.js';
import { isOfZones, keysOf, unitKey, type Unit } from './unit.js';

/** A place where the order from back to front is another than the depth order. */
export interface Zone {
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

/** What zones are found in. */
export interface Layout {
  readonly crossings: readonly Crossing[];
  readonly items: readonly Item[];
  readonly paints: Paints;
  readonly splits: Splits;
  readonly drawing: Drawing;
}

/** From back to front by the unit that is moved, so that later moves settle what earlier ones left open. */
export function zonesOf({ crossings, items, paints, splits, drawing }: Layout, wanted: Bounds): Zone[] {
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

/** The moved unit directly above the other. A subject leaves its body behind, and then shows all of itself. */
export function localOrder(before: readonly string[], { plan, moved, above, units, below }: Zone): readonly string[] {
  const order = letterOrder(before, plan, { moved, above, units, below });
  if (plan.moved.part !== 'subject') return movedAbove(order, moved, above);
  const tongue = unitKey({ itemId: plan.moved.itemId, part: { kind: 'tongue' } });
  const whole = subjectKey(plan);
  const rest = order.filter((name) => name !== tongue && name !== whole);
  const last = rest.findLastIndex((name) => above.has(name));
  return last < 0 ? order : rest.toSpliced(last + 1, 0, whole);
}

/** The whole subject of what is moved. */
export function subjectKey({ moved }: CrossingPlan): string {
  return unitKey({ itemId: moved.itemId, part: { kind: 'subject' } });
}
