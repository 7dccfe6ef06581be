import { alongStroke } from '../../cutout/mark-hints.js';
import type { CutoutMark } from '../../document/project.js';
import type { Plane } from '../../finish/plane.js';
import type { AreaCrop } from './area-crop.js';

/** What a person says of a px: that it is in front, or that it is not; 0 where nothing is said. */
export const [FRONT, NOT_FRONT] = [1, 2];

/** What strokes say of each px of a crop; later ones count where they cross earlier ones. */
export function saidOf(marks: readonly CutoutMark[], { x, y, width, height }: AreaCrop): Uint8Array {
  const said = new Uint8Array(width * height);
  for (const mark of marks) {
    if (mark.kind !== 'keep' && mark.kind !== 'leave-out') continue;
    const points = mark.points.map((value, i) => value - (i % 2 === 0 ? x : y));
    alongStroke({ ...mark, points }, width, height, 1, (i) => {
      said[i] = mark.kind === 'keep' ? FRONT : NOT_FRONT;
    });
  }
  return said;
}

/** Mattes of the photo's size, joined, as far as they lie in a crop; null without any. */
export function joinedMattes(mattes: readonly Plane[], { x, y, width, height }: AreaCrop): Uint8Array | null {
  if (mattes.length === 0) return null;
  const joined = new Uint8Array(width * height);
  for (const matte of mattes) {
    for (let row = 0, i = 0; row < height; row++) {
      for (let column = 0; column < width; column++, i++) {
        joined[i] = Math.max(joined[i]!, matte.data[(y + row) * matte.width + x + column]!);
      }
    }
  }
  return joined;
}
