import { newLettering, newProject, newShapedOpening, type Project, type Shaper, type Sheet } from '@kadrosyn/core';
import { fillOpeningWith } from './fill-opening-with.js';
import type { SamplePhotos } from './sample-projects.js';

/** A square post for the open kiln day: a heron in an arch between two lines of lettering. */
export function openKilnCard(photos: SamplePhotos, shaper: Shaper): Project {
  const project = newProject('Open kiln day', { width: 1080, height: 1350, unit: 'px' });
  const sheet: Sheet = { ...project.sheets[0]!, name: 'Card', background: { type: 'colour', colour: '#e9dcc3' }, margin: 60 };
  const heron = photos['heron-shore'];
  const arch = newShapedOpening('Heron', { type: 'arch' }, { x: 540, y: 740 }, 612, 772);
  const ink = { type: 'colour', colour: '#20272a' } as const;
  const spruce = { type: 'colour', colour: '#1d5a4c' } as const;
  const line = (text: string, y: number, size: number, axes: Record<string, number>) =>
    newLettering({ text, face: 'archivo', axes, size }, { x: 540, y }, ink, shaper);
  const items = [
    {
      ...fillOpeningWith(arch, heron, { zoom: 1.12, right: 0.03, down: 0.02 }, sheet, shaper),
      finish: {
        outline: { align: 'outside', width: 20, paint: '#fbf8f1' } as const,
        innerShade: { colour: '#20272a', blur: 22, strength: 0.3 } as const,
        shadow: { distance: 9, blur: 30, strength: 0.26 },
      },
    },
    newLettering({ text: 'OPEN KILN', face: 'alfa-slab-one', axes: {}, size: 158 }, { x: 540, y: 190 }, spruce, shaper),
    line('Saturday 9 May, ten till dusk', 1216, 46, { wght: 700, wdth: 105 }),
    line('Wrenfold Pottery · Tarn Hollow', 1280, 34, { wght: 450, wdth: 105 }),
  ];
  return {
    ...project,
    photos: { [heron.id]: heron },
    swatches: ['#e9dcc3', '#fbf8f1', '#20272a', '#1d5a4c', '#cf4a22', '#7a93a8'],
    sheets: [{ ...sheet, items }],
  };
}
