import type { Bounds } from '@kadrosyn/core';
import type { SamplePhotoName } from './sample-photos.js';

/**
 * What each sample picture is about, px of it, as the server finds it (apps/server/src/photos/focus-of.ts; a test looks for all of them anew): looking for
 * it takes more than half of the time of taking a picture in, and the samples do not change.
 */
export const SAMPLE_FOCUS: Readonly<Record<SamplePhotoName, Bounds | null>> = {
  'lid-box': { x: 222.7, y: 482, width: 956.9, height: 389.4 },
  'label-jar': { x: 347.9, y: 207.7, width: 589.9, height: 814.8 },
  'poster-board': { x: 402.4, y: 306.6, width: 797.6, height: 753.9 },
  'window-room': null,
  loupe: { x: 460.3, y: 451.4, width: 898.9, height: 906.7 },
  'card-table': { x: 407.9, y: 307.4, width: 932.1, height: 428 },
  'frame-tilt': { x: 344.8, y: 259.2, width: 672.4, height: 553.6 },
  'frame-wall': { x: 432.9, y: 334.7, width: 787.1, height: 711.8 },
  'slate-backdrop': { x: 278.7, y: 105.4, width: 917, height: 744.2 },
  'paper-backdrop': { x: 527.9, y: 93.3, width: 851.2, height: 833.6 },
  stall: null,
  'hills-kiln': null,
  'kite-tail': { x: 375.4, y: 376.4, width: 461.4, height: 811.6 },
  'five-birds': { x: 245.3, y: 356.8, width: 1150.1, height: 240.7 },
  'team-knife': { x: 330.9, y: 365.5, width: 629.9, height: 1033.5 },
  'team-brush': { x: 318.5, y: 316.9, width: 537.2, height: 560.5 },
  'team-mug': { x: 318.2, y: 315.6, width: 552.3, height: 552.3 },
  'team-bowl': { x: 263.8, y: 246.9, width: 652.4, height: 662.4 },
  'potter-wheel': null,
  'teapot-pour': { x: 514.5, y: 368.2, width: 637.6, height: 539.2 },
  'fox-shelf': null,
  'hare-leap': { x: 533.3, y: 538.4, width: 593.5, height: 530.5 },
  'bowls-top': null,
  'glaze-celadon': null,
  'glaze-rust': null,
  'mug-blank': { x: 353.3, y: 515, width: 799.6, height: 949.6 },
  'tote-blank': { x: 516.1, y: 593.3, width: 790.2, height: 952.4 },
  'vases-trio': { x: 310.6, y: 417.3, width: 695.2, height: 709.7 },
  'glaze-teal': null,
  'agave-pot': { x: 283.5, y: 584.8, width: 611.6, height: 788.6 },
  'mug-teal': { x: 458.6, y: 282.5, width: 584, height: 396.6 },
  'lake-dusk': null,
  'heron-shore': null,
};
