import {
  boxMatrix,
  chain,
  covers,
  hasFinish,
  intersect,
  invert,
  isDeveloped,
  isWarped,
  meanScale,
  multiply,
  openingHull,
  placementMatrix,
  rectanglePath,
  resolvePlacement,
  samplePixels,
  toWholePixels,
  transformBounds,
  translation,
  type Bounds,
  type Matrix,
  type Opening,
  type PhotoFill,
  type ResolvedSheet,
  literalColour,
} from '@kadrosyn/core';
import { fillPathAt, keepInside } from '../canvas/fill-path.js';
import { clipTo, drawImageAt } from '../photo/draw-level.js';
import { onTarget, type Drawing, type Target } from '../canvas/drawing.js';
import type { Context2D } from '../canvas/environment.js';
import { putPixels } from '../photo/level-chain.js';
import { cachedOutline } from '../outline/outline-cache.js';
import { paintOf, WAITING } from '../fill/paint.js';
import { levelMatrix } from '../photo/photo-pixels.js';
import type { PhotoLevel } from '../canvas/photo-source.js';
import type { RenderResources } from '../canvas/resources.js';

/** The upright rectangle in device px that an opening can touch. */
export function openingBounds(opening: Opening, view: Matrix, resources: RenderResources): Bounds {
  const { bounds } = cachedOutline(opening, resources.shaper);
  return toWholePixels(transformBounds(multiply(view, boxMatrix(opening.box)), bounds), 1);
}

/** Whether an opening is painted by its fill alone, so that it needs no layer of its own. */
export function isPlain({ fill, finish, outline, host }: Opening): boolean {
  if (host) return false;
  if (hasFinish(finish, 'form', 'inside', 'below')) return false;
  if (fill.type === 'drawing') return false;
  if (fill.type !== 'photo') return true;
  return !isWarped(outline) && typeof fill.placement !== 'string' && fill.show !== 'subject' && !isDeveloped(fill);
}

/** Draws an opening that is plain. */
export function drawPlainly(target: Target, opening: Opening, drawing: Drawing): void {
  const view = onTarget(drawing, target);
  if (!drawing.silhouette) drawOpening(target.context, opening, drawing.sheet, view, drawing.resources);
  else drawOpening(target.context, silhouetteOf(opening, drawing), drawing.sheet, view, drawing.resources);
}

const INK = { type: 'colour', colour: '#000000' } as const;

/** The same place fully covered. A photo with clear places is drawn as it is. */
function silhouetteOf(opening: Opening, { resources }: Drawing): Opening {
  const { fill } = opening;
  const isClear = fill.type === 'photo' && resources.source.level(fill.photoId, 1e-3)?.opaque === false;
  return { ...opening, fill: isClear || fill.type === 'none' ? fill : INK, finish: {} };
}

/**
 * Draws one opening.
 * @param view - maps px of the sheet to px of the canvas.
 */
function drawOpening(context: Context2D, opening: Opening, sheet: ResolvedSheet, view: Matrix, resources: RenderResources): void {
  const { fill, finish } = opening;
  // A drawing is put together on a layer of its own.
  if (opening.hidden || fill.type === 'none' || fill.type === 'drawing' || fill.type === 'sheet') return;
  context.save();
  context.globalAlpha = finish.opacity ?? 1;
  context.globalCompositeOperation = finish.blend === undefined || finish.blend === 'normal' ? 'source-over' : finish.blend;
  if (fill.type === 'photo') drawPhoto(opening, fill, { context, sheet, view, resources });
  else {
    const toCanvas = multiply(view, boxMatrix(opening.box));
    context.fillStyle = paintOf(fill, context, opening.box.width, opening.box.height, toCanvas);
    fillOutline(context, opening, view, resources);
  }
  context.restore();
}

function fillOutline(context: Context2D, opening: Opening, view: Matrix, resources: RenderResources): void {
  fillPathAt(context, multiply(view, boxMatrix(opening.box)), cachedOutline(opening, resources.shaper).path);
}

/** What an opening is drawn onto, and with. */
interface Ground {
  readonly context: Context2D;
  readonly sheet: ResolvedSheet;
  readonly view: Matrix;
  readonly resources: RenderResources;
}

function drawPhoto(opening: Opening, fill: PhotoFill, ground: Ground): void {
  const { context, sheet, view, resources } = ground;
  const photo = resources.photos[fill.photoId];
  const placement = resolvePlacement(fill, sheet);
  if (!photo || !placement) return;
  const level = resources.source.level(fill.photoId, placement.scale * meanScale(view));
  const covered = covers(placement, openingHull(opening, resources.shaper), photo, 1e-3);
  const toBox = placementMatrix(placement, photo);
  if (covered && !level) {
    context.fillStyle = WAITING;
    fillOutline(context, opening, view, resources);
    return;
  }
  if (covered && level && resources.draft) {
    const toCanvas = multiply(view, boxMatrix(opening.box));
    clipTo(context, toCanvas, cachedOutline(opening, resources.shaper).path);
    drawImageAt(context, level, chain(toCanvas, toBox, levelMatrix(level)));
    return;
  }
  if (!covered && fill.extend) {
    context.fillStyle = literalColour(fill.extend);
    fillOutline(context, opening, view, resources);
  }
  drawLayered(opening, level, toBox, covered ? null : photo, ground);
}

/**
 * A photo on a layer of its own, cut by the outline. The layer begins at the corner of the opening, so that its pixels
 * are the same wherever the sheet lies on the canvas.
 * @param cut - size of the photo where it ends inside its opening: both edges are then smooth.
 */
function drawLayered(
  opening: Opening,
  level: PhotoLevel | undefined,
  toBox: Matrix,
  cut: { readonly width: number; readonly height: number } | null,
  { context, view, resources }: Ground,
): void {
  const canvas = { x: 0, y: 0, width: context.canvas.width, height: context.canvas.height };
  const bounds = intersect(openingBounds(opening, view, resources), canvas);
  if (!bounds) return;
  const layer = resources.environment.createSurface(bounds.width, bounds.height);
  const ownView = multiply(translation(-bounds.x, -bounds.y), multiply(view, boxMatrix(opening.box)));
  if (level) {
    const toLevel = invert(chain(ownView, toBox, levelMatrix(level)));
    putPixels(layer.context, samplePixels(level.pixels, toLevel, bounds, level.opaque));
  } else {
    layer.context.fillStyle = WAITING;
    layer.context.fillRect(0, 0, bounds.width, bounds.height);
  }
  keepInside(layer.context, ownView, cachedOutline(opening, resources.shaper).path);
  if (cut) keepInside(layer.context, multiply(ownView, toBox), rectanglePath(cut.width, cut.height));
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.drawImage(layer.image, bounds.x, bounds.y);
  resources.environment.giveBack?.(layer);
}
