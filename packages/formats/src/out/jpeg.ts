import { Type } from 'typebox';
import { onlyPage, type OutFormat } from './out-format.js';
import { rawImage } from './raw-image.js';
import { QUALITY_OPTIONS, withinBytes } from './within-bytes.js';

const options = Type.Object(QUALITY_OPTIONS);

/** JPEG (ISO/IEC 10918-1), colours at full size. It has no clear places: they become white. */
export const jpeg = {
  id: 'jpeg',
  extension: 'jpg',
  mime: 'image/jpeg',
  options,
  holdsSeveral: false,
  write: async (pages, chosen) => {
    const image = (await rawImage(onlyPage(pages, 'JPEG'))).flatten({ background: '#ffffff' });
    return withinBytes((quality) => image.clone().jpeg({ quality, chromaSubsampling: '4:4:4' }).toBuffer(), chosen);
  },
} as const satisfies OutFormat<typeof options>;
