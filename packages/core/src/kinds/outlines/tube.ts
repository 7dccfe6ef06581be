import { curvedLay } from '../../geometry/lay.js';
import type { Point } from '../../geometry/matrix.js';
import type { Quad } from '../../geometry/quad.js';
import { tubeSurface } from '../../geometry/tube-surface.js';
import { Number as NumberPart } from 'typebox';
import { fourOf, PointPart, sharePart } from '../schema-parts.js';
import type { TypedValue } from '../typed-value.js';
import { AspectPart, rectangleSeen } from './aspect-part.js';
import { curvedPath } from './curved-path.js';
import { defineOutline } from './outline-kind.js';

const properties = {
  corners: fourOf<Point>(
    PointPart,
    'Where the edges of what is seen of it begin and end, in shares of the box, from the top left clockwise.',
  ),
  top: PointPart,
  bottom: PointPart,
  kappa: sharePart('Its radius as a share of its distance from the camera.', 0, 0.5),
  half: NumberPart({ exclusiveMinimum: 0, maximum: 180, description: 'Half of the angle that the fill goes round it, degrees.' }),
  turn: NumberPart({ minimum: -360, maximum: 360, description: 'Degrees by which the fill is turned round it to the right.' }),
  aspect: AspectPart,
};
type TubeOutline = TypedValue<'tube', typeof properties>;

const CORNERS = ['Left edge above', 'Right edge above', 'Right edge below', 'Left edge below'] as const;

/** The wall of something round, such as a mug: the fill lies round it. */
export const tube = defineOutline({
  type: 'tube',
  properties,
  word: 'Round wall',
  lay,
  handles: (outline, width, height) => {
    const share = (p: Point): Point => ({ x: p.x / width, y: p.y / height });
    const at = (p: Point): Point => ({ x: p.x * width, y: p.y * height });
    const corners = outline.corners.map((corner, index) => ({
      name: CORNERS[index]!,
      at: at(corner),
      drag: (p: Point) => ({
        ...outline,
        corners: outline.corners.map((old, i) => (i === index ? share(p) : old)) as unknown as typeof outline.corners,
      }),
    }));
    return [
      ...corners,
      { name: 'Middle of the upper arc', at: at(outline.top), drag: (p: Point) => ({ ...outline, top: share(p) }) },
      { name: 'Middle of the lower arc', at: at(outline.bottom), drag: (p: Point) => ({ ...outline, bottom: share(p) }) },
    ];
  },
  path: (outline, width, height) => curvedPath(lay(outline, width, height), outline.corners, width, height),
});

function lay({ corners, top, bottom, kappa, half, turn, aspect }: TubeOutline, width: number, height: number) {
  const onto = ({ x, y }: Point): Point => ({ x: x * width, y: y * height });
  const surface = tubeSurface({
    corners: corners.map(onto) as unknown as Quad,
    top: onto(top),
    bottom: onto(bottom),
    kappa,
    half,
    turn,
  });
  return surface && curvedLay(surface, rectangleSeen(aspect, width, height));
}
