import type { Item, Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { INK, OCHRE, PAPER, SAND, SheetKit } from '../sheet-kit.js';

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
    const print = { ...kit.shape('Print', null, { x, y, width: 400, height: 440, turn }, PAPER), locked: true };
    return [
      { ...print, finish: { shadow: { angle: 70, distance: 10, blur: 22, strength: 0.28, colour: '#3a2a1c' } } },
      kit.slot(`Photo ${index + 1}`, 'A photo', null, { ...at(-34), width: 352, height: 324, turn }, photo),
      turned(kit.caption(words[index]!, 'A few words', at(174).x, at(174).y, 46, { face: 'pacifico', axes: {}, colour: INK })),
      kit.artwork('tape', at(-218).x, at(-218).y, 130, {
        turn: turn + (index % 2 === 0 ? -4 : 5),
        colours: [index % 2 === 0 ? '#e4cf98' : OCHRE],
      }),
    ];
  });
  return kit.project('Instant strip', [kit.sheet('Strip', items, { background: { type: 'colour', colour: SAND } })], used);
}
