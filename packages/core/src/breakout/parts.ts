import { distanceTo } from '../finish/distance.js';
import { apply, type Matrix, type Point } from '../geometry/matrix.js';
import { grow } from './grow.js';
import { labelParts } from './label.js';

/** A connected part that is worth a mark of its own. */
export interface Part {
  /** Its number in `labels`. */
  readonly label: number;
  /** px of the plane. */
  readonly area: number;
}

/** A pixel of the plane. */
export interface PartPixel {
  readonly x: number;
  readonly y: number;
}

export interface Parts {
  readonly width: number;
  readonly height: number;
  /** 0 outside, else the number of the part. */
  readonly labels: Int32Array;
  readonly parts: readonly Part[];
}

/** So many points stand for a part. */
const SPREAD = 6;

/**
 * Divides a mask into connected parts, also along `walls`; pixels on a wall go to the nearer side, and fragments of less than
 * `smallest` px go with the nearest part.
 */
export function divide(mask: Uint8Array, width: number, height: number, walls: Uint8Array | null, smallest: number): Parts {
  const open = walls ? mask.map((value, i) => (walls[i] === 0 ? value : 0)) : mask;
  const { at: labels, areas } = labelParts(open, width, height);
  const isLarge = areas.map((area) => area >= smallest);
  if (isLarge.some(Boolean) && isLarge.some((large, label) => label > 0 && !large)) joinFragments(labels, isLarge, width, height);
  if (walls) grow(labels, width, height, 6, (i) => mask[i] !== 0);
  return { width, height, labels, parts: partsOf(labels, areas.length) };
}

/** Each fragment is led from one of its pixels to the nearest pixel on the rim of a large part. */
function joinFragments(labels: Int32Array, isLarge: readonly boolean[], width: number, height: number): void {
  const fragments = new Map<number, number>();
  // x, y and label of each pixel on the rim of a large part.
  const rim: number[] = [];
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const label = labels[i]!;
      if (label === 0) continue;
      if (!isLarge[label]) fragments.set(label, i);
      else if (
        (x > 0 && labels[i - 1] !== label) ||
        (x < width - 1 && labels[i + 1] !== label) ||
        (y > 0 && labels[i - width] !== label) ||
        (y < height - 1 && labels[i + width] !== label)
      )
        rim.push(x, y, label);
    }
  }
  const joined = new Map<number, number>();
  for (const [label, at] of fragments) {
    const [x, y] = [at % width, Math.floor(at / width)];
    let [best, nearest] = [Infinity, label];
    for (let i = 0; i < rim.length; i += 3) {
      const dx = rim[i]! - x;
      const dy = rim[i + 1]! - y;
      const distance = dx * dx + dy * dy;
      if (distance >= best) continue;
      best = distance;
      nearest = rim[i + 2]!;
    }
    joined.set(label, nearest);
  }
  for (let i = 0; i < labels.length; i++) {
    const label = labels[i]!;
    if (label !== 0 && !isLarge[label]) labels[i] = joined.get(label) ?? label;
  }
}

/** @param end - labels are smaller. */
function partsOf(labels: Int32Array, end: number): Part[] {
  const areas = new Int32Array(end);
  for (const label of labels) if (label !== 0) areas[label]!++;
  return Array.from(areas).flatMap((area, label) => (area ? [{ label, area }] : []));
}

/**
 * For each part, by its label, a few pixels that stand for it: the deepest (the middle of the largest disc in it) and others spread over
 * it, of which some lie in what is left of the part when an edge moves across. Takes far longer than dividing, and drawing does not ask.
 */
export function pixelsOfParts({ labels, width, height }: Parts): ReadonlyMap<number, readonly PartPixel[]> {
  // What lies beyond the edge of the plane counts as outside, so that no deepest pixel comes to lie on it.
  const [wide, high] = [width + 2, height + 2];
  const outside = new Uint8Array(wide * high).fill(255);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) if (labels[i] !== 0) outside[(y + 1) * wide + x + 1] = 0;
  }
  const depths = distanceTo({ width: wide, height: high, data: outside }, 1);
  const found = new Map<number, { area: number; at: PartPixel; depth: number; pixels: PartPixel[] }>();
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const label = labels[i]!;
      if (label === 0) continue;
      const part = found.get(label) ?? { area: 0, at: { x, y }, depth: -1, pixels: [] };
      part.area++;
      const depth = depths[(y + 1) * wide + x + 1]!;
      if (depth > part.depth) [part.at, part.depth] = [{ x, y }, depth];
      // Neither on the very edge, where the least change of the matte loses it, nor every pixel of a large part.
      if (depth >= 1.5 && part.area % 5 === 0) part.pixels.push({ x, y });
      found.set(label, part);
    }
  }
  return new Map(Array.from(found, ([label, { at, pixels }]) => [label, spread(at, pixels)]));
}

/** Sides of parts for `deepestPixels`, px: more is not looked at. */
const COARSE = 400;

/**
 * For each part, by its label, about its deepest pixel: where a mark for people stands best. Looks at fewer pixels than `pixelsOfParts`, and is
 * many times as quick.
 */
export function deepestPixels({ labels, width, height }: Parts): ReadonlyMap<number, PartPixel> {
  const step = Math.max(1, Math.round(Math.max(width, height) / COARSE));
  const found = new Map<number, { at: PartPixel; depth: number }>();
  let [last, left, right, top, bottom] = [0, Infinity, -1, Infinity, -1];
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const label = labels[i]!;
      if (label === 0) continue;
      if (x < left) left = x;
      if (x > right) right = x;
      if (y < top) top = y;
      bottom = y;
      // A part may be thinner than a step.
      if (label !== last && !found.has(label)) found.set(label, { at: { x, y }, depth: -1 });
      last = label;
    }
  }
  if (found.size === 0) return new Map();
  // Within the parts' bounds and a rim of one px, which lies outside of all: what lies beyond is farther from each of their pixels.
  const [x0, y0] = [Math.ceil(left / step), Math.ceil(top / step)];
  const [wide, high] = [Math.floor(right / step) - x0 + 3, Math.floor(bottom / step) - y0 + 3];
  if (wide < 3 || high < 3) return new Map(Array.from(found, ([label, { at }]) => [label, at]));
  const coarse = new Int32Array(wide * high);
  const outside = new Uint8Array(wide * high).fill(255);
  for (let v = 1; v < high - 1; v++) {
    for (let u = 1; u < wide - 1; u++) {
      const label = labels[(y0 + v - 1) * step * width + (x0 + u - 1) * step]!;
      if (label === 0) continue;
      coarse[v * wide + u] = label;
      outside[v * wide + u] = 0;
    }
  }
  const depths = distanceTo({ width: wide, height: high, data: outside }, 1);
  for (let i = 0; i < coarse.length; i++) {
    const best = coarse[i] === 0 ? undefined : found.get(coarse[i]!);
    if (!best || depths[i]! <= best.depth) continue;
    best.depth = depths[i]!;
    best.at = { x: (x0 + (i % wide) - 1) * step, y: (y0 + Math.floor(i / wide) - 1) * step };
  }
  return new Map(Array.from(found, ([label, { at }]) => [label, at]));
}

/** The middles of such pixels in another space. @param to - maps px of the plane to it. */
export function middlesIn(pixels: ReturnType<typeof pixelsOfParts>, to: Matrix): ReadonlyMap<number, readonly Point[]> {
  const middle = ({ x, y }: PartPixel): Point => apply(to, { x: x + 0.5, y: y + 0.5 });
  return new Map(Array.from(pixels, ([label, list]) => [label, list.map(middle)]));
}

/** `first` and, one after the other, the pixel that is farthest from those already chosen (T. Gonzalez, 1985). */
function spread(first: PartPixel, pixels: readonly PartPixel[]): PartPixel[] {
  const chosen = [first];
  const nearest = pixels.map((p) => Math.hypot(p.x - first.x, p.y - first.y));
  while (chosen.length < SPREAD && pixels.length > 0) {
    let farthest = 0;
    for (let i = 1; i < nearest.length; i++) if (nearest[i]! > nearest[farthest]!) farthest = i;
    if (nearest[farthest]! < 3) break;
    const next = pixels[farthest]!;
    chosen.push(next);
    pixels.forEach((p, i) => (nearest[i] = Math.min(nearest[i]!, Math.hypot(p.x - next.x, p.y - next.y))));
  }
  return chosen;
}

/** A part and how far it was from a mark, px or steps. */
export interface Reached {
  readonly label: number;
  readonly distance: number;
}

/**
 * The part that a mark means: the one it lies on, else the nearest one that can be reached through `through` (any value but 0), else
 * the nearest within `reach` px; null when there is none.
 */
export function partAt(parts: Parts, x: number, y: number, through: Uint8Array, reach: number): Reached | null {
  const { width, height, labels } = parts;
  const [px, py] = [Math.floor(x), Math.floor(y)];
  if (px >= 0 && py >= 0 && px < width && py < height) {
    const start = py * width + px;
    if (labels[start] !== 0) return { label: labels[start]!, distance: 0 };
    const found = through[start] !== 0 ? walk(start, labels, through, width, height) : null;
    if (found) return found;
  }
  let [best, label] = [reach * reach, 0];
  for (let b = Math.max(0, Math.floor(py - reach)); b <= Math.min(height - 1, py + reach); b++) {
    for (let a = Math.max(0, Math.floor(px - reach)); a <= Math.min(width - 1, px + reach); a++) {
      const distance = (a - x) ** 2 + (b - y) ** 2;
      if (labels[b * width + a] !== 0 && distance <= best) [best, label] = [distance, labels[b * width + a]!];
    }
  }
  return label === 0 ? null : { label, distance: Math.sqrt(best) };
}

/** The first part that is met on the way through pixels, ring by ring. */
function walk(start: number, labels: Int32Array, through: Uint8Array, width: number, height: number): Reached | null {
  const seen = new Uint8Array(labels.length);
  seen[start] = 1;
  let ring = [start];
  for (let distance = 0; ring.length > 0; distance++) {
    const next: number[] = [];
    for (const i of ring) {
      if (labels[i] !== 0) return { label: labels[i]!, distance };
      const x = i % width;
      for (const j of [x > 0 ? i - 1 : -1, x < width - 1 ? i + 1 : -1, i - width, i + width]) {
        if (j < 0 || j >= width * height || seen[j] !== 0 || (through[j] === 0 && labels[j] === 0)) continue;
        seen[j] = 1;
        next.push(j);
      }
    }
    ring = next;
  }
  return null;
}
