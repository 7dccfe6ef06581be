import sharp, { type Sharp } from 'sharp';
import type { Page } from './out-format.js';

/** A page on its way into a picture file. */
export async function rawImage({ pixels, dpi }: Page): Promise<Sharp> {
  const { width, height, data } = await pixels();
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  return sharp(bytes, { raw: { width, height, channels: 4 } }).withMetadata({ density: Math.round(dpi) });
}
