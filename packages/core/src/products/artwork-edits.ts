import type { Edit } from '../document/edit.js';
import type { Item, Opening } from '../document/item.js';
import { insertItem } from '../document/make-edit.js';
import type { Photo, Sheet } from '../document/project.js';
import { toPx } from '../document/units.js';
import { photoAt } from '../fit/loose-photo.js';
import { itemBounds } from '../fit/item-bounds.js';
import { similarity, transformItems } from '../fit/transform-items.js';
import type { Bounds } from '../geometry/bounds.js';
import type { Point } from '../geometry/matrix.js';
import { onImprint, seenOfImprint, type ImprintView } from './imprint-view.js';

/** A new piece of artwork is at most so large, as a share of what is seen of the imprint: across something round less, since its sides turn away. */
const SHARE = { round: 0.5, even: 0.7, down: 0.82 } as const;
/** So near to the middle it is laid into it, as a share of what is seen. */
const MIDDLE = 0.08;
/** Artwork is at least so large, mm. */
const LEAST = 1;

/** Where artwork lands that is let go at a place of the imprint: in the middle where that is near. */
export function landing(view: ImprintView, at: Point): Point {
  const { x, y, width, height } = seenOfImprint(view);
  const middle = { x: x + width / 2, y: y + height / 2 };
  return {
    x: Math.abs(at.x - middle.x) < MIDDLE * width ? middle.x : at.x,
    y: Math.abs(at.y - middle.y) < MIDDLE * height ? middle.y : at.y,
  };
}

/** A photo as artwork of an imprint, its middle at a place of it. */
export function photoArtwork(view: ImprintView, photo: Photo, at: Point): Opening {
  const room = roomFor(view);
  return photoAt(photo, at, Math.min(room.width / photo.width, room.height / photo.height));
}

/** How large new artwork may be, px of the imprint. */
export function roomFor(view: ImprintView): Pick<Bounds, 'width' | 'height'> {
  const { width, height } = seenOfImprint(view);
  return { width: width * (view.opening.outline.type === 'tube' ? SHARE.round : SHARE.even), height: height * SHARE.down };
}

/** Puts an item onto an imprint, in front, as large as new artwork may be at most. */
export function fittedArtwork(view: ImprintView, item: Opening, at: Point): Opening {
  const { box } = item;
  const room = roomFor(view);
  const factor = Math.min(room.width / box.width, room.height / box.height);
  const sheet = { ...view.sheet, items: [item] };
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const frame = similarity(middle, factor, 0, { x: at.x - middle.x, y: at.y - middle.y });
  const [operation] = transformItems(sheet, [item], frame);
  return operation?.type === 'change-item' ? { ...item, ...(operation.after as Partial<Opening>) } : item;
}

/** Artwork laid onto an imprint that is there. */
export function addArtwork({ sheet }: ImprintView, item: Opening): Edit {
  return insertItem(sheet, item, `Print ${item.name} on ${sheet.name}`);
}

/** Artwork moved on the product: what was under one place of the sheet is under another afterwards. Null beside the product. */
export function moveArtwork(view: ImprintView, items: readonly Item[], from: Point, to: Point): Edit | null {
  const [a, b] = [onImprint(view, from), onImprint(view, to)];
  if (!a || !b || items.length === 0) return null;
  const frame = similarity({ x: 0, y: 0 }, 1, 0, { x: b.x - a.x, y: b.y - a.y });
  return { name: `Move ${nameOf(items, view.sheet)}`, operations: transformItems(view.sheet, items, frame) };
}

/** Artwork scaled and turned about its middle. @param turn - degrees clockwise */
export function transformArtwork({ sheet }: Pick<ImprintView, 'sheet'>, item: Item, factor: number, turn: number): Edit | null {
  const bounds = itemBounds(item);
  if (!bounds || !(factor > 0)) return null;
  const least = toPx(LEAST, 'mm', sheet.dpi) / Math.max(bounds.width, bounds.height);
  const middle = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
  const frame = similarity(middle, Math.max(factor, least), turn);
  return { name: `${turn === 0 ? 'Scale' : 'Turn'} ${item.name}`, operations: transformItems(sheet, [item], frame) };
}

/** Artwork of a width on the product, its middle stays. @param width - mm */
export function sizeArtwork(sheet: Sheet, item: Item, width: number): Edit | null {
  const bounds = itemBounds(item);
  if (!bounds || !(width > 0)) return null;
  const edit = transformArtwork({ sheet }, item, toPx(width, 'mm', sheet.dpi) / bounds.width, 0);
  return edit && { ...edit, name: `${item.name} ${Math.round(width * 10) / 10} mm wide` };
}

function nameOf(items: readonly Item[], sheet: Sheet): string {
  return items.length === 1 ? items[0]!.name : sheet.name;
}
