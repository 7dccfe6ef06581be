import {
  applyEdit,
  backgroundEdit,
  backgroundOf,
  fillWithSheet,
  grownForm,
  openingInArea,
  takeArea,
  type PhotoArea,
  type Project,
  type Shaper,
} from '@kadrosyn/core';
import { openKilnPoster } from './open-kiln-poster.js';
import type { SamplePhotos } from './sample-projects.js';
import { PAPER, SheetKit } from './sheet-kit.js';

/** The blank sheet in the leaning frame, as its scene says, px of the photo. */
const CORNERS = [
  { x: 304, y: 107.9 },
  { x: 803.4, y: 155.4 },
  { x: 861.7, y: 822.5 },
  { x: 354.2, y: 894.5 },
] as const;
/** Half of the px that an edge runs through are what was there. */
const FRINGE = 0.6;
/** As it was measured in the photo: paper in the light of the room. */
const LIGHT = [0.6914, 0.6577, 0.6132] as const;

const FRAME: PhotoArea = {
  id: 'leaning-frame',
  name: 'Leaning frame',
  form: grownForm({ type: 'flat', corners: CORNERS }, FRINGE),
  surface: { base: LIGHT, light: LIGHT },
};

/** The poster of the open kiln day, and a picture of it in a frame: whatever is changed on the poster is seen in the frame. */
export function posterOnWall(photos: SamplePhotos, shaper: Shaper): Project {
  const poster = openKilnPoster(photos, shaper);
  const kit = new SheetKit(shaper, { width: 1600, height: 1067, unit: 'px' });
  const wall = { ...photos['frame-tilt'], areas: [FRAME] };
  const { sheets } = kit.project('Kiln poster on the wall', [kit.sheet('On the wall', [])], [wall]);
  const empty: Project = {
    ...poster,
    name: 'Kiln poster on the wall',
    photos: { ...poster.photos, [wall.id]: wall },
    sheets: [{ ...sheets[0]!, id: 'sheet_wall' }, ...poster.sheets],
  };
  const grounded = applyEdit(empty, backgroundEdit(empty.sheets[0]!, wall));
  const sheet = grounded.sheets[0]!;
  const host = backgroundOf(sheet)!;
  const opening = openingInArea(host, FRAME, { ...grounded, sheet, shaper });
  if (!opening) throw new Error('The frame is out of sight');
  const filled = { ...opening, fill: fillWithSheet(opening, grounded.sheets[1]!, shaper) };
  const looked = applyEdit(grounded, takeArea({ project: grounded, sheet, host, photo: wall }, FRAME, filled));
  const [shown, ...rest] = looked.sheets;
  const words = [
    kit.text('Hangs in the shop\nfrom Monday', 1230, 170, 58, { face: 'abril-fatface', axes: {}, colour: PAPER }),
    kit.text('Wrenfold Pottery', 1230, 290, 30, { axes: { wght: 560, wdth: 105 }, colour: PAPER }),
  ];
  return { ...looked, sheets: [{ ...shown!, items: [...shown!.items, ...words] }, ...rest] };
}
