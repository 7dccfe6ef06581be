import {
  castShadow,
  colourChannels,
  innerShadePlane,
  meanScale,
  tinted,
  type Finish,
  type Plane,
  type Shadow,
  type ShadowCast,
} from '@kadrosyn/core';
import { coarseAlpha, coarseness, drawCoarse } from './coarse.js';
import { alphaOfLayer, lay, newLayer, type Drawing, type Layer } from './drawing.js';
import { kernelResult } from './kernels.js';
import { putPixels } from './level-chain.js';
import { shadowOffset } from './reach.js';

/** So many px of a shadow are computed in a frame of a drag. */
const COARSE_PIXELS = 30_000;

/** What a shadow is cast by, and how its exact form is known again. */
export interface Caster {
  readonly layer: Layer;
  /** Of what casts it: an item, or a part of one. */
  readonly name: string;
  /** Everything that the silhouette depends on. */
  readonly stamp: readonly unknown[];
}

/** Draws the shadow of a silhouette that has the place of the layer. @param mask - places where it is not drawn. */
export function drawShadow(layer: Layer, silhouette: Plane, shadow: Shadow, drawing: Drawing, mask?: Plane): void {
  const soft = castShadow(silhouette, castOf(shadow, drawing, 1));
  if (mask) for (let i = 0; i < soft.data.length; i++) soft.data[i] = (soft.data[i]! * (255 - mask.data[i]!)) / 255;
  putShadow(layer, soft, 1, shadow.colour, shadow.strength, drawing);
}

/** Draws the shadow of another layer: exactly where there is time or it is at hand, else from fewer pixels. */
export function drawShadowOf(layer: Layer, { layer: caster, name, stamp }: Caster, shadow: Shadow, drawing: Drawing): void {
  const { resources, sheet } = drawing;
  const { bounds } = layer;
  const size = bounds.width * bounds.height;
  const exact =
    layer.draft && size > COARSE_PIXELS
      ? null
      : kernelResult(resources.kernels, `${name} shadow`, [...stamp, ...placeOf(drawing), shadow, sheet.light], size, () => ({
          kind: 'shadow',
          plane: within(caster, layer, drawing),
          cast: castOf(shadow, drawing, 1),
        }));
  if (exact) return putShadow(layer, exact, 1, shadow.colour, shadow.strength, drawing);
  const coarse = coarseness(bounds, COARSE_PIXELS);
  const plane = coarseAlpha(caster, bounds, coarse, resources.environment);
  putShadow(layer, castShadow(plane, castOf(shadow, drawing, coarse)), coarse, shadow.colour, shadow.strength, drawing);
}

/** Draws the shade along the inner edge of what a scratch layer of the same place covers. */
export function drawInnerShade(
  layer: Layer,
  { layer: inside, name, stamp }: Caster,
  shade: NonNullable<Finish['innerShade']>,
  drawing: Drawing,
): void {
  const { resources } = drawing;
  const { bounds } = layer;
  const size = bounds.width * bounds.height;
  const sigma = (shade.blur / 2) * meanScale(drawing.view);
  const exact =
    layer.draft && size > COARSE_PIXELS
      ? null
      : kernelResult(resources.kernels, `${name} shade`, [...stamp, ...placeOf(drawing), shade], size, () => ({
          kind: 'inner-shade',
          plane: alphaOfLayer(inside),
          sigma,
        }));
  if (exact) return putShadow(layer, exact, 1, shade.colour, shade.strength, drawing);
  const coarse = coarseness(bounds, COARSE_PIXELS);
  const soft = innerShadePlane(coarseAlpha(inside, bounds, coarse, resources.environment), sigma / coarse);
  const scratch = newLayer(bounds, resources);
  putShadow(scratch, soft, coarse, shade.colour, shade.strength, drawing);
  // Made large again it reaches beyond the edge: the exact silhouette cuts it.
  scratch.context.globalCompositeOperation = 'destination-in';
  scratch.context.drawImage(inside.surface.image, 0, 0);
  lay(layer, scratch);
}

/** What of the drawing the form of a shade depends on. */
function placeOf({ view, clip, resources }: Drawing): readonly unknown[] {
  return [view.a, view.e, view.f, clip.x, clip.y, clip.width, clip.height, resources.version];
}

/** What a layer covers within the place of another. */
function within(caster: Layer, { bounds }: Layer, drawing: Drawing): Plane {
  const same = caster.x === bounds.x && caster.y === bounds.y;
  if (same && caster.bounds.width === bounds.width && caster.bounds.height === bounds.height) return alphaOfLayer(caster);
  const whole = newLayer(bounds, drawing.resources);
  whole.context.drawImage(caster.surface.image, caster.x - bounds.x, caster.y - bounds.y);
  return alphaOfLayer(whole);
}

function castOf(shadow: Shadow, { view, sheet }: Drawing, coarse: number): ShadowCast {
  const scale = meanScale(view) / coarse;
  const offset = shadowOffset(shadow, sheet.light);
  return {
    dx: Math.round(offset.x * scale),
    dy: Math.round(offset.y * scale),
    sigma: (shadow.blur / 2) * scale,
    spread: (shadow.spread ?? 0) * scale,
  };
}

function putShadow(
  layer: Layer,
  soft: Plane,
  coarse: number,
  colour: string | undefined,
  strength: number,
  { resources }: Drawing,
): void {
  const pixels = tinted(soft, ...colourChannels(colour ?? '#20272a'), strength);
  if (coarse === 1) {
    const scratch = newLayer(layer.bounds, resources);
    putPixels(scratch.context, pixels);
    return lay(layer, scratch);
  }
  const surface = resources.environment.createSurface(soft.width, soft.height);
  putPixels(surface.context, pixels);
  drawCoarse(layer, surface, coarse);
}
