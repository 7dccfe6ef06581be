import { Type } from 'typebox';
import { onlyPage, type OutFormat } from './out-format.js';
import { rawImage } from './raw-image.js';
import { QUALITY_OPTIONS, withinBytes } from './within-bytes.js';

const options = Type.Object(QUALITY_OPTIONS);

/** The longest side that the format has room for, px. */
const LONGEST = 16_383;

/** WebP (RFC 9649). Clear places stay clear. @throws RangeError beyond its longest side */
export const webp = {
  id: 'webp',
  extension: 'webp',
  mime: 'image/webp',
  options,
  holdsSeveral: false,
  write: async (pages, chosen) => {
    const page = onlyPage(pages, 'WebP');
    if (Math.max(page.size.width, page.size.height) > LONGEST)
      throw new RangeError(`A WebP file has at most ${LONGEST} px a side`);
    // It has no field of its own for it: px per inch stand in its Exif.
    const resolution = `${Math.round(page.dpi)}/1`;
    const image = (await rawImage(page)).withExif({
      IFD0: { XResolution: resolution, YResolution: resolution, ResolutionUnit: '2' },
    });
    return withinBytes((quality) => image.clone().webp({ quality, smartSubsample: true }).toBuffer(), chosen);
  },
} as const satisfies OutFormat<typeof options>;
