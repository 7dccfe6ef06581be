import { covers, isSolidColour, openingHull, placementInBox, type Fill, type Opening } from '@kadrosyn/core';
import type { Drawing } from '../canvas/drawing.js';

/** Whether nothing shows through a fill, wherever it is. */
export function isSolid(fill: Fill): boolean {
  return fill.type === 'photo' || (fill.type === 'colour' && isSolidColour(fill.colour));
}

/** Whether a fill is all over its opening and nothing shows through it: a photo that ends inside leaves a gap. */
export function fillsSolidly(opening: Opening, drawing: Drawing): boolean {
  const { fill, box } = opening;
  if (fill.type !== 'photo' || fill.extend) return isSolid(fill);
  const photo = drawing.resources.photos[fill.photoId];
  const placement = placementInBox(fill, box, drawing.sheet);
  return (
    photo !== undefined &&
    placement !== undefined &&
    covers(placement, openingHull(opening, drawing.resources.shaper), photo, 1e-3)
  );
}
