import type { Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { INK, OCHRE, PAPER, RUST, SheetKit, SPRUCE } from '../sheet-kit.js';

const ARCH = { type: 'arch' } as const;
const SLAB = { face: 'alfa-slab-one', axes: {} };

/** An A4 page folded to A5: outside with back and front, inside with pages two and three. */
export function foldedProgramme(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 297, height: 210, unit: 'mm' });
  const [front, inside, map] = [photos['hills-kiln'], photos['teapot-pour'], photos['bowls-top']];
  const common = { bleed: kit.px(3), margin: kit.px(10), folds: [{ axis: 'vertical' as const, at: kit.px(148.5) }] };
  const body = { axes: { wght: 430, wdth: 100 }, align: 'left' as const };
  const head = { axes: { wght: 760, wdth: 104 }, align: 'left' as const, colour: RUST };
  const outside = kit.sheet(
    'Outside: back and front',
    [
      kit.shape('Back ground', null, { x: 74.25, y: 105, width: 148.5, height: 210 }, SPRUCE),
      kit.caption('Where we are', 'A heading', 20, 40, 8, { ...SLAB, colour: PAPER, align: 'left' }),
      kit.caption('Tarn Hollow, behind the old mill.\nThe lane is narrow: please walk up.', 'How to find you', 20, 66, 5.8, {
        ...body,
        colour: PAPER,
      }),
      kit.slot('Back photo', 'A photo of the place', { type: 'ellipse' }, { x: 74.25, y: 132, width: 88, height: 88 }, map),
      kit.text('Wrenfold Pottery', 74.25, 192, 5, { axes: { wght: 600, wdth: 110 }, colour: PAPER }),
      kit.slot('Front photo', 'Your front picture', ARCH, { x: 222.75, y: 122, width: 112, height: 140 }, front),
      kit.caption('Open kiln', 'Your title', 222.75, 26, 19, { ...SLAB, colour: INK }),
      kit.caption('A programme for the day', 'A line under the title', 222.75, 42, 5.4, { axes: { wght: 500, wdth: 104 } }),
      kit.artwork('pennants', 222.75, 198, 112, { colours: [RUST, OCHRE, INK] }),
    ],
    common,
  );
  const hours = [
    '10.00  The kiln is opened',
    '11.30  Throwing for beginners',
    '14.00  Tea, and bowls to drink it from',
    '16.00  Glaze your own mug',
  ];
  const within = kit.sheet(
    'Inside: pages two and three',
    [
      kit.caption('The day', 'A heading', 20, 26, 10, { ...SLAB, colour: INK, align: 'left' }),
      ...hours.map((line, index) =>
        kit.caption(line, 'Time and what happens', 20, 52 + index * 17, 6.6, index === 0 ? head : body),
      ),
      kit.caption('Children are welcome all day.\nBring an apron.', 'Something to know', 20, 136, 5.8, body),
      kit.artwork('branch', 74, 180, 104),
      kit.slot('Inside photo', 'A photo that fills the page', null, { x: 222.75, y: 105, width: 148.5, height: 210 }, inside),
    ],
    common,
  );
  return kit.project('Folded programme', [outside, within], [front, inside, map]);
}
