import { Type } from 'typebox';
import { onlyPage, type OutFormat } from './out-format.js';
import { rawImage } from './raw-image.js';

/** The quality of a JPEG for which nobody chose one: no difference is seen at 100 %. */
export const USUAL_QUALITY = 92;

const options = Type.Object({ quality: Type.Integer({ minimum: 1, maximum: 100, default: USUAL_QUALITY }) });

/** JPEG (ISO/IEC 10918-1), colours at full size. It has no clear places: they become white. */
export const jpeg = {
  id: 'jpeg',
  extension: 'jpg',
  mime: 'image/jpeg',
  options,
  holdsSeveral: false,
  write: (pages, { quality }) =>
    rawImage(onlyPage(pages, 'JPEG')).flatten({ background: '#ffffff' }).jpeg({ quality, chromaSubsampling: '4:4:4' }).toBuffer(),
} as const satisfies OutFormat<typeof options>;
