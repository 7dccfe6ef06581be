import type { Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from './sample-projects.js';
import { INK, OCHRE, RUST, SAND, SheetKit, SPRUCE } from './sheet-kit.js';

const SLAB = { face: 'alfa-slab-one', axes: {} };
const BODY = { axes: { wght: 430, wdth: 100 }, align: 'left' as const };

/** The programme of an open kiln day: an A4 sheet for the outside and one for the inside, each folded to A5. */
export function kilnProgramme(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 297, height: 210, unit: 'mm' });
  const [hills, figure, bowls, glaze] = [photos['hills-kiln'], photos['team-bowl'], photos['bowls-top'], photos['glaze-teal']];
  const common = { bleed: kit.px(3), margin: kit.px(12), folds: [{ axis: 'vertical' as const, at: kit.px(148.5) }] };
  const circle = { type: 'ellipse' } as const;
  const photo = (opening: ReturnType<SheetKit['slot']>) => {
    const { slot: _mine, ...rest } = opening;
    return rest;
  };
  // The two circles inside have a line of the colour of their titles.
  const finish = { outline: { align: 'inside', width: kit.px(0.9), paint: RUST } } as const;
  const outside = kit.sheet(
    'Outside: back and front',
    [
      // It goes beyond the edges by the bleed, for the cut to fall into it.
      kit.shape('Back ground', null, { x: 72.75, y: 105, width: 151.5, height: 216 }, SAND),
      kit.text('Find us', 12, 40, 9, { ...SLAB, colour: INK, align: 'left' }),
      kit.text('Behind the old mill of Tarn Hollow.\nThe lane is narrow: please walk up.', 12, 60, 5.4, BODY),
      kit.text('Wrenfold Pottery', 12, 194, 5.4, { axes: { wght: 640, wdth: 108 }, align: 'left', colour: SPRUCE }),
      kit.artwork('branch', 74, 140, 104, { colours: [SPRUCE, RUST] }),
      {
        ...photo(
          kit.slot('Front photo', '', { type: 'arch' }, { x: 222.75, y: 128, width: 118, height: 140 }, hills, { zoom: 1.05 }),
        ),
        finish: {
          rim: { top: kit.px(3), right: kit.px(3), bottom: kit.px(3), left: kit.px(3), colour: '#ffffff' },
          shadow: { distance: kit.px(0.8), blur: kit.px(4), strength: 0.3 },
        },
      },
      kit.text('Open kiln', 222.75, 26, 19, { ...SLAB, colour: INK }),
      kit.text('Saturday 12 September, ten to five', 222.75, 43, 5.4, { axes: { wght: 520, wdth: 104 } }),
    ],
    common,
  );
  // Page three has two columns.
  const guides = [{ id: 'guide_1', axis: 'vertical' as const, at: kit.px(222.75) }];
  const hours = [
    '10.00  The kiln is opened',
    '11.30  First turns at the wheel',
    '14.00  Tea in new bowls',
    '16.00  Glaze your own mug',
  ];
  const inside = kit.sheet(
    'Inside: pages two and three',
    [
      kit.text('The day', 12, 28, 11, { ...SLAB, colour: INK, align: 'left' }),
      ...hours.map((line, index) => kit.text(line, 12, 48 + index * 12, 5.2, BODY)),
      photo(kit.slot('Strip of glaze', '', null, { x: 74.25, y: 158, width: 124.5, height: 62 }, glaze)),
      // 50 mm across, in the middle of its column.
      {
        ...photo(
          kit.slot('Potter', '', circle, { x: 191.625, y: 58, width: 50, height: 50 }, figure, { zoom: 1.15, down: 0.06 }),
        ),
        finish,
      },
      kit.text('Ada throws', 191.625, 96, 6.4, { ...SLAB, colour: RUST }),
      kit.text('Bowls all morning, at the\nwheel beside the door.', 160.5, 112, 5, BODY),
      { ...photo(kit.slot('Bowls', '', circle, { x: 253.875, y: 58, width: 50, height: 50 }, bowls)), finish },
      kit.text('You glaze', 253.875, 96, 6.4, { ...SLAB, colour: RUST }),
      kit.text('Choose from nine glazes.\nFired the week after.', 222.75, 112, 5, BODY),
      kit.artwork('pennants', 222.75, 176, 118, { colours: [RUST, OCHRE, SPRUCE] }),
    ],
    { ...common, guides },
  );
  return kit.project('Open kiln programme', [outside, inside], [hills, figure, bowls, glaze]);
}
