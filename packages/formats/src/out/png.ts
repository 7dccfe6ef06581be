import { Type } from 'typebox';
import { onlyPage, type OutFormat } from './out-format.js';
import { rawImage } from './raw-image.js';

const options = Type.Object({});

/** PNG (ISO/IEC 15948), 8 bits a channel. Clear places stay clear. */
export const png = {
  id: 'png',
  extension: 'png',
  mime: 'image/png',
  options,
  holdsSeveral: false,
  write: (pages) => rawImage(onlyPage(pages, 'PNG')).png({ compressionLevel: 6 }).toBuffer(),
} as const satisfies OutFormat<typeof options>;
