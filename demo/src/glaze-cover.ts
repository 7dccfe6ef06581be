import { applyEdit, backgroundEdit, backgroundOf, joinRegister, type Opening, type Project, type Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from './sample-projects.js';
import { INK, PAPER, RUST, SheetKit } from './sheet-kit.js';

/** A cover: wide letters in a plain panel show the photo behind it, in register with it. */
export function glazeCover(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 148, height: 210, unit: 'mm' });
  const photo = photos['bowls-top'];
  const wide = { face: 'archivo', axes: { wght: 900, wdth: 125 }, colour: INK };
  const panel = kit.shape('Panel', null, { x: 74, y: 150, width: 148, height: 120 }, PAPER);
  const words = ['NINE', 'BOWLS'].map((word, index) => ({
    ...kit.text(word, 74, 122 + index * 34, index === 0 ? 40 : 29, wide),
    // Pale bowls lie in the letters: shaded along their edges, and with a dark line, they are read at a glance.
    finish: {
      outline: { align: 'outside', width: kit.px(0.5), join: 'round', paint: INK },
      innerShade: { colour: INK, blur: kit.px(3.4), strength: 0.5 },
    } as const,
  }));
  const lines = [
    kit.text('Glazes of Wrenfold Pottery', 74, 184, 6.4, { axes: { wght: 560, wdth: 104 } }),
    kit.text('Sample book 4', 74, 195, 5, { axes: { wght: 450, wdth: 104 }, colour: RUST }),
  ];
  const sheet = kit.sheet('Cover', [panel, ...words, ...lines], { bleed: kit.px(3), margin: kit.px(8) });
  const begun = kit.project('Cover in register', [sheet], [photo]);
  const grounded = applyEdit(begun, backgroundEdit(begun.sheets[0]!, photo));
  const now = grounded.sheets[0]!;
  const windows = now.items.filter((item): item is Opening => words.some(({ id }) => id === item.id));
  return applyEdit(grounded, joinRegister(now, windows, backgroundOf(now)!, grounded.photos, shaper));
}
