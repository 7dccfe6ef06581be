import {
  layOut,
  newLettering,
  newProject,
  newShapedOpening,
  type LetteringOutline,
  type Opening,
  type Project,
  type Shaper,
  type Sheet,
} from '@kadrosyn/core';
import { fillOpeningWith } from './fill-opening-with.js';
import type { SamplePhotos } from './sample-projects.js';

const MIDDLE = { x: 400, y: 400 };

/** A round badge: a photo in a ring, with the name of the house round it. */
export function ringBadge(photos: SamplePhotos, shaper: Shaper): Project {
  const project = newProject('Ring badge', { width: 800, height: 800, unit: 'px' });
  const sheet: Sheet = { ...project.sheets[0]!, name: 'Badge', background: { type: 'none' } };
  const hare = photos['hare-leap'];
  const ring = newShapedOpening('Ring', { type: 'ring', hole: 0.66 }, MIDDLE, 760, 760);
  const disc = newShapedOpening('Photo', { type: 'ellipse' }, MIDDLE, 508, 508);
  const items = [
    {
      ...ring,
      fill: { type: 'colour', colour: '#1d5a4c' } as const,
      finish: { outline: { align: 'inside', width: 5, paint: '#d9a13f' } } as const,
    },
    {
      ...fillOpeningWith(disc, hare, { zoom: 1, down: 0.06 }, sheet, shaper),
      finish: { innerShade: { colour: '#20272a', blur: 26, strength: 0.4 } },
    },
    round('WRENFOLD POTTERY', { radius: 284, start: 0, inside: false }, 62, shaper),
    round('Tarn Hollow', { radius: 345, start: 180, inside: true, reverse: true }, 46, shaper),
  ];
  return {
    ...project,
    photos: { [hare.id]: hare },
    swatches: ['#fbf8f1', '#20272a', '#1d5a4c', '#cf4a22', '#d9a13f'],
    sheets: [{ ...sheet, items }],
  };
}

/** Text on a circle about the middle of the badge. */
function round(text: string, along: NonNullable<LetteringOutline['along']>, size: number, shaper: Shaper): Opening {
  const paper = { type: 'colour', colour: '#fbf8f1' } as const;
  const run = { text, face: 'archivo', axes: { wght: 750, wdth: 112 }, size };
  const straight = newLettering(run, { x: 0, y: 0 }, paper, shaper);
  const [first] = (straight.outline as LetteringOutline).runs;
  const outline: LetteringOutline = { ...(straight.outline as LetteringOutline), runs: [{ ...first!, tracking: 60 }], along };
  const { width, height, centre } = layOut(outline, shaper);
  return { ...straight, outline, box: { x: MIDDLE.x - centre!.x, y: MIDDLE.y - centre!.y, width, height, turn: 0 } };
}
