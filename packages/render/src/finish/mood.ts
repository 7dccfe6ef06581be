import {
  EFFECTS,
  chain,
  developed,
  invert,
  isDeveloped,
  meanScale,
  scaling,
  translation,
  type Bounds,
  type EffectFrame,
  type Pixels,
  type ResolvedSheet,
} from '@kadrosyn/core';
import { coarseness } from '../canvas/coarse.js';
import type { Drawing } from '../canvas/drawing.js';
import type { Context2D, Surface } from '../canvas/environment.js';
import type { Inputs } from '../kept/inputs.js';
import { kernelResult } from '../kept/kernels.js';
import { putPixels } from '../photo/level-chain.js';

/** So many px are computed in a frame of a drag: by tone alone, and with what looks at the pixels around. */
const [TONE_PIXELS, EFFECT_PIXELS] = [40_000, 30_000];

/** Whether a sheet has a mood that changes anything. */
export function hasMood({ mood }: ResolvedSheet): boolean {
  return mood !== undefined && isDeveloped(mood);
}

/** Puts the mood of a sheet over what a canvas shows of it, at once. @param area - whole px of the canvas. */
export function drawMood(context: Context2D, area: Bounds, drawing: Drawing): void {
  const { mood } = drawing.sheet;
  if (!mood) return;
  const made = developed(pixelsOf(context, area), mood, frameOf(area, drawing, 1));
  putAt(context, made, area);
}

/**
 * Puts what `plain` shows onto another canvas, in the mood of the sheet: exactly where that is at hand, else from fewer pixels.
 * @param inputs - what `plain` shows; null while that is itself not exact.
 * @returns whether it is exact.
 */
export function copyInMood(context: Context2D, plain: Surface, area: Bounds, drawing: Drawing, inputs: Inputs | null): boolean {
  const { sheet, resources } = drawing;
  const { mood } = sheet;
  if (!mood) return true;
  const { a, e, f } = drawing.view;
  const place = { area: [area.x, area.y, area.width, area.height], view: [a, e, f] };
  const exact =
    inputs &&
    !resources.draft &&
    kernelResult(resources.kernels, { name: 'mood', inputs: { ...inputs, ...place, mood } }, area.width * area.height, () => ({
      kind: 'develop',
      pixels: pixelsOf(plain.context, area),
      developing: mood,
      frame: frameOf(area, drawing, 1),
    }));
  if (exact) {
    putAt(context, exact, area);
    return true;
  }
  copyFewer(context, plain, area, drawing, inputs);
  return false;
}

function copyFewer(context: Context2D, plain: Surface, area: Bounds, drawing: Drawing, inputs: Inputs | null): void {
  const mood = drawing.sheet.mood!;
  const most = mood.effects?.some(({ kind }) => EFFECTS[kind].isSlow) ? EFFECT_PIXELS : TONE_PIXELS;
  const coarse = coarseness(area, most);
  const { layers, environment, trace } = drawing.resources;
  const make = (): Pixels => fewerPixels(plain, area, coarse, drawing);
  // While the mood alone is changed, what lies below it is read once.
  const pixels =
    inputs && layers
      ? layers.keep(
          'below mood',
          { ...inputs, area: [area.x, area.y, area.width, area.height], coarse },
          make,
          ({ data }) => data.byteLength,
          trace,
        )
      : make();
  const small = environment.createSurface(pixels.width, pixels.height);
  putPixels(small.context, developed(pixels, mood, frameOf(area, drawing, coarse)));
  context.save();
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(area.x, area.y, area.width, area.height);
  context.imageSmoothingEnabled = coarse > 1;
  const [width, height] = [area.width / coarse, area.height / coarse];
  context.drawImage(small.image, 0, 0, width, height, area.x, area.y, area.width, area.height);
  context.restore();
}

function fewerPixels(plain: Surface, area: Bounds, coarse: number, { resources }: Drawing): Pixels {
  const [width, height] = [Math.ceil(area.width / coarse), Math.ceil(area.height / coarse)];
  const { context } = resources.environment.createSurface(width, height);
  context.setTransform(1 / coarse, 0, 0, 1 / coarse, -area.x / coarse, -area.y / coarse);
  context.imageSmoothingEnabled = coarse > 1;
  context.drawImage(plain.image, 0, 0);
  return pixelsOf(context, { x: 0, y: 0, width, height });
}

function frameOf(area: Bounds, { view, sheet }: Drawing, coarse: number): EffectFrame {
  const toPixels = chain(scaling(1 / coarse), translation(-area.x, -area.y), view);
  const unitToSheet = chain(scaling(sheet.width / 2, sheet.height / 2), translation(1, 1));
  return {
    scale: meanScale(view) / coarse,
    origin: { x: (area.x - view.e) / coarse, y: (area.y - view.f) / coarse },
    toUnit: invert(chain(toPixels, unitToSheet)),
  };
}

function pixelsOf(context: Context2D, { x, y, width, height }: Bounds): Pixels {
  return { width, height, data: context.getImageData(x, y, width, height).data };
}

function putAt(context: Context2D, pixels: Pixels, area: Bounds): void {
  const data = context.createImageData(pixels.width, pixels.height);
  data.data.set(pixels.data);
  context.putImageData(data, area.x, area.y);
}
