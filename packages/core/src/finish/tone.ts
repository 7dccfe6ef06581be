import type { Tone } from '../document/fill.js';
import type { Pixels } from '../photo/pixels.js';
import { colourChannels } from './colour-channels.js';

/** Whether a tone changes anything. */
export function isNeutral(tone: Tone | undefined): boolean {
  if (!tone) return true;
  const { curve, inks, brightness = 0, contrast = 0, saturation = 0, warmth = 0, tint = 0, fade = 0 } = tone;
  return !curve?.length && !inks && [brightness, contrast, saturation, warmth, tint, fade].every((value) => value === 0);
}

/**
 * The pixels in another tone. In this order: warmth and tint (gains of red against blue, and of green), brightness (a gamma),
 * contrast (about the middle), the curve (monotone through its points), fade (black becomes grey, white stays), saturation (about Rec. 709
 * luma), and at last the two inks, mixed by luma. Alpha stays.
 */
export function toned(pixels: Pixels, tone: Tone): Pixels {
  const [red, green, blue] = toneTables(tone);
  const { saturation = 0, inks } = tone;
  const strength = saturation < 0 ? 1 + saturation : 1 + saturation * 1.5;
  const { data } = pixels;
  const out = new Uint8ClampedArray(data.length);
  const printed = inks && inkTable(colourChannels(inks.dark), colourChannels(inks.light));
  for (let i = 0; i < data.length; i += 4) {
    const r = red[data[i]!]!;
    const g = green[data[i + 1]!]!;
    const b = blue[data[i + 2]!]!;
    const luma = 0.2126 * r + 0.7152 * g + 0.0722 * b;
    if (printed) {
      const step = 3 * ((luma + 0.5) | 0);
      out[i] = printed[step]!;
      out[i + 1] = printed[step + 1]!;
      out[i + 2] = printed[step + 2]!;
    } else {
      out[i] = luma + (r - luma) * strength;
      out[i + 1] = luma + (g - luma) * strength;
      out[i + 2] = luma + (b - luma) * strength;
    }
    out[i + 3] = data[i + 3]!;
  }
  return { width: pixels.width, height: pixels.height, data: out };
}

/** For each of 256 steps of luma the mix of two inks: red, green, blue, one step after the other. */
function inkTable(dark: readonly number[], light: readonly number[]): Uint8ClampedArray {
  const table = new Uint8ClampedArray(256 * 3);
  for (let step = 0; step < 256; step++)
    for (let c = 0; c < 3; c++) table[3 * step + c] = dark[c]! + ((light[c]! - dark[c]!) * step) / 255;
  return table;
}

/** How light black becomes when all is faded, 0 to 1. */
const FADED_BLACK = 0.45;

/** For red, green and blue the value of each of the 256 steps, 0..255. */
function toneTables({
  curve,
  brightness = 0,
  contrast = 0,
  warmth = 0,
  tint = 0,
  fade = 0,
}: Tone): [Float32Array, Float32Array, Float32Array] {
  const gamma = 2 ** -brightness;
  const slope = contrast < 0 ? 1 + contrast : 1 + contrast * 1.5;
  const bend = curve && curve.length > 0 ? monotoneCurve(curve) : (x: number): number => x;
  const table = (gain: number): Float32Array =>
    Float32Array.from({ length: 256 }, (_, step) => {
      const lit = Math.min(1, Math.max(0, (step / 255) * gain)) ** gamma;
      const bent = bend(Math.min(1, Math.max(0, 0.5 + (lit - 0.5) * slope)));
      return 255 * (bent + (1 - bent) * FADED_BLACK * fade);
    });
  return [table(1 + 0.25 * warmth), table(1 - 0.2 * tint), table(1 - 0.25 * warmth)];
}

/**
 * A curve from 0..1 to 0..1 through the points, never over- or undershooting between them: monotone cubic interpolation
 * (F. Fritsch and R. Carlson, 1980). Outside the first and last point it is level.
 */
export function monotoneCurve(points: readonly { readonly x: number; readonly y: number }[]): (x: number) => number {
  const sorted = points.toSorted((a, b) => a.x - b.x).filter((p, i, all) => i === 0 || p.x > all[i - 1]!.x);
  const last = sorted.length - 1;
  const slopes = sorted.slice(1).map((p, i) => (p.y - sorted[i]!.y) / (p.x - sorted[i]!.x));
  const tangents = sorted.map((_, i) => {
    const [before, after] = [slopes[i - 1], slopes[i]];
    if (before === undefined || after === undefined) return before ?? after ?? 0;
    return before * after <= 0 ? 0 : (2 * before * after) / (before + after);
  });
  return (x) => {
    if (x <= sorted[0]!.x) return sorted[0]!.y;
    if (x >= sorted[last]!.x) return sorted[last]!.y;
    let i = 0;
    while (sorted[i + 1]!.x < x) i++;
    const [p, q] = [sorted[i]!, sorted[i + 1]!];
    const h = q.x - p.x;
    const t = (x - p.x) / h;
    const [t2, t3] = [t * t, t * t * t];
    return (
      (2 * t3 - 3 * t2 + 1) * p.y +
      (t3 - 2 * t2 + t) * h * tangents[i]! +
      (3 * t2 - 2 * t3) * q.y +
      (t3 - t2) * h * tangents[i + 1]!
    );
  };
}
