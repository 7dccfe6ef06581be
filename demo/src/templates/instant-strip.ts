import type { Item, Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { INK, OCHRE, PAPER, SAND, SheetKit } from '../sheet-kit.js';

/** Widths of the paper around an instant print, px. */
const EDGES = { top: 24, right: 24, bottom: 92, left: 24 } as const;

/** Four instant prints taped to a strip. */
export function instantStrip(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 700, height: 2000, unit: 'px' });
  const used = [photos['potter-wheel'], photos['glaze-teal'], photos['teapot-pour'], photos['stall']];
  const turns = [-3, 2.5, -1.5, 3.5];
  const words = ['Monday: clay', 'Tuesday: glaze', 'Saturday: tea', 'Sunday: the stall'];
  const items = used.flatMap((photo, index): Item[] => {
    const [x, y, turn] = [350 + (index % 2 === 0 ? -18 : 18), 262 + index * 480, turns[index]!];
    const radians = (turn * Math.PI) / 180;
    // What lies `down` from the middle of a turned print.
    const at = (down: number): { x: number; y: number } => ({ x: x - down * Math.sin(radians), y: y + down * Math.cos(radians) });
    const turned = <T extends Item & { type: 'opening' }>(item: T): T => ({ ...item, box: { ...item.box, turn } });
    const shadow = { angle: 70, distance: 10, blur: 22, strength: 0.28, colour: '#3a2a1c' } as const;
    return [
      {
        ...kit.slot(`Photo ${index + 1}`, 'A photo', null, { ...at(-34), width: 352, height: 324, turn }, photo),
        finish: { outline: { align: 'outside', width: 24, widths: EDGES, paint: PAPER }, shadow },
      },
      turned(kit.caption(words[index]!, 'A few words', at(174).x, at(174).y, 46, { face: 'pacifico', axes: {}, colour: INK })),
      kit.artwork('tape', at(-218).x, at(-218).y, 130, {
        turn: turn + (index % 2 === 0 ? -4 : 5),
        colours: [index % 2 === 0 ? '#e4cf98' : OCHRE],
      }),
    ];
  });
  return kit.project('Instant strip', [kit.sheet('Strip', items, { background: { type: 'colour', colour: SAND } })], used);
}
