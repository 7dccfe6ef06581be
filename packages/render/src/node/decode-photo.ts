import type { Pixels } from '@kadrosyn/core';
import sharp from 'sharp';

/** The upright sRGB pixels of a picture file. @throws Error of sharp when the file can not be read. */
export async function decodePhoto(bytes: Uint8Array): Promise<Pixels> {
  const { data, info } = await sharp(bytes, { limitInputPixels: 200_000_000 })
    .rotate()
    .toColourspace('srgb')
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data: new Uint8ClampedArray(data.buffer, data.byteOffset, data.byteLength) };
}
