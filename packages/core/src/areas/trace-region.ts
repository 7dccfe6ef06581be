import type { Point } from '../geometry/matrix.js';
import { PathBuilder, toPathData } from '../geometry/path.js';
import { straightened } from '../geometry/straightened.js';
import type { Pixels } from '../photo/pixels.js';
import type { TracedForm } from './area-form.js';
import type { EdgeMap } from './edge-map.js';
import { innermostEdge } from './edge-profile.js';
import { lineThrough, meeting } from './straight-line.js';

/** Px of the photo between the points of an outline before it is made simple. */
const STEP = 3;
/** How far from the flood's border the edge is looked for, in px of its map. */
const [INWARDS, OUTWARDS] = [-2, 6];
const SHARE = 0.4;
/** Neighbours whose middle one counts, so that one that found something else does not stick out. */
const NEIGHBOURS = 3;
/** The simple outline may differ by so many px of the photo for one of its length, and by this at least. */
const MOST = 0.0004;
const LEAST = 0.6;

/** The outline of a flooded region on the edge of the photo round it; holes are what stands in front, and are left out. @returns null where it is too small */
export function traceRegion(photo: Pixels, region: Uint8Array, map: EdgeMap): TracedForm | null {
  const border = evenly(
    outerBorder(region, map.width, map.height).map(({ x, y }) => ({ x: x * map.scale, y: y * map.scale })),
    STEP,
  );
  if (border.length < 8) return null;
  const points = rounded(onEdge(photo, border, map.scale));
  const most = Math.max(LEAST, MOST * STEP * points.length);
  const half = points.length >> 1;
  const path = new PathBuilder();
  // Two open lines, since a closed one has no ends to begin from.
  const simple = [
    ...straightened(points.slice(0, half + 1), most),
    ...straightened([...points.slice(half), points[0]!], most).slice(1),
  ].slice(0, -1);
  withCorners(simple).forEach(({ x, y }, i) => (i === 0 ? path.moveTo(x, y) : path.lineTo(x, y)));
  path.close();
  return { type: 'traced', d: toPathData(path.build(), 2) };
}

/** Corners of px along the outer border of the one region, clockwise. */
function outerBorder(region: Uint8Array, width: number, height: number): Point[] {
  const holds = (x: number, y: number): boolean => x >= 0 && y >= 0 && x < width && y < height && region[y * width + x] === 1;
  const start = region.indexOf(1);
  if (start < 0) return [];
  const begin = { x: start % width, y: Math.floor(start / width) };
  const points: Point[] = [];
  let [x, y, dx, dy] = [begin.x, begin.y, 1, 0];
  do {
    points.push({ x, y });
    [x, y] = [x + dx, y + dy];
    // The two px ahead, to the left and to the right of the way.
    const left = holds(x + (dx + dy - 1) / 2, y + (dy - dx - 1) / 2);
    const right = holds(x + (dx - dy - 1) / 2, y + (dy + dx - 1) / 2);
    if (!right) [dx, dy] = [-dy, dx];
    else if (left) [dx, dy] = [dy, -dx];
  } while (x !== begin.x || y !== begin.y || dx !== 1 || dy !== 0);
  return points;
}

/** A closed line with points at even distances. */
function evenly(line: readonly Point[], step: number): Point[] {
  const points: Point[] = [];
  let left = 0;
  line.forEach((p, i) => {
    const q = line[(i + 1) % line.length]!;
    const length = Math.hypot(q.x - p.x, q.y - p.y);
    for (; left < length; left += step)
      points.push({ x: p.x + ((q.x - p.x) * left) / length, y: p.y + ((q.y - p.y) * left) / length });
    left -= length;
  });
  return points;
}

/** The points moved across the line to the edge. */
function onEdge(photo: Pixels, line: readonly Point[], scale: number): Point[] {
  const n = line.length;
  const across = line.map((_, i) => {
    const [before, after] = [line[(i + n - 2) % n]!, line[(i + 2) % n]!];
    const length = Math.hypot(after.x - before.x, after.y - before.y) || 1;
    return { x: (after.y - before.y) / length, y: -(after.x - before.x) / length };
  });
  const away = line.map(
    (at, i) => innermostEdge(photo, { at, outwards: across[i]!, from: INWARDS * scale, to: OUTWARDS * scale }, SHARE) ?? scale,
  );
  return line.map((p, i) => {
    const near = Array.from({ length: 2 * NEIGHBOURS + 1 }, (_, k) => away[(i + n + k - NEIGHBOURS) % n]!).sort((a, b) => a - b);
    const by = near[NEIGHBOURS]!;
    return { x: p.x + across[i]!.x * by, y: p.y + across[i]!.y * by };
  });
}

/** Each point between its neighbours: px of the map make steps. */
function rounded(line: readonly Point[]): Point[] {
  const n = line.length;
  return line.map((p, i) => {
    const [before, after] = [line[(i + n - 1) % n]!, line[(i + 1) % n]!];
    return { x: (before.x + 2 * p.x + after.x) / 4, y: (before.y + 2 * p.y + after.y) / 4 };
  });
}

/** Px: a side is straight from this length on, and a corner between two of them is blunt for no more than this. */
const [STRAIGHT, BLUNT] = [16, 24];

/** Two straight sides that end shortly before one another meet in a corner: the way from px to px, and the mean of neighbours, made it blunt. */
function withCorners(points: readonly Point[]): Point[] {
  const n = points.length;
  const length = (i: number): number =>
    Math.hypot(points[(i + 1) % n]!.x - points[i % n]!.x, points[(i + 1) % n]!.y - points[i % n]!.y);
  const straight = points.map((_, i) => i).filter((i) => length(i) >= STRAIGHT);
  if (straight.length < 2) return [...points];
  return straight.flatMap((side, k) => {
    const next = straight[(k + 1) % straight.length]! + (k + 1 === straight.length ? n : 0);
    let between = 0;
    for (let i = side + 1; i < next; i++) between += length(i);
    const own = Array.from({ length: next - side }, (_, i) => points[(side + 1 + i) % n]!);
    const corner =
      between <= BLUNT ? meeting(lineThrough(points[side]!, own[0]!), lineThrough(own.at(-1)!, points[(next + 1) % n]!)) : null;
    const isNear = corner && [own[0]!, own.at(-1)!].every((p) => Math.hypot(p.x - corner.x, p.y - corner.y) <= BLUNT / 2);
    return isNear ? [corner] : own;
  });
}
