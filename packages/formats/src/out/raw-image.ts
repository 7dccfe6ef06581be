import sharp, { type Sharp } from 'sharp';
import type { Page } from './out-format.js';

/** A page on its way into a picture file. */
export function rawImage({ pixels, dpi }: Page): Sharp {
  const { width, height, data } = pixels();
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  return sharp(bytes, { raw: { width, height, channels: 4 } }).withMetadata({ density: Math.round(dpi) });
}
