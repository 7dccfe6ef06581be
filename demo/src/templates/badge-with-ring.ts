import type { Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { OCHRE, PAPER, SheetKit, SPRUCE } from '../sheet-kit.js';

/** A round badge for somebody of the team: a photo under a ring that carries the name. */
export function badgeWithRing(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 800, height: 800, unit: 'px' });
  const photo = photos['team-mug'];
  const line = { axes: { wght: 750, wdth: 112 }, colour: PAPER, tracking: 60 };
  const ring = kit.artwork('ring-plain', 400, 400, 760, { colours: [SPRUCE] });
  const wide = { ...ring, outline: RING, fill: { type: 'colour' as const, colour: SPRUCE } };
  const sheet = kit.sheet(
    'Badge',
    [
      kit.slot('Face', 'Somebody of the team', { type: 'ellipse' }, { x: 400, y: 400, width: 600, height: 600 }, photo),
      wide,
      kit.shape('Thin ring', { type: 'ring', hole: 0.985 }, { x: 400, y: 400, width: 528, height: 528 }, OCHRE),
      kit.round('WRENFOLD POTTERY', 400, 400, 62, { radius: 288, start: 0, inside: false }, line),
      kit.round('Tarn Hollow', 400, 400, 50, { radius: 347, start: 180, inside: true, reverse: true }, line),
    ],
    { background: { type: 'none' } },
  );
  return kit.project('Badge with a ring', [sheet], [photo]);
}

/** A ring wide enough for letters; it is artwork, so a photo let go on it reaches the face below. */
const RING = { type: 'ring', hole: 0.69 } as const;
