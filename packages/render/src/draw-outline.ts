import {
  meanScale,
  silhouetteOutline,
  tinted,
  tracePath,
  type Colour,
  type ColourFill,
  type GradientFill,
  type Opening,
  type Path,
} from '@kadrosyn/core';
import { coarseAlpha, coarseness, drawCoarse } from './coarse.js';
import { clipTo } from './draft.js';
import { alphaOfLayer, lay, newLayer, type Drawing, type Layer } from './drawing.js';
import type { Context2D } from './environment.js';
import { keepInside, takeOut } from './fill-path.js';
import { boxOnTarget, ink } from './ink.js';
import { putPixels } from './level-chain.js';
import { strokePath } from './outline-paths.js';
import { paintOf } from './paint.js';
import { setMatrix } from './set-matrix.js';

/**
 * Draws the outline of an opening over what the layer holds.
 * @param cut - by which an inner or outer outline is cut on its wrong side; null where what lies there covers it.
 */
export function drawOutline(layer: Layer, opening: Opening, path: Path, cut: Path | null, drawing: Drawing): void {
  const { outline } = opening.finish;
  if (!outline) return;
  const isQuick = layer.draft && outline.align === 'inside' && !outline.widths;
  if (isQuick) return strokeInside(layer, opening, path, outline, drawing);
  const scratch = newLayer(layer.bounds, drawing.resources);
  const { context } = scratch;
  setMatrix(context, boxOnTarget(opening, scratch, drawing));
  if (outline.widths && opening.outline.type === 'rectangle') fillFrame(context, opening, outline.widths, outline.align);
  else {
    context.strokeStyle = '#000000';
    context.lineWidth = outline.align === 'centre' ? outline.width : outline.width * 2;
    context.lineJoin = outline.join ?? 'miter';
    context.miterLimit = 4;
    context.beginPath();
    tracePath(strokePath(opening, path), context);
    context.stroke();
    if (cut && outline.align !== 'centre') {
      const toScratch = boxOnTarget(opening, scratch, drawing);
      if (outline.align === 'inside') keepInside(context, toScratch, cut);
      else takeOut(context, toScratch, cut);
    }
  }
  ink(scratch, opening, fillOf(outline.paint), drawing);
  lay(layer, scratch);
}

/** So many px of a silhouette are looked at in a frame of a drag. */
const COARSE_PIXELS = 40_000;

/**
 * Draws the outline of what a fill shows, where that is a subject and not the form of its opening.
 * @param fill - the layer that holds nothing but the fill; it has the place of `layer`.
 */
export function drawSilhouetteOutline(layer: Layer, fill: Layer, opening: Opening, drawing: Drawing): void {
  const { outline } = opening.finish;
  if (!outline) return;
  const { environment } = drawing.resources;
  const { bounds } = layer;
  const coarse = layer.draft ? coarseness(bounds, COARSE_PIXELS) : 1;
  const alpha = coarse === 1 ? alphaOfLayer(fill) : coarseAlpha(fill, bounds, coarse, environment);
  const plane = silhouetteOutline(alpha, outline.align, (outline.width * meanScale(drawing.view)) / coarse);
  const scratch = newLayer(bounds, drawing.resources);
  if (coarse === 1) putPixels(scratch.context, tinted(plane, 0, 0, 0));
  else {
    const surface = environment.createSurface(plane.width, plane.height);
    putPixels(surface.context, tinted(plane, 0, 0, 0));
    drawCoarse(scratch, bounds, surface, coarse);
  }
  ink(scratch, opening, fillOf(outline.paint), drawing);
  lay(layer, scratch);
}

function fillOf(paint: Colour | GradientFill): ColourFill | GradientFill {
  return typeof paint === 'string' ? { type: 'colour', colour: paint } : paint;
}

/** An inner outline in a frame of a drag: a stroke of twice the width, clipped. */
function strokeInside(
  layer: Layer,
  opening: Opening,
  path: Path,
  { paint, width, join }: NonNullable<Opening['finish']['outline']>,
  drawing: Drawing,
): void {
  const { context } = layer;
  context.save();
  clipTo(context, boxOnTarget(opening, layer, drawing), path);
  const colours = paintOf(fillOf(paint), context, opening.box.width, opening.box.height, boxOnTarget(opening, layer, drawing));
  [context.strokeStyle, context.lineWidth, context.lineJoin, context.miterLimit] = [colours, width * 2, join ?? 'miter', 4];
  context.beginPath();
  tracePath(strokePath(opening, path), context);
  context.stroke();
  context.restore();
}

/** A frame whose four sides have their own widths. */
function fillFrame(
  context: Context2D,
  { box }: Opening,
  widths: { readonly top: number; readonly right: number; readonly bottom: number; readonly left: number },
  align: 'inside' | 'centre' | 'outside',
): void {
  const out = align === 'inside' ? 0 : align === 'centre' ? 0.5 : 1;
  const rectangle = (share: number): void => {
    const [left, top] = [widths.left * share, widths.top * share];
    context.rect(-left, -top, box.width + left + widths.right * share, box.height + top + widths.bottom * share);
  };
  context.fillStyle = '#000000';
  context.beginPath();
  rectangle(out);
  rectangle(out - 1);
  context.fill('evenodd');
}
