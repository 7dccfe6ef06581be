import { alphaOf, type Plane } from '@kadrosyn/core';
import type { Layer } from './drawing.js';
import type { RenderEnvironment, Surface } from './environment.js';

// What frames of a drag compute from fewer pixels, which the canvas makes large again.

/** How many px of the layer make one that is computed, so that there are at most `most` of them. A whole number. */
export function coarseness(bounds: { readonly width: number; readonly height: number }, most: number): number {
  return Math.max(1, Math.ceil(Math.sqrt((bounds.width * bounds.height) / most)));
}

/** What a layer covers, in so many times fewer px. @param into - bounds whose corner and size the plane has, view px. */
export function coarseAlpha(layer: Layer, into: Layer['bounds'], coarse: number, environment: RenderEnvironment): Plane {
  const surface = environment.createSurface(Math.ceil(into.width / coarse), Math.ceil(into.height / coarse));
  const { context } = surface;
  context.setTransform(1 / coarse, 0, 0, 1 / coarse, (layer.x - into.x) / coarse, (layer.y - into.y) / coarse);
  context.imageSmoothingEnabled = true;
  context.drawImage(layer.surface.image, 0, 0);
  const { width, height } = context.canvas;
  return alphaOf({ width, height, data: context.getImageData(0, 0, width, height).data });
}

/** Draws what was computed from fewer px over all of a layer. */
export function drawCoarse(layer: Layer, picture: Surface, coarse: number): void {
  const { context } = layer;
  context.save();
  context.setTransform(coarse, 0, 0, coarse, 0, 0);
  context.imageSmoothingEnabled = true;
  context.drawImage(picture.image, 0, 0);
  context.restore();
}
