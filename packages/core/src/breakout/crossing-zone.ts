import type { Plane } from '../finish/plane.js';
import { apply, invert, type Matrix, type Point } from '../geometry/matrix.js';
import type { Crossing } from '../document/crossing.js';
import { nearestOnLines, wallsOf, type CutLine } from './cut-line.js';
import { grow } from './grow.js';
import { hardCuts, paintedCut, type HardCut } from './hard-cut.js';
import { markedParts } from './marks.js';
import { divide, middlesIn, pixelsOfParts, type Parts } from './parts.js';

/** From this coverage on a unit counts as present, of 255. */
const PRESENT = 2;
/** A zone reaches at least so far beyond its region, px of the planes. */
const LEAST_REACH = 3;
/** Behind the end of a shadow the zone fades within so many px. */
const FADE = 4;
/** Smaller fragments of a region go with the nearest one, as a share of the sheet. */
const FRAGMENT = 0.0002;

/**
 * How far a zone reaches along a shadow, px of the planes. Distances are counted in steps that are up to 7 % too long, and the fade
 * lies behind the shadow, where there is nothing left of it.
 */
export function zoneReach(shadowReach: number): number {
  return shadowReach > 0 ? Math.max(LEAST_REACH, 1.07 * shadowReach + FADE) : LEAST_REACH;
}

/** A crossing at working size. */
export interface CrossingInput {
  /** Coverage of the unit that lies lower in the depth order, without its shadow. */
  readonly lower: Plane;
  readonly upper: Plane;
  /** Where an item that the zone must not pass lies on the lower one; the zone does not grow there. */
  readonly between: Plane | null;
  readonly crossing: Pick<Crossing, 'over' | 'regions' | 'cuts' | 'paint'>;
  /** Whether `over` of the crossing means that the unit that lies lower passes over. */
  readonly lowerIsMarked: boolean;
  /** Px of the crossing's marks to px of the planes. */
  readonly toPlane: Matrix;
  readonly sheetArea: number;
  /** How far the shadows of the two reach, px of the planes. */
  readonly shadowReach: { readonly lower: number; readonly upper: number };
}

/** A connected region where the two overlap. */
export interface CrossingRegion {
  readonly label: number;
  readonly area: number;
  /** Whether the crossing's lower unit passes over here. */
  readonly over: boolean;
  readonly marked: boolean;
}

export interface CrossingZone {
  readonly parts: Parts;
  readonly regions: readonly CrossingRegion[];
  /** Where the depth order is turned: 0 to 255, or null where it is nowhere. */
  readonly mask: Plane | null;
  /** Cut lines in px of the planes. */
  readonly cuts: readonly CutLine[];
  /** Marks that hit no region. */
  readonly lost: number;
  /** Px of the marks to px of the planes. */
  readonly toPlane: Matrix;
  /** Px of the planes in which the upper unit is present. */
  readonly upperArea: number;
  /** For each cut line how long over turns to under in the middle of things, and last by what was painted by hand. */
  readonly hardCuts: () => readonly HardCut[];
}

/** Finds the regions of a pair, what is said of each, and the zone in which the order is to be turned. */
export function crossingZone(input: CrossingInput): CrossingZone {
  const { lower, upper, crossing, toPlane } = input;
  const { width, height } = lower;
  const both = new Uint8Array(lower.data.length);
  for (let i = 0; i < both.length; i++) both[i] = lower.data[i]! >= PRESENT && upper.data[i]! >= PRESENT ? 1 : 0;
  const cuts = crossing.cuts.map((line) => line.map((p) => apply(toPlane, p)));
  const walls = cuts.length > 0 ? wallsOf(cuts, width, height) : null;
  const parts = divide(both, width, height, walls, Math.max(4, input.sheetArea * FRAGMENT));
  const marks = crossing.regions.map(({ at, over }) => ({ at, value: over }));
  const { said, lost } = markedParts(parts, marks, toPlane, both, Math.max(8, 0.02 * Math.max(width, height)));
  const regions = parts.parts.map(({ label, area }): CrossingRegion => {
    return { label, area, over: said.get(label) ?? crossing.over, marked: said.has(label) };
  });
  const overs = new Map(regions.map((region) => [region.label, region.over]));
  const cutsOfHand = (): readonly HardCut[] => [
    ...hardCuts(parts, cuts, overs),
    ...(crossing.paint?.length ? [paintedCut(turnedIn(input, parts, regions), parts.labels, width, height)] : []),
  ];
  let upperArea = 0;
  for (const value of upper.data) if (value >= PRESENT) upperArea++;
  const mask = zoneMask(input, parts, regions);
  return { parts, regions, mask, cuts, lost, toPlane, upperArea, hardCuts: cutsOfHand };
}

/**
 * For each region, by its label, the points to mark it by, px of the marks: the deepest first. Marks at all of them find the region
 * again when the two are moved.
 */
export function regionPoints({ parts, toPlane }: Pick<CrossingZone, 'parts' | 'toPlane'>): ReadonlyMap<number, readonly Point[]> {
  return middlesIn(pixelsOfParts(parts), invert(toPlane));
}

/** 1 where the order is turned, 2 where the pair overlaps and it is not. */
function turnedIn(input: CrossingInput, { labels }: Parts, regions: readonly CrossingRegion[]): Int32Array {
  const turned = new Set(regions.filter(({ over }) => over === input.lowerIsMarked).map(({ label }) => label));
  const values = new Int32Array(labels.length);
  for (let i = 0; i < values.length; i++) if (labels[i] !== 0) values[i] = turned.has(labels[i]!) ? 1 : 2;
  paintStrokes(values, input);
  return values;
}

/** Where the order is turned, grown where only one of the two is present. */
function zoneMask(input: CrossingInput, parts: Parts, regions: readonly CrossingRegion[]): Plane | null {
  const { lower, upper, between, shadowReach } = input;
  const { width, height } = parts;
  const values = turnedIn(input, parts, regions);
  if (!values.includes(1)) return null;
  const [down, up] = [zoneReach(shadowReach.lower), zoneReach(shadowReach.upper)];
  const reach = Math.max(down, up);
  const distances = grow(values, width, height, reach, (i, distance) => {
    const [hasLower, hasUpper] = [lower.data[i]! >= PRESENT, upper.data[i]! >= PRESENT];
    if (hasLower && between !== null && between.data[i]! >= PRESENT) return false;
    if (distance <= LEAST_REACH) return true;
    // The lower one's shadow falls on the upper one, the upper one's on the lower one, and no further.
    return (hasUpper && !hasLower && distance <= down) || (hasLower && !hasUpper && distance <= up);
  });
  const data = new Uint8Array(values.length);
  for (let i = 0; i < data.length; i++) {
    if (values[i] !== 1) continue;
    const own = upper.data[i]! >= PRESENT ? down : up;
    const fade = own > LEAST_REACH ? Math.min(1, (own - distances[i]!) / FADE) : 1;
    data[i] = 255 * Math.max(0, fade);
  }
  return { width, height, data };
}

/** Strokes painted by hand decide pixel by pixel, within the regions only. */
function paintStrokes(values: Int32Array, { crossing, toPlane, lowerIsMarked, lower: { width, height } }: CrossingInput): void {
  const scale = Math.hypot(toPlane.a, toPlane.b);
  for (const { points, width: stroke, over } of crossing.paint ?? []) {
    const line = points.map((p) => apply(toPlane, p));
    const radius = (stroke * scale) / 2;
    const [xs, ys] = [line.map(({ x }) => x), line.map(({ y }) => y)];
    const [left, top] = [Math.max(0, Math.floor(Math.min(...xs) - radius)), Math.max(0, Math.floor(Math.min(...ys) - radius))];
    const [right, bottom] = [Math.min(width, Math.max(...xs) + radius + 1), Math.min(height, Math.max(...ys) + radius + 1)];
    for (let y = top; y < bottom; y++) {
      for (let x = left, i = y * width + left; x < right; x++, i++) {
        if (values[i] === 0) continue;
        const p = { x: x + 0.5, y: y + 0.5 };
        const distance =
          line.length === 1 ? Math.hypot(p.x - line[0]!.x, p.y - line[0]!.y) : (nearestOnLines([line], p)?.distance ?? Infinity);
        if (distance <= radius) values[i] = over === lowerIsMarked ? 1 : 2;
      }
    }
  }
}
