import type { FinishScene } from '../finish/form-drawers.js';
import {
  covers,
  isDeveloped,
  isWarped,
  meanScale,
  multiply,
  openingHull,
  photoEdge,
  placementMatrix,
  rectanglePath,
  resolvePlacement,
  type Fill,
  type FillOf,
  type FillType,
  type Opening,
  type Path,
  type PhotoFill,
} from '@kadrosyn/core';
import { drawCoarse } from '../canvas/coarse.js';
import { drawDeveloped, drawFewer } from '../photo/developed-photo.js';
import { clipTo, drawLevel } from '../photo/draw-level.js';
import { drawDrawing } from '../fill/draw-drawing.js';
import { layAway, newLayer, type Drawing, type Layer } from '../canvas/drawing.js';
import { keepInside } from '../canvas/fill-path.js';
import { boxOnTarget, coverPath, fillArea } from '../fill/ink.js';
import { putPixels } from '../photo/level-chain.js';
import { WAITING } from '../fill/paint.js';
import { photoToSheet, subjectLevel, subjectPixelsIn, warpedPixels } from '../photo/photo-pixels.js';

/** How a fill is drawn onto the layer of its opening, or of one letter, and whether it is exact. */
type FillDrawer<F> = (fill: F, scene: FillScene) => boolean;

type FillScene = Omit<FinishScene, 'subject'> & {
  /** Nothing has been drawn onto the layer before. */
  readonly isBlank: boolean;
};

function drawPaint(fill: FillOf<'colour'> | FillOf<'gradient'>, { layer, opening, path, drawing, isBlank }: FillScene): boolean {
  if (drawing.silhouette) coverPath(layer, opening, path, drawing);
  else fillArea(layer, opening, { path, isFirst: isBlank }, fill, drawing);
  return true;
}

/** Every kind of fill. */
const FILL_DRAWERS: { readonly [T in FillType]: FillDrawer<FillOf<T>> } = {
  none: () => true,
  colour: drawPaint,
  gradient: drawPaint,
  drawing: (fill, { layer, opening, drawing }) => {
    drawDrawing(layer, opening, fill, drawing);
    return true;
  },
  // In a resolved sheet a picture stands for it.
  sheet: () => true,
  photo: (fill, scene) => {
    const { layer, opening, path, drawing } = scene;
    if (!drawing.silhouette || fill.show === 'subject') return drawPhoto(fill, scene);
    coverPath(layer, opening, path, drawing);
    return true;
  },
};

/** @returns whether it is exact. */
export function drawFill(scene: Omit<FinishScene, 'subject'>, isBlank: boolean): boolean {
  const { opening } = scene;
  // Each drawer takes its own fills only, and is found by their type.
  return (FILL_DRAWERS[opening.fill.type] as FillDrawer<Fill>)(opening.fill, { ...scene, isBlank });
}

function drawPhoto(fill: PhotoFill, { layer, opening, letterId, path, drawing, isBlank }: FillScene): boolean {
  if (fill.extend) fillArea(layer, opening, { path }, { type: 'colour', colour: fill.extend }, drawing);
  if (layer.draft && !drawing.silhouette && drawPhotoQuickly(layer, opening, fill, path, drawing)) return false;
  const isDirect = isBlank && !fill.extend;
  const part = isDirect ? layer : newLayer(layer.bounds, drawing.resources);
  const drawn = drawPixels(part, opening, letterId, fill, drawing);
  if (!drawn) drawWaiting(part);
  keepInside(part.context, boxOnTarget(opening, part, drawing), path);
  cutByPhoto(part, opening, fill, drawing);
  if (!isDirect) layAway(layer, part, drawing.resources);
  return drawn !== 'coarse';
}

/** The px of a photo, or of its subject, over all of a layer; null while they have not arrived. */
function drawPixels(
  layer: Layer,
  opening: Opening,
  letterId: string | undefined,
  fill: PhotoFill,
  drawing: Drawing,
): 'exact' | 'coarse' | null {
  if (fill.show !== 'subject') return drawDeveloped(layer, opening, letterId, fill, drawing);
  const pixels = subjectPixelsIn(opening, fill, layer.bounds, drawing);
  if (pixels) putPixels(layer.context, pixels);
  return pixels && 'exact';
}

function drawWaiting({ context, bounds }: Layer): void {
  context.fillStyle = WAITING;
  context.fillRect(0, 0, bounds.width, bounds.height);
}

/** Draws a photo that is only placed, by the canvas itself; false where there is more to do. */
function drawPhotoQuickly(layer: Layer, opening: Opening, fill: PhotoFill, path: Path, drawing: Drawing): boolean {
  const toSheet = photoToSheet(opening, fill, drawing);
  if (!toSheet) return false;
  if (isDeveloped(fill)) return fill.show !== 'subject' && drawDevelopedQuickly(layer, opening, fill, path, drawing);
  if (isWarped(opening.outline)) return fill.show !== 'subject' && drawWarpedQuickly(layer, opening, fill, path, drawing);
  const scale = meanScale(multiply(drawing.view, toSheet));
  const level =
    fill.show === 'subject' ? subjectLevel(fill, scale, drawing) : drawing.resources.source.level(fill.photoId, scale);
  if (!level) return false;
  layer.context.save();
  clipTo(layer.context, boxOnTarget(opening, layer, drawing), path);
  drawLevel(layer, level, toSheet, drawing);
  layer.context.restore();
  return true;
}

/** Draws a photo with its tone and effects from fewer pixels, straight into the opening. */
function drawDevelopedQuickly(layer: Layer, opening: Opening, fill: PhotoFill, path: Path, drawing: Drawing): boolean {
  layer.context.save();
  clipTo(layer.context, boxOnTarget(opening, layer, drawing), path);
  const isDrawn = drawFewer(layer, layer.bounds, opening, fill, drawing);
  layer.context.restore();
  return isDrawn;
}

/** So many px of the layer to one that the warp computes, in a frame of a drag. */
const COARSE = 2;

/** Draws a photo in perspective from fewer pixels, which the canvas makes large again. */
function drawWarpedQuickly(layer: Layer, opening: Opening, fill: PhotoFill, path: Path, drawing: Drawing): boolean {
  const pixels = warpedPixels(opening, fill, layer.bounds, drawing, COARSE);
  if (!pixels) return false;
  const surface = drawing.resources.environment.createSurface(pixels.width, pixels.height);
  putPixels(surface.context, pixels);
  const photo = drawing.resources.photos[fill.photoId];
  const placement = resolvePlacement(fill, drawing.sheet);
  layer.context.save();
  clipTo(layer.context, boxOnTarget(opening, layer, drawing), path);
  if (photo && placement) clipTo(layer.context, boxOnTarget(opening, layer, drawing), photoEdge(opening, placement, photo));
  drawCoarse(layer, layer.bounds, surface, COARSE);
  layer.context.restore();
  drawing.resources.environment.giveBack?.(surface);
  return true;
}

/** Cuts a layer by the photo's own rectangle where that ends inside the opening. */
function cutByPhoto(part: Layer, opening: Opening, fill: PhotoFill, drawing: Drawing): void {
  const photo = drawing.resources.photos[fill.photoId];
  const placement = resolvePlacement(fill, drawing.sheet);
  if (!photo || !placement || typeof fill.placement === 'string') return;
  if (covers(placement, openingHull(opening, drawing.resources.shaper), photo, 1e-3)) return;
  if (isWarped(opening.outline)) {
    keepInside(part.context, boxOnTarget(opening, part, drawing), photoEdge(opening, placement, photo));
    return;
  }
  const toPart = multiply(boxOnTarget(opening, part, drawing), placementMatrix(placement, photo));
  keepInside(part.context, toPart, rectanglePath(photo.width, photo.height));
}
