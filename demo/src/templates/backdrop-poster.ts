import type { Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { OCHRE, PAPER, SheetKit } from '../sheet-kit.js';

/** An A3 poster: a photo behind everything, lettering and leaves over it. */
export function backdropPoster(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 297, height: 420, unit: 'mm', dpi: 150 });
  const photo = photos['lake-dusk'];
  const poster = { face: 'anton', axes: {}, colour: PAPER };
  const line = { axes: { wght: 600, wdth: 108 }, colour: PAPER };
  const shade = {
    ...kit.shape('Shade', null, { x: 148.5, y: 340, width: 297, height: 160 }),
    kind: 'artwork' as const,
    locked: true,
    fill: {
      type: 'gradient' as const,
      kind: 'linear' as const,
      angle: 90,
      stops: [
        { at: 0, colour: '#10181c00' },
        { at: 1, colour: '#10181cd9' },
      ],
    },
  };
  const sheet = kit.sheet(
    'Poster',
    [
      kit.slot('Picture', 'A picture for the whole poster', null, { x: 148.5, y: 210, width: 297, height: 420 }, photo),
      shade,
      kit.text('LATE', 148.5, 96, 118, poster),
      kit.text('KILN', 148.5, 208, 118, poster),
      kit.text('An evening by the fire', 148.5, 318, 20, { face: 'abril-fatface', axes: {}, colour: PAPER }),
      kit.text('Friday 4 September, from eight', 148.5, 352, 12, line),
      kit.text('Wrenfold Pottery · Tarn Hollow', 148.5, 376, 9.5, { ...line, axes: { wght: 450, wdth: 108 } }),
      kit.artwork('fern', 28, 372, 50, { colours: ['#a9b98a'], turn: -14 }),
      kit.artwork('sprig', 270, 372, 44, { colours: [OCHRE], turn: 16 }),
    ],
    { bleed: kit.px(3), margin: kit.px(14) },
  );
  return kit.project('Backdrop poster', [sheet], [photo]);
}
