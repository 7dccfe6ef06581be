import type { Pixels } from '@kadrosyn/core';
import sharp, { type Sharp } from 'sharp';
import type { Page } from './out-format.js';

/** A page on its way into a picture file. */
export async function rawImage({ pixels, dpi }: Page): Promise<Sharp> {
  return imageOf(await pixels(), dpi);
}

/** Px on their way into a picture file. @param dpi - px per inch */
export function imageOf(pixels: Pixels, dpi: number): Sharp {
  return sharpOf(pixels).withMetadata({ density: Math.round(dpi) });
}

/** Px as sharp takes them, of which nothing is said yet. */
export function sharpOf({ width, height, data }: Pixels): Sharp {
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  return sharp(bytes, { raw: { width, height, channels: 4 } });
}
