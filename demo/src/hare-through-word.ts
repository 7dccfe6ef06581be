import type { Crossing, LetteringOutline, Project, Shaper } from '@kadrosyn/core';
import { placeSubject } from './place-subject.js';
import type { SamplePhotos } from './sample-projects.js';
import { INK, OCHRE, SheetKit } from './sheet-kit.js';

/** A hare leaps through the hole of a round letter: behind the stroke on the left, before the one on the right. */
export function hareThroughWord(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 1500, height: 1000, unit: 'px' });
  const hare = photos['hare-leap'];
  const word = kit.text('HOP', 750, 450, 570, { face: 'alfa-slab-one', axes: {}, colour: INK });
  const [width, height] = [hare.width * 0.86, hare.height * 0.86];
  const frame = kit.shape('Hare', null, { x: 778.6, y: 643.5, width, height });
  const placed = placeSubject(frame, hare, { at: [790, 375], on: [770, 450], scale: 0.86 }, []);
  const { overhangs: _none, ...rest } = placed;
  const leaping = { ...rest, kind: 'loose' as const, fill: { ...rest.fill, show: 'subject' as const } };
  const { letterIds } = (word.outline as LetteringOutline).runs[0]!;
  const passes = (letter: number, change: Partial<Crossing>): Crossing => ({
    lower: { itemId: leaping.id, part: 'whole' },
    upper: { itemId: word.id, part: letterIds[letter]! },
    over: true,
    regions: [],
    cuts: [],
    ...change,
  });
  const crossings = [passes(1, { regions: [{ at: { x: 610, y: 430 }, over: false }] }), passes(2, {})];
  const line = kit.text('Spring glaze days · Wrenfold Pottery', 750, 900, 44, { axes: { wght: 600, wdth: 105 }, colour: INK });
  const sheet = kit.sheet('Hare', [leaping, word, line], {
    background: { type: 'colour', colour: OCHRE },
    crossings,
    margin: 60,
  });
  return kit.project('Hare through a word', [sheet], [hare]);
}
