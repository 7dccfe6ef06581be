import { isOpaque, type Pixels } from '@kadrosyn/core';
import sharp, { type Metadata } from 'sharp';
import type { PhotoType } from './sniff.js';
import { stripJpeg } from './strip-jpeg.js';
import { stripPng } from './strip-png.js';
import { stripWebp } from './strip-webp.js';

/** What decides how a photo file is kept. */
export type PhotoNotes = Pick<Metadata, 'icc' | 'orientation' | 'space' | 'depth' | 'chromaSubsampling'>;

/** The file that a photo is kept as, of which every decoder gives the same upright sRGB pixels: itself without its notes wherever that can be. */
export async function masterOf(
  bytes: Buffer,
  type: PhotoType,
  notes: PhotoNotes,
  pixels: Pixels,
): Promise<{ readonly bytes: Buffer; readonly type: PhotoType }> {
  if (canServeAsMaster(type, notes)) return { bytes: withoutNotes(bytes, type, notes, false), type };
  const raw = sharp(Buffer.from(pixels.data.buffer, pixels.data.byteOffset, pixels.data.byteLength), {
    raw: { width: pixels.width, height: pixels.height, channels: 4 },
  });
  if (!isOpaque(pixels)) return { bytes: await raw.png({ compressionLevel: 6 }).toBuffer(), type: 'image/png' };
  const jpeg = { quality: 97, chromaSubsampling: '4:4:4', optimiseCoding: isOptimised(pixels) };
  return { bytes: await raw.removeAlpha().jpeg(jpeg).toBuffer(), type: 'image/jpeg' };
}

/** A photo file without what it says of its maker and place. */
export function withoutNotes(bytes: Buffer, type: PhotoType, notes: PhotoNotes, keepProfile: boolean): Buffer {
  if (type === 'image/jpeg') return stripJpeg(bytes, notes.orientation ?? 1, keepProfile);
  if (type === 'image/png') return stripPng(bytes, keepProfile);
  return stripWebp(bytes);
}

/** Whether every decoder gives the same upright sRGB pixels for this file once its notes are gone. */
function canServeAsMaster(type: PhotoType, notes: PhotoNotes): boolean {
  const { icc, orientation = 1, space, depth, chromaSubsampling } = notes;
  if (icc && !isSrgbProfile(icc)) return false;
  if (depth !== 'uchar' || (space !== 'srgb' && space !== 'b-w')) return false;
  // Decoders differ in how they smooth halved colour, and in the turn they take from PNG and WebP notes.
  if (type === 'image/jpeg') return space === 'b-w' || chromaSubsampling === '4:4:4';
  return orientation === 1 && (type === 'image/png' || !icc);
}

function isSrgbProfile(icc: Buffer): boolean {
  return icc.length < 20_000 && (icc.includes('sRGB') || icc.includes(Buffer.from('\0s\0R\0G\0B', 'latin1')));
}

/** Tables made for one picture make its file smaller, but all of its coefficients are held for them, 12 bytes a px. The pixels are the same. */
export function isOptimised({ width, height }: Pixels): boolean {
  return width * height < 20e6;
}
