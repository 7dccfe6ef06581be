import { grownForm, type AreaForm, type PhotoArea } from '@kadrosyn/core';
import type { SamplePhotoName } from './sample-photos.js';
import { TOTE_RISES } from './tote-folds.js';

/** Half of the px that an edge runs through are what was there. */
const FRINGE = 0.6;

type Place = readonly [number, number];

const point = ([x, y]: Place): { x: number; y: number } => ({ x, y });

function flat(...corners: readonly [Place, Place, Place, Place]): AreaForm {
  return grownForm({ type: 'flat', corners: corners.map(point) as unknown as [never, never, never, never] }, FRINGE);
}

/** White paper in the light of each scene, as it was measured there. */
const [WALL_LIGHT, SHELF_LIGHT, TABLE_LIGHT] = [
  [0.6693, 0.6345, 0.5942],
  [0.6914, 0.6577, 0.6132],
  [0.6468, 0.5883, 0.5269],
] as const;

/**
 * The products among the sample photos: where something can be printed or hung, as their scenes say it (px of the photo; sizes in mm), and the colour of
 * the surface and of the light on it as measured in the photo.
 */
export const MOCKUPS: Partial<Record<SamplePhotoName, { readonly title: string; readonly areas: readonly PhotoArea[] }>> = {
  'mug-blank': {
    title: 'Mug',
    areas: [
      {
        id: 'mug-side',
        name: 'Mug side',
        form: {
          type: 'tube',
          corners: [point([329, 542.8]), point([1423.1, 542.1]), point([1419.5, 1388.3]), point([334.8, 1390.1])],
          top: point([876.3, 573]),
          bottom: point([877.4, 1464.8]),
          kappa: 0.0545,
          // 180 mm round a mug of 84 mm.
          around: 245.55,
        },
        size: { width: 180, height: 65.5 },
        surface: { base: [0.6939, 0.624, 0.552], light: [0.8228, 0.7529, 0.6724], blur: 0.52 },
      },
    ],
  },
  'tote-blank': {
    title: 'Tote bag',
    areas: [
      {
        id: 'tote-front',
        name: 'Front of the bag',
        form: {
          type: 'cloth',
          // Rows from the top.
          points: [
            ...([
              [648.1, 821],
              [876.2, 830.9],
              [1115.8, 835.3],
              [1342.3, 836.6],
            ] as const),
            ...([
              [640, 1092.5],
              [872.4, 1099.5],
              [1113, 1103.5],
              [1342.3, 1105.8],
            ] as const),
            ...([
              [630.8, 1358.9],
              [867.9, 1367.1],
              [1110.2, 1372.5],
              [1345.8, 1371.3],
            ] as const),
            ...([
              [623.1, 1620.4],
              [862.1, 1631.5],
              [1106.8, 1637],
              [1347.7, 1634.6],
            ] as const),
          ].map(point),
          folds: { middle: point([1000, 1000]), rises: TOTE_RISES },
        },
        size: { width: 250, height: 265 },
        surface: { base: [0.6038, 0.552, 0.4735], light: [0.7379, 0.6795, 0.5906], blur: 0.62 },
      },
    ],
  },
  'frame-wall': {
    title: 'Frame on the wall',
    areas: [
      {
        id: 'wall-frame',
        name: 'Frame on the wall',
        form: flat([436.1, 273], [904, 278], [903.8, 603], [436.9, 605.1]),
        size: { width: 420, height: 297 },
        surface: { base: WALL_LIGHT, light: WALL_LIGHT },
      },
    ],
  },
  'frame-tilt': {
    title: 'Leaning frame',
    areas: [
      {
        id: 'leaning-frame',
        name: 'Leaning frame',
        form: flat([304, 107.9], [803.4, 155.4], [861.7, 822.5], [354.2, 894.5]),
        size: { width: 500, height: 700 },
        surface: { base: SHELF_LIGHT, light: SHELF_LIGHT },
      },
    ],
  },
  'poster-board': {
    title: 'Poster on a board',
    areas: [
      {
        id: 'board-poster',
        name: 'Poster on the board',
        form: flat([258.1, 158.5], [870.3, 157.7], [874.2, 1031.9], [249.9, 1030.1]),
        size: { width: 420, height: 594 },
        // What holds it stands in front of it: that is looked for when something is laid there.
      },
    ],
  },
  'label-jar': {
    title: 'Label on a jar',
    areas: [
      {
        id: 'jar-label',
        name: 'Label of the jar',
        form: {
          type: 'tube',
          corners: [point([257, 497]), point([831, 496.4]), point([829.2, 852.7]), point([259.7, 853.8])],
          top: point([544.2, 523.2]),
          bottom: point([544.7, 899.2]),
          kappa: 0.0563,
          // The label goes 160 degrees round the jar; its middle is turned away by one.
          around: 157,
        },
        size: { width: 126.6, height: 58 },
        surface: { base: [0.6312, 0.5665, 0.4919], light: [0.6312, 0.5665, 0.4919], blur: 0.57 },
      },
    ],
  },
  'lid-box': {
    title: 'Box with a lid',
    areas: [
      {
        id: 'box-lid',
        name: 'Lid of the box',
        form: {
          type: 'flat',
          corners: [point([395.5, 307.3]), point([1125.1, 409.9]), point([892.6, 565.3]), point([95.5, 433.6])],
        },
        size: { width: 204, height: 134 },
        printed: true,
        surface: { base: [0.4062, 0.2672, 0.1497], light: [0.6724, 0.5906, 0.4851], blur: 0.46 },
      },
      {
        id: 'box-front',
        name: 'Front of the box',
        form: {
          type: 'flat',
          corners: [point([113.6, 570.5]), point([883.9, 712.8]), point([877.6, 953.7]), point([123.2, 790.4])],
        },
        size: { width: 200, height: 56 },
        printed: true,
        surface: { base: [0.5722, 0.3718, 0.2044], light: [0.6724, 0.5906, 0.4851], blur: 0.55 },
      },
    ],
  },
  'card-table': {
    title: 'Card on the table',
    areas: [
      {
        id: 'card-front',
        name: 'Front of the card',
        form: flat([259.2, 317.6], [957.8, 272.4], [949.4, 750.9], [291.5, 850]),
        size: { width: 148, height: 105 },
        surface: { base: TABLE_LIGHT, light: TABLE_LIGHT },
      },
    ],
  },
};

/** The areas of a sample photo that is a product. @throws RangeError when it is none */
export function mockupAreas(name: SamplePhotoName): readonly PhotoArea[] {
  const mockup = MOCKUPS[name];
  if (!mockup) throw new RangeError(`${name} is no mockup`);
  return mockup.areas;
}
