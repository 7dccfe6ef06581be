import type { Bounds } from './bounds.js';
import type { CurvedSurface } from './curved-surface.js';
import type { Point } from './matrix.js';
import { invertProjection, project, type Projection } from './quad.js';

type Size = Pick<Bounds, 'width' | 'height'>;

/** How the rectangle that a fill is laid out in is seen in the frame of a box. */
export interface Lay {
  /** Of the rectangle, px. */
  readonly size: Size;
  /** The part of the rectangle that is turned to the eye. */
  readonly sight: Bounds;
  /** Where straight lines stay straight: from the rectangle to the frame of the box. */
  readonly projection?: Projection;
  /** A place of the rectangle in the frame of the box; null where it can not be seen. */
  readonly onto: (p: Point) => Point | null;
  /** What place of the rectangle is seen at one of the frame of the box; beyond its edges too. Null where nothing of it can be. */
  readonly back: (p: Point) => Point | null;
}

/** A rectangle in perspective. @returns null where it has no extent */
export function projectedLay(projection: Projection, size: Size): Lay | null {
  const back = invertProjection(projection);
  if (!back) return null;
  return {
    size,
    sight: { x: 0, y: 0, ...size },
    projection,
    // Within the corners it is positive.
    onto: (p) => (projection[6] * p.x + projection[7] * p.y + projection[8] > 1e-6 ? project(projection, p) : null),
    back: (p) => project(back, p),
  };
}

/** A rectangle on something curved. */
export function curvedLay(surface: CurvedSurface, size: Size): Lay {
  const { from, to } = surface;
  return {
    size,
    sight: { x: from * size.width, y: 0, width: (to - from) * size.width, height: size.height },
    onto: ({ x, y }) => surface.seen(x / size.width, y / size.height),
    back: ({ x, y }) => {
      const at = surface.at(x, y);
      return at && { x: at[0] * size.width, y: at[1] * size.height };
    },
  };
}

/** Lines of a curved outline are as short as this share of its side. */
const STEPS = 48;

/** The edge of a part of the rectangle as it is seen in the frame of the box, point by point from its top left clockwise. */
export function seenEdge({ onto, projection }: Lay, { x, y, width, height }: Bounds): Point[] {
  const corners = [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + height },
    { x, y: y + height },
  ];
  const steps = projection ? 1 : STEPS;
  return corners.flatMap((from, i) => {
    const to = corners[(i + 1) % 4]!;
    return Array.from({ length: steps }, (_, step) => step / steps).flatMap((share) => {
      const p = onto({ x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share });
      return p ? [p] : [];
    });
  });
}
