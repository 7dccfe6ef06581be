import { Number as NumberPart, Object as ObjectPart, Optional, Unsafe } from 'typebox';
import { FOLD_SIDE, type ClothFolds } from '../../geometry/cloth-folds.js';
import { CLOTH_SIDE, clothCorners, clothSurface } from '../../geometry/cloth-surface.js';
import { curvedLay } from '../../geometry/lay.js';
import type { Point } from '../../geometry/matrix.js';
import { PointPart } from '../schema-parts.js';
import type { TypedValue } from '../typed-value.js';
import { AspectPart, rectangleSeen } from './aspect-part.js';
import { curvedPath } from './curved-path.js';
import { defineOutline } from './outline-kind.js';

const properties = {
  points: Unsafe<Point[]>({
    type: 'array',
    items: PointPart,
    minItems: CLOTH_SIDE ** 2,
    maxItems: CLOTH_SIDE ** 2,
    description: 'Four rows of four places, evenly spaced over the fill, in shares of the box, from the top left.',
  }),
  aspect: AspectPart,
  folds: Optional(
    Unsafe<ClothFolds>({
      ...ObjectPart(
        {
          middle: PointPart,
          rises: Unsafe<number[]>({
            type: 'array',
            items: NumberPart({ minimum: -0.1, maximum: 0.1 }),
            minItems: FOLD_SIDE ** 2,
            maxItems: FOLD_SIDE ** 2,
          }),
        },
        { additionalProperties: false },
      ),
      description: 'What rises between those places, as in an area of a photo; its middle in shares of the box.',
    }),
  ),
  follows: Optional(NumberPart({ minimum: -1, maximum: 1, description: 'How much of the folds the fill follows. @default 1' })),
};
type ClothOutline = TypedValue<'cloth', typeof properties>;

/** Cloth that hangs: the fill lies on it. */
export const cloth = defineOutline({
  type: 'cloth',
  properties,
  word: 'Cloth',
  lay,
  handles: (outline, width, height) =>
    outline.points.map((point, index) => ({
      name: `Place ${(index % CLOTH_SIDE) + 1} of row ${Math.floor(index / CLOTH_SIDE) + 1}`,
      at: { x: point.x * width, y: point.y * height },
      drag: (p) => ({
        ...outline,
        points: outline.points.map((old, i) => (i === index ? { x: p.x / width, y: p.y / height } : old)),
      }),
    })),
  path: (outline, width, height) => curvedPath(lay(outline, width, height), clothCorners(outline.points), width, height),
});

function lay({ points, aspect, folds, follows }: ClothOutline, width: number, height: number) {
  const inBox = ({ x, y }: Point): Point => ({ x: x * width, y: y * height });
  const surface = clothSurface(points.map(inBox), folds && { ...folds, middle: inBox(folds.middle) }, follows);
  return surface && curvedLay(surface, rectangleSeen(aspect, width, height));
}
