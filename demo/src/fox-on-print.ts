import type { Project, Shaper } from '@kadrosyn/core';
import { placeSubject } from './place-subject.js';
import type { SamplePhotos } from './sample-projects.js';
import { INK, SheetKit } from './sheet-kit.js';

/** A fox sits on a print that leans back, and rises out of its upper edge. */
export function foxOnPrint(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 1200, height: 1200, unit: 'px' });
  const fox = photos['fox-shelf'];
  const frame = kit.shape('Fox', { type: 'trapezoid', slant: 0.24 }, { x: 600, y: 720, width: 900, height: 520, turn: -5 });
  const print = {
    ...placeSubject(frame, fox, { at: [680, 1000], on: [600, 890], scale: 0.92 }, ['top'], {
      shadow: { distance: 14, blur: 26, strength: 0.45 },
    }),
    finish: {
      outline: { align: 'inside', width: 22, join: 'miter', paint: '#ffffff' },
      shadow: { distance: 10, blur: 34, strength: 0.35 },
    } as const,
  };
  const line = kit.text('New on the shelf: the fox', 600, 1090, 56, { face: 'abril-fatface', axes: {}, colour: INK });
  const sheet = kit.sheet('Print', [print, line], { background: { type: 'colour', colour: '#c9d3cf' }, margin: 50 });
  return kit.project('Fox on a tilted print', [sheet], [fox]);
}
