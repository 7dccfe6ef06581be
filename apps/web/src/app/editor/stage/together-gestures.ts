import {
  boundsOfAll,
  itemBounds,
  normalTurn,
  similarity,
  transformItems,
  type Bounds,
  type Edit,
  type GripContext,
  type Item,
  type Matrix,
  type Point,
} from '@kadrosyn/core';
import { stepped } from './box-gestures';
import type { Gesture } from './gesture';

/** What can move: locked items stay. */
export function movable(items: readonly Item[]): Item[] {
  return items.filter(({ locked }) => !locked);
}

/** The upright rectangle round several items, px of the sheet; null for nothing. */
export function boundsTogether(items: readonly Item[]): Bounds | null {
  return boundsOfAll(items.flatMap((item) => itemBounds(item) ?? []));
}

/** "Ring" or "3 items". */
export function nameTogether(items: readonly Item[]): string {
  return items.length === 1 ? items[0]!.name : `${items.length} items`;
}

function editOf(context: GripContext, items: readonly Item[], frame: Matrix, verb: string): Edit {
  return { name: `${verb} ${nameTogether(items)}`, operations: transformItems(context.sheet, items, frame) };
}

/** Moves items with all that is in them. @param snap - what is to be added to the place of a rectangle. */
export function moveTogether(
  items: readonly Item[],
  from: Point,
  context: GripContext,
  snap: (bounds: Bounds) => Point,
): Gesture {
  const bounds = boundsTogether(items);
  return {
    move(at) {
      if (!bounds) return null;
      const [dx, dy] = [at.x - from.x, at.y - from.y];
      const by = snap({ ...bounds, x: bounds.x + dx, y: bounds.y + dy });
      return moveTogetherEdit(context, items, { x: dx + by.x, y: dy + by.y });
    },
  };
}

export function moveTogetherEdit(context: GripContext, items: readonly Item[], by: Point): Edit {
  return editOf(context, items, similarity({ x: 0, y: 0 }, 1, 0, by), 'Move');
}

/** Least size that dragging gives, as a share of the one before. */
const LEAST = 0.02;

/** Scales items by a corner of the rectangle round them; the opposite corner stays. @param corner - shares of the rectangle, 0 or 1. */
export function scaleTogether(items: readonly Item[], corner: Point, from: Point, context: GripContext): Gesture {
  const bounds = boundsTogether(items);
  return {
    move(at) {
      if (!bounds) return null;
      const about = { x: bounds.x + (1 - corner.x) * bounds.width, y: bounds.y + (1 - corner.y) * bounds.height };
      const along = { x: (corner.x * 2 - 1) * bounds.width, y: (corner.y * 2 - 1) * bounds.height };
      const length = Math.hypot(along.x, along.y) || 1;
      const by = ((at.x - from.x) * along.x + (at.y - from.y) * along.y) / length;
      const factor = Math.max(LEAST, 1 + by / length);
      return editOf(context, items, similarity(about, factor, 0), 'Scale');
    },
  };
}

/** Scales items to a factor about the upper left corner of the rectangle round them. */
export function scaleTogetherEdit(context: GripContext, items: readonly Item[], factor: number): Edit | null {
  const bounds = boundsTogether(items);
  return bounds && editOf(context, items, similarity(bounds, Math.max(LEAST, factor), 0), 'Scale');
}

/** Turns items about the middle of the rectangle round them. */
export function turnTogether(items: readonly Item[], from: Point, context: GripContext): Gesture {
  const bounds = boundsTogether(items);
  return {
    move(at) {
      if (!bounds) return null;
      const centre = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
      const angle = (p: Point): number => (Math.atan2(p.y - centre.y, p.x - centre.x) * 180) / Math.PI;
      return turnTogetherEdit(context, items, stepped(normalTurn(angle(at) - angle(from))));
    },
  };
}

export function turnTogetherEdit(context: GripContext, items: readonly Item[], degrees: number): Edit | null {
  const bounds = boundsTogether(items);
  const centre = bounds && { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
  return centre && editOf(context, items, similarity(centre, 1, degrees), 'Turn');
}
