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
