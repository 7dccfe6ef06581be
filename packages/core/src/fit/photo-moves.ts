import { applyEdit, type Edit, type Operation } from '../document/edit.js';
import { backgroundBox, backgroundOf, newBackground } from '../document/background.js';
import type { PhotoFill } from '../document/fill.js';
import { isOutOfReach, openingsOf } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import { changeItem, changeItemOperation, insertItem, placeBefore, removeItem } from '../document/make-edit.js';
import type { Photo, Project, Sheet } from '../document/project.js';
import { AT_THE_BACK } from '../kinds/operations/item-tree.js';
import { boxCentre, boxMatrix } from '../geometry/box.js';
import { loosePhoto } from './loose-photo.js';
import { fillOpening } from './cover.js';
import { placedPhoto, type GripContext } from './grip.js';
import { normalTurn, transformPlacement } from './placement.js';
import { replacePhoto } from './replace-photo.js';

type Context = GripContext & { readonly project: Project };

/** Operations that put a photo into an opening; a sample is then no sample any more. */
export function fillOperations(sheet: Sheet, opening: Opening, photo: Photo, context: GripContext): Operation[] {
  const operations = replacePhoto(sheet, opening, photo, context.shaper);
  if (opening.slot?.sample) operations.push(changeItemOperation(sheet, opening, { slot: { ...opening.slot, sample: false } }));
  return operations;
}

/** Does one step after the other, each on the sheet that the one before has left. */
export function inTurn(context: Context, steps: readonly ((sheet: Sheet) => readonly Operation[])[]): Operation[] {
  let { project } = context;
  const done: Operation[] = [];
  for (const step of steps) {
    const operations = step(project.sheets.find(({ id }) => id === context.sheet.id)!);
    project = applyEdit(project, { name: '', operations });
    done.push(...operations);
  }
  return done;
}

/** Two openings exchange their photos; each is fitted by the rule of its new opening. Null unless both show one. */
export function swapPhotos(context: Context, a: Opening, b: Opening): Edit | null {
  const [photoA, photoB] = [photoOf(a, context), photoOf(b, context)];
  if (!photoA || !photoB) return null;
  const operations = inTurn(context, [
    (sheet) => fillOperations(sheet, a, photoB, context),
    (sheet) => fillOperations(sheet, b, photoA, context),
  ]);
  return { name: `Swap the photos of ${a.name} and ${b.name}`, operations };
}

/** The photo goes from one opening into another; the first stays, empty. A loose picture goes with its photo. */
export function movePhoto(context: Context, from: Opening, to: Opening): Edit | null {
  const photo = photoOf(from, context);
  if (!photo) return null;
  const operations = inTurn(context, [
    (sheet) => fillOperations(sheet, to, photo, context),
    (sheet) =>
      from.kind === 'loose'
        ? removeItem(sheet, from.id, '').operations
        : [changeItemOperation(sheet, from, { fill: { type: 'none' } })],
  ]);
  return { name: `Move the photo of ${from.name} into ${to.name}`, operations };
}

/** Puts a loose picture, or artwork that is a picture, into an opening: the item goes, its photo fills the opening. */
export function putInsideEdit(context: Context, loose: Opening, opening: Opening): Edit | null {
  const photo = photoOf(loose, context);
  if (!photo) return null;
  const operations = inTurn(context, [
    (sheet) => fillOperations(sheet, opening, photo, context),
    (sheet) => removeItem(sheet, loose.id, '').operations,
  ]);
  return { name: `Put ${loose.name} inside ${opening.name}`, operations };
}

/**
 * Takes the photo out of its opening and lays it in front of it as a loose picture, whole, where it lay. The opening stays, empty.
 * Null without a photo.
 */
export function layLoose(context: Context, opening: Opening): { readonly edit: Edit; readonly id: string } | null {
  const placed = placedPhoto(opening, context);
  if (!placed || opening.kind === 'loose') return null;
  const { photo, placement } = placed;
  const onSheet = transformPlacement(boxMatrix(opening.box), placement);
  const [width, height] = [photo.width * onSheet.scale, photo.height * onSheet.scale];
  const fresh = loosePhoto(photo, context.sheet, onSheet);
  const loose: Opening = {
    ...fresh,
    box: { x: onSheet.x - width / 2, y: onSheet.y - height / 2, width, height, turn: normalTurn(onSheet.turn) },
    fill: {
      ...(fresh.fill as PhotoFill),
      placement: { ...onSheet, x: width / 2, y: height / 2, turn: 0 },
    },
  };
  const place = placeBefore(context.sheet, opening.id);
  const operations = inTurn(context, [
    (sheet) => [changeItemOperation(sheet, opening, { fill: { type: 'none' } })],
    (sheet) => insertItem(sheet, loose, '', place).operations,
  ]);
  return { edit: { name: `Lay the photo of ${opening.name} loose`, operations }, id: loose.id };
}

/** The photo becomes the background of the sheet, filling it, in place of one that was. */
export function backgroundEdit(sheet: Sheet, photo: Photo): Edit {
  const fill = backgroundFill(sheet, photo);
  const name = `${photo.name} as background`;
  const before = backgroundOf(sheet);
  return before
    ? changeItem(sheet, before, { box: backgroundBox(sheet), fill }, name)
    : insertItem(sheet, newBackground(sheet, fill), name, AT_THE_BACK);
}

/** A photo that fills the background of a sheet. */
export function backgroundFill(sheet: Sheet, photo: Photo): PhotoFill {
  const { width, height } = backgroundBox(sheet);
  const placement = fillOpening(Float64Array.from([0, 0, width, 0, width, height, 0, height]), photo);
  return { type: 'photo', photoId: photo.id, placement, fit: 'fill' };
}

/** Openings that wait for a photo, in the order in which people read: row by row, each from the left. */
export function emptyOpenings(sheet: Sheet): Opening[] {
  const waiting = [...openingsOf(sheet.items, isOutOfReach)].filter(
    ({ kind, outline, fill, slot }) =>
      kind === 'shaped' && outline.type !== 'lettering' && (fill.type === 'none' || (fill.type === 'photo' && slot?.sample)),
  );
  const rows: Opening[][] = [];
  for (const opening of [...waiting].sort((a, b) => boxCentre(a.box).y - boxCentre(b.box).y)) {
    const row = rows.at(-1);
    const [first] = row ?? [];
    const isBeside =
      first && Math.abs(boxCentre(first.box).y - boxCentre(opening.box).y) < Math.min(first.box.height, opening.box.height) / 2;
    if (row && isBeside) row.push(opening);
    else rows.push([opening]);
  }
  return rows.flatMap((row) => row.sort((a, b) => boxCentre(a.box).x - boxCentre(b.box).x));
}

/** Fills the empty openings with photos in their order, as many as there are of both; null where that is none. */
export function fillEmptyOpenings(
  context: Context,
  photos: readonly Photo[],
): { readonly edit: Edit; readonly count: number } | null {
  const openings = emptyOpenings(context.sheet).slice(0, photos.length);
  if (openings.length === 0) return null;
  const used = photos.slice(0, openings.length);
  const added = [...new Map(used.map((photo) => [photo.id, photo])).values()].filter(({ id }) => !(id in context.project.photos));
  const operations: Operation[] = [
    ...added.map((photo): Operation => ({ type: 'add-photo', photo })),
    ...inTurn(
      context,
      openings.map((opening, index) => (sheet: Sheet) => fillOperations(sheet, opening, used[index]!, context)),
    ),
  ];
  const count = openings.length;
  return { edit: { name: count === 1 ? 'Fill one opening' : `Fill ${count} openings`, operations }, count };
}

function photoOf({ fill }: Opening, { photos }: GripContext): Photo | undefined {
  return fill.type === 'photo' ? photos[fill.photoId] : undefined;
}
