import type { Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { isHidden, openingsOf } from '../document/find-item.js';
import type { Photo, Sheet } from '../document/project.js';
import { intersect, transformBounds } from '../geometry/bounds.js';
import { boxBounds, boxMatrix } from '../geometry/box.js';
import { invert, multiply } from '../geometry/matrix.js';
import { flatten, transformPath } from '../geometry/path.js';
import type { Polygons } from '../geometry/polygon.js';
import type { Shaper } from '../lettering/shaper.js';
import { fillOpening } from './cover.js';
import { openingHull, openingPolygons } from './opening-fit.js';
import { inLayout } from './photo-layout.js';
import { placementMatrix } from './placement.js';
import { seenPart } from './seen-part.js';
import { disjoint, shareVisible, showFocus } from './share-visible.js';

/** From this share of the focus on it is worth saying. */
const NOTICED = 0.1;

/** What hides the focus of a photo in its opening. */
export interface CoveredFocus {
  /** Of the focus as far as the opening shows it, 0 to 1. */
  readonly share: number;
  /** Names of what lies over it, from the front. */
  readonly by: readonly string[];
}

/**
 * Whether captions or other items lie over the focus of a photo; null where the focus is unknown or (nearly) free.
 * @param placement - of the photo, in the frame of the opening's box.
 */
export function coveredFocus(
  sheet: Sheet,
  opening: Opening,
  placement: Placement,
  photo: Photo,
  shaper: Shaper,
): CoveredFocus | null {
  const free = photo.focus ? freePolygons(sheet, opening, shaper) : null;
  if (!free || !photo.focus) return null;
  const whole = shareVisible(inLayout(opening, disjoint(openingPolygons(opening, shaper))), placement, photo).focus ?? 0;
  const seen = shareVisible(free, placement, photo).focus ?? 0;
  if (whole <= 0 || 1 - seen / whole < NOTICED) return null;
  const focus = transformBounds(multiply(boxMatrix(opening.box), placementMatrix(placement, photo)), photo.focus);
  const order = [...openingsOf(sheet.items, isHidden)];
  const over = order.slice(order.findIndex(({ id }) => id === opening.id) + 1);
  const by = over.filter(({ box }) => intersect(boxBounds(box), focus) !== null).map(({ name }) => name);
  return { share: 1 - seen / whole, by: by.toReversed() };
}

/** The part of an opening that neither items nor captions lie over, as it lies in what its photo is laid out in; null where all of it is free. */
function freePolygons(sheet: Sheet, opening: Opening, shaper: Shaper): Polygons | null {
  const part = seenPart(sheet, opening, shaper, 'with captions');
  return part && inLayout(opening, disjoint(flatten(transformPath(invert(boxMatrix(opening.box)), part))));
}

/**
 * The placement that shows most of the focus beside what lies over the opening: the photo is moved, and made larger only where moving alone
 * does not do. It leaves no gap. Null where nothing lies over the opening.
 */
export function clearFocus(sheet: Sheet, opening: Opening, placement: Placement, photo: Photo, shaper: Shaper): Placement | null {
  const free = freePolygons(sheet, opening, shaper);
  if (!free || !photo.focus) return null;
  const hull = openingHull(opening, shaper);
  const least = fillOpening(hull, photo, placement.turn, placement).scale;
  const seen = (candidate: Placement): number => shareVisible(free, candidate, photo).focus ?? 0;
  let best = showFocus(free, hull, placement, photo);
  for (const factor of [1, 1.15, 1.3, 1.5]) {
    if (seen(best) > 1 - NOTICED / 2) break;
    const larger = showFocus(free, hull, { ...placement, scale: Math.max(placement.scale, least) * factor }, photo);
    if (seen(larger) > seen(best) + 0.02) best = larger;
  }
  return best;
}
