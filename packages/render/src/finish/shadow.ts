import type { shadowsOf } from '@kadrosyn/core';
import {
  castShadow,
  colourChannels,
  innerShadePlane,
  meanScale,
  tinted,
  type Bounds,
  type Plane,
  type Shade,
  type Shadow,
  type ShadowCast,
  type Colour,
} from '@kadrosyn/core';
import { coarseAlpha, coarseness, drawCoarse } from '../canvas/coarse.js';
import { alphaOfLayer, layAway, newLayer, takenAlpha, type Drawing, type Layer, type Target } from '../canvas/drawing.js';
import type { Inputs } from '../kept/inputs.js';
import { kernelResult } from '../kept/kernels.js';
import { putPixels } from '../photo/level-chain.js';
import { shadowOffset } from './shadow-offset.js';

/** So many px of a shadow are computed in a frame of a drag. */
const COARSE_PIXELS = 30_000;

/** What a shadow is cast by, and how its exact form is known again. */
export interface Caster {
  readonly layer: Layer;
  /** Of what casts it: an item, or a part of one. */
  readonly name: string;
  /** Everything that the silhouette depends on. */
  readonly inputs: Inputs;
  /** False while parts of the layer are still being made elsewhere. */
  readonly exact: boolean;
}

/** Draws the shadow of a silhouette that has the place of the layer. @param mask - places where it is not drawn. */
export function drawShadow(layer: Layer, silhouette: Plane, shadow: Shadow, drawing: Drawing, mask?: Plane): void {
  const soft = castShadow(silhouette, castOf(shadow, drawing, 1));
  if (mask) for (let i = 0; i < soft.data.length; i++) soft.data[i] = (soft.data[i]! * (255 - mask.data[i]!)) / 255;
  putShadow(layer, layer.bounds, { soft: soft, coarse: 1 }, shadow, drawing);
}

/** Draws a soft plane that has the place of the layer in the colour of a shadow. */
export function drawSoft(layer: Layer, soft: Plane, strength: number, drawing: Drawing): void {
  putShadow(layer, layer.bounds, { soft: soft, coarse: 1 }, { strength }, drawing);
}

/** Draws all that a finish casts, the lowest first. @param bounds - all that it may touch, view px. @returns whether it is exact. */
export function drawShadowsOf(
  target: Target,
  bounds: Bounds,
  caster: Caster,
  shadows: ReturnType<typeof shadowsOf>,
  drawing: Drawing,
): boolean {
  const drawn = shadows.map(({ name, shadow }) =>
    drawShadowOf(target, bounds, { ...caster, name: `${caster.name} ${name}` }, shadow, drawing),
  );
  return drawn.every(Boolean);
}

/**
 * Draws the shadow of another layer: exactly where there is time or it is at hand, else from fewer pixels.
 * @param bounds - all that it may touch, view px.
 */
function drawShadowOf(
  target: Target,
  bounds: Bounds,
  { layer: caster, name, inputs, exact: mayAsk }: Caster,
  shadow: Shadow,
  drawing: Drawing,
): boolean {
  const { resources, sheet } = drawing;
  const size = bounds.width * bounds.height;
  const exact =
    resources.draft && size > COARSE_PIXELS
      ? null
      : kernelResult(
          resources.kernels,
          { name: `${name} shadow`, inputs: { ...inputs, ...placeOf(drawing), shadow, light: sheet.light }, mayAsk },
          size,
          () => ({
            kind: 'shadow',
            plane: within(caster, bounds, drawing),
            cast: castOf(shadow, drawing, 1),
          }),
        );
  if (exact) {
    putShadow(target, bounds, { soft: exact, coarse: 1 }, shadow, drawing);
    return true;
  }
  const coarse = coarseness(bounds, COARSE_PIXELS, castOf(shadow, drawing, 1).sigma);
  const plane = coarseAlpha(caster, bounds, coarse, resources.environment);
  putShadow(target, bounds, { soft: castShadow(plane, castOf(shadow, drawing, coarse)), coarse }, shadow, drawing);
  return false;
}

/**
 * Draws the shade along the inner edge of what a scratch layer of the same place covers.
 * @param clip - limits drawing to the same, by the canvas.
 * @returns whether it is exact.
 */
export function drawInnerShade(
  layer: Layer,
  { layer: inside, name, inputs }: Omit<Caster, 'exact'>,
  shade: Shade,
  drawing: Drawing,
  clip: () => void,
): boolean {
  const { resources } = drawing;
  const { bounds } = layer;
  const size = bounds.width * bounds.height;
  const sigma = (shade.blur / 2) * meanScale(drawing.view);
  const exact =
    layer.draft && size > COARSE_PIXELS
      ? null
      : kernelResult(
          resources.kernels,
          { name: `${name} shade`, inputs: { ...inputs, ...placeOf(drawing), shade } },
          size,
          () => ({
            kind: 'inner-shade',
            plane: alphaOfLayer(inside),
            sigma,
          }),
        );
  if (exact) {
    putShadow(layer, bounds, { soft: exact, coarse: 1 }, shade, drawing);
    return true;
  }
  const coarse = coarseness(bounds, COARSE_PIXELS, sigma);
  const plane = keptAlpha(inside, name, inputs, coarse, drawing);
  const soft = innerShadePlane(plane, sigma / coarse);
  // Made large again it reaches beyond the edge.
  layer.context.save();
  clip();
  putShadow(layer, bounds, { soft, coarse }, shade, drawing);
  layer.context.restore();
  return false;
}

/** The silhouette in fewer pixels, kept while the shade alone is changed. */
function keptAlpha(inside: Layer, name: string, inputs: Inputs, coarse: number, drawing: Drawing): Plane {
  const { layers, environment, trace } = drawing.resources;
  const make = (): Plane => coarseAlpha(inside, inside.bounds, coarse, environment);
  if (!layers) return make();
  const all = { ...inputs, ...placeOf(drawing), coarse };
  return layers.keep(`${name} inside`, all, make, ({ data }) => data.byteLength, trace);
}

/** What of the drawing the form of a shade depends on. */
function placeOf({ view, clip, resources }: Drawing): Inputs {
  return {
    view: [view.a, view.e, view.f],
    clip: [clip.x, clip.y, clip.width, clip.height],
    version: resources.version,
  };
}

/** What a layer covers within a place. */
function within(caster: Layer, bounds: Bounds, drawing: Drawing): Plane {
  const same = caster.x === bounds.x && caster.y === bounds.y;
  if (same && caster.bounds.width === bounds.width && caster.bounds.height === bounds.height) return alphaOfLayer(caster);
  const whole = newLayer(bounds, drawing.resources);
  whole.context.drawImage(caster.surface.image, caster.x - bounds.x, caster.y - bounds.y);
  return takenAlpha(whole, drawing.resources);
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
  target: Target,
  bounds: Bounds,
  { soft, coarse }: { readonly soft: Plane; readonly coarse: number },
  { colour = '#20272a', strength }: { readonly colour?: Colour; readonly strength: number },
  { resources }: Drawing,
): void {
  const pixels = tinted(soft, ...colourChannels(colour), strength);
  if (coarse === 1) {
    const scratch = newLayer(bounds, resources);
    putPixels(scratch.context, pixels);
    return layAway(target, scratch, resources);
  }
  const surface = resources.environment.createSurface(soft.width, soft.height);
  putPixels(surface.context, pixels);
  drawCoarse(target, bounds, surface, coarse);
  resources.environment.giveBack?.(surface);
}
