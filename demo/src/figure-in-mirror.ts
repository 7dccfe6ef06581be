import type { Project, Shaper } from '@kadrosyn/core';
import { placeSubject } from './place-subject.js';
import type { SamplePhotos } from './sample-projects.js';
import { INK, OCHRE, SAND, SheetKit } from './sheet-kit.js';

/** A figure stands upright in a mirror that hangs aslant; arm and brush hang out over its frame on the left. */
export function figureInMirror(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 1080, height: 1350, unit: 'px' });
  const figure = photos['team-brush'];
  const points = [
    { x: 0.06, y: 0.1 },
    { x: 0.95, y: 0 },
    { x: 1, y: 1 },
    { x: 0, y: 0.9 },
  ] as const;
  const frame = kit.shape('Mirror', { type: 'corners', points, warp: false }, { x: 600, y: 620, width: 560, height: 900 });
  const mirror = {
    ...placeSubject(frame, figure, { at: [560, 900], on: [560, 640], scale: 0.78 }, ['left'], {
      shadow: { distance: 14, blur: 24, strength: 0.4 },
    }),
    finish: {
      outline: { align: 'centre', width: 26, join: 'miter', paint: OCHRE },
      innerShade: { colour: '#20272a', blur: 40, strength: 0.45 },
      shadow: { distance: 12, blur: 40, strength: 0.35 },
    } as const,
  };
  const lines = [
    kit.text('Bo paints', 540, 1180, 92, { face: 'abril-fatface', axes: {}, colour: INK }),
    kit.text('Brush evenings, Thursdays at seven', 540, 1264, 38, { axes: { wght: 560, wdth: 105 }, colour: INK }),
  ];
  const sheet = kit.sheet('Mirror', [mirror, ...lines], { background: { type: 'colour', colour: SAND }, margin: 50 });
  return kit.project('Figure in a mirror', [sheet], [figure]);
}
