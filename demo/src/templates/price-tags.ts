import type { Item, Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { INK, RUST, SAND, SheetKit } from '../sheet-kit.js';

/** A page of eight price tags to cut out. */
export function priceTags(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 210, height: 297, unit: 'mm' });
  const wares = [
    ['Teal mug', '18', photos['mug-teal']],
    ['Set of bowls', '42', photos['bowls-top']],
    ['Three vases', '65', photos['vases-trio']],
    ['Teapot', '58', photos['teapot-pour']],
    ['Clay hare', '34', photos['hare-leap']],
    ['Clay fox', '34', photos['fox-shelf']],
    ['Garden pot', '29', photos['agave-pot']],
    ['Heron', '48', photos['heron-shore']],
  ] as const;
  const items = wares.flatMap(([name, price, photo], index): Item[] => {
    const [x, y] = [56 + 98 * (index % 2), 42 + 71 * Math.floor(index / 2)];
    return [
      { ...kit.artwork('tag-price', x, y, 88, { colours: [SAND, '#7b5a3c'] }), locked: true },
      kit.slot(`Photo ${index + 1}`, 'Your piece', { type: 'ellipse' }, { x: x - 3, y, width: 38, height: 38 }, photo),
      kit.caption(name, 'Name of the piece', x + 29.5, y - 8, 3.9, {
        axes: { wght: 650, wdth: 92 },
        colour: INK,
        align: 'centre',
      }),
      kit.caption(price, 'Price', x + 29.5, y + 5, 10, { face: 'alfa-slab-one', axes: {}, colour: RUST }),
    ];
  });
  return kit.project(
    'Price tags',
    [kit.sheet('Eight tags', items, { margin: kit.px(8) })],
    [...new Set(wares.map(([, , photo]) => photo))],
  );
}
