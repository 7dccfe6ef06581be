import type { Fill, PhotoFill, PictureFill, Placement } from '../document/fill.js';
import type { ItemProperties } from '../document/edit.js';
import type { Box, Opening } from '../document/item.js';
import type { Photo, Sheet } from '../document/project.js';
import { pictureSize } from '../document/shown-sheets.js';
import { boxCentre, boxMatrix } from '../geometry/box.js';
import { apply, applyVector, invert, multiply, rotation, type Point } from '../geometry/matrix.js';
import { isWarped } from '../kinds/outlines/outlines.js';
import type { Shaper } from '../lettering/shaper.js';
import { respectCover } from './opening-fit.js';
import { layoutPoint } from './photo-layout.js';
import { coverHull, isShared, placementInBox } from './register.js';
import { covers } from './cover.js';
import type { FocusedSize } from './keep-focus.js';
import { normalTurn, scalePlacement, transformPlacement } from './placement.js';

/** What the pointer moves. */
export type Grip = 'opening' | 'photo' | 'both';

/** What a gesture on an opening needs to know besides the opening. */
export interface GripContext {
  readonly sheet: Sheet;
  /** All of the project: an opening can show another one. */
  readonly sheets: readonly Sheet[];
  readonly photos: Readonly<Record<string, Photo>>;
  readonly shaper: Shaper;
}

/** A picture in an opening, be it a photo or another sheet, and how it lies in what it is laid out in. */
export interface PlacedPicture {
  readonly fill: PictureFill;
  readonly placement: Placement;
  readonly picture: FocusedSize;
}

/** A photo in an opening, and how it lies in what it is laid out in. */
export interface PlacedPhoto extends PlacedPicture {
  readonly fill: PhotoFill;
  readonly photo: Photo;
}

/** The photo of an opening and its placement in the frame of the box, also where that is shared; undefined for other fills. */
export function placedPhoto(opening: Opening, context: GripContext): PlacedPhoto | undefined {
  const { fill } = opening;
  if (fill.type !== 'photo') return undefined;
  const photo = context.photos[fill.photoId];
  const placement = placementInBox(fill, opening.box, context.sheet);
  return photo && placement ? { fill, placement, picture: photo, photo } : undefined;
}

/** Whether a fill shows a picture that can be moved, scaled and turned in its opening. */
export function showsPicture(fill: Fill): fill is PictureFill {
  return fill.type === 'photo' || fill.type === 'sheet';
}

/** The size of what a fill shows, px of its own, with its focus where that is known; undefined where that is not there. */
export function pictureOf(
  fill: PictureFill,
  { photos, sheets }: Pick<GripContext, 'photos' | 'sheets'>,
): FocusedSize | undefined {
  if (fill.type === 'photo') return photos[fill.photoId];
  const sheet = sheets.find(({ id }) => id === fill.sheetId);
  return sheet && pictureSize(sheet);
}

/** The picture of an opening and its placement in the frame of the box, also where that is shared; undefined for other fills. */
export function placedPicture(opening: Opening, context: GripContext): PlacedPicture | undefined {
  const { fill } = opening;
  if (!showsPicture(fill)) return undefined;
  const picture = pictureOf(fill, context);
  const placement = placementInBox(fill, opening.box, context.sheet);
  return picture && placement ? { fill, placement, picture } : undefined;
}

/**
 * Moves what the grip says by `delta` px of the sheet. The photo keeps its opening covered.
 * @param from - the place of the sheet that is moved: in perspective it tells how far the photo goes. The middle of the box when absent.
 */
export function moveByGrip(opening: Opening, grip: Grip, delta: Point, context: GripContext, from?: Point): ItemProperties {
  const placed = placedPicture(opening, context);
  const { box } = opening;
  if (placed && grip === 'photo')
    return withPlacement(opening, placed, shifted(placed.placement, movedInLayout(opening, delta, from)), context);
  const moved: Box = { ...box, x: box.x + delta.x, y: box.y + delta.y };
  if (!placed || (grip === 'both' && !isShared(opening.fill))) return { box: moved };
  return setBoxByGrip(opening, 'opening', moved, context);
}

/** How far a photo goes in what it is laid out in when a place of the sheet moves. */
function movedInLayout(opening: Opening, delta: Point, from = boxCentre(opening.box)): Point {
  const { box } = opening;
  if (!isWarped(opening.outline)) return applyVector(rotation(-box.turn), delta);
  const toBox = invert(boxMatrix(box));
  const [a, b] = [from, { x: from.x + delta.x, y: from.y + delta.y }].map((p) => layoutPoint(opening, apply(toBox, p)));
  return { x: b!.x - a!.x, y: b!.y - a!.y };
}

function shifted(placement: Placement, by: Point): Placement {
  return { ...placement, x: placement.x + by.x, y: placement.y + by.y };
}

/**
 * Gives the opening another box. In register the photo always stays: the other windows look at it too. With *Both* the photo goes along: scaled where the box keeps its proportions,
 * otherwise only moved, since a photo is never squashed. With the other grips it stays where it is on the sheet; in perspective it goes along.
 */
export function setBoxByGrip(opening: Opening, grip: Grip, box: Box, context: GripContext): ItemProperties {
  const placed = placedPicture(opening, context);
  if (!placed) return { box };
  const before = opening.box;
  const [fx, fy] = [box.width / before.width, box.height / before.height];
  let { placement } = placed;
  if ((grip === 'both' || isWarped(opening.outline)) && !isShared(opening.fill)) {
    const proportional = Math.abs(fx - fy) < 1e-9 * Math.max(fx, fy);
    placement = { ...placement, x: placement.x * fx, y: placement.y * fy, scale: placement.scale * (proportional ? fx : 1) };
  } else {
    placement = transformPlacement(multiply(invert(boxMatrix(box)), boxMatrix(before)), placement);
  }
  const next = { ...opening, box };
  // Seen from the sheet a shared placement has not moved: only what a gap asks for is to change.
  if (isShared(opening.fill) && isCoveredBy(next, placed, placement, context)) return { box };
  return { box, ...withPlacement(next, placed, placement, context) };
}

/** Scales the photo about a point of the box's own frame; it keeps its opening covered. */
export function scalePhoto(opening: Opening, factor: number, about: Point, context: GripContext): ItemProperties {
  const placed = placedPicture(opening, context);
  if (!placed) return {};
  return withPlacement(opening, placed, scalePlacement(placed.placement, factor, layoutPoint(opening, about)), context);
}

/** Turns the photo to `turn` degrees (relative to its opening) about its own middle. */
export function turnPhoto(opening: Opening, turn: number, context: GripContext): ItemProperties {
  const placed = placedPicture(opening, context);
  if (!placed) return {};
  return withPlacement(opening, placed, { ...placed.placement, turn: normalTurn(turn) }, context);
}

/** Gives the photo this placement, or the nearest one that keeps the opening covered. */
export function placePhoto(opening: Opening, placement: Placement, context: GripContext): ItemProperties {
  const placed = placedPicture(opening, context);
  return placed ? withPlacement(opening, placed, placement, context) : {};
}

function isCoveredBy(
  opening: Opening,
  { fill, picture }: PlacedPicture,
  placement: Placement,
  { sheet, shaper }: GripContext,
): boolean {
  return fill.keepCovered === false || covers(placement, coverHull(opening, sheet, shaper), picture);
}

function withPlacement(
  opening: Opening,
  { fill, picture }: PlacedPicture,
  placement: Placement,
  context: GripContext,
): ItemProperties {
  const hull = coverHull(opening, context.sheet, context.shaper);
  return { fill: { ...fill, fit: 'own', placement: respectCover(fill, placement, hull, picture) } };
}
