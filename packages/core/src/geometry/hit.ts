import { findOpening } from '../document/find-item.js';
import type { Item, Opening } from '../document/item.js';
import type { LookedAt } from '../document/resolve-sheet.js';
import type { Shaper } from '../lettering/shaper.js';
import { openingPolygons } from '../fit/opening-fit.js';
import { boxMatrix } from './box.js';
import { apply, invert, type Point } from './matrix.js';
import { contains, distanceToEdge, polygonBounds } from './polygon.js';

/** How to look for what lies under the pointer. */
export interface HitOptions {
  /** Reach beyond the outline in px of the sheet. */
  readonly reach: number;
  /** Locked items are passed over unless this is set. @default false */
  readonly locked?: boolean;
}

/**
 * Openings whose true outline holds the point (sheet px), as they are stored, from front to back. Lettering is hit in its whole box; above and below its
 * letters, where the box is empty, it comes after everything else that is hit.
 */
export function openingsAt({ sheet, resolved }: LookedAt, at: Point, shaper: Shaper, options: HitOptions): Opening[] {
  const found = hitsAt(resolved.items, at, shaper, options);
  const empty = new Set(found.filter((hit) => !isOnForm(hit, at, shaper)));
  return [...found.filter((hit) => !empty.has(hit)), ...empty].flatMap(({ id }) => findOpening(sheet, id) ?? []);
}

/** False in the empty part of a lettering's box. */
function isOnForm(opening: Opening, at: Point, shaper: Shaper): boolean {
  if (opening.outline.type !== 'lettering') return true;
  const p = apply(invert(boxMatrix(opening.box)), at);
  const { y, height } = polygonBounds(openingPolygons(opening, shaper));
  return height === 0 || (p.y >= y && p.y <= y + height);
}

function hitsAt(items: readonly Item[], at: Point, shaper: Shaper, options: HitOptions): Opening[] {
  const found: Opening[] = [];
  for (const item of items.toReversed()) {
    if (item.hidden || (item.locked && !options.locked)) continue;
    if (item.type === 'group') found.push(...hitsAt(item.items, at, shaper, options));
    else if (isHit(item, at, shaper, options.reach)) found.push(item);
  }
  return found;
}

function isHit(opening: Opening, at: Point, shaper: Shaper, reach: number): boolean {
  const { width, height } = opening.box;
  const p = apply(invert(boxMatrix(opening.box)), at);
  const isBeside = p.x < -reach || p.y < -reach || p.x > width + reach || p.y > height + reach;
  // Corners may be dragged out of their box.
  if (isBeside && opening.outline.type !== 'corners') return false;
  if (opening.outline.type === 'lettering') return true;
  const polygons = openingPolygons(opening, shaper);
  return contains(polygons, p) || distanceToEdge(polygons, p) <= reach;
}
