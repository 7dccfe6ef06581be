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
  const tables = toneTables(tone);
  const { saturation = 0, inks } = tone;
  const { width, height, data } = pixels;
  // Pixels as whole words, red lowest: reading and writing them so takes half the time. Every machine this runs on is little-endian.
  const words = new Int32Array(data.buffer, data.byteOffset, width * height);
  const out = new Int32Array(width * height);
  if (inks) printInks(words, out, tables, inkTable(colourChannels(inks.dark), colourChannels(inks.light)));
  else if (saturation === 0) lookUp(words, out, tables);
  else saturate(words, out, tables, saturation < 0 ? 1 + saturation : 1 + saturation * 1.5);
  return { width, height, data: new Uint8ClampedArray(out.buffer) };
}

type Tables = readonly [Float32Array, Float32Array, Float32Array];

const ALPHA = 0xff << 24;

/** Each channel by its table alone. */
function lookUp(words: Int32Array, out: Int32Array, tables: Tables): void {
  const whole = tables.map((table) => Uint8ClampedArray.from(table));
  const [red, green, blue] = [whole[0]!, whole[1]!, whole[2]!];
  for (let i = 0; i < words.length; i++) {
    const word = words[i]!;
    out[i] = (word & ALPHA) | (blue[(word >> 16) & 255]! << 16) | (green[(word >> 8) & 255]! << 8) | red[word & 255]!;
  }
}

function saturate(words: Int32Array, out: Int32Array, [red, green, blue]: Tables, strength: number): void {
  const rest = 1 - strength;
  for (let i = 0; i < words.length; i++) {
    const word = words[i]!;
    const r = red[word & 255]!;
    const g = green[(word >> 8) & 255]!;
    const b = blue[(word >> 16) & 255]!;
    // Half a step more, so that cutting off rounds.
    const grey = (0.2126 * r + 0.7152 * g + 0.0722 * b) * rest + 0.5;
    const x = grey + r * strength;
    const y = grey + g * strength;
    const z = grey + b * strength;
    const low = (y <= 0 ? 0 : y >= 255 ? 0xff00 : (y | 0) << 8) | (x <= 0 ? 0 : x >= 255 ? 255 : x | 0);
    out[i] = (word & ALPHA) | ((z <= 0 ? 0 : z >= 255 ? 255 : z | 0) << 16) | low;
  }
}

function printInks(words: Int32Array, out: Int32Array, [red, green, blue]: Tables, printed: Int32Array): void {
  for (let i = 0; i < words.length; i++) {
    const word = words[i]!;
    const luma = 0.2126 * red[word & 255]! + 0.7152 * green[(word >> 8) & 255]! + 0.0722 * blue[(word >> 16) & 255]!;
    out[i] = (word & ALPHA) | printed[(luma + 0.5) | 0]!;
  }
}

/** For each of 256 steps of luma the mix of two inks, as a word without alpha. */
function inkTable(dark: readonly number[], light: readonly number[]): Int32Array {
  return Int32Array.from({ length: 256 }, (_, step) => {
    const mix = (c: number): number => Math.round(dark[c]! + ((light[c]! - dark[c]!) * step) / 255);
    return (mix(2) << 16) | (mix(1) << 8) | mix(0);
  });
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
