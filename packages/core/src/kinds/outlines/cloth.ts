import { Unsafe } from 'typebox';
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

function lay({ points, aspect }: ClothOutline, width: number, height: number) {
  const surface = clothSurface(points.map(({ x, y }) => ({ x: x * width, y: y * height })));
  return surface && curvedLay(surface, rectangleSeen(aspect, width, height));
}
