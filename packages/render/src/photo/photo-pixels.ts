import {
  asProjection,
  boxMatrix,
  chain,
  cutoutRevision,
  developed,
  invert,
  invertProjection,
  isDeveloped,
  isWarped,
  layoutOf,
  meanScale,
  multiply,
  multiplyProjections,
  photoMatrix,
  placementMatrix,
  resolvePlacement,
  samplePixels,
  sampleWarped,
  scaling,
  translation,
  warpedScale,
  type Bounds,
  type EffectFrame,
  type Matrix,
  type Opening,
  type PhotoFill,
  type Pixels,
  type Projection,
} from '@kadrosyn/core';
import type { Drawing } from '../canvas/drawing.js';
import type { PhotoLevel } from '../canvas/photo-source.js';
import { curvedPixels } from './curved-pixels.js';

/** Px of a level to px of the photo. */
export function levelMatrix(level: PhotoLevel): Matrix {
  return scaling(2 ** level.index);
}

/** Px of the photo to px of the sheet for a fill that is not warped; undefined where photo or placement are missing. */
export function photoToSheet(opening: Opening, fill: PhotoFill, { sheet, resources }: Drawing): Matrix | undefined {
  return photoMatrix(opening, fill, sheet, resources.photos);
}

/** The photo as it is seen in `bounds`, as it was taken. @param coarse - view px to one px of the result. */
export function plainPixels(opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing, coarse: number): Pixels | null {
  return levelPixels(opening, fill, bounds, drawing, { coarse, levelAt: photoLevels(fill, drawing) });
}

/** What stands in a kept picture beside the photo, by its sha256, as it is seen in `bounds`. */
export function keptPixels(opening: Opening, fill: PhotoFill, sha256: string, bounds: Bounds, drawing: Drawing): Pixels | null {
  const levelAt: LevelAt = (scale) => drawing.resources.source.subject?.(fill.photoId, sha256, scale);
  return levelPixels(opening, fill, bounds, drawing, { coarse: 1, levelAt });
}

/** The level for drawing at `scale` px per px of the photo. */
type LevelAt = (scale: number) => PhotoLevel | undefined;

function photoLevels({ photoId }: PhotoFill, { resources }: Drawing): LevelAt {
  return (scale) => resources.source.level(photoId, scale);
}

interface Sampling {
  /** View px to one px of the result. */
  readonly coarse: number;
  readonly levelAt: LevelAt;
}

function levelPixels(opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing, sampling: Sampling): Pixels | null {
  if (isWarped(opening.outline)) return warpedLevel(opening, fill, bounds, drawing, sampling);
  const { coarse, levelAt } = sampling;
  const toSheet = photoToSheet(opening, fill, drawing);
  const level = toSheet && levelAt(meanScale(multiply(drawing.view, toSheet)) / coarse);
  return level ? sampled(level, toSheet, bounds, drawing, coarse) : null;
}

/** Whether the photo is there to be sampled, at whatever resolution. */
export function canBeSampled(opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing): boolean {
  if (isWarped(opening.outline))
    return warpedPixels(opening, fill, bounds, drawing, Math.max(bounds.width, bounds.height)) !== null;
  const toSheet = photoToSheet(opening, fill, drawing);
  return toSheet !== undefined && photoLevels(fill, drawing)(meanScale(multiply(drawing.view, toSheet))) !== undefined;
}

/** The same px with the tone, blur and effects of a fill. */
export function developedExactly(pixels: Pixels, opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing): Pixels {
  return isDeveloped(fill) ? developed(pixels, fill, effectFrame(opening, bounds, drawing, 1)) : pixels;
}

/** Where the pixels lie that an effect is put on. */
export function effectFrame({ box }: Opening, bounds: Bounds, { view }: Drawing, coarse: number): EffectFrame {
  const unitToBox = multiply(scaling(box.width / 2, box.height / 2), translation(1, 1));
  const toPixels = multiply(scaling(1 / coarse), translation(-bounds.x, -bounds.y));
  return {
    scale: meanScale(view) / coarse,
    origin: { x: (bounds.x - view.e) / coarse, y: (bounds.y - view.f) / coarse },
    toUnit: invert(chain(toPixels, view, boxMatrix(box), unitToBox)),
  };
}

/** The subject of a fill's photo with its own edge colours; alpha is the matte. Null without a cutout at hand. */
export function subjectPixelsIn(opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing): Pixels | null {
  const toSheet = photoToSheet(opening, fill, drawing);
  if (!toSheet) return null;
  const level = subjectLevel(fill, meanScale(multiply(drawing.view, toSheet)), drawing);
  return level ? developedExactly(sampled(level, toSheet, bounds, drawing, 1), opening, fill, bounds, drawing) : null;
}

/** The level of the subject for drawing at `scale` px per px of the photo. */
export function subjectLevel(fill: PhotoFill, scale: number, drawing: Drawing): PhotoLevel | undefined {
  const revision = cutoutRevision(drawing.resources.photos, fill);
  return revision && drawing.resources.source.subject?.(fill.photoId, revision.matteSha256, scale);
}

function sampled(level: PhotoLevel, toSheet: Matrix, bounds: Bounds, drawing: Drawing, coarse: number): Pixels {
  const toPixels = multiply(scaling(1 / coarse), translation(-bounds.x, -bounds.y));
  const toView = chain(toPixels, drawing.view, toSheet, levelMatrix(level));
  const [width, height] = [Math.ceil(bounds.width / coarse), Math.ceil(bounds.height / coarse)];
  return samplePixels(level.pixels, invert(toView), { width, height }, level.opaque);
}

/**
 * A photo laid out in the rectangle that four corners, a round wall or cloth are a picture of, and that put there.
 * @param coarse - view px to one px of the result.
 */
export function warpedPixels(opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing, coarse: number): Pixels | null {
  return warpedLevel(opening, fill, bounds, drawing, { coarse, levelAt: photoLevels(fill, drawing) });
}

function warpedLevel(
  opening: Opening,
  fill: PhotoFill,
  bounds: Bounds,
  drawing: Drawing,
  { coarse, levelAt }: Sampling,
): Pixels | null {
  const { box } = opening;
  const photo = drawing.resources.photos[fill.photoId];
  const placement = resolvePlacement(fill, drawing.sheet);
  if (!photo || !placement) return null;
  const boxToPixels = chain(scaling(1 / coarse), translation(-bounds.x, -bounds.y), drawing.view, boxMatrix(box));
  const [width, height] = [Math.ceil(bounds.width / coarse), Math.ceil(bounds.height / coarse)];
  const lay = layoutOf(opening);
  if (lay && !lay.projection) return curvedPixels({ opening, placement, photo, boxToPixels, size: { width, height } }, levelAt);
  const toCorners = lay?.projection;
  const boxToView = asProjection(boxToPixels);
  const photoToBox = asProjection(placementMatrix(placement, photo));
  const toPhoto = toCorners && invertProjection(multiplyProjections(multiplyProjections(boxToView, toCorners), photoToBox));
  // Corners on one line leave no room for a picture.
  if (!toPhoto) return { width, height, data: new Uint8ClampedArray(4 * width * height) };
  const level = levelAt(1 / Math.max(1e-6, warpedScale(toPhoto, width, height)));
  if (!level) return null;
  const toLevel = multiplyProjections(asProjection(invert(levelMatrix(level))), toPhoto);
  return sampleWarped(level.pixels, inFront(toLevel, width, height), width, height);
}

/** A projection may be multiplied by anything: here so that the middle of what is seen lies in front of the horizon. */
function inFront(m: Projection, width: number, height: number): Projection {
  const w = m[6] * (width / 2) + m[7] * (height / 2) + m[8];
  return w < 0 ? (m.map((value) => -value) as unknown as Projection) : m;
}
