import {
  boxMatrix,
  framedGradientPixels,
  gradientPixels,
  invert,
  multiply,
  scaling,
  type ColourFill,
  type FramedGradient,
  type GradientFill,
  type Matrix,
  type Opening,
  type Path,
  type Pixels,
  literalColour,
} from '@kadrosyn/core';
import { giveBack, layAway, newLayer, onTarget, type Drawing, type Layer, type Target } from '../canvas/drawing.js';
import { fillPathAt, keepInside } from '../canvas/fill-path.js';
import { putPixels } from '../photo/level-chain.js';
import { paintOf } from './paint.js';

/** What areas are filled with. */
type InkFill = ColourFill | GradientFill | FramedGradient;

/** Px of an opening's box to px of a target. */
export function boxOnTarget(opening: Opening, target: Target, drawing: Drawing): Matrix {
  return multiply(onTarget(drawing, target), boxMatrix(opening.box));
}

/** Covers a path of the box's frame, for silhouettes and masks. */
export function coverPath(target: Target, opening: Opening, path: Path, drawing: Drawing, rule?: CanvasFillRule): void {
  target.context.fillStyle = '#000000';
  fillPathAt(target.context, boxOnTarget(opening, target, drawing), path, rule);
}

/** A path of the box's frame with what is inside of it, and what cuts it off. */
export interface Area {
  readonly path: Path;
  readonly rule?: CanvasFillRule;
  readonly clip?: { readonly path: Path; readonly rule?: CanvasFillRule };
  /** The layer holds nothing before. */
  readonly isFirst?: boolean;
}

/** Fills an area over what the layer holds. */
export function fillArea(
  layer: Layer,
  opening: Opening,
  { path, rule, clip, isFirst }: Area,
  fill: InkFill,
  drawing: Drawing,
): void {
  const toLayer = boxOnTarget(opening, layer, drawing);
  if (layer.draft && !clip && fill.type !== 'framed') {
    layer.context.fillStyle = paintOf(fill, layer.context, opening.box.width, opening.box.height, toLayer);
    return fillPathAt(layer.context, toLayer, path, rule);
  }
  const scratch = isFirst ? layer : newLayer(layer.bounds, drawing.resources);
  coverPath(scratch, opening, path, drawing, rule);
  if (clip) keepInside(scratch.context, toLayer, clip.path, clip.rule);
  ink(scratch, opening, fill, drawing);
  if (!isFirst) layAway(layer, scratch, drawing.resources);
}

/**
 * Gives a layer its colour where it is covered. Coverage first and colour afterwards comes out the same on every canvas; a fill with a
 * colour was seen to differ by up to 3 of 255 at soft edges.
 */
export function ink(layer: Layer, opening: Opening, fill: InkFill, drawing: Drawing): void {
  const { context, bounds } = layer;
  context.save();
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.globalCompositeOperation = 'source-in';
  if (fill.type === 'colour') {
    context.fillStyle = literalColour(fill.colour);
    context.fillRect(0, 0, bounds.width, bounds.height);
  } else {
    const colours = newLayer(bounds, drawing.resources);
    putPixels(colours.context, gradientOn(layer, opening, fill, drawing));
    context.drawImage(colours.surface.image, 0, 0);
    giveBack(colours, drawing.resources);
  }
  context.restore();
}

/** The colours of a gradient for all of a layer. */
function gradientOn(layer: Layer, opening: Opening, fill: GradientFill | FramedGradient, drawing: Drawing): Pixels {
  const { width, height } = layer.bounds;
  const toLayer = boxOnTarget(opening, layer, drawing);
  if (fill.type === 'gradient') return gradientPixels(fill, opening.box, toLayer, width, height);
  const toShares = multiply(scaling(1 / opening.box.width, 1 / opening.box.height), invert(toLayer));
  return framedGradientPixels(fill, multiply(fill.frame, toShares), width, height);
}
