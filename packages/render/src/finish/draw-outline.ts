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
  type Plane,
} from '@kadrosyn/core';
import { coarseAlpha, coarseness, drawCoarse } from '../canvas/coarse.js';
import { clipTo } from '../photo/draw-level.js';
import { alphaOfLayer, giveBack, lay, layAway, newLayer, type Drawing, type Layer, type Target } from '../canvas/drawing.js';
import type { Context2D } from '../canvas/environment.js';
import { keepInside, takeOut } from '../canvas/fill-path.js';
import { boxOnTarget, ink } from '../fill/ink.js';
import { putPixels } from '../photo/level-chain.js';
import { strokePath } from '../outline/outline-paths.js';
import { paintOf } from '../fill/paint.js';
import { setMatrix } from '../canvas/set-matrix.js';

/**
 * Draws the outline of an opening over what the layer holds.
 * @param cut - by which an inner or outer outline is cut on its wrong side; null where what lies there covers it.
 */
export function drawOutline(layer: Layer, opening: Opening, path: Path, cut: Path | null, drawing: Drawing): void {
  const { outline } = opening.finish;
  if (!outline) return;
  if (layer.draft && isQuickOutline(outline)) return strokeInside(layer, opening, path, outline, drawing);
  const isInside = outline.align === 'inside' && cut !== null;
  const scratch = newLayer(layer.bounds, drawing.resources);
  const { context } = scratch;
  setMatrix(context, boxOnTarget(opening, scratch, drawing));
  if (outline.widths && opening.outline.type === 'rectangle')
    fillFrame(context, opening, outline.widths, outline.align, isInside ? BEYOND / meanScale(drawing.view) : 0);
  else {
    context.strokeStyle = '#000000';
    context.lineWidth = outline.align === 'centre' ? outline.width : outline.width * 2;
    context.lineJoin = outline.join ?? 'miter';
    context.miterLimit = 4;
    context.beginPath();
    tracePath(strokePath(opening, path), context);
    context.stroke();
    if (cut && outline.align === 'outside') takeOut(context, boxOnTarget(opening, scratch, drawing), cut);
  }
  ink(scratch, opening, fillOf(outline.paint), drawing);
  if (isInside) replaceInside(layer, scratch, opening, cut, drawing);
  else lay(layer, scratch);
  giveBack(scratch, drawing.resources);
}

/**
 * Lays what is drawn beyond the edge of a form in place of what the layer holds there, and cuts it by the form. Cut first and laid over it, it
 * would let the px of the edge through twice: half of the fill, then half of the outline over it, and a hairline of the fill is seen.
 * @param wide - reaches beyond the edge by a px at least; it is cut.
 */
export function replaceInside(layer: Layer, wide: Layer, opening: Opening, path: Path, drawing: Drawing): void {
  lay(layer, wide, 1, 'destination-out');
  keepInside(wide.context, boxOnTarget(opening, wide, drawing), path);
  lay(layer, wide, 1, 'lighter');
}

/** So many px an outline inside is drawn beyond the edge before it is cut there. */
const BEYOND = 2;

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
  const width = (outline.width * meanScale(drawing.view)) / coarse;
  const inked = (plane: Plane): Layer => {
    const scratch = newLayer(bounds, drawing.resources);
    if (coarse === 1) putPixels(scratch.context, tinted(plane, 0, 0, 0));
    else {
      const surface = environment.createSurface(plane.width, plane.height);
      putPixels(surface.context, tinted(plane, 0, 0, 0));
      drawCoarse(scratch, bounds, surface, coarse);
      environment.giveBack?.(surface);
    }
    ink(scratch, opening, fillOf(outline.paint), drawing);
    return scratch;
  };
  const seen = inked(silhouetteOutline(alpha, outline.align, width));
  if (outline.align !== 'inside' || coarse !== 1) return layAway(layer, seen, drawing.resources);
  // As in replaceInside: the px of the edge are the outline's alone.
  layAway(layer, inked(silhouetteOutline(alpha, 'inside', width, BEYOND)), drawing.resources, 'destination-out');
  layAway(layer, seen, drawing.resources, 'lighter');
}

function fillOf(paint: Colour | GradientFill): ColourFill | GradientFill {
  return typeof paint === 'object' && 'type' in paint ? paint : { type: 'colour', colour: paint };
}

type OutlineFinish = NonNullable<Opening['finish']['outline']>;

/** Whether a frame of a drag can stroke it instead of putting it together. */
export function isQuickOutline({ align, widths }: OutlineFinish): boolean {
  return align === 'inside' && !widths;
}

/** An inner outline in a frame of a drag: a stroke of twice the width, clipped. */
export function strokeInside(
  target: Target,
  opening: Opening,
  path: Path,
  { paint, width, join }: OutlineFinish,
  drawing: Drawing,
): void {
  const { context } = target;
  const toTarget = boxOnTarget(opening, target, drawing);
  context.save();
  clipTo(context, toTarget, path);
  const colours = paintOf(fillOf(paint), context, opening.box.width, opening.box.height, toTarget);
  [context.strokeStyle, context.lineWidth, context.lineJoin, context.miterLimit] = [colours, width * 2, join ?? 'miter', 4];
  context.beginPath();
  tracePath(strokePath(opening, path), context);
  context.stroke();
  context.restore();
}

/** A frame whose four sides have their own widths. @param beyond - by how much more it reaches outwards, px of the box. */
function fillFrame(
  context: Context2D,
  { box }: Opening,
  widths: { readonly top: number; readonly right: number; readonly bottom: number; readonly left: number },
  align: 'inside' | 'centre' | 'outside',
  beyond: number,
): void {
  const out = align === 'inside' ? 0 : align === 'centre' ? 0.5 : 1;
  const rectangle = (reach: (width: number) => number): void => {
    const [left, top] = [reach(widths.left), reach(widths.top)];
    context.rect(-left, -top, box.width + left + reach(widths.right), box.height + top + reach(widths.bottom));
  };
  context.fillStyle = '#000000';
  context.beginPath();
  rectangle((width) => width * out + beyond);
  // A side without a width has no frame beyond it either.
  rectangle((width) => (width > 0 ? width * (out - 1) : beyond));
  context.fill('evenodd');
}
