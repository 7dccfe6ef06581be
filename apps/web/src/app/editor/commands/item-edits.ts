import {
  changeOpening,
  copiesOf,
  copyOf,
  fillBox,
  insertItem,
  layCopies,
  measureLettering,
  moveByGrip,
  placeBefore,
  removeItem,
  resizeBox,
  scaled,
  setBoxByGrip,
  withHosted,
  type Edit,
  type FaceAxes,
  type Grip,
  type GripContext,
  type Item,
  type ItemProperties,
  type Opening,
  type Point,
  showsPicture,
} from '@kadrosyn/core';
import {
  deletedOfImprint,
  imprintIn,
  moveImprintEdit,
  productGrip,
  productOf,
  removeImprintEdit,
  type ImprintContext,
} from './imprint-edits';
import { pictureWord } from './picture-word';
import { takeOutEdit } from './photo-edits';

/** What Delete would do to the selected item. */
export interface DeleteWord {
  readonly removes: 'photo' | 'item';
  readonly words: string;
}

/** With the grip on the photo, Delete takes the photo out; otherwise it removes the whole. */
export function deleteWord(item: Item, grip: Grip, context?: ImprintContext): DeleteWord {
  const view = context && item.type === 'opening' ? imprintIn(context, item) : null;
  if (view) {
    const piece = deletedOfImprint(view, grip, context!);
    return piece
      ? { removes: 'photo', words: `removes ${piece.name}, the imprint stays` }
      : { removes: 'item', words: `removes all that is printed on ${item.name}` };
  }
  const takesOut = grip === 'photo' && item.type === 'opening' && showsPicture(item.fill) && item.kind !== 'loose';
  return takesOut
    ? { removes: 'photo', words: `takes the ${pictureWord(item.fill)} out, ${item.name} stays` }
    : {
        removes: 'item',
        words: item.type === 'opening' && item.slot ? `removes the place ${item.name}` : `removes ${item.name}`,
      };
}

export function deleteEdit(context: ImprintContext, item: Item, grip: Grip): Edit {
  const view = item.type === 'opening' ? imprintIn(context, item) : null;
  const piece = view && deletedOfImprint(view, grip, context);
  if (piece) return removeItem(view.sheet, piece.id, `Remove ${piece.name} from ${item.name}`);
  if (view) return removeImprintEdit({ sheets: context.sheets }, context, view);
  if (deleteWord(item, grip).removes === 'photo') return takeOutEdit(context.sheet, item as Opening);
  return removeItem(context.sheet, item.id, `Remove ${item.name}`);
}

/** A copy, a little to the right and below, directly in front of the original. */
export function duplicateEdit(context: GripContext, item: Item): { readonly edit: Edit; readonly id: string } {
  const { sheet } = context;
  const by = Math.max(8, Math.min(sheet.width, sheet.height) * 0.03);
  // What lies in an area of it is copied with it.
  const together = withHosted(sheet, [item]);
  if (together.length > 1) {
    const { edit, ids } = duplicateTogetherEdit(context, together);
    return { edit: { ...edit, name: `Duplicate ${item.name}` }, id: ids[0]! };
  }
  const copy = copyOf(item, by);
  return { edit: insertItem(sheet, copy, `Duplicate ${item.name}`, placeBefore(sheet, item.id)), id: copy.id };
}

/** Copies of several items with the crossings between them, a little to the right and below, in front of the frontmost. */
export function duplicateTogetherEdit(
  { sheet }: GripContext,
  items: readonly Item[],
): { readonly edit: Edit; readonly ids: readonly string[] } {
  const by = Math.max(8, Math.min(sheet.width, sheet.height) * 0.03);
  const copies = copiesOf(withHosted(sheet, items), sheet.crossings, by);
  const operations = layCopies(sheet, placeBefore(sheet, items.at(-1)!.id), copies);
  return { edit: { name: `Duplicate ${items.length} items`, operations }, ids: copies.items.map(({ id }) => id) };
}

/** Moves by the grip. The name says what moved. @param from - see `moveByGrip` */
export function moveEdit(context: ImprintContext, opening: Opening, grip: Grip, delta: Point, from?: Point): Edit {
  const view = imprintIn(context, opening);
  if (view && grip !== 'both') {
    return moveImprintEdit(context, view, grip, delta, from) ?? { name: `Move ${opening.name}`, operations: [] };
  }
  const product = view && productOf(context, opening);
  if (product) return moveEdit(context, product, productGrip(product), delta, from);
  const what = grip === 'photo' && showsPicture(opening.fill) ? `${pictureWord(opening.fill)} in ${opening.name}` : opening.name;
  return changeOpening(context.sheet, opening, moveByGrip(opening, grip, delta, context, from), `Move ${what}`);
}

/**
 * Another size, px of the sheet, with `fixed` (shares of width and height) kept in place. Lettering takes the box by its width and weight first and its
 * size then; its letters are stretched only where that was asked for.
 * @param axesOf - the axes of each face.
 */
export function resizeProperties(
  context: GripContext,
  opening: Opening,
  grip: Grip,
  { width, height, fixed }: { readonly width: number; readonly height: number; readonly fixed: Point },
  axesOf: (face: string) => FaceAxes,
): ItemProperties {
  if (opening.outline.type !== 'lettering') {
    return setBoxByGrip(opening, grip, resizeBox(opening.box, width, height, fixed), context);
  }
  const { stretch } = opening.outline;
  const [fx, fy] = [width / opening.box.width, height / opening.box.height];
  const isEven = Math.abs(fx - fy) < 1e-6 * Math.max(fx, fy);
  const outline =
    isEven || opening.outline.along
      ? scaled(opening.outline, fy === 1 ? fx : fy)
      : stretch
        ? { ...opening.outline, stretch: { x: stretch.x * fx, y: stretch.y * fy } }
        : fillBox(opening.outline, width, height, axesOf, context.shaper);
  const size = measureLettering(outline, context.shaper);
  const box = resizeBox(opening.box, size.width, size.height, fixed);
  return { outline, ...setBoxByGrip({ ...opening, outline }, grip, box, context) };
}
