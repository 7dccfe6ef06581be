import type { Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { INK, RUST, SAND, SheetKit } from '../sheet-kit.js';

/** A square post that shows three things at once. */
export function threeOpenings(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 1080, height: 1080, unit: 'px' });
  const used = [photos['mug-teal'], photos['glaze-celadon'], photos['bowls-top']];
  const round = { type: 'rectangle', radii: [28, 28, 28, 28] } as const;
  const sheet = kit.sheet(
    'Post',
    [
      kit.slot('Large photo', 'The main thing', { type: 'arch' }, { x: 345, y: 480, width: 550, height: 800 }, used[0]!),
      kit.slot('Upper photo', 'A detail', round, { x: 830, y: 270, width: 380, height: 380 }, used[1]!),
      kit.slot('Lower photo', 'Another one', round, { x: 830, y: 690, width: 380, height: 380 }, used[2]!),
      kit.caption('New on the shelf', 'What it is about', 70, 968, 74, {
        face: 'abril-fatface',
        axes: {},
        colour: INK,
        align: 'left',
      }),
      kit.artwork('rays', 980, 965, 130, { colours: [RUST] }),
    ],
    { background: { type: 'colour', colour: SAND }, margin: 60 },
  );
  return kit.project('Three openings', [sheet], used);
}
