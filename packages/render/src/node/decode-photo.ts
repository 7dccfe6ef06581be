import type { Pixels } from '@kadrosyn/core';
import sharp, { type Sharp } from 'sharp';

const MOST_PX = 200_000_000;
/** A turned photo with more px than this is turned strip by strip: libvips holds all of it twice to turn it. */
const LARGE = 40e6;
/** px of such a strip. */
const STRIP = 12e6;

/** Pixels of a photo file, upright and in sRGB. @throws Error when it can not be read. */
export async function decodePhoto(bytes: Uint8Array): Promise<Pixels> {
  const { orientation = 1, width, height } = await sharp(bytes, { limitInputPixels: MOST_PX }).metadata();
  if (orientation > 1 && width * height > LARGE) return decodeTurned(bytes, { width, height }, orientation);
  return rawPixels(sharp(bytes, { limitInputPixels: MOST_PX }).rotate());
}

/**
 * The same for a photo that is stored turned or mirrored, in strips of rows as they are stored.
 * @param orientation - 2 to 8 as in EXIF (tag 0x0112).
 */
export async function decodeTurned(
  bytes: Uint8Array,
  stored: { readonly width: number; readonly height: number },
  orientation: number,
  most = STRIP,
): Promise<Pixels> {
  const isOnItsSide = orientation >= 5;
  const [width, height] = isOnItsSide ? [stored.height, stored.width] : [stored.width, stored.height];
  const out = new Uint32Array(width * height);
  const { start, alongRow, alongColumn } = walk(orientation, width, height);
  const rows = Math.max(1, Math.floor(most / stored.width));
  for (let top = 0; top < stored.height; top += rows) {
    const part = { left: 0, top, width: stored.width, height: Math.min(rows, stored.height - top) };
    const strip = await rawPixels(sharp(bytes, { limitInputPixels: MOST_PX }).extract(part));
    const source = new Uint32Array(strip.data.buffer, strip.data.byteOffset, strip.width * strip.height);
    for (let y = 0; y < strip.height; y++) {
      let to = start + (top + y) * alongColumn;
      for (let from = y * strip.width, end = from + strip.width; from < end; from++, to += alongRow) out[to] = source[from]!;
    }
  }
  return { width, height, data: new Uint8ClampedArray(out.buffer) };
}

/** Where the first stored px comes to lie in the upright picture, and how far apart neighbours in a stored row and column are there. */
function walk(orientation: number, width: number, height: number): { start: number; alongRow: number; alongColumn: number } {
  const [right, bottom, last] = [width - 1, (height - 1) * width, width * height - 1];
  switch (orientation) {
    case 2:
      return { start: right, alongRow: -1, alongColumn: width };
    case 3:
      return { start: last, alongRow: -1, alongColumn: -width };
    case 4:
      return { start: bottom, alongRow: 1, alongColumn: -width };
    case 5:
      return { start: 0, alongRow: width, alongColumn: 1 };
    case 6:
      return { start: right, alongRow: width, alongColumn: -1 };
    case 7:
      return { start: last, alongRow: -width, alongColumn: -1 };
    default:
      return { start: bottom, alongRow: -width, alongColumn: 1 };
  }
}

/** Pixels of a picture as sharp reads it, in sRGB with alpha. @throws Error when it can not be read. */
export async function rawPixels(picture: Sharp): Promise<Pixels> {
  const { data, info } = await picture.toColourspace('srgb').ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data: new Uint8ClampedArray(data.buffer, data.byteOffset, data.byteLength) };
}
