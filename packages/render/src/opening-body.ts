import {
  blurPlane,
  boxMatrix,
  colourChannels,
  covers,
  intersect,
  isNeutral,
  isWarped,
  meanScale,
  multiply,
  openingHull,
  placementMatrix,
  rectanglePath,
  resolvePlacement,
  tinted,
  toWholePixels,
  transformBounds,
  unite,
  type Bounds,
  type Opening,
  type Path,
  type PhotoFill,
} from '@kadrosyn/core';
import { clipTo, drawLevel } from './draft.js';
import { drawDrawing } from './draw-drawing.js';
import { drawOutline } from './draw-outline.js';
import { alphaOfLayer, lay, newLayer, type Drawing, type Layer } from './drawing.js';
import { keepInside, takeOut } from './fill-path.js';
import { boxOnTarget, coverPath, fillPath, ink } from './ink.js';
import { putPixels } from './level-chain.js';
import { innerPath, partPath } from './outline-paths.js';
import { WAITING } from './paint.js';
import { photoPixels, photoToSheet, subjectLevel, subjectPixelsIn, warpedPixels } from './photo-pixels.js';
import { finishReach } from './reach.js';
import { drawShadow } from './shadow.js';

/** The view px that an opening, or one letter of it, can touch with its finish; null where that is nothing. */
export function bodyBounds(opening: Opening, letterId: string | undefined, drawing: Drawing): Bounds | null {
  const bounds = shapeBounds(opening, letterId, drawing);
  const reach = finishReach(opening.finish, !drawing.silhouette) * meanScale(drawing.view);
  const onView = transformBounds(multiply(drawing.view, boxMatrix(opening.box)), bounds);
  // What lies beyond the clip can still throw its shadow into it.
  return intersect(toWholePixels(onView, reach + 1), toWholePixels(drawing.clip, reach));
}

/** What the outline holds; a drawing fills its whole box, whatever it is taken hold of by. */
function shapeBounds(opening: Opening, letterId: string | undefined, drawing: Drawing): Bounds {
  const { bounds } = partPath(opening, letterId, drawing.resources.shaper);
  if (opening.fill.type !== 'drawing') return bounds;
  const { width, height } = opening.box;
  return unite(bounds, { x: 0, y: 0, width, height });
}

/** Fill, inner shade, rim and outline over their shadow, on a layer of their own at full strength. */
export function bodyLayer(opening: Opening, letterId: string | undefined, drawing: Drawing): Layer | null {
  const bounds = bodyBounds(opening, letterId, drawing);
  if (!bounds) return null;
  const { finish, fill } = opening;
  const { shaper } = drawing.resources;
  const layer = newLayer(bounds, drawing.resources);
  const { path } = partPath(opening, letterId, shaper);
  const isSolid = fill.type === 'photo' || (fill.type === 'colour' && fill.colour.length === 7);
  const { outline, rim, innerShade } = finish;
  // Under a solid fill the outer outline goes below it, whole: two soft edges side by side would let the ground through.
  const isBelow = outline?.align === 'outside' && isSolid;
  if (outline && isBelow) drawOutline(layer, opening, path, false, drawing);
  drawFill(layer, opening, path, drawing);
  const inner = rim ? innerPath(opening, rim, shaper) : null;
  if (innerShade) drawInnerShade(layer, opening, rim ? inner : path, drawing);
  if (rim && inner) drawRim(layer, opening, path, inner, rim.colour, drawing);
  if (outline && !isBelow) drawOutline(layer, opening, path, true, drawing);
  if (!finish.shadow || drawing.silhouette) return layer;
  const under = newLayer(bounds, drawing.resources);
  drawShadow(under, alphaOfLayer(layer), finish.shadow, drawing);
  lay(under, layer);
  return under;
}

function drawFill(layer: Layer, opening: Opening, path: Path, drawing: Drawing): void {
  const { fill } = opening;
  if (fill.type === 'none') return;
  if (fill.type === 'drawing') return drawDrawing(layer, opening, fill, drawing);
  if (fill.type !== 'photo') {
    if (drawing.silhouette) coverPath(layer, opening, path, drawing);
    else fillPath(layer, opening, path, fill, drawing);
    return;
  }
  if (drawing.silhouette && fill.show !== 'subject') coverPath(layer, opening, path, drawing);
  else drawPhoto(layer, opening, fill, path, drawing);
}

function drawPhoto(layer: Layer, opening: Opening, fill: PhotoFill, path: Path, drawing: Drawing): void {
  if (fill.extend) fillPath(layer, opening, path, { type: 'colour', colour: fill.extend }, drawing);
  if (layer.draft && !drawing.silhouette && drawPhotoQuickly(layer, opening, fill, path, drawing)) return;
  const part = newLayer(layer.bounds, drawing.resources);
  const pixels = (fill.show === 'subject' ? subjectPixelsIn : photoPixels)(opening, fill, layer.bounds, drawing);
  if (pixels) putPixels(part.context, pixels);
  else {
    part.context.fillStyle = WAITING;
    part.context.fillRect(0, 0, layer.bounds.width, layer.bounds.height);
  }
  keepInside(part.context, boxOnTarget(opening, part, drawing), path);
  cutByPhoto(part, opening, fill, drawing);
  lay(layer, part);
}

/** Draws a photo that is only placed, by the canvas itself; false where there is more to do. */
function drawPhotoQuickly(layer: Layer, opening: Opening, fill: PhotoFill, path: Path, drawing: Drawing): boolean {
  const toSheet = photoToSheet(opening, fill, drawing);
  if (!toSheet || fill.blur || fill.effect || !isNeutral(fill.tone)) return false;
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

/** So many px of the layer to one that the warp computes, in a frame of a drag. */
const COARSE = 2;

/** Draws a photo in perspective from fewer pixels, which the canvas makes large again. */
function drawWarpedQuickly(layer: Layer, opening: Opening, fill: PhotoFill, path: Path, drawing: Drawing): boolean {
  const pixels = warpedPixels(opening, fill, layer.bounds, drawing, COARSE);
  if (!pixels) return false;
  const surface = drawing.resources.environment.createSurface(pixels.width, pixels.height);
  putPixels(surface.context, pixels);
  layer.context.save();
  clipTo(layer.context, boxOnTarget(opening, layer, drawing), path);
  layer.context.setTransform(COARSE, 0, 0, COARSE, 0, 0);
  layer.context.drawImage(surface.image, 0, 0);
  layer.context.restore();
  return true;
}

/** Cuts a layer by the photo's own rectangle where that ends inside the opening. */
function cutByPhoto(part: Layer, opening: Opening, fill: PhotoFill, drawing: Drawing): void {
  const photo = drawing.resources.photos[fill.photoId];
  const placement = resolvePlacement(fill, drawing.sheet);
  if (!photo || !placement || typeof fill.placement === 'string' || isWarped(opening.outline)) return;
  if (covers(placement, openingHull(opening, drawing.resources.shaper), photo, 1e-3)) return;
  const toPart = multiply(boxOnTarget(opening, part, drawing), placementMatrix(placement, photo));
  keepInside(part.context, toPart, rectanglePath(photo.width, photo.height));
}

function drawInnerShade(layer: Layer, opening: Opening, path: Path | null, drawing: Drawing): void {
  const { innerShade } = opening.finish;
  if (!innerShade || !path) return;
  const scratch = newLayer(layer.bounds, drawing.resources);
  coverPath(scratch, opening, path, drawing);
  const inside = alphaOfLayer(scratch);
  const soft = blurPlane(inside, (innerShade.blur / 2) * meanScale(drawing.view));
  // At the edge a blurred silhouette is half: there the shade has its full strength.
  for (let i = 0; i < inside.data.length; i++) {
    soft.data[i] = (inside.data[i]! * Math.min(255, 2 * (255 - soft.data[i]!))) / 255;
  }
  const [red, green, blue] = colourChannels(innerShade.colour);
  putPixels(scratch.context, tinted(soft, red, green, blue, innerShade.strength));
  lay(layer, scratch);
}

function drawRim(layer: Layer, opening: Opening, path: Path, inner: Path, colour: string, drawing: Drawing): void {
  const scratch = newLayer(layer.bounds, drawing.resources);
  coverPath(scratch, opening, path, drawing);
  takeOut(scratch.context, boxOnTarget(opening, scratch, drawing), inner);
  ink(scratch, opening, { type: 'colour', colour }, drawing);
  lay(layer, scratch);
}
