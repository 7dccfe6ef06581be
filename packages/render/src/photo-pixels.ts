import {
  asProjection,
  blurPixels,
  boxMatrix,
  chain,
  invert,
  invertProjection,
  isNeutral,
  isWarped,
  meanScale,
  multiply,
  multiplyProjections,
  placementMatrix,
  projectionTo,
  resolvePlacement,
  samplePixels,
  sampleWarped,
  scaling,
  toned,
  translation,
  warpedScale,
  withEffect,
  type Bounds,
  type Matrix,
  type Opening,
  type PhotoFill,
  type Pixels,
  type Projection,
} from '@kadrosyn/core';
import type { Drawing } from './drawing.js';
import type { PhotoLevel } from './photo-source.js';

/** Px of a level to px of the photo. */
export function levelMatrix(level: PhotoLevel): Matrix {
  return scaling(2 ** level.index);
}

/**
 * Px of the photo to px of the sheet for a fill that is not warped; undefined where photo or placement are missing. A shared placement is
 * on the sheet, an own one in the opening's box.
 */
export function photoToSheet(opening: Opening, fill: PhotoFill, drawing: Drawing): Matrix | undefined {
  const photo = drawing.resources.photos[fill.photoId];
  const placement = resolvePlacement(fill, drawing.sheet);
  if (!photo || !placement) return undefined;
  const own = placementMatrix(placement, photo);
  return typeof fill.placement === 'string' ? own : multiply(boxMatrix(opening.box), own);
}

/** The photo of a fill as it is seen in `bounds` (view px), with tone, blur and effect; null while it has not arrived. */
export function photoPixels(opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing): Pixels | null {
  const toSheet = photoToSheet(opening, fill, drawing);
  if (!toSheet) return null;
  if (isWarped(opening.outline)) {
    const pixels = warpedPixels(opening, fill, bounds, drawing, 1);
    return pixels && processed(pixels, fill, bounds, drawing);
  }
  const level = drawing.resources.source.level(fill.photoId, meanScale(multiply(drawing.view, toSheet)));
  return level ? sampled(level, toSheet, fill, bounds, drawing) : null;
}

/** The subject of a fill's photo with its own edge colours; alpha is the matte. Null without a cutout at hand. */
export function subjectPixelsIn(opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing): Pixels | null {
  const toSheet = photoToSheet(opening, fill, drawing);
  if (!toSheet) return null;
  const level = subjectLevel(fill, meanScale(multiply(drawing.view, toSheet)), drawing);
  return level ? sampled(level, toSheet, fill, bounds, drawing) : null;
}

/** The level of the subject for drawing at `scale` px per px of the photo. */
export function subjectLevel(fill: PhotoFill, scale: number, drawing: Drawing): PhotoLevel | undefined {
  const photo = drawing.resources.photos[fill.photoId];
  const cutout = photo?.cutouts?.find(({ id }) => id === fill.cutout?.id);
  const revision = cutout?.revisions[fill.cutout?.revision ?? -1];
  return revision && drawing.resources.source.subject?.(fill.photoId, revision.matteSha256, scale);
}

function sampled(level: PhotoLevel, toSheet: Matrix, fill: PhotoFill, bounds: Bounds, drawing: Drawing): Pixels {
  const toView = chain(translation(-bounds.x, -bounds.y), drawing.view, toSheet, levelMatrix(level));
  const pixels = samplePixels(level.pixels, invert(toView), bounds.width, bounds.height, level.opaque);
  return processed(pixels, fill, bounds, drawing);
}

function processed(pixels: Pixels, fill: PhotoFill, bounds: Bounds, drawing: Drawing): Pixels {
  const scale = meanScale(drawing.view);
  let out = fill.blur ? blurPixels(pixels, (fill.blur / 2) * scale) : pixels;
  if (fill.tone && !isNeutral(fill.tone)) out = toned(out, fill.tone);
  if (fill.effect) out = withEffect(out, fill.effect, scale, { x: bounds.x - drawing.view.e, y: bounds.y - drawing.view.f });
  return out;
}

/**
 * A photo laid out in the box, and the box put into four corners.
 * @param coarse - view px to one px of the result.
 */
export function warpedPixels(opening: Opening, fill: PhotoFill, bounds: Bounds, drawing: Drawing, coarse: number): Pixels | null {
  const { outline, box } = opening;
  const photo = drawing.resources.photos[fill.photoId];
  const placement = resolvePlacement(fill, drawing.sheet);
  if (outline.type !== 'corners' || !photo || !placement) return null;
  const corners = outline.points.map(({ x, y }) => ({ x: x * box.width, y: y * box.height }));
  const toCorners = projectionTo(corners as unknown as Parameters<typeof projectionTo>[0], box.width, box.height);
  const boxToView = asProjection(chain(scaling(1 / coarse), translation(-bounds.x, -bounds.y), drawing.view, boxMatrix(box)));
  const photoToBox = asProjection(placementMatrix(placement, photo));
  const toPhoto = invertProjection(multiplyProjections(multiplyProjections(boxToView, toCorners), photoToBox));
  const [width, height] = [Math.ceil(bounds.width / coarse), Math.ceil(bounds.height / coarse)];
  const level = drawing.resources.source.level(fill.photoId, 1 / Math.max(1e-6, warpedScale(toPhoto, width, height)));
  if (!level) return null;
  const toLevel = multiplyProjections(asProjection(invert(levelMatrix(level))), toPhoto);
  return sampleWarped(level.pixels, inFront(toLevel, width, height), width, height);
}

/** A projection may be multiplied by anything: here so that the middle of what is seen lies in front of the horizon. */
function inFront(m: Projection, width: number, height: number): Projection {
  const w = m[6] * (width / 2) + m[7] * (height / 2) + m[8];
  return w < 0 ? (m.map((value) => -value) as unknown as Projection) : m;
}
