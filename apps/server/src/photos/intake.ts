import { createHash } from 'node:crypto';
import { photoIdOf, type Bounds, type Pixels } from '@kadrosyn/core';
import { isOptimised, isSvg, masterOf, photoTypeOf, withoutNotes, type PhotoType } from '@kadrosyn/formats';
import { LevelChain } from '@kadrosyn/render';
import { decodePhoto } from '@kadrosyn/render/node';
import sharp, { type Metadata, type Sharp } from 'sharp';
import type { UploadLimits } from '../config.js';
import { readSent, UnreadableFile } from '../unreadable-file.js';
import { drawSvg, MOST_SVG_BYTES } from './draw-svg.js';
import { focusOf } from './focus-of.js';

/** Longest side of the level that is sent to the screen first, px. */
const SCREEN_SIDE = 2048;
/** Longest side of a thumbnail, px. */
const THUMBNAIL_SIDE = 360;

export interface StoredFile {
  readonly bytes: Buffer;
  readonly type: string;
}

/** A photo that was taken in, ready to be stored. */
export interface TakenPhoto {
  readonly id: string;
  readonly sha256: string;
  readonly width: number;
  readonly height: number;
  readonly opaque: boolean;
  /** What stands out, px of the photo. */
  readonly focus?: Bounds;
  /** The uploaded picture without its notes. */
  readonly original: StoredFile;
  /** Upright sRGB pixels; the original itself wherever it can be. */
  readonly master: StoredFile;
  readonly screen: StoredFile;
  readonly screenLevel: number;
  readonly thumbnail: StoredFile;
}

/** Why a file was not taken, for the person who chose it. */
interface Refusal {
  readonly code: 'not-a-picture' | 'too-many-bytes' | 'too-many-pixels' | 'damaged' | 'moving-picture' | 'too-heavy' | 'failed';
  readonly message: string;
}

export type Intake =
  | { readonly ok: true; readonly photo: TakenPhoto }
  /** `cause` is what a decoder said, for the log. */
  | { readonly ok: false; readonly refusal: Refusal; readonly cause?: string };

/**
 * Checks a file by its content and limits, drops its notes, and makes what is stored. A bad file is an answer; what throws is a fault of ours.
 * @param focus - what it is about, px of the photo, where that is known: null for nothing. It is looked for when absent.
 */
export async function takeIn(bytes: Buffer, limits: UploadLimits, focus?: Bounds | null): Promise<Intake> {
  const isDrawing = isSvg(bytes);
  const most = Math.min(limits.bytes, isDrawing ? MOST_SVG_BYTES : Infinity);
  if (bytes.length > most) {
    return refuse(
      'too-many-bytes',
      `The file is larger than ${Math.floor(most / 2 ** 20)} MB. Save a smaller copy and add that.`,
    );
  }
  try {
    const picture = isDrawing ? await readSent(() => drawSvg(bytes)) : bytes;
    const type = photoTypeOf(picture);
    if (!type) {
      return refuse('not-a-picture', 'This is not a JPEG, PNG, WebP or SVG picture. Save it as one of these and add it again.');
    }
    const metadata = await readSent(() => sharp(picture, { limitInputPixels: false }).metadata());
    const pixels = metadata.width * metadata.height;
    if (pixels > limits.pixels) {
      const size = `${metadata.width} × ${metadata.height}`;
      return refuse(
        'too-many-pixels',
        `The picture has ${size} pixels; at most ${limits.pixels / 1e6} million can be used. Save a smaller copy.`,
      );
    }
    if ((metadata.pages ?? 1) > 1) return refuse('moving-picture', 'This is a moving picture. Add a still one.');
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    return { ok: true, photo: await makeFiles(picture, type, metadata, sha256, focus) };
  } catch (error) {
    if (!(error instanceof UnreadableFile)) throw error;
    const message = 'The picture is damaged or cut off, so it can not be read. Copy it again from where it came.';
    return { ok: false, refusal: { code: 'damaged', message }, cause: String(error.cause) };
  }
}

function refuse(code: Refusal['code'], message: string): Intake {
  return { ok: false, refusal: { code, message } };
}

/** @param sha256 - of the file as it came; a drawing has become a picture since. */
async function makeFiles(
  bytes: Buffer,
  type: PhotoType,
  metadata: Metadata,
  sha256: string,
  focus: Bounds | null | undefined,
): Promise<TakenPhoto> {
  const original: StoredFile = { bytes: await readSent(() => withoutNotes(bytes, type, metadata, true)), type };
  const pixels = await readSent(() => decodePhoto(bytes));
  const chain = new LevelChain(pixels, 0, pixels);
  const master = await masterOf(bytes, type, metadata, pixels);
  const screenLevel = Math.max(0, Math.ceil(Math.log2(Math.max(pixels.width, pixels.height) / SCREEN_SIDE)));
  return {
    id: photoIdOf(sha256),
    sha256,
    width: pixels.width,
    height: pixels.height,
    opaque: chain.opaque,
    ...(await focusFor(pixels, focus)),
    original,
    master,
    screen: screenLevel === 0 ? master : await encodeScreen(chain.at(screenLevel), chain.opaque),
    screenLevel,
    thumbnail: await encodeThumbnail(pixels),
  };
}

async function focusFor(pixels: Pixels, known: Bounds | null | undefined): Promise<{ focus?: Bounds }> {
  const focus = known === undefined ? await focusOf(() => rawOf(pixels), pixels) : known;
  return focus ? { focus } : {};
}

function rawOf(pixels: Pixels): Sharp {
  const { width, height, data } = pixels;
  return sharp(Buffer.from(data.buffer, data.byteOffset, data.byteLength), { raw: { width, height, channels: 4 } });
}

async function encodeScreen(pixels: Pixels, opaque: boolean): Promise<StoredFile> {
  return opaque
    ? {
        bytes: await rawOf(pixels)
          .removeAlpha()
          .jpeg({ quality: 86, chromaSubsampling: '4:4:4', optimiseCoding: isOptimised(pixels) })
          .toBuffer(),
        type: 'image/jpeg',
      }
    : { bytes: await rawOf(pixels).webp({ quality: 88, alphaQuality: 100 }).toBuffer(), type: 'image/webp' };
}

async function encodeThumbnail(pixels: Pixels): Promise<StoredFile> {
  const bytes = await rawOf(pixels)
    .resize(THUMBNAIL_SIDE, THUMBNAIL_SIDE, { fit: 'inside', withoutEnlargement: true })
    .webp({ quality: 82 })
    .toBuffer();
  return { bytes, type: 'image/webp' };
}
