import { decompress } from 'wawoff2';
import { decodeWoff } from './decode-woff.js';
import { faceTypeOf } from './face-type.js';

/** Bytes of a font file, and of the font in it. */
export const FACE_LIMITS = { bytes: 10 * 2 ** 20, font: 40 * 2 ** 20 } as const;

/**
 * The font in a font file, as HarfBuzz reads it (OpenType).
 * @throws RangeError for what is no TTF, OTF, WOFF or WOFF2, is too large, or does not hold what its header says; and whatever the packages throw at damaged files
 */
export async function unpackFont(file: Buffer): Promise<Buffer> {
  const type = faceTypeOf(file);
  if (!type) throw new RangeError('This is no font');
  if (type === 'font/woff') return decodeWoff(file, FACE_LIMITS.font);
  if (type !== 'font/woff2') return file;
  // The header says how large the font will be (WOFF 2.0, section 4.1): what is too large is not unpacked at all.
  if (file.length < 48 || file.readUInt32BE(8) !== file.length || file.readUInt32BE(16) > FACE_LIMITS.font) {
    throw new RangeError('The header does not fit the file');
  }
  return Buffer.from(await decompress(file));
}
