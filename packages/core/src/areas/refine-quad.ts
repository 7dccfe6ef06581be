import type { Point } from '../geometry/matrix.js';
import type { Quad } from '../geometry/quad.js';
import type { Pixels } from '../photo/pixels.js';
import { colourAt, innermostEdge } from './edge-profile.js';
import { lineThroughMost, meeting, type FoundLine } from './straight-line.js';

export interface RefinedQuad {
  readonly corners: Quad;
  /** Of the edge that was found along the side with the least of it, how much lies on one line: 0 to 1. */
  readonly worstSide: number;
}

/** One profile each so many px of a side. */
const STEP = 3;
/** The ends of a side are left out, as shares of it: there its neighbours are seen. */
const ENDS = 0.03;
/** Of the hardest edge across a side. */
const SHARE = 0.4;
/** A side that fewer of its points agree on is left where it was. */
const AGREED = 0.2;
/** The reach of the last round, px. */
const NEAREST = 3;
/** A side of which less lies on its line is looked at again. */
const UNSURE = 0.75;

/** How far from where a corner was thought to be the edges are looked for: in the first round, in px of the photo. */
function firstReach(quad: Quad): number {
  return Math.max(7, Math.min(16, 0.03 * shortestSide(quad)));
}

export function shortestSide(quad: Quad): number {
  return Math.min(...quad.map((p, i) => Math.hypot(quad[(i + 1) % 4]!.x - p.x, quad[(i + 1) % 4]!.y - p.y)));
}

/**
 * Moves the sides of a quad onto the edges of the photo: profiles across them, the line that most of the edges lie on, and where the lines
 * meet; three rounds, each nearer. What hides a part of a side does not move it. A side that agrees on little may lie at the end of a soft
 * shadow within the area: then the edge beyond the shadow is taken.
 */
export function refineQuad(photo: Pixels, rough: Quad): RefinedQuad {
  const reach = firstReach(rough);
  let found: Moved = { corners: rough, sides: [] };
  for (const within of [reach, reach / 2, NEAREST]) found = moved(photo, found, within);
  const lines = found.corners.map((_, i) => (found.sides[i]! < UNSURE ? lineBeyondShadow(photo, found, i) : null));
  const last = lines.some((line) => line) ? moved(photo, withLines(found.corners, lines), NEAREST) : found;
  return { corners: last.corners, worstSide: Math.min(...last.sides) };
}

interface Moved {
  readonly corners: Quad;
  /** By side, the first from the first corner to the second: how much of it lies on the line that was found. */
  readonly sides: readonly number[];
}

function moved(photo: Pixels, { corners }: Pick<Moved, 'corners'>, within: number): Moved {
  const lines = corners.map((_, i) => sideLine(photo, corners, i, within));
  const next = corners.map((old, i) => {
    const corner = meeting(lines[(i + 3) % 4]!, lines[i]!);
    return corner && Math.hypot(corner.x - old.x, corner.y - old.y) < 4 * within ? corner : old;
  });
  return { corners: next as unknown as Quad, sides: lines.map(({ share }) => share) };
}

function sideLine(photo: Pixels, quad: Quad, index: number, within: number): FoundLine {
  const side = sideOf(quad, index);
  const line = lineAcross(photo, side, { from: -within, to: within, share: SHARE });
  return line && line.share >= AGREED ? line : { at: side.from, along: side.along, share: line?.share ?? 0 };
}

interface Side {
  readonly from: Point;
  /** Unit vectors. */
  readonly along: Point;
  readonly outwards: Point;
  readonly length: number;
}

function sideOf(quad: Quad, index: number): Side {
  const [from, to] = [quad[index]!, quad[(index + 1) % 4]!];
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  return { from, along, outwards: { x: along.y, y: -along.x }, length };
}

/** The line that most edges lie on which are found across a side; its share is of all places that were asked. */
function lineAcross(
  photo: Pixels,
  side: Side,
  { from, to, share }: { from: number; to: number; share: number },
): FoundLine | null {
  const points: Point[] = [];
  let asked = 0;
  for (let t = ENDS * side.length; t <= (1 - ENDS) * side.length; t += STEP) {
    const at = along(side, t, 0);
    asked++;
    const edge = innermostEdge(photo, { at, outwards: side.outwards, from, to }, share);
    if (edge !== null) points.push({ x: at.x + side.outwards.x * edge, y: at.y + side.outwards.y * edge });
  }
  const line = lineThroughMost(points);
  return line && { ...line, share: (line.share * points.length) / asked };
}

function along({ from, along: a, outwards }: Side, t: number, beyond: number): Point {
  return { x: from.x + a.x * t + outwards.x * beyond, y: from.y + a.y * t + outwards.y * beyond };
}

/** A shadow within an area is no wider than this share of it. */
const SHADOW = 0.05;
/** It is so much darker at least, and its hue differs by no more (Oklab). */
const DARKER = 0.004;
const HUE = 0.012;
/** The edge beyond it is the hardest there, or nearly. */
const HARD = 0.7;
/** How much of a side lies on it. */
const SURE = 0.55;

/** The edge beyond a soft shadow that a side lies in, or null where no shadow lies there or no sharper edge follows. */
function lineBeyondShadow(photo: Pixels, { corners: quad, sides }: Moved, index: number): FoundLine | null {
  const side = sideOf(quad, index);
  const opposite = quad[(index + 2) % 4]!;
  const across = Math.abs((opposite.x - side.from.x) * side.outwards.x + (opposite.y - side.from.y) * side.outwards.y);
  const line = lineAcross(photo, side, { from: NEAREST, to: Math.max(NEAREST * 3, SHADOW * across), share: HARD });
  if (!line || line.share < Math.max(SURE, sides[index]!)) return null;
  const width = (line.at.x - side.from.x) * side.outwards.x + (line.at.y - side.from.y) * side.outwards.y;
  const changes: { lightness: number; hue: number }[] = [];
  for (let t = 0.1 * side.length; t < 0.9 * side.length; t += 2 * STEP) {
    const [inside, strip] = [colourAt(photo, along(side, t, -width - NEAREST)), colourAt(photo, along(side, t, width * 0.6))];
    changes.push({ lightness: strip[0] - inside[0], hue: Math.hypot(strip[1] - inside[1], strip[2] - inside[2]) });
  }
  const isShadow = median(changes.map(({ lightness }) => lightness)) < -DARKER && median(changes.map(({ hue }) => hue)) < HUE;
  return isShadow ? line : null;
}

function median(values: readonly number[]): number {
  return values.toSorted((a, b) => a - b)[values.length >> 1] ?? 0;
}

/** The corners where lines were found for some sides. */
function withLines(quad: Quad, lines: readonly (FoundLine | null)[]): Moved {
  const all = lines.map((line, i) => line ?? { at: sideOf(quad, i).from, along: sideOf(quad, i).along });
  return { corners: quad.map((old, i) => meeting(all[(i + 3) % 4]!, all[i]!) ?? old) as unknown as Quad, sides: [] };
}
