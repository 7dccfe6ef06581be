import { chain, invert, multiply, tinted, tracePath, type Matrix, type Path, type Plane } from '@kadrosyn/core';
import { onTarget, type Drawing, type Layer, type Target } from '../canvas/drawing.js';
import type { Context2D, RenderEnvironment, Surface } from '../canvas/environment.js';
import { putPixels } from './level-chain.js';
import { levelMatrix } from './photo-pixels.js';
import type { PhotoLevel } from '../canvas/photo-source.js';
import { setMatrix } from '../canvas/set-matrix.js';

// What frames of a drag do instead of computing every pixel: the canvas's own smoothing, whose last steps differ from canvas to canvas.

/** Draws a level of a photo by the canvas's own shrinking. @param toCanvas - px of the level to px of the canvas. */
export function drawImageAt(context: Context2D, level: PhotoLevel, toCanvas: Matrix): void {
  setMatrix(context, toCanvas);
  context.imageSmoothingEnabled = true;
  context.imageSmoothingQuality = 'low';
  context.drawImage(level.image(), -1, -1);
}

/** The same onto a layer. @param toSheet - px of the photo to px of the sheet. */
export function drawLevel(layer: Layer, level: PhotoLevel, toSheet: Matrix, drawing: Drawing): void {
  layer.context.save();
  drawImageAt(layer.context, level, chain(onTarget(drawing, layer), toSheet, levelMatrix(level)));
  layer.context.restore();
}

/** Limits what follows to the inside of a path, with the canvas's own soft edge. @param toCanvas - px of the path's frame to px of the canvas. */
export function clipTo(context: Context2D, toCanvas: Matrix, path: Path): void {
  setMatrix(context, toCanvas);
  context.beginPath();
  tracePath(path, context);
  context.clip('nonzero');
}

/** Pictures of masks that were drawn last. A frame of a drag draws each of its masks several times, and the next frame has others. */
const masks = new Map<Plane, { readonly picture: Surface; readonly environment: RenderEnvironment }>();
const MOST_MASKS = 12;

/** Draws a mask of working size by the canvas itself. @param toPlane - px of the sheet to px of the mask. */
export function drawMask(
  target: Target,
  mask: Plane,
  toPlane: Matrix,
  drawing: Drawing,
  operation: GlobalCompositeOperation = 'source-over',
): void {
  const { context } = target;
  context.save();
  context.globalCompositeOperation = operation;
  setMatrix(context, multiply(onTarget(drawing, target), invert(toPlane)));
  context.imageSmoothingEnabled = true;
  context.drawImage(maskPicture(mask, drawing.resources.environment).image, 0, 0);
  context.restore();
}

function maskPicture(mask: Plane, environment: RenderEnvironment): Surface {
  const known = masks.get(mask);
  if (known) return known.picture;
  for (const [oldest, { picture, environment: origin }] of masks) {
    if (masks.size < MOST_MASKS) break;
    masks.delete(oldest);
    origin.giveBack?.(picture);
  }
  const picture = environment.createSurface(mask.width, mask.height);
  putPixels(picture.context, tinted(mask, 0, 0, 0));
  masks.set(mask, { picture, environment });
  return picture;
}
