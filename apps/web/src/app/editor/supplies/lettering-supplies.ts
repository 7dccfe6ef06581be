import { newLettering, type LetteringRun, type Opening, type Point, type Shaper, type Sheet } from '@kadrosyn/core';

/** A way to set a line that can be put on the sheet. */
export interface LetteringSupply {
  readonly name: string;
  readonly face: LetteringRun['face'];
  readonly axes: LetteringRun['axes'];
  /** Size as a share of the sheet's shorter side. */
  readonly share: number;
  readonly text: string;
}

export const LETTERINGS: readonly LetteringSupply[] = [
  { name: 'Big slab', face: 'alfa-slab-one', axes: {}, share: 0.15, text: 'KILN' },
  { name: 'Tall poster', face: 'anton', axes: {}, share: 0.18, text: 'POTTERY' },
  { name: 'Wide poster', face: 'anybody', axes: { wght: 900, wdth: 140 }, share: 0.1, text: 'GLAZE' },
  { name: 'Round', face: 'fredoka', axes: { wght: 700, wdth: 110 }, share: 0.12, text: 'Mugs' },
  { name: 'Title', face: 'abril-fatface', axes: {}, share: 0.08, text: 'Your title' },
  { name: 'Wide', face: 'archivo', axes: { wght: 800, wdth: 125 }, share: 0.07, text: 'WIDE LINE' },
  { name: 'Narrow', face: 'archivo', axes: { wght: 700, wdth: 62 }, share: 0.09, text: 'Narrow line' },
  { name: 'Handwritten', face: 'pacifico', axes: {}, share: 0.08, text: 'Thrown by hand' },
  { name: 'Caption', face: 'archivo', axes: { wght: 500, wdth: 100 }, share: 0.04, text: 'A line of text' },
];

const INK = { type: 'colour', colour: { role: 'ink' } } as const;

/** A line of lettering in the ink of the project, its middle at `at`. */
export function makeLettering(supply: LetteringSupply, sheet: Sheet, at: Point, shaper: Shaper): Opening {
  const { text, face, axes, share } = supply;
  return newLettering({ text, face, axes, size: share * Math.min(sheet.width, sheet.height) }, at, INK, shaper);
}
