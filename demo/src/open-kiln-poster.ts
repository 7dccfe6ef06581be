import {
  fillBox,
  fillWithPhoto,
  findFace,
  measureLettering,
  newLettering,
  newProject,
  newShapedOpening,
  toPx,
  type LetteringOutline,
  type Opening,
  type Project,
  type Shaper,
  type Sheet,
} from '@kadrosyn/core';
import type { SamplePhotos } from './sample-projects.js';

const DPI = 150;

/** An A3 poster for the open kiln day: one word over the whole width, filled with a rust glaze. */
export function openKilnPoster(photos: SamplePhotos, shaper: Shaper): Project {
  const mm = (length: number): number => toPx(length, 'mm', DPI);
  const project = newProject('Open kiln poster', { width: 297, height: 420, unit: 'mm', dpi: DPI });
  const sheet: Sheet = {
    ...project.sheets[0]!,
    name: 'Poster',
    background: { type: 'colour', colour: '#fbf8f1' },
    margin: mm(14),
  };
  const glaze = photos['glaze-rust'];
  const ink = { type: 'colour', colour: '#20272a' } as const;
  const line = (text: string, y: number, size: number, axes: Record<string, number>) =>
    newLettering({ text, face: 'archivo', axes, size: mm(size) }, { x: mm(148.5), y: mm(y) }, ink, shaper);
  const word = newLettering(
    { text: 'KILN', face: 'anybody', axes: { wght: 900 }, size: mm(128) },
    { x: 0, y: 0 },
    { type: 'none' },
    shaper,
  );
  const wide = fillBox(
    word.outline as LetteringOutline,
    mm(269),
    mm(200),
    (face) => ({ wdth: findFace(face)!.axes['wdth']! }),
    shaper,
  );
  const { width, height } = measureLettering(wide, shaper);
  const set: Opening = {
    ...word,
    outline: wide,
    box: { x: mm(148.5) - width / 2, y: mm(158) - height / 2, width, height, turn: 0 },
  };
  const filled: Opening = {
    ...set,
    fill: fillWithPhoto(set, glaze, shaper),
    finish: { outline: { align: 'inside', width: mm(0.9), join: 'round', paint: '#3d1a10' } },
  };
  const rule = newShapedOpening(
    'Rule',
    { type: 'rectangle', radii: [0, 0, 0, 0] },
    { x: mm(148.5), y: mm(268) },
    mm(269),
    mm(1.4),
  );
  const items = [
    filled,
    // In front of the word, whose box reaches over it.
    line('Wrenfold Pottery opens the', 62, 19, { wght: 600, wdth: 100 }),
    { ...rule, fill: { type: 'colour', colour: '#cf4a22' } as const },
    line('Saturday 9 May, ten till dusk', 300, 16.5, { wght: 750, wdth: 104 }),
    line('Come and see the pots come out warm.\nTarn Hollow, behind the old mill', 342, 13, { wght: 450, wdth: 100 }),
  ];
  return {
    ...project,
    photos: { [glaze.id]: glaze },
    swatches: ['#fbf8f1', '#20272a', '#cf4a22', '#1d5a4c', '#d9a13f'],
    sheets: [{ ...sheet, items }],
  };
}
