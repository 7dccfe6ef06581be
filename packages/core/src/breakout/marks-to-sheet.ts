import type { Crossing } from '../document/crossing.js';
import type { Operation } from '../document/edit.js';
import type { PhotoFill } from '../document/fill.js';
import { findItem } from '../document/find-item.js';
import type { Item, Opening } from '../document/item.js';
import { changeItemOperation, changeSheet } from '../document/make-edit.js';
import type { Project, Sheet } from '../document/project.js';
import { resolvePlacement } from '../fit/opening-fit.js';
import { placementMatrix } from '../fit/placement.js';
import { cutoutFill } from '../fit/replace-photo.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, invert, multiply, scaling, type Matrix } from '../geometry/matrix.js';

/**
 * Px of a crossing's marks to px of the sheet. Marks go with its lower item: they are px of its photo where that has a cutout, else px of
 * its box (of the sheet for a group).
 */
export function marksToSheet({ lower }: Pick<Crossing, 'lower'>, sheet: Sheet, photos: Project['photos']): Matrix {
  return spaceOf(findItem(sheet.items, lower.itemId), sheet, photos);
}

function spaceOf(item: Item | undefined, sheet: Sheet, photos: Project['photos']): Matrix {
  if (item?.type !== 'opening') return scaling(1);
  const fill = cutoutFill(item);
  return (fill && photoMatrix(item, fill, sheet, photos)) ?? boxMatrix(item.box);
}

/**
 * Px of the photo to px of the sheet for a fill that is not warped; undefined where photo or placement are missing. A shared placement is
 * on the sheet, an own one in the opening's box.
 */
export function photoMatrix(opening: Opening, fill: PhotoFill, sheet: Sheet, photos: Project['photos']): Matrix | undefined {
  const photo = photos[fill.photoId];
  const placement = resolvePlacement(fill, sheet);
  if (!photo || !placement) return undefined;
  const own = placementMatrix(placement, photo);
  return typeof fill.placement === 'string' ? own : multiply(boxMatrix(opening.box), own);
}

/**
 * Gives an opening's photo another fill that differs in its cutout. Marks of crossings that were drawn on the box are drawn on the photo from
 * then on, at the same places of the sheet.
 */
export function changeCutout(
  sheet: Sheet,
  opening: Opening,
  after: Partial<Omit<Opening, 'fill'>> & { readonly fill: PhotoFill },
  photos: Project['photos'],
): Operation[] {
  const change = changeItemOperation(sheet, opening, after);
  const next: Opening = { ...opening, ...after };
  const [before, now] = [spaceOf(opening, sheet, photos), spaceOf(next, sheet, photos)];
  const isSame = (Object.keys(before) as (keyof Matrix)[]).every((key) => Math.abs(before[key] - now[key]) < 1e-9);
  if (isSame || !sheet.crossings.some(({ lower }) => lower.itemId === opening.id)) return [change];
  const move = multiply(invert(now), before);
  const scale = Math.hypot(move.a, move.b);
  const crossings = sheet.crossings.map((crossing): Crossing => {
    if (crossing.lower.itemId !== opening.id) return crossing;
    const { regions, cuts, paint } = crossing;
    return {
      ...crossing,
      regions: regions.map((region) => ({ ...region, at: apply(move, region.at) })),
      cuts: cuts.map((line) => line.map((p) => apply(move, p))),
      ...(paint && {
        paint: paint.map((stroke) => ({
          ...stroke,
          points: stroke.points.map((p) => apply(move, p)),
          width: stroke.width * scale,
        })),
      }),
    };
  });
  return [change, ...changeSheet(sheet, { crossings }, '').operations];
}
