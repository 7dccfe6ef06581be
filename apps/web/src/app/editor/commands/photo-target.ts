import {
  apply,
  boxMatrix,
  contains,
  invert,
  openingPolygons,
  openingsAt,
  type Opening,
  type Point,
  type Shaper,
  type Sheet,
} from '@kadrosyn/core';

/** What letting go of a photo at a place would do. */
export interface PhotoTarget {
  readonly act: 'fill' | 'replace' | 'lay';
  /** The opening that takes the photo; null when it is laid on top. */
  readonly opening: Opening | null;
  /** A loose picture under the pointer: it takes the photo only by its own "Replace" target. */
  readonly replaceable: Opening | null;
}

/** The word that is shown while dragging. */
export const TARGET_WORDS = { fill: 'Fill', replace: 'Replace', lay: 'Lay on top' } as const;

/**
 * What accepts a photo at `at` (px of the sheet): empty openings and slots at once, filled shaped openings as a
 * replacement; loose pictures, artwork and the background never. Artwork lets the photo through to what lies below.
 */
export function photoTarget(sheet: Sheet, at: Point, shaper: Shaper): PhotoTarget {
  for (const opening of openingsAt(sheet.items, at, shaper, { reach: 0 })) {
    if (opening.kind === 'artwork') continue;
    if (opening.kind === 'loose') return { act: 'lay', opening: null, replaceable: opening };
    if (opening.outline.type === 'lettering' && !isOnLetters(opening, at, shaper)) continue;
    const sample = opening.slot?.sample === true;
    return { act: opening.fill.type === 'photo' && !sample ? 'replace' : 'fill', opening, replaceable: null };
  }
  return { act: 'lay', opening: null, replaceable: null };
}

function isOnLetters(opening: Opening, at: Point, shaper: Shaper): boolean {
  return contains(openingPolygons(opening, shaper), apply(invert(boxMatrix(opening.box)), at));
}
