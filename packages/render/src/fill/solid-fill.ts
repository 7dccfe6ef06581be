import { isSolidColour, type Fill } from '@kadrosyn/core';

/** Whether nothing shows through a fill. */
export function isSolid(fill: Fill): boolean {
  return fill.type === 'photo' || (fill.type === 'colour' && isSolidColour(fill.colour));
}
