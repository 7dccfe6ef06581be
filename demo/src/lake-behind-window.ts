import {
  applyEdit,
  backgroundEdit,
  backgroundOf,
  fillWithPhoto,
  grownForm,
  openingInArea,
  takeArea,
  type PhotoArea,
  type Project,
  type Shaper,
} from '@kadrosyn/core';
import type { SamplePhotos } from './sample-projects.js';
import { PAPER, SheetKit } from './sheet-kit.js';

/** The white pane of the workshop's window, as its scene says, px of the photo. */
const CORNERS = [
  { x: 124, y: 258 },
  { x: 506.1, y: 334.4 },
  { x: 508.1, y: 656 },
  { x: 130.8, y: 731.1 },
] as const;

/** Half of the px that an edge runs through are what was there. */
const FRINGE = 0.6;
/** As it was measured in the photo: white, in white light. */
const LIGHT = [0.773, 0.773, 0.773] as const;

const PANE: PhotoArea = {
  id: 'window-pane',
  name: 'Window pane',
  form: grownForm({ type: 'flat', corners: CORNERS }, FRINGE),
  surface: { base: LIGHT, light: LIGHT },
};

/** The lake is seen through the window of the workshop, in its perspective; what stands on the sill and the bench stays before it. */
export function lakeBehindWindow(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 1600, height: 1067, unit: 'px' });
  const room = { ...photos['window-room'], areas: [PANE] };
  const lake = photos['lake-dusk'];
  const empty = kit.project('Lake behind the workshop window', [kit.sheet('Window', [])], [room, lake]);
  const grounded = applyEdit(empty, backgroundEdit(empty.sheets[0]!, room));
  const sheet = grounded.sheets[0]!;
  const host = backgroundOf(sheet)!;
  const opening = openingInArea(host, PANE, { ...grounded, sheet, shaper });
  if (!opening) throw new Error('The pane is out of sight');
  const filled = { ...opening, fill: fillWithPhoto(opening, lake, shaper) };
  const looked = applyEdit(grounded, takeArea({ project: grounded, sheet, host, photo: room }, PANE, filled));
  const [shown] = looked.sheets;
  const words = [
    kit.text('Look up now and then', 1070, 992, 56, { face: 'abril-fatface', axes: {}, colour: PAPER }),
    kit.text('Open workshop, Tarn Hollow · Saturdays from nine', 1070, 1040, 25, {
      axes: { wght: 560, wdth: 105 },
      colour: PAPER,
    }),
  ];
  return { ...looked, sheets: [{ ...shown!, items: [...shown!.items, ...words] }] };
}
