import { fileURLToPath } from 'node:url';
import type { SamplePhotoName } from './sample-photos.js';

/** Sample pictures that come with a cutout, and what that is called. */
export const CUT_OUT_PICTURES = {
  'heron-shore': 'Heron',
  'hare-leap': 'Hare',
  'fox-shelf': 'Fox',
  'team-brush': 'Figure and brush',
} as const satisfies Partial<Record<SamplePhotoName, string>>;

export type CutOutPictureName = keyof typeof CUT_OUT_PICTURES;

/** The file with the exact coverage of the subject: light is subject. */
export function cutOutFile(name: CutOutPictureName): string {
  return fileURLToPath(new URL(`../pictures/alpha/${name}.alpha.png`, import.meta.url));
}
