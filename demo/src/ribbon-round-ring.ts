import type { Crossing, Project, Shaper } from '@kadrosyn/core';
import { fillOpeningWith } from './fill-opening-with.js';
import type { SamplePhotos } from './sample-projects.js';
import { INK, RUST, SheetKit, SPRUCE } from './sheet-kit.js';

/** A ribbon of paper goes round a ring: over it on the left, under it on the right. */
export function ribbonRoundRing(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 1000, height: 1000, unit: 'px' });
  const vases = photos['vases-trio'];
  const disc = kit.shape('Photo', { type: 'ellipse' }, { x: 500, y: 460, width: 620, height: 620 });
  const empty = kit.sheet('Badge', []);
  const photo = fillOpeningWith(disc, vases, { zoom: 1.1 }, empty, shaper);
  const ribbon = { ...kit.artwork('ribbon-wave', 500, 560, 900, { colours: [RUST, '#8c2f14'] }), name: 'Ribbon' };
  const shadow = { distance: 6, blur: 14, strength: 0.45 };
  const ring = {
    ...kit.shape('Ring', { type: 'ring', hole: 0.8 }, { x: 500, y: 460, width: 740, height: 740 }, SPRUCE),
    finish: { shadow },
  };
  const crossing: Crossing = {
    lower: { itemId: ribbon.id, part: 'whole' },
    upper: { itemId: ring.id, part: 'whole' },
    over: true,
    regions: [{ at: { x: ribbon.box.width * 0.85, y: ribbon.box.height / 2 }, over: false }],
    cuts: [],
  };
  const line = kit.text('Three vases, one glaze', 500, 925, 56, { face: 'abril-fatface', axes: {}, colour: INK });
  const items = [photo, { ...ribbon, finish: { shadow } }, ring, line];
  return kit.project('Ribbon round a ring', [kit.sheet('Badge', items, { crossings: [crossing] })], [vases]);
}
