import {
  EFFECTS,
  boxMatrix,
  covers,
  isWarped,
  multiply,
  openingHull,
  resolvePlacement,
  transformBounds,
  type Bounds,
  type Item,
  isSolidColour,
} from '@kadrosyn/core';
import type { Drawing } from '../canvas/drawing.js';

/** How far a rectangle may fall short of whole px and still count as reaching them: what rounding leaves. */
const SLACK = 1e-6;

/** Whether nothing of what lies below an item can be seen within a rectangle of view px: then it need not be drawn there first. */
export function hidesAll(item: Item, part: Bounds, drawing: Drawing): boolean {
  // What lies in an area may be cut by its host.
  if (item.type === 'group' || item.host) return false;
  const { outline, box, fill, finish } = item;
  const isUpright =
    outline.type === 'rectangle' && outline.radii.every((radius) => radius === 0) && box.turn % 180 === 0 && !box.shear;
  if (!isUpright || (finish.opacity ?? 1) < 1 || (finish.blend ?? 'normal') !== 'normal') return false;
  const { x, y, width, height } = transformBounds(multiply(drawing.view, boxMatrix(box)), {
    x: 0,
    y: 0,
    width: box.width,
    height: box.height,
  });
  const reaches =
    x <= part.x + SLACK &&
    y <= part.y + SLACK &&
    x + width >= part.x + part.width - SLACK &&
    y + height >= part.y + part.height - SLACK;
  if (!reaches) return false;
  if (fill.type === 'colour') return isSolidColour(fill.colour);
  if (
    fill.type !== 'photo' ||
    fill.show === 'subject' ||
    isWarped(outline) ||
    fill.effects?.some(({ kind }) => EFFECTS[kind].clears)
  )
    return false;
  const { source, photos, shaper } = drawing.resources;
  const [photo, placement] = [photos[fill.photoId], resolvePlacement(fill, drawing.sheet)];
  const isOpaque = source.level(fill.photoId, 1e-3)?.opaque === true;
  return (
    isOpaque &&
    photo !== undefined &&
    placement !== undefined &&
    typeof fill.placement !== 'string' &&
    covers(placement, openingHull(item, shaper), photo, 1e-3)
  );
}
