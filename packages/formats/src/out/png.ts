import { Type } from 'typebox';
import { onlyPage, type OutFormat } from './out-format.js';
import { rawImage } from './raw-image.js';

const options = Type.Object({
  /** Whether it has at most 256 colours, chosen for it: a much smaller file, in which gradients may show steps. */
  fewColours: Type.Boolean({ default: false }),
  /** Whether what is clear becomes white. */
  onWhite: Type.Boolean({ default: false }),
});

/** PNG (ISO/IEC 15948), 8 bits a channel. Clear places stay clear, unless white is wanted there. */
export const png = {
  id: 'png',
  extension: 'png',
  mime: 'image/png',
  options,
  holdsSeveral: false,
  write: async (pages, { fewColours, onWhite }) => {
    const image = await rawImage(onlyPage(pages, 'PNG'));
    const ground = onWhite ? image.flatten({ background: '#ffffff' }) : image;
    return ground.png(fewColours ? { palette: true, effort: 7, dither: 1 } : { compressionLevel: 6 }).toBuffer();
  },
} as const satisfies OutFormat<typeof options>;
