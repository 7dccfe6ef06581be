import { apply, boxMatrix, invert, newestCutout, type Opening, type Overhangs, type Photo, type Sides } from '@kadrosyn/core';

/** Where a photo lies: its point `at` (px of the photo) comes to `on` (px of the sheet). */
export interface SubjectPlace {
  readonly at: readonly [number, number];
  readonly on: readonly [number, number];
  readonly scale: number;
}

/** The opening with a photo whose subject is cut out, and hangs out by the given sides. */
export function placeSubject(
  opening: Opening,
  photo: Photo,
  { at, on, scale }: SubjectPlace,
  out: readonly (keyof Sides<boolean>)[],
  change: Partial<Overhangs> = {},
): Opening {
  const cutout = newestCutout(photo);
  if (!cutout) throw new RangeError(`${photo.name} has no cutout`);
  const { turn } = opening.box;
  const [dx, dy] = [(photo.width / 2 - at[0]) * scale, (photo.height / 2 - at[1]) * scale];
  // Upright on the sheet, however the opening is turned.
  const middle = apply(invert(boxMatrix(opening.box)), { x: on[0] + dx, y: on[1] + dy });
  const placement = { ...middle, scale, turn: -turn, flipX: false, flipY: false };
  const has = (side: keyof Sides<boolean>): boolean => out.includes(side);
  return {
    ...opening,
    fill: { type: 'photo', photoId: photo.id, placement, keepCovered: false, cutout },
    overhangs: {
      sides: { top: has('top'), right: has('right'), bottom: has('bottom'), left: has('left') },
      pieces: [],
      cuts: [],
      ...change,
    },
  };
}
