import { isBackground } from '../document/background.js';
import type { Edit, ItemProperties, Operation } from '../document/edit.js';
import type { PhotoFill, PictureFill, Placement } from '../document/fill.js';
import { isHidden, openingsOf } from '../document/find-item.js';
import type { Box, Opening } from '../document/item.js';
import { changeItemOperation, changeSheet } from '../document/make-edit.js';
import { newId } from '../document/new-id.js';
import type { Photo, Sheet } from '../document/project.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, invert, type Matrix } from '../geometry/matrix.js';
import { convexHull } from '../geometry/polygon.js';
import type { Shaper } from '../lettering/shaper.js';
import { keepCovered, type Hull } from './cover.js';
import { openingHull } from './opening-fit.js';
import { transformPlacement } from './placement.js';

/** The fill of a window in register: it shows its part of a photo that several openings, or the background, show together. */
export type SharedFill = PhotoFill & { readonly placement: string };

export function isShared(fill: Opening['fill']): fill is SharedFill {
  return fill.type === 'photo' && typeof fill.placement === 'string';
}

/** All openings of a sheet that look at one placement, from back to front. */
export function windowsOf(sheet: Sheet, placementId: string): Opening[] {
  return [...openingsOf(sheet.items)].filter(({ fill }) => isShared(fill) && fill.placement === placementId);
}

/** The placement of a fill as seen in a box, whether it is the opening's own or shared; undefined where a shared one is missing. */
export function placementInBox(fill: PictureFill, box: Box, sheet: Sheet): Placement | undefined {
  if (typeof fill.placement !== 'string') return fill.placement;
  const shared = sheet.placements[fill.placement];
  return shared && transformPlacement(invert(boxMatrix(box)), shared);
}

/**
 * What the photo of a window has to cover, in the frame of its box: the hulls of all windows that are to be covered and, where it is the
 * background, the sheet. For an own placement, the opening's hull.
 * @param opening - as it will be; the others are as they are on the sheet.
 */
export function coverHull(opening: Opening, sheet: Sheet, shaper: Shaper): Hull {
  const { fill } = opening;
  const own = openingHull(opening, shaper);
  if (!isShared(fill)) return own;
  const toBox = invert(boxMatrix(opening.box));
  const { hulls } = sheetHulls(sheet, fill.placement, shaper, opening.id);
  return convexHull([own, ...hulls.map((hull) => moved(hull, toBox))]);
}

/**
 * The hulls on the sheet, px, that the photo of a shared placement has to cover, and the photo.
 * @param but - id of a window that is passed over.
 */
export function sheetHulls(
  sheet: Sheet,
  placementId: string,
  shaper: Shaper,
  but?: string,
): { readonly hulls: Hull[]; readonly photoId: string | undefined } {
  const windows = windowsOf(sheet, placementId);
  const hulls = windows
    .filter(({ id, fill }) => id !== but && isKept(fill))
    .map((window) => moved(openingHull(window, shaper), boxMatrix(window.box)));
  const fill = windows[0]?.fill;
  return { hulls, photoId: fill?.type === 'photo' ? fill.photoId : undefined };
}

function isKept(fill: Opening['fill']): boolean {
  return fill.type === 'photo' && fill.keepCovered !== false;
}

function moved(hull: Hull, by: Matrix): Hull {
  const points: number[] = [];
  for (let i = 0; i < hull.length; i += 2) {
    const p = apply(by, { x: hull[i]!, y: hull[i + 1]! });
    points.push(p.x, p.y);
  }
  return Float64Array.from(points);
}

/**
 * Changes an opening. A new placement of a photo that is shown in register (in the frame of the opening's box) moves the photo in all of
 * its windows; the opening stays one of them.
 */
export function changeOpening(sheet: Sheet, opening: Opening, after: ItemProperties, name: string): Edit {
  return { name, operations: changeOpeningOperations(sheet, opening, after) };
}

export function changeOpeningOperations(sheet: Sheet, opening: Opening, after: ItemProperties): Operation[] {
  const { fill } = opening;
  const next = after.fill;
  const isMoved = next?.type === 'photo' && typeof next.placement !== 'string';
  if (!isShared(fill) || !isMoved || next.photoId !== fill.photoId) return [changeItemOperation(sheet, opening, after)];
  const box = after.box ?? opening.box;
  const shared = transformPlacement(boxMatrix(box), next.placement);
  const placements = { ...sheet.placements, [fill.placement]: shared };
  return [
    changeItemOperation(sheet, opening, { ...after, fill: { ...next, placement: fill.placement } }),
    ...changeSheet(sheet, { placements }, '').operations,
  ];
}

/** Openings below or above whose photo can be shown through an opening in register: the background, then the nearest below first. */
export function hostsFor(sheet: Sheet, opening: Opening): Opening[] {
  const all = [...openingsOf(sheet.items, isHidden)];
  const at = all.findIndex(({ id }) => id === opening.id);
  const order = [...all.slice(0, Math.max(0, at)).toReversed(), ...all.slice(at + 1)];
  const isOther = ({ fill, outline }: Opening): boolean =>
    fill.type === 'photo' &&
    !(outline.type === 'corners' && outline.warp) &&
    !(isShared(opening.fill) && isShared(fill) && fill.placement === opening.fill.placement);
  const known = new Set<string>();
  const first = [...order.filter(isBackground), ...order.filter((other) => !isBackground(other))];
  return first.filter((other) => {
    if (!isOther(other)) return false;
    const { fill } = other;
    if (!isShared(fill)) return true;
    const isNew = !known.has(fill.placement);
    known.add(fill.placement);
    return isNew;
  });
}

/**
 * Makes openings windows onto the photo of another opening, or of the background, in register: all show their part of it, where it lies on
 * the sheet. What they showed before goes. The photo moves or grows only as far as a window would show a gap.
 * @throws RangeError when the host shows no photo.
 */
export function joinRegister(
  sheet: Sheet,
  openings: readonly Opening[],
  host: Opening,
  photos: Readonly<Record<string, Photo>>,
  shaper: Shaper,
): Edit {
  const { fill } = host;
  if (fill.type !== 'photo') throw new RangeError('There is no photo to show in register');
  const id = isShared(fill) ? fill.placement : newId('placement');
  const onSheet = isShared(fill)
    ? sheet.placements[fill.placement]!
    : transformPlacement(boxMatrix(host.box), fill.placement as Placement);
  const shown: SharedFill = { ...fill, placement: id };
  const joining = openings.map((opening) => ({ ...opening, fill: windowFill(shown) }));
  const rest = isShared(fill) ? windowsOf(sheet, id) : [host];
  const hulls = [...rest, ...joining]
    .filter((window) => isKept(window.fill))
    .map((window) => moved(openingHull(window, shaper), boxMatrix(window.box)));
  const photo = photos[fill.photoId];
  const placement = photo && hulls.length > 0 ? keepCovered(onSheet, convexHull(hulls), photo) : onSheet;
  const placements = { ...sheet.placements, [id]: placement };
  const ofHost = isShared(fill) ? [] : [changeItemOperation(sheet, host, { fill: shown })];
  const ofWindows = openings.map((opening, index) =>
    changeItemOperation(sheet, opening, { fill: joining[index]!.fill, ...sampleGone(opening) }),
  );
  const where = isBackground(host) ? 'the background' : host.name;
  const what = openings.length === 1 ? openings[0]!.name : `${openings.length} openings`;
  return {
    name: `Show ${where} through ${what}, in register`,
    operations: [...changeSheet(sheet, { placements }, '').operations, ...ofHost, ...ofWindows],
  };
}

/** A window shows the photo as it is; tone and blur of the host are its own. */
function windowFill({ photoId, placement, keepCovered: kept }: SharedFill): SharedFill {
  return { type: 'photo', photoId, placement, fit: 'own', ...(kept === false ? { keepCovered: false } : {}) };
}

function sampleGone({ slot }: Opening): ItemProperties {
  return slot?.sample ? { slot: { ...slot, sample: false } } : {};
}

/**
 * The window keeps what it shows and looks at a placement of its own from now on. A placement that only one other window is left to look at
 * becomes that one's own, too.
 */
export function leaveRegister(sheet: Sheet, opening: Opening): Edit | null {
  if (!isShared(opening.fill)) return null;
  const id = opening.fill.placement;
  const rest = windowsOf(sheet, id).filter((other) => other.id !== opening.id);
  const leaves = [opening, ...(rest.length === 1 ? rest : [])];
  const operations = leaves.map((window) => changeItemOperation(sheet, window, { fill: ownFill(window, sheet) }));
  const isLeft = leaves.length <= rest.length;
  const { [id]: _gone, ...placements } = sheet.placements;
  return {
    name: `${opening.name} leaves the register`,
    operations: [...operations, ...(isLeft ? [] : changeSheet(sheet, { placements }, '').operations)],
  };
}

/** The same photo at the same place of the sheet, placed in the opening's own box. */
export function ownFill(opening: Opening, sheet: Sheet): PhotoFill {
  const fill = opening.fill as PhotoFill;
  return { ...fill, placement: placementInBox(fill, opening.box, sheet)! };
}
