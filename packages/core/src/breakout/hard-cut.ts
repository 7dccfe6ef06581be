import { distanceTo } from '../finish/distance.js';
import type { Point } from '../geometry/matrix.js';
import type { CutLine } from './cut-line.js';
import type { Parts } from './parts.js';

/** How long a cut runs through the middle of things, px of the planes, and where it begins to; null where it does not. */
export interface HardCut {
  readonly length: number;
  readonly at: Point | null;
}

/**
 * For each cut line the length in px along which one part is let over (or out) and its neighbour is not; 0 where whole parts are
 * chosen. A step of half a px is taken along the line, and both sides are looked at.
 * @param said - what is said of each part, by its label.
 */
export function hardCuts(parts: Parts, cuts: readonly CutLine[], said: ReadonlyMap<number, boolean>): HardCut[] {
  const look = (x: number, y: number): boolean | undefined => said.get(labelAt(parts, x, y));
  return cuts.map((line) => {
    let [length, at]: [number, Point | null] = [0, null];
    walk(line, (p, { x: dx, y: dy }) => {
      const [left, right] = [look(p.x - dy * 2.5, p.y + dx * 2.5), look(p.x + dy * 2.5, p.y - dx * 2.5)];
      if (left === undefined || right === undefined || left === right) return;
      length += 0.5;
      at ??= p;
    });
    return { length, at };
  });
}

/** How long a line runs through parts, px of the planes: the hard cut that it makes when one side is let over and the other is not. */
export function lengthWithin(parts: Parts, line: CutLine): HardCut {
  let [length, at]: [number, Point | null] = [0, null];
  walk(line, (p) => {
    if (labelAt(parts, p.x, p.y) === 0) return;
    length += 0.5;
    at ??= p;
  });
  return { length, at };
}

/** The smallest shift and turn of a line, out of those tried, by which it runs through less of the parts. */
const SHIFTS = Array.from({ length: 49 }, (_, i) => (i % 2 === 0 ? 1 : -1) * Math.ceil(i / 2));
const TURNS = [0, -8, 8, -16, 16, -24, 24];
/** A shift by all of its reach counts like so much of the line's hard cut. */
const WORTH = 0.25;

/**
 * Moves a line to where it cuts the least: where ground shows on both sides or an edge hides it. It is shifted along its normal by up to
 * `reach` px and turned by up to 24 degrees; of places that cut alike the nearest is taken.
 * @param isHidden - px of the planes that something else covers; a cut there is not seen.
 * @returns the moved line, or the same one where no place near by is better by at least a tenth.
 */
export function toNearestEdge(parts: Parts, line: CutLine, reach: number, isHidden?: Uint8Array): CutLine {
  const [a, b] = [line[0]!, line.at(-1)!];
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  if (length === 0) return line;
  const seen = isHidden ? { ...parts, labels: parts.labels.map((label, i) => (isHidden[i] === 0 ? label : 0)) } : parts;
  const now = lengthWithin(seen, line).length;
  const normal = { x: -(b.y - a.y) / length, y: (b.x - a.x) / length };
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  let [best, least]: [CutLine, number] = [line, 0.9 * now];
  for (const degrees of TURNS) {
    const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    for (const step of SHIFTS) {
      const by = (step / 24) * reach;
      const moved = line.map(({ x, y }) => ({
        x: middle.x + (x - middle.x) * cos - (y - middle.y) * sin + normal.x * by,
        y: middle.y + (x - middle.x) * sin + (y - middle.y) * cos + normal.y * by,
      }));
      const away = (Math.abs(by) / Math.max(1, reach) + Math.abs(degrees) / 24) * 0.5;
      const cost = lengthWithin(seen, moved).length + WORTH * now * away;
      if (cost < least && dividesStill(parts, moved)) [best, least] = [moved, cost];
    }
  }
  return best;
}

/** Whether parts lie on both sides of the line. */
function dividesStill(parts: Parts, line: CutLine): boolean {
  const [a, b] = [line[0]!, line.at(-1)!];
  let [left, right] = [false, false];
  for (let y = 0, i = 0; y < parts.height; y += 3, i = y * parts.width) {
    for (let x = 0; x < parts.width; x += 3, i += 3) {
      if (parts.labels[i] === 0) continue;
      if ((b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x) > 0) left = true;
      else right = true;
      if (left && right) return true;
    }
  }
  return false;
}

/** Where over meets under within regions by what was painted by hand: an estimate of the length, and the place of it that lies deepest. */
export function paintedCut(values: Int32Array, labels: Int32Array, width: number, height: number): HardCut {
  let count = 0;
  const edge = new Uint8Array(width * height);
  const meets = (i: number, j: number): boolean =>
    labels[i] !== 0 && labels[i] === labels[j] && values[i] !== 0 && values[j] !== 0 && values[i] !== values[j];
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const right = x + 1 < width && meets(i, i + 1);
      const below = y + 1 < height && meets(i, i + width);
      if (right || below) edge[i] = 1;
      count += Number(right) + Number(below);
    }
  }
  if (count === 0) return { length: 0, at: null };
  const outside = new Uint8Array(labels.length);
  for (let i = 0; i < labels.length; i++) if (labels[i] === 0) outside[i] = 255;
  const depths = outside.includes(255) ? distanceTo({ width, height, data: outside }, 1) : null;
  let [at, deepest] = [edge.indexOf(1), -1];
  for (let i = 0; depths && i < edge.length; i++) if (edge[i] === 1 && depths[i]! > deepest) [at, deepest] = [i, depths[i]!];
  // A slanting line crosses more sides of pixels than it is long: by 4 / pi on average (Cauchy-Crofton).
  return { length: (count * Math.PI) / 4, at: { x: (at % width) + 0.5, y: Math.floor(at / width) + 0.5 } };
}

function labelAt({ labels, width, height }: Parts, x: number, y: number): number {
  const [px, py] = [Math.floor(x), Math.floor(y)];
  return px < 0 || py < 0 || px >= width || py >= height ? 0 : labels[py * width + px]!;
}

/** Steps of half a px along a line, each with the direction there. */
function walk(line: CutLine, visit: (p: Point, direction: Point) => void): void {
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!];
    const whole = Math.hypot(b.x - a.x, b.y - a.y);
    const direction = { x: (b.x - a.x) / whole, y: (b.y - a.y) / whole };
    for (let s = 0.25; s < whole; s += 0.5) visit({ x: a.x + direction.x * s, y: a.y + direction.y * s }, direction);
  }
}
