import type { ItemProperties } from '../document/edit.js';
import type { Opening } from '../document/item.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, applyVector, invert, type Point } from '../geometry/matrix.js';
import { outlineHandles, type Outline } from '../kinds/outlines/outlines.js';
import { changeOutline } from './change-outline.js';
import type { GripContext } from './grip.js';

/** Outlines that are made of places, each of which is moved by itself. */
const OF_PLACES: ReadonlySet<Outline['type']> = new Set(['corners', 'tube', 'cloth'] as const);

/** Where one of four corners, or of the places of something curved, lies on the sheet; null for any other outline. @param index - as its handles are counted */
export function cornerOnSheet({ outline, box }: Pick<Opening, 'outline' | 'box'>, index: number): Point | null {
  const handle = OF_PLACES.has(outline.type) ? outlineHandles(outline, box.width, box.height)[index] : undefined;
  return handle ? apply(boxMatrix(box), handle.at) : null;
}

/**
 * One of four corners, or of the places of something curved, moved by `delta` px of the sheet, and the proportion that follows from it. Nothing where it would come to lie inside the triangle of the
 * others, which could not be seen in perspective.
 */
export function moveCorner(opening: Opening, index: number, delta: Point, context: GripContext): ItemProperties {
  const { outline, box } = opening;
  const handle = OF_PLACES.has(outline.type) ? outlineHandles(outline, box.width, box.height)[index] : undefined;
  if (!handle) return {};
  const by = applyVector(invert(boxMatrix(box)), delta);
  const next = handle.drag({ x: handle.at.x + by.x, y: handle.at.y + by.y });
  return next === outline ? {} : changeOutline(opening, next, context);
}
