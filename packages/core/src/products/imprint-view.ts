import { isImprint } from '../document/is-imprint.js';
import type { SheetFill } from '../document/fill.js';
import { openingsOf } from '../document/find-item.js';
import type { Item, Opening } from '../document/item.js';
import type { Project, Sheet } from '../document/project.js';
import { pictureSize } from '../document/shown-sheets.js';
import { fromPx } from '../document/units.js';
import { itemBounds } from '../fit/item-bounds.js';
import { layoutOf, layoutSize } from '../fit/photo-layout.js';
import { placementMatrix } from '../fit/placement.js';
import type { Bounds } from '../geometry/bounds.js';
import { boxMatrix } from '../geometry/box.js';
import { seenEdge } from '../geometry/lay.js';
import { apply, invert, type Matrix, type Point } from '../geometry/matrix.js';

/** An imprint where it lies on a product: the opening that shows it, and its own sheet. */
export interface ImprintView {
  readonly opening: Opening & { readonly fill: SheetFill };
  readonly sheet: Sheet;
}

/** The imprint that an opening shows; null where it shows none. */
export function imprintOf(project: Pick<Project, 'sheets'>, opening: Opening | null | undefined): ImprintView | null {
  if (opening?.fill.type !== 'sheet') return null;
  const { sheetId } = opening.fill;
  const sheet = project.sheets.find(({ id }) => id === sheetId);
  return sheet && isImprint(sheet) ? { opening: opening as ImprintView['opening'], sheet } : null;
}

/** From px of the imprint to what it is laid out in. */
function toLayout({ opening, sheet }: ImprintView): Matrix {
  return placementMatrix(opening.fill.placement, pictureSize(sheet));
}

/** The imprint that lies on an area of a photo; null where nothing is printed there. @param host - the opening that shows the photo */
export function imprintIn(
  project: Pick<Project, 'sheets'>,
  items: readonly Item[],
  host: Opening,
  areaId: string,
): ImprintView | null {
  for (const opening of openingsOf(items)) {
    if (opening.host?.itemId !== host.id || opening.host.areaId !== areaId) continue;
    const view = imprintOf(project, opening);
    if (view) return view;
  }
  return null;
}

/** A place of the sheet that the product lies on, as px of the imprint, beyond its edges too; null beside the product. */
export function onImprint(view: ImprintView, at: Point): Point | null {
  const { opening } = view;
  const inBox = apply(invert(boxMatrix(opening.box)), at);
  const lay = layoutOf(opening);
  const laid = lay ? lay.back(inBox) : inBox;
  return laid && apply(invert(toLayout(view)), laid);
}

/** Px of the imprint on the sheet that the product lies on; null where that is turned away. */
export function fromImprint(view: ImprintView, p: Point): Point | null {
  const { opening } = view;
  const laid = apply(toLayout(view), p);
  const lay = layoutOf(opening);
  const inBox = lay ? lay.onto(laid) : laid;
  return inBox && apply(boxMatrix(opening.box), inBox);
}

/** The part of the imprint that is turned to the eye, px of it. */
export function seenOfImprint(view: ImprintView): Bounds {
  const { width, height } = layoutSize(view.opening);
  const { x, y, ...size } = layoutOf(view.opening)?.sight ?? { x: 0, y: 0, width, height };
  const back = invert(toLayout(view));
  const [from, to] = [apply(back, { x, y }), apply(back, { x: x + size.width, y: y + size.height })];
  return { x: from.x, y: from.y, width: to.x - from.x, height: to.y - from.y };
}

/** The edge of a rectangle of the imprint, px of it, as it is seen on the sheet that the product lies on; what is turned away is left out. */
export function edgeOnProduct(view: ImprintView, part: Bounds): readonly Point[] {
  const lay = layoutOf(view.opening);
  const m = toLayout(view);
  const [from, to] = [apply(m, part), apply(m, { x: part.x + part.width, y: part.y + part.height })];
  const laid = { x: from.x, y: from.y, width: to.x - from.x, height: to.y - from.y };
  const onto = boxMatrix(view.opening.box);
  const edge = lay ? seenEdge(lay, laid) : [from, { x: to.x, y: from.y }, to, { x: from.x, y: to.y }];
  return edge.map((p) => apply(onto, p));
}

/** The frontmost artwork of the imprint at a place of it; null where none lies. */
export function artworkAt({ sheet }: ImprintView, at: Point): Item | null {
  const holds = (item: Item): boolean => {
    const bounds = itemBounds(item);
    return (
      bounds !== null &&
      at.x >= bounds.x &&
      at.y >= bounds.y &&
      at.x <= bounds.x + bounds.width &&
      at.y <= bounds.y + bounds.height
    );
  };
  return sheet.items.findLast((item) => !item.hidden && holds(item)) ?? null;
}

/** How large artwork is on the product, mm. Null for an empty group. */
export function artworkSize(sheet: Sheet, item: Item): { readonly width: number; readonly height: number } | null {
  const bounds = itemBounds(item);
  return bounds && { width: fromPx(bounds.width, 'mm', sheet.dpi), height: fromPx(bounds.height, 'mm', sheet.dpi) };
}
