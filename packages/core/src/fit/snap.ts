import { findItem } from '../document/find-item.js';
import type { Item } from '../document/item.js';
import type { ResolvedSheet } from '../document/resolve-sheet.js';
import type { Bounds } from '../geometry/bounds.js';
import type { Point } from '../geometry/matrix.js';
import { itemBounds } from './item-bounds.js';

/** Why something came to lie where it does. */
export type SnapReason =
  'sheet edge' | 'sheet centre' | 'margin' | 'guide' | 'fold' | 'edge' | 'centre' | 'equal gap' | 'equal width' | 'equal height';

/** A line that something can come to lie on, px of the sheet. `x` lines stand upright at `at`, `y` lines lie. */
export interface SnapLine {
  readonly axis: 'x' | 'y';
  readonly at: number;
  readonly reason: SnapReason;
  /** How far the line reaches along the other axis. */
  readonly from: number;
  readonly to: number;
}

/** What can be met on a sheet, gathered once for a gesture. */
export interface SnapTargets {
  readonly lines: readonly SnapLine[];
  /** Boxes of the other items, for equal gaps. */
  readonly boxes: readonly Bounds[];
}

/**
 * Lines of the sheet and of all items that are seen, but for those that move. Of a group in which something moves, the other items count.
 * @param boundsOf - what an item takes up; its boxes when absent.
 */
export function snapTargets(
  sheet: ResolvedSheet,
  moving: ReadonlySet<string>,
  boundsOf: (item: Item) => Bounds | null = itemBounds,
): SnapTargets {
  const { width, height, margin } = sheet;
  const upright = (at: number, reason: SnapReason, from = 0, to = height): SnapLine => ({ axis: 'x', at, reason, from, to });
  const lying = (at: number, reason: SnapReason, from = 0, to = width): SnapLine => ({ axis: 'y', at, reason, from, to });
  const boxes = standing(sheet.items, moving).flatMap((item) => boundsOf(item) ?? []);
  const own = (axis: 'horizontal' | 'vertical', at: number, reason: SnapReason): SnapLine =>
    axis === 'vertical' ? upright(at, reason) : lying(at, reason);
  return {
    boxes,
    lines: [
      ...[0, width].map((at) => upright(at, 'sheet edge')),
      ...[0, height].map((at) => lying(at, 'sheet edge')),
      upright(width / 2, 'sheet centre'),
      lying(height / 2, 'sheet centre'),
      ...(margin > 0 ? [margin, width - margin].map((at) => upright(at, 'margin')) : []),
      ...(margin > 0 ? [margin, height - margin].map((at) => lying(at, 'margin')) : []),
      ...sheet.guides.map(({ axis, at }) => own(axis, at, 'guide')),
      ...(sheet.folds ?? []).map(({ axis, at }) => own(axis, at, 'fold')),
      ...boxes.flatMap((b) => [
        ...[b.x, b.x + b.width].map((at) => upright(at, 'edge', b.y, b.y + b.height)),
        ...[b.y, b.y + b.height].map((at) => lying(at, 'edge', b.x, b.x + b.width)),
        upright(b.x + b.width / 2, 'centre', b.y, b.y + b.height),
        lying(b.y + b.height / 2, 'centre', b.x, b.x + b.width),
      ]),
    ],
  };
}

function standing(items: readonly Item[], moving: ReadonlySet<string>): Item[] {
  return items
    .filter((item) => !moving.has(item.id) && !item.hidden)
    .flatMap((item) =>
      item.type === 'group' && [...moving].some((id) => findItem(item.items, id)) ? standing(item.items, moving) : item,
    );
}

/** Where a box comes to lie, and why. */
export interface Snapped {
  /** What is to be added to its place, px. */
  readonly by: Point;
  /** The lines that it then lies on, each reaching from what it lies on to the box. */
  readonly lines: readonly SnapLine[];
}

/**
 * Moves a box onto the nearest line within reach, along each axis for itself. An edge meets edges, a middle meets centres: so much is what
 * people mean. Among lines equally near, those of the sheet come first.
 * @param reach - px of the sheet.
 */
export function snapBox(box: Bounds, targets: SnapTargets, reach: number): Snapped {
  const x = snapAxis('x', box, targets, reach);
  const y = snapAxis('y', box, targets, reach);
  return { by: { x: x.by, y: y.by }, lines: [...x.lines, ...y.lines] };
}

interface Candidate {
  readonly by: number;
  readonly line: SnapLine;
}

interface AxisSnap {
  readonly by: number;
  readonly lines: SnapLine[];
}

function snapAxis(axis: 'x' | 'y', box: Bounds, targets: SnapTargets, reach: number): AxisSnap {
  const [start, length] = axis === 'x' ? [box.x, box.width] : [box.y, box.height];
  const candidates: Candidate[] = [];
  for (const line of targets.lines) {
    if (line.axis !== axis) continue;
    const isCentre = line.reason === 'centre' || line.reason === 'sheet centre';
    const isBoth = line.reason === 'guide' || line.reason === 'fold';
    const points = isBoth
      ? [start, start + length / 2, start + length]
      : isCentre
        ? [start + length / 2]
        : [start, start + length];
    for (const point of points) candidates.push({ by: line.at - point, line });
  }
  candidates.push(...equalGaps(axis, box, targets.boxes));
  const found = nearest(candidates, reach, box);
  const moved = { ...box, [axis]: start + found.by };
  return { by: found.by, lines: found.lines.map((line) => reaching(line, moved)) };
}

/** The candidate that moves least; among equals the first. All lines that are then met, one for each place. */
function nearest(candidates: readonly Candidate[], reach: number, box: Bounds): AxisSnap {
  let best = reach;
  for (const { by } of candidates) best = Math.min(best, Math.abs(by));
  const chosen = candidates.find(({ by }) => Math.abs(by) === best);
  if (!chosen) return { by: 0, lines: [] };
  const lines = candidates.filter(({ by }) => Math.abs(by - chosen.by) < 1e-6).map(({ line }) => reaching(line, box));
  return { by: chosen.by, lines: lines.filter((line, index) => lines.findIndex((other) => other.at === line.at) === index) };
}

/** Places at which the gap to a neighbour is the same as one beside it, or the box lies in the middle between two. */
function equalGaps(axis: 'x' | 'y', box: Bounds, boxes: readonly Bounds[]): Candidate[] {
  const along = (b: Bounds): readonly [number, number] => (axis === 'x' ? [b.x, b.x + b.width] : [b.y, b.y + b.height]);
  const across = (b: Bounds): readonly [number, number] => (axis === 'x' ? [b.y, b.y + b.height] : [b.x, b.x + b.width]);
  const [top, bottom] = across(box);
  const row = boxes.filter((b) => across(b)[0] < bottom && across(b)[1] > top).sort((a, b) => along(a)[0] - along(b)[0]);
  const [start, end] = along(box);
  const length = end - start;
  const found: Candidate[] = [];
  const add = (wanted: number, at: number): void => {
    found.push({ by: wanted - start, line: { axis, at, reason: 'equal gap', from: top, to: bottom } });
  };
  for (let i = 0; i + 1 < row.length; i++) {
    const [a, b] = [along(row[i]!), along(row[i + 1]!)];
    const gap = b[0] - a[1];
    if (gap < 0) continue;
    if (gap >= length) add(a[1] + (gap - length) / 2, (a[1] + b[0]) / 2);
    add(b[1] + gap, b[1] + gap);
    add(a[0] - gap - length, a[0] - gap);
  }
  return found;
}

/** The line made as long as to reach the box. */
function reaching(line: SnapLine, box: Bounds): SnapLine {
  const [start, end] = line.axis === 'x' ? [box.y, box.y + box.height] : [box.x, box.x + box.width];
  return { ...line, from: Math.min(line.from, start), to: Math.max(line.to, end) };
}

/** Which sides of a box are dragged: -1 the left or upper one, 1 the right or lower one, 0 neither. */
export interface DraggedSides {
  readonly x: -1 | 0 | 1;
  readonly y: -1 | 0 | 1;
}

/**
 * Moves the dragged sides of a box onto the nearest line within reach, or so that the box becomes as wide or as high as another one.
 * @returns what is to be added to the place of the dragged sides, px.
 */
export function snapSides(box: Bounds, sides: DraggedSides, targets: SnapTargets, reach: number): Snapped {
  const x = snapSide('x', box, sides.x, targets, reach);
  const y = snapSide('y', box, sides.y, targets, reach);
  return { by: { x: x.by, y: y.by }, lines: [...x.lines, ...y.lines] };
}

function snapSide(axis: 'x' | 'y', box: Bounds, side: -1 | 0 | 1, targets: SnapTargets, reach: number): AxisSnap {
  if (side === 0) return { by: 0, lines: [] };
  const [start, length, name] = axis === 'x' ? ([box.x, box.width, 'width'] as const) : ([box.y, box.height, 'height'] as const);
  const at = side > 0 ? start + length : start;
  const candidates: Candidate[] = targets.lines
    .filter((line) => line.axis === axis && line.reason !== 'centre')
    .map((line) => ({ by: line.at - at, line }));
  for (const other of targets.boxes) {
    const by = side * (other[name] - length);
    const [from, to] = axis === 'x' ? [other.y, other.y + other.height] : [other.x, other.x + other.width];
    candidates.push({ by, line: { axis, at: at + by, reason: `equal ${name}`, from, to } });
  }
  return nearest(candidates, reach, box);
}
