import type { Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { INK, RUST, SAND, SheetKit } from '../sheet-kit.js';

/** A folded-free A6 card: one photo in an oval, one line under it. */
export function ovalCard(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 105, height: 148, unit: 'mm' });
  const photo = photos['vases-trio'];
  const oval = { type: 'ellipse' } as const;
  const sheet = kit.sheet(
    'Card',
    [
      {
        ...kit.slot('Photo', 'Your photo', oval, { x: 52.5, y: 64, width: 74, height: 94 }, photo),
        finish: { outline: { align: 'outside', width: kit.px(2.5), paint: SAND } },
      },
      kit.caption('With warm thanks', 'A line of yours', 52.5, 128, 7.2, { face: 'abril-fatface', axes: {}, colour: INK }),
      kit.shape('Rule', null, { x: 52.5, y: 136.5, width: 14, height: 0.6 }, RUST),
    ],
    { bleed: kit.px(3), margin: kit.px(6) },
  );
  return kit.project('Oval card', [sheet], [photo]);
}
