import { Number as NumberPart, Optional } from 'typebox';
import type { Bounds } from '../../geometry/bounds.js';

/** The proportion of what an outline is a picture of. */
export const AspectPart = Optional(
  NumberPart({
    exclusiveMinimum: 0,
    description: 'The proportion of the rectangle that they are a picture of, in that of the box; 1 where nothing is said.',
  }),
);

/** As large as the box, in the proportion of the rectangle. */
export function rectangleSeen(aspect: number | undefined, width: number, height: number): Pick<Bounds, 'width' | 'height'> {
  const root = Math.sqrt(aspect ?? 1);
  return { width: width * root, height: height / root };
}
