import type { ItemProperties } from '../document/edit.js';
import type { Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import type { Photo } from '../document/project.js';
import type { Plane } from '../finish/plane.js';
import { intersect, transformBounds, unite, type Bounds } from '../geometry/bounds.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, chain, scaling } from '../geometry/matrix.js';
import { contains, type Polygons } from '../geometry/polygon.js';
import { placedPhoto, setBoxByGrip, type GripContext } from './grip.js';
import { placementMatrix } from './placement.js';

/** From this alpha on a px of a matte belongs to the subject. */
const KEPT = 128;

/** What a matte keeps, px of its photo; null where that is nothing. @param matte - of the whole photo, of any size. */
export function keptBounds(matte: Plane, photo: { readonly width: number; readonly height: number }): Bounds | null {
  const { width, height, data } = matte;
  let [left, top, right, bottom] = [width, height, -1, -1];
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      if (data[i]! < KEPT) continue;
      [left, right] = [Math.min(left, x), Math.max(right, x)];
      [top, bottom] = [Math.min(top, y), y];
    }
  }
  if (right < 0) return null;
  const toPhoto = scaling(photo.width / width, photo.height / height);
  return transformBounds(toPhoto, { x: left, y: top, width: right - left + 1, height: bottom - top + 1 });
}

/**
 * Whether any of a subject lies inside the outline of its opening.
 * @param matte - of the whole photo, of any size.
 * @param polygons - of the outline, px of the box.
 */
export function isSubjectInSight(matte: Plane, placement: Placement, photo: Photo, polygons: Polygons): boolean {
  const { width, height, data } = matte;
  const toBox = chain(placementMatrix(placement, photo), scaling(photo.width / width, photo.height / height));
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      if (data[i]! >= KEPT && contains(polygons, apply(toBox, { x: x + 0.5, y: y + 0.5 }))) return true;
    }
  }
  return false;
}

/**
 * Widens a loose photo that was trimmed until it holds a part of its photo; the photo stays where it is on the sheet. Empty where it holds it
 * already.
 * @param part - px of the photo.
 * @param when - *out of sight* leaves it as it is where some of the part is in it.
 */
export function widenToHold(
  opening: Opening,
  part: Bounds,
  context: GripContext,
  when: 'not held' | 'out of sight' = 'not held',
): ItemProperties {
  const placed = placedPhoto(opening, context);
  if (!placed) return {};
  const { box } = opening;
  const own = { x: 0, y: 0, width: box.width, height: box.height };
  const toBox = placementMatrix(placed.placement, placed.photo);
  const seen = transformBounds(toBox, part);
  if (when === 'out of sight' && intersect(own, seen)) return {};
  const all = unite(own, transformBounds(toBox, withRoom(part, placed.photo)));
  if (all.width <= own.width * 1.001 && all.height <= own.height * 1.001) return {};
  const middle = apply(boxMatrix(box), { x: all.x + all.width / 2, y: all.y + all.height / 2 });
  const wide = { ...box, x: middle.x - all.width / 2, y: middle.y - all.height / 2, width: all.width, height: all.height };
  return setBoxByGrip(opening, 'opening', wide, context);
}

/** A little more than a part, so that soft edges are held too, but no more than there is. */
function withRoom(part: Bounds, photo: Photo): Bounds {
  const room = 0.01 * Math.max(photo.width, photo.height);
  const { x, y, width, height } = part;
  const more = { x: x - room, y: y - room, width: width + 2 * room, height: height + 2 * room };
  return intersect(more, { x: 0, y: 0, width: photo.width, height: photo.height }) ?? part;
}
