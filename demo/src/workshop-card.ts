import { newLettering, newProject, newShapedOpening, toPx, type Project, type Shaper, type Sheet } from '@kadrosyn/core';
import { fillOpeningWith } from './fill-opening-with.js';
import type { SamplePhotos } from './sample-projects.js';

const DPI = 300;

/** An A6 card in millimetres for an evening workshop, with a plant in an oval. */
export function workshopCard(photos: SamplePhotos, shaper: Shaper): Project {
  const mm = (length: number): number => toPx(length, 'mm', DPI);
  const project = newProject('Workshop card', { width: 105, height: 148, unit: 'mm', dpi: DPI });
  const sheet: Sheet = {
    ...project.sheets[0]!,
    name: 'Card',
    background: { type: 'colour', colour: '#fbf8f1' },
    bleed: mm(3),
    margin: mm(6),
  };
  const plant = photos['agave-pot'];
  const middle = mm(52.5);
  const oval = newShapedOpening('Oval', { type: 'ellipse' }, { x: middle, y: mm(59) }, mm(70), mm(88));
  const ink = { type: 'colour', colour: '#20272a' } as const;
  const rust = { type: 'colour', colour: '#cf4a22' } as const;
  const rule = newShapedOpening('Rule', { type: 'rectangle', radii: [0, 0, 0, 0] }, { x: middle, y: mm(126.5) }, mm(16), mm(0.6));
  const items = [
    {
      ...fillOpeningWith(oval, plant, { zoom: 1.04 }, sheet, shaper),
      // A white border, which the shadow lifts off the paper.
      finish: {
        outline: { align: 'inside', width: mm(1.4), join: 'round', paint: '#ffffff' },
        shadow: { distance: mm(0.7), blur: mm(2.6), strength: 0.34 },
      } as const,
    },
    newLettering(
      { text: 'Plants need pots', face: 'alfa-slab-one', axes: {}, size: mm(9.4) },
      { x: middle, y: mm(117) },
      ink,
      shaper,
    ),
    { ...rule, fill: rust },
    newLettering(
      { text: 'Throw one, Tuesdays at seven', face: 'archivo', axes: { wght: 500, wdth: 100 }, size: mm(4.6) },
      { x: middle, y: mm(134) },
      ink,
      shaper,
    ),
  ];
  return {
    ...project,
    photos: { [plant.id]: plant },
    swatches: ['#fbf8f1', '#20272a', '#cf4a22', '#1d5a4c', '#d9a13f'],
    sheets: [{ ...sheet, items }],
  };
}
