import {
  alphaOf,
  translation,
  multiply,
  type Bounds,
  type Item,
  type Matrix,
  type Plane,
  type ResolvedSheet,
} from '@kadrosyn/core';
import type { Context2D, Surface } from './environment.js';
import type { RenderResources } from './resources.js';

/** One pass over a sheet. Its px ("view px") are those of the whole canvas, wherever the layers lie that are drawn on. */
export interface Drawing {
  readonly sheet: ResolvedSheet;
  /** Px of the sheet to view px. */
  readonly view: Matrix;
  readonly resources: RenderResources;
  /** Nothing beyond is wanted, view px. */
  readonly clip: Bounds;
  /** Paints a list of items as one; see compose. Handed along, since groups hold lists that hold groups. */
  readonly compose: (target: Target, items: readonly Item[], drawing: Drawing, backdrop: null) => boolean;
  /** Coverage only: no shadows, full strength, no blending. */
  readonly silhouette?: boolean;
  /** The view is that of the planes of working size. */
  readonly isWorkingSize?: boolean;
}

/** A canvas and the view px of its top left pixel. */
export interface Target {
  readonly context: Context2D;
  readonly x: number;
  readonly y: number;
}

/** A picture of its own, waiting to be laid onto a target. */
export interface Layer extends Target {
  readonly surface: Surface;
  readonly bounds: Bounds;
  /** For a frame of a drag, where speed counts more than the last step of a value. */
  readonly draft: boolean;
}

/** A layer that was put together. */
export interface Made {
  readonly layer: Layer;
  /** Whether it is what it will be: nothing in it stands in for what is still made elsewhere. */
  readonly exact: boolean;
}

/** A clear layer for whole view px. */
export function newLayer(bounds: Bounds, resources: RenderResources): Layer {
  const surface = resources.environment.createSurface(bounds.width, bounds.height);
  return { surface, context: surface.context, x: bounds.x, y: bounds.y, bounds, draft: resources.draft ?? false };
}

/** Says that nobody will look at a layer again. What was laid from it stays. */
export function giveBack({ surface }: Layer, { environment }: RenderResources): void {
  environment.giveBack?.(surface);
}

/**
 * Lays a layer onto a target, px by px. Canvases have quick ways for `source-over` that round differently, by up to 3 of 255 from one
 * to the next; what is left of the target plus the layer is the same sum, and comes out the same everywhere.
 */
export function lay(target: Target, layer: Layer, opacity = 1, operation: GlobalCompositeOperation = 'source-over'): void {
  const { context } = target;
  const steps = operation === 'source-over' && !layer.draft ? (['destination-out', 'lighter'] as const) : [operation];
  context.save();
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.globalAlpha = opacity;
  for (const step of steps) {
    context.globalCompositeOperation = step;
    context.drawImage(layer.surface.image, layer.x - target.x, layer.y - target.y);
  }
  context.restore();
}

/** Px of the sheet to px of the target. */
export function onTarget(drawing: Drawing, target: Target): Matrix {
  return multiply(translation(-target.x, -target.y), drawing.view);
}

/** Lays a layer that nobody will look at again. */
export function layAway(target: Target, layer: Layer, resources: RenderResources, operation?: GlobalCompositeOperation): void {
  lay(target, layer, 1, operation);
  giveBack(layer, resources);
}

/** What a layer covers that nobody will look at again. */
export function takenAlpha(layer: Layer, resources: RenderResources): Plane {
  const alpha = alphaOfLayer(layer);
  giveBack(layer, resources);
  return alpha;
}

/** What a layer covers. */
export function alphaOfLayer({ context, bounds }: Layer): Plane {
  const { data } = context.getImageData(0, 0, bounds.width, bounds.height);
  return alphaOf({ width: bounds.width, height: bounds.height, data });
}
