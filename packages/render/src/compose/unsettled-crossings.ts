import { apply, intersect, isAbove, meanScale, type Crossing, type Item } from '@kadrosyn/core';
import type { Drawing } from '../canvas/drawing.js';
import { crossingsAmong, splitsOf, type CrossingPlan } from './crossing-plan.js';
import { depthOrder, paintsByKey } from './paints-by-key.js';
import { localOrder, zonesOf } from './zone.js';

/** Crossings whose rule a later one undoes where they overlap: a cycle, of which the last one counts. */
export function unsettledCrossings(items: readonly Item[], drawing: Drawing): Crossing[] {
  const crossings = crossingsAmong(items, drawing.sheet.crossings);
  const splits = splitsOf(crossings);
  const paints = paintsByKey(items, splits, drawing);
  const order = depthOrder(paints);
  const zones = zonesOf({ crossings, items, paints, splits, drawing }, drawing.clip);
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
