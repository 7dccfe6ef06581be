import {
  apply,
  belowReach,
  crossingZone,
  filledBounds,
  intersect,
  invert,
  marksToSheet,
  meanScale,
  multiply,
  scaling,
  shadowReach,
  toWholePixels,
  transformBounds,
  translation,
  unite,
  zoneReach,
  type Bounds,
  type Crossing,
  type CrossingPart,
  type CrossingZone,
  type Item,
  type Matrix,
  type Point,
} from '@kadrosyn/core';
import type { Drawing } from '../canvas/drawing.js';
import { ObjectMemo } from '../kept/memo.js';
import type { Paint, Splits } from './layer-paint.js';
import { isOfZones, standsFor, unitKey, unitOf } from './unit.js';
import { paintsOf } from './paints.js';
import { coverOf, reachesInto, unitCovers } from './unit-cover.js';
import { workingScale } from '../subject/working-size.js';

/** A crossing as it is on a list of items, at working size. */
export interface CrossingPlan {
  readonly crossing: Crossing;
  readonly zone: CrossingZone;
  /** The unit that lies lower in the depth order is moved, and the other one it is moved above. */
  readonly moved: CrossingPart;
  readonly above: CrossingPart;
  /** Px of the sheet to px of the planes. */
  readonly toPlane: Matrix;
  /** Where the zone's mask is not empty, px of the sheet. */
  readonly area: Bounds;
  /** The upper one lies on the lower one with all that it is: that is no crossing that anybody would see. */
  readonly isLaid: boolean;
}

/** From this share of itself on the upper one of a pair counts as lying on the lower one. */
const LAID = 0.97;

const plans = new ObjectMemo<CrossingPlan | null>('crossing plans');

/** The parts that crossings of a list of items are with. */
export function splitsOf(crossings: readonly Crossing[]): Splits {
  const splits = new Map<string, Set<string>>();
  for (const { lower, upper } of crossings) {
    for (const { itemId, part } of [lower, upper]) {
      if (part === 'whole') continue;
      const parts = splits.get(itemId) ?? new Set();
      splits.set(itemId, parts.add(part));
    }
  }
  return splits;
}

/** The crossings whose two items both lie in this list. */
export function crossingsAmong(items: readonly Item[], crossings: readonly Crossing[]): Crossing[] {
  const ids = new Set(items.map(({ id }) => id));
  return crossings.filter(({ lower, upper }) => ids.has(lower.itemId) && ids.has(upper.itemId) && lower.itemId !== upper.itemId);
}

/** Regions and zone of a crossing; null where the two do not meet. Kept until one of the items changes. */
export function crossingPlan(crossing: Crossing, items: readonly Item[], splits: Splits, drawing: Drawing): CrossingPlan | null {
  const [l, u] = [crossing.lower, crossing.upper].map(({ itemId }) => items.findIndex(({ id }) => id === itemId)) as [
    number,
    number,
  ];
  const [low, high] = l < u ? [l, u] : [u, l];
  const involved = items.slice(low, high + 1).filter(({ hidden }) => !hidden);
  const scale = workingScale(drawing);
  const raised = raisedAbove(items[low]!, items.slice(0, low), drawing.sheet.crossings).filter(({ hidden }) => !hidden);
  const { placements } = drawing.sheet;
  const { version, trace } = drawing.resources;
  const inputs = { scale, placements, version, raised, items: involved };
  const name = [crossing.lower, crossing.upper].map((part) => unitKey(unitOf(part))).join(' and ');
  const make = (): CrossingPlan | null => makePlan(crossing, items, { low, high, raised, lowerIsLow: l < u }, splits, drawing);
  return plans.keep({ owner: crossing, name }, inputs, make, trace);
}

/** Where the two items lie in the list. */
interface Pair {
  readonly low: number;
  readonly high: number;
  /** What other crossings bring between them. */
  readonly raised: readonly Item[];
  /** The lower item of the crossing is the one that lies lower. */
  readonly lowerIsLow: boolean;
}

function makePlan(
  crossing: Crossing,
  items: readonly Item[],
  { low, high, raised, lowerIsLow }: Pair,
  splits: Splits,
  drawing: Drawing,
): CrossingPlan | null {
  const scale = workingScale(drawing);
  const { width, height } = drawing.sheet;
  const [moved, above] = lowerIsLow ? [crossing.lower, crossing.upper] : [crossing.upper, crossing.lower];
  const whole = toWholePixels({ x: 0, y: 0, width: width * scale, height: height * scale });
  const onWhole: Drawing = { ...drawing, view: scaling(scale), clip: whole, silhouette: true, isWorkingSize: true };
  const paintsFor = (item: Item, crossed: CrossingPart): Paint[] =>
    paintsOf([item], splits, onWhole).filter(({ unit }) => standsFor(crossed, unit));
  const [lowItem, highItem] = [items[low]!, items[high]!];
  const [lowPaints, highPaints] = [paintsFor(lowItem, moved), paintsFor(highItem, above)];
  const [lowBounds, highBounds] = [lowPaints, highPaints].map((paints) =>
    paints.map(({ bounds }) => bounds).reduce<Bounds | null>((a, b) => (a ? unite(a, b) : b), null),
  );
  const reach = { lower: reachOf(lowItem) * scale, upper: reachOf(highItem) * scale };
  const shared = lowBounds && highBounds && intersect(lowBounds, highBounds);
  const area = shared && intersect(toWholePixels(shared, zoneReach(Math.max(reach.lower, reach.upper)) + 3), whole);
  if (!area) return null;
  const toPlane = multiply(translation(-area.x, -area.y), scaling(scale));
  // What is drawn in every frame of a drag, or only looked at again after each drop, is worth keeping; a picture needs no more than the area.
  const wanted = drawing.resources.draft || !drawing.sheet.crossings.includes(crossing) ? null : area;
  const between = [...raised, ...items.slice(low + 1, high).filter(({ hidden }) => !hidden)];
  const betweenCovers = between.flatMap((item) => {
    const paints = paintsOf([item], splits, onWhole).filter(({ unit }) => !isOfZones(unit));
    return paints.flatMap((paint) => unitCovers(item, unitKey(paint.unit), [paint], onWhole, wanted));
  });
  // What passes over a subject does not pass over the body around it.
  if (above.part === 'subject') {
    const bodies = paintsOf([highItem], splits, onWhole).filter(({ unit }) => unit.part.kind === 'body');
    betweenCovers.push(...unitCovers(highItem, 'body', bodies, onWhole, wanted));
  }
  const zone = crossingZone({
    lower: coverOf(unitCovers(lowItem, moved.part, lowPaints, onWhole, wanted), area),
    upper: coverOf(unitCovers(highItem, above.part, highPaints, onWhole, wanted), area),
    between: reachesInto(betweenCovers, area) ? coverOf(betweenCovers, area) : null,
    crossing,
    lowerIsMarked: lowerIsLow,
    toPlane: multiply(toPlane, marksToSheet(crossing, drawing.sheet, drawing.resources.photos)),
    sheetArea: width * height * scale * scale,
    shadowReach: reach,
  });
  const inMask = zone.mask ? filledBounds(zone.mask) : { x: 0, y: 0, width: 0, height: 0 };
  const common = zone.regions.reduce((sum, region) => sum + region.area, 0);
  const isLaid = contains(shared, highBounds) && common >= LAID * zone.upperArea;
  return { crossing, zone, moved, above, toPlane, area: transformBounds(invert(toPlane), inMask), isLaid };
}

function contains(outer: Bounds, { x, y, width, height }: Bounds): boolean {
  return (
    outer.x <= x + 1 && outer.y <= y + 1 && outer.x + outer.width >= x + width - 1 && outer.y + outer.height >= y + height - 1
  );
}

/** Items from below that other crossings may raise above `item`: where they lie on it, it may not be moved past them in passing. */
function raisedAbove(item: Item, below: readonly Item[], crossings: readonly Crossing[]): Item[] {
  const partners = new Set(
    crossings
      .filter(({ lower, upper }) => lower.itemId === item.id || upper.itemId === item.id)
      .map(({ lower, upper }) => (lower.itemId === item.id ? upper.itemId : lower.itemId)),
  );
  return below.filter(({ id }) => partners.has(id));
}

function reachOf(item: Item): number {
  const own = item.finish ? belowReach(item.finish) : 0;
  return item.type === 'opening' ? Math.max(own, shadowReach(item.overhangs?.shadow)) : own;
}

/** Length in px of the sheet along which over turns to under in the middle of things: for each cut line, and by what was painted. */
export function hardCutsOf({ zone, toPlane }: CrossingPlan): { readonly length: number; readonly at: Point | null }[] {
  const toSheet = invert(toPlane);
  return zone.hardCuts().map(({ length, at }) => ({ length: length * meanScale(toSheet), at: at && apply(toSheet, at) }));
}
