import { halve, isOpaque, subjectOf, type Pixels } from '@kadrosyn/core';
import { rawPixels } from '@kadrosyn/render/node';
import sharp, { type Region } from 'sharp';
import { readSent, UnreadableFile } from '../unreadable-file.js';
import type { StoredFile } from './intake.js';

export type MatteIntake =
  | { readonly ok: true; readonly full: StoredFile; readonly screen: StoredFile }
  | { readonly ok: false; readonly message: string };

const TYPE = 'image/png';
const NO_PNG = 'This is no PNG picture with clear places. Nothing was changed.';
/** How many px are taken was decided when the photo was added. */
const UNLIMITED = { limitInputPixels: false } as const;

/** px of a strip that is decoded at once: photo, cutout and subject of so many px are held together. */
const STRIP = 12e6;

/**
 * Checks the picture of a cutout against its photo and makes the one for the screen.
 * @param bytes - PNG, see `cutoutPicture`.
 * @param photo - the master of the photo.
 */
export async function takeMatte(bytes: Buffer, photo: Buffer, screenLevel: number): Promise<MatteIntake> {
  try {
    const size = await pngSize(bytes);
    if (!size) return { ok: false, message: NO_PNG };
    // Sizes are compared before anything is decoded.
    const { autoOrient } = await sharp(photo, UNLIMITED).metadata();
    if (size.width !== autoOrient.width || size.height !== autoOrient.height) {
      const message = `The matte has ${size.width} × ${size.height} px, the photo ${autoOrient.width} × ${autoOrient.height}. Nothing was changed.`;
      return { ok: false, message };
    }
    const subject = await subjectAt(screenLevel, bytes, photo, size);
    const full: StoredFile = { bytes, type: TYPE };
    if (screenLevel === 0) return { ok: true, full, screen: full };
    return { ok: true, full, screen: { bytes: await encode(soft(subject)), type: TYPE } };
  } catch (error) {
    if (!(error instanceof UnreadableFile)) throw error;
    return { ok: false, message: NO_PNG };
  }
}

async function pngSize(bytes: Buffer): Promise<{ width: number; height: number } | null> {
  const { format, hasAlpha, depth, width, height } = await readSent(() => sharp(bytes, UNLIMITED).metadata());
  return format === 'png' && hasAlpha && depth === 'uchar' ? { width, height } : null;
}

/** The subject at a level of its photo, made strip by strip: a strip of whole blocks is halved as it would be within the photo. */
async function subjectAt(level: number, cutout: Buffer, photo: Buffer, size: { width: number; height: number }): Promise<Pixels> {
  const block = 2 ** level;
  const rows = Math.max(block, Math.floor(STRIP / size.width / block) * block);
  const [width, height] = [Math.ceil(size.width / block), Math.ceil(size.height / block)];
  const data = new Uint8ClampedArray(width * height * 4);
  for (let top = 0; top < size.height; top += rows) {
    const strip = { left: 0, top, width: size.width, height: Math.min(rows, size.height - top) };
    let subject = subjectOf(await decodedPart(photo, strip), await readSent(() => decodedPart(cutout, strip)));
    for (let made = 0; made < level; made++) subject = halve(subject, isOpaque(subject));
    data.set(subject.data, (top / block) * width * 4);
  }
  return { width, height, data };
}

function decodedPart(bytes: Buffer, part: Region): Promise<Pixels> {
  return rawPixels(sharp(bytes, UNLIMITED).autoOrient().extract(part));
}

/** What is kept of a subject at its level: its alpha, and its colours where it is soft. */
function soft(subject: Pixels): Pixels {
  const data = new Uint8ClampedArray(subject.data);
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3] === 255 || data[i + 3] === 0) data.fill(0, i, i + 3);
  }
  return { ...subject, data };
}

function encode({ width, height, data }: Pixels): Promise<Buffer> {
  return sharp(Buffer.from(data.buffer, data.byteOffset, data.byteLength), { raw: { width, height, channels: 4 } })
    .png({ compressionLevel: 6 })
    .toBuffer();
}
