import { subjectOf, type Pixels } from '@kadrosyn/core';
import { LevelChain } from '@kadrosyn/render';
import { decodePhoto } from '@kadrosyn/render/node';
import sharp from 'sharp';
import type { StoredFile } from './intake.js';

export type MatteIntake =
  | { readonly ok: true; readonly full: StoredFile; readonly screen: StoredFile }
  | { readonly ok: false; readonly message: string };

const TYPE = 'image/png';

/**
 * Checks the picture of a cutout against its photo and makes the one for the screen.
 * @param bytes - PNG, see `cutoutPicture`.
 * @param photo - the master of the photo.
 */
export async function takeMatte(bytes: Buffer, photo: Buffer, screenLevel: number): Promise<MatteIntake> {
  const cutout = await readPng(bytes);
  if (!cutout) return { ok: false, message: 'This is no PNG picture with clear places. Nothing was changed.' };
  const pixels = await decodePhoto(photo);
  if (cutout.width !== pixels.width || cutout.height !== pixels.height) {
    const message = `The matte has ${cutout.width} × ${cutout.height} px, the photo ${pixels.width} × ${pixels.height}. Nothing was changed.`;
    return { ok: false, message };
  }
  const full: StoredFile = { bytes, type: TYPE };
  if (screenLevel === 0) return { ok: true, full, screen: full };
  const subject = new LevelChain(subjectOf(pixels, cutout), 0, pixels).at(screenLevel);
  return { ok: true, full, screen: { bytes: await encode(soft(subject)), type: TYPE } };
}

async function readPng(bytes: Buffer): Promise<Pixels | null> {
  try {
    const { format, hasAlpha, depth } = await sharp(bytes, { limitInputPixels: false }).metadata();
    return format === 'png' && hasAlpha && depth === 'uchar' ? await decodePhoto(bytes) : null;
  } catch {
    return null;
  }
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
