import type { ItemProperties } from '../document/edit.js';
import type { Opening } from '../document/item.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, applyVector, invert, type Point } from '../geometry/matrix.js';
import { outlineHandles } from '../kinds/outlines/outlines.js';
import { changeOutline } from './change-outline.js';
import type { GripContext } from './grip.js';

/** Where one of four corners lies on the sheet; null for any other outline. @param index - 0 to 3, from the top left clockwise */
export function cornerOnSheet({ outline, box }: Pick<Opening, 'outline' | 'box'>, index: number): Point | null {
  const point = outline.type === 'corners' ? outline.points[index] : undefined;
  return point ? apply(boxMatrix(box), { x: point.x * box.width, y: point.y * box.height }) : null;
}

/**
 * One of four corners moved by `delta` px of the sheet, and the proportion that follows from it. Nothing where it would come to lie inside the triangle of the
 * others, which could not be seen in perspective.
 */
export function moveCorner(opening: Opening, index: number, delta: Point, context: GripContext): ItemProperties {
  const { outline, box } = opening;
  const handle = outline.type === 'corners' ? outlineHandles(outline, box.width, box.height)[index] : undefined;
  if (!handle) return {};
  const by = applyVector(invert(boxMatrix(box)), delta);
  const next = handle.drag({ x: handle.at.x + by.x, y: handle.at.y + by.y });
  return next === outline ? {} : changeOutline(opening, next, context);
}
