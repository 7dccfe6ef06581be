import { alphaOf, type Bounds, type Plane } from '@kadrosyn/core';
import type { Layer, Target } from './drawing.js';
import type { RenderEnvironment, Surface } from './environment.js';

// What frames of a drag compute from fewer pixels, which the canvas makes large again.

/** A blur of this standard deviation, px, hides that it was computed from fewer pixels. */
const HIDING = 2.5;

/**
 * How many px of the layer make one that is computed, so that there are at most `most` of them; at least 1.
 * @param sigma - standard deviation of a blur that follows, px of the layer: what is blurred anyway can be coarser.
 */
export function coarseness(bounds: { readonly width: number; readonly height: number }, most: number, sigma = 0): number {
  return Math.max(1, Math.sqrt((bounds.width * bounds.height) / most), sigma / HIDING);
}

/** What a layer covers, in so many times fewer px. @param into - bounds whose corner and size the plane has, view px. */
export function coarseAlpha(layer: Layer, into: Layer['bounds'], coarse: number, environment: RenderEnvironment): Plane {
  const surface = environment.createSurface(Math.ceil(into.width / coarse), Math.ceil(into.height / coarse));
  const { context } = surface;
  context.setTransform(1 / coarse, 0, 0, 1 / coarse, (layer.x - into.x) / coarse, (layer.y - into.y) / coarse);
  context.imageSmoothingEnabled = true;
  context.drawImage(layer.surface.image, 0, 0);
  const { width, height } = context.canvas;
  const alpha = alphaOf({ width, height, data: context.getImageData(0, 0, width, height).data });
  environment.giveBack?.(surface);
  return alpha;
}

/** Draws what was computed from fewer px onto its place. @param bounds - its place, view px. */
export function drawCoarse(target: Target, bounds: Bounds, picture: Surface, coarse: number): void {
  const { context } = target;
  context.save();
  context.setTransform(coarse, 0, 0, coarse, bounds.x - target.x, bounds.y - target.y);
  context.imageSmoothingEnabled = true;
  context.drawImage(picture.image, 0, 0);
  context.restore();
}
