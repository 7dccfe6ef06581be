import { fileURLToPath } from 'node:url';

/** Sample pictures by name, in the order in which they are added (the last stands first in the supplies). */
export const SAMPLE_PHOTOS = [
  'lid-box',
  'label-jar',
  'poster-board',
  'window-room',
  'loupe',
  'card-table',
  'frame-tilt',
  'frame-wall',
  'slate-backdrop',
  'paper-backdrop',
  'stall',
  'hills-kiln',
  'kite-tail',
  'five-birds',
  'team-knife',
  'team-brush',
  'team-mug',
  'team-bowl',
  'potter-wheel',
  'teapot-pour',
  'fox-shelf',
  'hare-leap',
  'bowls-top',
  'glaze-celadon',
  'glaze-rust',
  'mug-blank',
  'tote-blank',
  'vases-trio',
  'glaze-teal',
  'agave-pot',
  'mug-teal',
  'lake-dusk',
  'heron-shore',
] as const;

export type SamplePhotoName = (typeof SAMPLE_PHOTOS)[number];

/** The file of a sample picture. */
export function samplePhotoFile(name: SamplePhotoName): string {
  return fileURLToPath(new URL(`../pictures/${name}.jpg`, import.meta.url));
}
