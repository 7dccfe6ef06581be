import type { Crossing } from '../document/crossing.js';
import type { Edit, Operation } from '../document/edit.js';
import type { PhotoFill } from '../document/fill.js';
import type { Item, Opening, Overhangs } from '../document/item.js';
import { changeItemOperation, changeSheetOperations } from '../document/make-edit.js';
import type { Photo, Sheet } from '../document/project.js';
import { newestCutout } from '../document/find-item.js';
import type { Shaper } from '../lettering/shaper.js';
import { fillWithPhoto } from './opening-fit.js';

/** The photo fill of an opening whose subject is cut out: marks of overhangs and crossings are then px of that photo. */
export function cutoutFill(item: Item | undefined): PhotoFill | null {
  return item?.type === 'opening' && item.fill.type === 'photo' && item.fill.cutout ? item.fill : null;
}

/**
 * Puts a photo into an opening. Rules come before points: the sides over which a subject may hang and the rule of each crossing stay,
 * for another photo too; points and lines that were drawn on the old photo mean nothing on the new one and are dropped. Where the old
 * subject was cut out, the newest cutout of the new photo is taken.
 */
export function replacePhoto(sheet: Sheet, opening: Opening, photo: Photo, shaper: Shaper): Operation[] {
  const cutout = opening.fill.type === 'photo' && opening.fill.cutout ? newestCutout(photo) : undefined;
  const fill = { ...fillWithPhoto(opening, photo, shaper), ...(cutout ? { cutout } : {}) };
  const isSame = opening.fill.type === 'photo' && opening.fill.photoId === photo.id;
  const { overhangs } = opening;
  const after = { fill, ...(overhangs && !isSame ? { overhangs: { ...overhangs, pieces: [], cuts: [] } } : {}) };
  const crossings = crossingsWithout(sheet.crossings, opening, { ...opening, ...after });
  return [changeItemOperation(sheet, opening, after), ...changeSheetOperations(sheet, { crossings })];
}

/** The crossings with those marks gone that were px of another photo, or are now read as px of something else. */
function crossingsWithout(crossings: readonly Crossing[], before: Opening, after: Opening): readonly Crossing[] {
  const [old, now] = [cutoutFill(before), cutoutFill(after)];
  const isKept = old?.photoId === now?.photoId;
  const concerns = ({ lower, regions, cuts, paint }: Crossing): boolean =>
    lower.itemId === before.id && regions.length + cuts.length + (paint?.length ?? 0) > 0;
  if (isKept || !crossings.some(concerns)) return crossings;
  return crossings.map((crossing) => {
    if (!concerns(crossing)) return crossing;
    const { paint: _gone, ...rest } = crossing;
    return { ...rest, regions: [], cuts: [] };
  });
}

/** How many points and lines drawn by hand an edit takes away. */
export function marksDropped(edit: Edit): number {
  let dropped = 0;
  for (const operation of edit.operations) {
    if (operation.type === 'change-item' && operation.after.overhangs !== undefined) {
      dropped += marksOf(operation.before.overhangs) - marksOf(operation.after.overhangs);
    }
    if (operation.type === 'change-crossing' && operation.after) {
      dropped += marksOnCrossing(operation.before) - marksOnCrossing(operation.after);
    }
  }
  return Math.max(0, dropped);
}

function marksOnCrossing(crossing: Crossing | null): number {
  return crossing ? crossing.regions.length + crossing.cuts.length + (crossing.paint?.length ?? 0) : 0;
}

function marksOf(overhangs: Overhangs | null | undefined): number {
  return overhangs ? overhangs.pieces.length + overhangs.cuts.length : 0;
}
