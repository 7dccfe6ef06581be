import { Boolean as BooleanPart } from 'typebox';
import { projectedLay } from '../../geometry/lay.js';
import type { Point } from '../../geometry/matrix.js';
import { polygonPath } from '../../geometry/polygon-path.js';
import { isConvexQuad, projectionTo, type Quad } from '../../geometry/quad.js';
import { fourOf, PointPart } from '../schema-parts.js';
import { AspectPart, rectangleSeen } from './aspect-part.js';
import { defineOutline } from './outline-kind.js';
import type { TypedValue } from '../typed-value.js';

const properties = {
  points: fourOf<Point>(PointPart, 'In shares of the box, from the top left clockwise.'),
  warp: BooleanPart({ description: 'The fill is put into them in perspective.' }),
  aspect: AspectPart,
};
type CornersOutline = TypedValue<'corners', typeof properties>;

export const corners = defineOutline({
  type: 'corners',
  properties,
  word: 'Four corners',
  path: ({ points }, width, height) => polygonPath(points, width, height),
  lay: ({ points, warp, aspect }, width, height) => {
    if (!warp) return null;
    const size = rectangleSeen(aspect, width, height);
    const quad = points.map(({ x, y }) => ({ x: x * width, y: y * height })) as unknown as Quad;
    const projection = projectionTo(quad, size.width, size.height);
    return projection && projectedLay(projection, size);
  },
  handles: (outline, width, height) =>
    outline.points.map((point, index) => ({
      name: `Corner ${index + 1}`,
      at: { x: point.x * width, y: point.y * height },
      drag: (p) => {
        const points = outline.points.map((old, i) => (i === index ? { x: p.x / width, y: p.y / height } : old));
        return isConvexQuad(points, 1e-4) ? { ...outline, points: points as unknown as typeof outline.points } : outline;
      },
    })),
  supplies: [
    {
      name: 'Four corners',
      group: 'straight',
      proportion: 1.25,
      words: 'perspective screen sign wall',
      outline: (): CornersOutline => ({
        type: 'corners',
        warp: true,
        points: [
          { x: 0.06, y: 0.1 },
          { x: 1, y: 0 },
          { x: 0.94, y: 1 },
          { x: 0, y: 0.86 },
        ],
      }),
    },
  ],
});
