import type { Plane } from '../finish/plane.js';
import { apply, invert, type Matrix, type Point } from '../geometry/matrix.js';
import type { Crossing } from '../document/crossing.js';
import { nearestOnLines, wallsOf, type CutLine } from './cut-line.js';
import { grow } from './grow.js';
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
  return { parts, regions, mask: zoneMask(input, parts, regions), cuts, lost, toPlane };
}

/**
 * For each region, by its label, the points to mark it by, px of the marks: the deepest first. Marks at all of them find the region
 * again when the two are moved.
 */
export function regionPoints({ parts, toPlane }: CrossingZone): ReadonlyMap<number, readonly Point[]> {
  return middlesIn(pixelsOfParts(parts), invert(toPlane));
}

/** 1 where the order is turned, 2 where the pair overlaps and it is not, grown where only one of the two is present. */
function zoneMask(input: CrossingInput, parts: Parts, regions: readonly CrossingRegion[]): Plane | null {
  const { lower, upper, between, lowerIsMarked, shadowReach } = input;
  const { width, height, labels } = parts;
  const turned = new Set(regions.filter(({ over }) => over === lowerIsMarked).map(({ label }) => label));
  const values = new Int32Array(labels.length);
  for (let i = 0; i < values.length; i++) if (labels[i] !== 0) values[i] = turned.has(labels[i]!) ? 1 : 2;
  paintStrokes(values, input);
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
    for (let y = 0, i = 0; y < height; y++) {
      for (let x = 0; x < width; x++, i++) {
        if (values[i] === 0) continue;
        const p = { x: x + 0.5, y: y + 0.5 };
        const distance =
          line.length === 1 ? Math.hypot(p.x - line[0]!.x, p.y - line[0]!.y) : (nearestOnLines([line], p)?.distance ?? Infinity);
        if (distance <= radius) values[i] = over === lowerIsMarked ? 1 : 2;
      }
    }
  }
}

/**
 * The length in px of the planes along which over turns to under within both units, for each cut line; 0 where whole regions are chosen.
 * A step of half a px is taken along the line, and both sides are looked at.
 */
export function hardCuts({ parts, regions, cuts }: CrossingZone): { readonly length: number; readonly at: Point | null }[] {
  const over = new Map(regions.map((region) => [region.label, region.over]));
  const look = (x: number, y: number): boolean | undefined => {
    const [px, py] = [Math.floor(x), Math.floor(y)];
    if (px < 0 || py < 0 || px >= parts.width || py >= parts.height) return undefined;
    return over.get(parts.labels[py * parts.width + px]!);
  };
  return cuts.map((line) => {
    let [length, at]: [number, Point | null] = [0, null];
    for (let i = 1; i < line.length; i++) {
      const [a, b] = [line[i - 1]!, line[i]!];
      const whole = Math.hypot(b.x - a.x, b.y - a.y);
      const [dx, dy] = [(b.x - a.x) / whole, (b.y - a.y) / whole];
      for (let s = 0.25; s < whole; s += 0.5) {
        const p = { x: a.x + dx * s, y: a.y + dy * s };
        const [left, right] = [look(p.x - dy * 2.5, p.y + dx * 2.5), look(p.x + dy * 2.5, p.y - dx * 2.5)];
        if (left === undefined || right === undefined || left === right) continue;
        length += 0.5;
        at ??= p;
      }
    }
    return { length, at };
  });
}
