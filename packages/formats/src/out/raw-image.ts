import type { Pixels } from '@kadrosyn/core';
import sharp, { type Sharp } from 'sharp';
import type { Page } from './out-format.js';

/** A page on its way into a picture file. */
export async function rawImage({ pixels, dpi }: Page): Promise<Sharp> {
  return imageOf(await pixels(), dpi);
}

/** Px on their way into a picture file. @param dpi - px per inch */
export function imageOf({ width, height, data }: Pixels, dpi: number): Sharp {
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  return sharp(bytes, { raw: { width, height, channels: 4 } }).withMetadata({ density: Math.round(dpi) });
}
