import type { Crossing, LetteringOutline, Project, Shaper } from '@kadrosyn/core';
import { placeSubject } from './place-subject.js';
import type { SamplePhotos } from './sample-projects.js';
import { INK, SAND, SheetKit, SPRUCE } from './sheet-kit.js';

/** A heron steps out of an arch; its head passes before one letter and its neck behind another. */
export function heronAndLetters(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 1080, height: 1350, unit: 'px' });
  const heron = photos['heron-shore'];
  const word = kit.text('KILN', 540, 330, 350, { face: 'alfa-slab-one', axes: {}, colour: SPRUCE });
  const frame = kit.shape('Heron', { type: 'arch' }, { x: 540, y: 850, width: 640, height: 740 });
  const arch = {
    ...placeSubject(frame, heron, { at: [640, 1240], on: [560, 1150], scale: 1 }, ['top', 'left'], {
      shadow: { distance: 10, blur: 18, strength: 0.4 },
    }),
    finish: { outline: { align: 'inside', width: 14, paint: '#fbf8f1' } } as const,
  };
  const { letterIds } = (word.outline as LetteringOutline).runs[0]!;
  const passes = (letter: number, over: boolean): Crossing => ({
    lower: { itemId: arch.id, part: 'subject' },
    upper: { itemId: word.id, part: letterIds[letter]! },
    over,
    regions: [],
    cuts: [],
  });
  const line = kit.text('Open kiln day · Saturday 9 May · Tarn Hollow', 540, 1290, 34, {
    axes: { wght: 600, wdth: 105 },
    colour: INK,
  });
  const sheet = kit.sheet('Heron', [arch, word, line], {
    background: { type: 'colour', colour: SAND },
    crossings: [passes(1, true), passes(2, true)],
    margin: 50,
  });
  return kit.project('Heron among letters', [sheet], [heron]);
}
