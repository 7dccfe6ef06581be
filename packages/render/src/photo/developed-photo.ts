import {
  EFFECTS,
  developed,
  isDeveloped,
  meanScale,
  type Bounds,
  type Opening,
  type PhotoFill,
  type Pixels,
} from '@kadrosyn/core';
import { coarseness, drawCoarse } from '../canvas/coarse.js';
import type { Drawing, Layer, Target } from '../canvas/drawing.js';
import type { Inputs } from '../kept/inputs.js';
import { kernelResult } from '../kept/kernels.js';
import { putPixels } from './level-chain.js';
import { canBeSampled, effectFrame, plainPixels } from './photo-pixels.js';

/** So many px are computed in a frame of a drag: by tone alone, and with what looks at the pixels around. */
const [TONE_PIXELS, BLUR_PIXELS] = [64_000, 25_000];

/**
 * Draws the photo of a fill over all of a layer, with tone, blur and effects: exactly where that is at hand, else from fewer pixels.
 * @returns which of both it was; null while the photo has not arrived.
 */
export function drawDeveloped(
  layer: Layer,
  opening: Opening,
  letterId: string | undefined,
  fill: PhotoFill,
  drawing: Drawing,
): 'exact' | 'coarse' | null {
  if (!isDeveloped(fill)) {
    const pixels = plainPixels(opening, fill, layer.bounds, drawing, 1);
    if (pixels) putPixels(layer.context, pixels);
    return pixels && 'exact';
  }
  if (!canBeSampled(opening, fill, layer.bounds, drawing)) return null;
  const made = exactly(layer, opening, letterId, fill, drawing);
  if (!made) return drawFewer(layer, layer.bounds, opening, fill, drawing) ? 'coarse' : null;
  putPixels(layer.context, made);
  return 'exact';
}

/** Null while it is made elsewhere. The photo is sampled only where it has to be sent there. */
function exactly(
  { bounds }: Layer,
  opening: Opening,
  letterId: string | undefined,
  fill: PhotoFill,
  drawing: Drawing,
): Pixels | null {
  const { resources } = drawing;
  const { tone, blur, effects } = fill;
  const inputs = { ...placed(bounds, opening, fill, drawing), tone, blur, effects };
  // Letters that lie elsewhere must not overtake one another.
  const name = letterId === undefined ? opening.id : `${opening.id} ${letterId}`;
  return kernelResult(resources.kernels, { name: `${name} photo`, inputs }, bounds.width * bounds.height, () => ({
    kind: 'develop',
    pixels: plainPixels(opening, fill, bounds, drawing, 1)!,
    developing: { ...(tone ? { tone } : {}), ...(blur ? { blur } : {}), ...(effects ? { effects } : {}) },
    frame: effectFrame(opening, bounds, drawing, 1),
  }));
}

/** The same from fewer pixels, within the canvas's clip. @param bounds - the place of the photo, view px. */
export function drawFewer(target: Target, bounds: Bounds, opening: Opening, fill: PhotoFill, drawing: Drawing): boolean {
  const most = fill.blur || fill.effects?.some(({ kind }) => EFFECTS[kind].isSlow) ? BLUR_PIXELS : TONE_PIXELS;
  const coarse = coarseness(bounds, most, ((fill.blur ?? 0) / 2) * meanScale(drawing.view));
  const plain = keptPlain(bounds, opening, fill, coarse, drawing);
  if (!plain) return false;
  const pixels = developed(plain, fill, effectFrame(opening, bounds, drawing, coarse));
  const surface = drawing.resources.environment.createSurface(pixels.width, pixels.height);
  putPixels(surface.context, pixels);
  drawCoarse(target, bounds, surface, coarse);
  drawing.resources.environment.giveBack?.(surface);
  return true;
}

/** The pixels before they are developed, which stay the same while a tone is tried. */
function keptPlain(bounds: Bounds, opening: Opening, fill: PhotoFill, coarse: number, drawing: Drawing): Pixels | null {
  const { layers, trace } = drawing.resources;
  const make = (): Pixels | null => plainPixels(opening, fill, bounds, drawing, coarse);
  if (!layers) return make();
  const inputs = { ...placed(bounds, opening, fill, drawing), coarse };
  return layers.keep(`${opening.id} plain`, inputs, make, (pixels) => pixels?.data.byteLength ?? 0, trace);
}

/** What the pixels of a photo depend on before they are developed. */
function placed(bounds: Bounds, { outline, box }: Opening, fill: PhotoFill, { view, sheet, resources }: Drawing): Inputs {
  return {
    outline,
    box,
    photo: fill.photoId,
    placement: fill.placement,
    placements: sheet.placements,
    version: resources.version,
    view: [view.a, view.e, view.f],
    bounds: [bounds.x, bounds.y, bounds.width, bounds.height],
  };
}
