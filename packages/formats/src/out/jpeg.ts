import { Type } from 'typebox';
import { withSrgbProfile } from './jpeg-profile.js';
import { onlyPage, type OutFormat } from './out-format.js';
import { sharpOf } from './raw-image.js';
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
    const page = onlyPage(pages, 'JPEG');
    const image = sharpOf(await page.pixels())
      .withDensity(Math.round(page.dpi))
      .flatten({ background: '#ffffff' });
    const write = async (quality: number): Promise<Uint8Array> =>
      withSrgbProfile(await image.clone().jpeg({ quality, chromaSubsampling: '4:4:4' }).toBuffer());
    return withinBytes(write, chosen);
  },
} as const satisfies OutFormat<typeof options>;
