import type { Colour } from '../document/fill.js';
import { labOf } from '../photo/palette.js';
import { colourChannels } from './colour-channels.js';

type Rgb = readonly [number, number, number];

/** Relative luminance of sRGB from 0 to 255, 0 to 1 (WCAG 2.2). */
export function luminanceOf([r, g, b]: Rgb): number {
  return 0.2126 * LINEAR[Math.round(r)]! + 0.7152 * LINEAR[Math.round(g)]! + 0.0722 * LINEAR[Math.round(b)]!;
}

/** The light, 0 to 1, of the 256 values of sRGB (IEC 61966-2-1). */
export const LINEAR: Readonly<Float64Array> = Float64Array.from({ length: 256 }, (_, value) => {
  const v = value / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
});

/** From 1 (the same) to 21 (black and white), of two luminances (WCAG 2.2). */
export function contrastOf(a: number, b: number): number {
  return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
}

/** The contrast of two colours; alpha does not count. */
export function colourContrast(a: Colour, b: Colour): number {
  return contrastOf(luminanceOf(colourChannels(a)), luminanceOf(colourChannels(b)));
}

/** The distance of two colours in CIE Lab (CIE76). */
export function colourDistance(a: Rgb, b: Rgb): number {
  const [p, q] = [labOf(a), labOf(b)];
  return Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
}

const ENCODING_STEPS = 8192;

/** The sRGB values, 0 to 255, of so many equal steps of light, for loops over many px (IEC 61966-2-1). */
const ENCODED: Readonly<Uint8Array> = Uint8Array.from({ length: ENCODING_STEPS + 1 }, (_, step) => {
  const light = step / ENCODING_STEPS;
  return Math.round(255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055));
});

/** The sRGB value, 0 to 255, of a light; what lies outside of 0 to 1 is brought there. */
export function encodedLight(light: number): number {
  return ENCODED[light <= 0 ? 0 : light >= 1 ? ENCODING_STEPS : (light * ENCODING_STEPS + 0.5) | 0]!;
}
