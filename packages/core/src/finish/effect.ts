import type { Effect, EffectKind } from '../document/fill.js';
import type { Matrix } from '../geometry/matrix.js';
import type { Pixels } from '../photo/pixels.js';
import { blurPixels, blurReach } from './blur.js';
import { colourChannels } from './colour-channels.js';
import { withDarkEdges } from './darken-edges.js';
import { withGrain } from './grain.js';

/** Distance of halftone dots in px of the sheet, at full strength. */
const DOT_PITCH = 14;
/** Steps of each channel that flattened colours have, from strength 0 to 1. */
const [MOST_STEPS, FEWEST_STEPS] = [12, 3];

/** In the order in which they are applied. */
export const EFFECT_KINDS: readonly EffectKind[] = ['flattened', 'grain', 'edges', 'halftone'];

/** Where the pixels of an effect lie. */
export interface EffectFrame {
  /** px of the pixels per px of the sheet, so that dots and areas are the same at any size of output. */
  readonly scale: number;
  /** Where the pixels begin, px from the origin of the raster. */
  readonly origin: { readonly x: number; readonly y: number };
  /** px of the pixels to a frame in which what is shown reaches from -1 to 1 both ways. */
  readonly toUnit: Matrix;
}

/** Effects on the pixels of a photo or a sheet, each kind once, in their own order. */
export function withEffects(pixels: Pixels, effects: readonly Effect[], frame: EffectFrame): Pixels {
  return EFFECT_KINDS.reduce((out, kind) => {
    const effect = effects.find((one) => one.kind === kind);
    return effect && effect.strength > 0 ? withEffect(out, effect, frame) : out;
  }, pixels);
}

/** How far an effect looks around itself, px of the sheet. */
export function effectReach({ kind, strength }: Effect): number {
  if (strength === 0) return 0;
  if (kind === 'flattened') return blurReach(smoothing(strength));
  return kind === 'halftone' ? dotPitch(strength) + blurReach(dotPitch(strength) / 3) : 0;
}

function smoothing(strength: number): number {
  return 0.5 + 2.5 * strength;
}

function dotPitch(strength: number): number {
  return DOT_PITCH * (0.4 + 0.6 * strength);
}

function withEffect(pixels: Pixels, effect: Effect, { scale, origin, toUnit }: EffectFrame): Pixels {
  switch (effect.kind) {
    case 'flattened':
      return flattened(pixels, effect, scale);
    case 'grain':
      return withGrain(pixels, effect.strength, scale, origin);
    case 'edges':
      return withDarkEdges(pixels, effect.strength, toUnit);
    case 'halftone':
      return halftone(pixels, effect, scale, origin);
  }
}

/** Flat areas of few colours: smoothed a little, then each channel in steps, edges kept a pixel soft. */
function flattened(pixels: Pixels, { strength }: Effect, scale: number): Pixels {
  const smooth = blurPixels(pixels, smoothing(strength) * scale);
  const steps = Math.round(MOST_STEPS + (FEWEST_STEPS - MOST_STEPS) * strength);
  const table = new Uint8ClampedArray(256);
  for (let value = 0; value < 256; value++) {
    const at = (value / 255) * steps;
    const whole = Math.min(steps - 1, Math.floor(at));
    // The jump from one step to the next takes a tenth of a step, which smooths its edge.
    const jump = Math.min(1, Math.max(0, (at - whole - 0.9) / 0.1));
    table[value] = ((whole + jump) / (steps - 1)) * 255;
  }
  const out = new Uint8ClampedArray(smooth.data.length);
  for (let i = 0; i < out.length; i += 4) {
    out[i] = table[smooth.data[i]!]!;
    out[i + 1] = table[smooth.data[i + 1]!]!;
    out[i + 2] = table[smooth.data[i + 2]!]!;
    out[i + 3] = pixels.data[i + 3]!;
  }
  return { width: pixels.width, height: pixels.height, data: out };
}

/** One ink in round dots on a raster of 45 degrees; the darker the place, the larger the dot. Between them it is clear. */
function halftone(
  pixels: Pixels,
  { strength, ink = '#20272a' }: Effect,
  scale: number,
  origin: { x: number; y: number },
): Pixels {
  const { width, height, data } = pixels;
  const pitch = dotPitch(strength) * scale;
  const smooth = blurPixels(pixels, pitch / 3);
  const [red, green, blue] = colourChannels(ink);
  const out = new Uint8ClampedArray(data.length);
  const half = Math.SQRT1_2 / pitch;
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < width; x++, o += 4) {
      const [px, py] = [x + 0.5 + origin.x, y + 0.5 + origin.y];
      const u = (px + py) * half;
      const v = (py - px) * half;
      const distance = Math.hypot(u - Math.floor(u) - 0.5, v - Math.floor(v) - 0.5) * pitch;
      const luma = 0.2126 * smooth.data[o]! + 0.7152 * smooth.data[o + 1]! + 0.0722 * smooth.data[o + 2]!;
      // A dot of this radius covers as much of its cell as the place is dark.
      const radius = pitch * Math.sqrt(Math.max(0, 1 - luma / 255) / Math.PI) * 1.08;
      out[o] = red;
      out[o + 1] = green;
      out[o + 2] = blue;
      // Smaller than a pixel, a dot can only grow paler.
      out[o + 3] = Math.min(1, Math.max(0, radius - distance + 0.5)) * Math.min(1, 4 * radius * radius) * data[o + 3]!;
    }
  }
  return { width, height, data: out };
}
