import type { Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { cornersOf } from '../geometry/bounds.js';
import { apply, type Point } from '../geometry/matrix.js';
import { PathBuilder, type Path } from '../geometry/path.js';
import { insideConvex, type Polygons } from '../geometry/polygon.js';
import { invertProjection, project, projectionTo, type Projection, type Quad } from '../geometry/quad.js';
import { placementMatrix, type Size } from './placement.js';

/** What a photo is laid out in: the box, or the rectangle that four corners in perspective are a picture of. */
type Framed = Pick<Opening, 'outline' | 'box'>;

/** The size of what a placement speaks of, px: as large as the box, in the proportion of the rectangle that the corners are a picture of. */
export function layoutSize({ outline, box }: Framed): Size {
  const aspect = outline.type === 'corners' && outline.warp ? (outline.aspect ?? 1) : 1;
  return { width: box.width * Math.sqrt(aspect), height: box.height / Math.sqrt(aspect) };
}

/** A placement as it lies in another layout of about the same size: what was in the middle of one is in the middle of the other, as large as before. */
export function relaid(placement: Placement, before: Framed, after: Framed): Placement {
  const [a, b] = [layoutSize(before), layoutSize(after)];
  return { ...placement, x: (placement.x * b.width) / a.width, y: (placement.y * b.height) / a.height };
}

/** From the rectangle that the photo is laid out in to the frame of the box; null where both are the same, or the corners leave no room. */
export function layoutProjection(opening: Framed): Projection | null {
  const { outline, box } = opening;
  if (outline.type !== 'corners' || !outline.warp) return null;
  const quad = outline.points.map(({ x, y }) => ({ x: x * box.width, y: y * box.height })) as unknown as Quad;
  const { width, height } = layoutSize(opening);
  return projectionTo(quad, width, height);
}

/** Polygons of the box's frame as they lie in what the photo is laid out in. */
export function inLayout(opening: Framed, polygons: Polygons): Polygons {
  const onto = backFrom(opening);
  return onto ? polygons.map((polygon) => mapped(polygon, (p) => project(onto, p))) : polygons;
}

/** A place of the box's frame in what the photo is laid out in. */
export function layoutPoint(opening: Framed, p: Point): Point {
  const onto = backFrom(opening);
  return onto ? project(onto, p) : p;
}

/** A place of what the photo is laid out in, in the frame of the box; null beyond the horizon of four corners. */
export function fromLayout(opening: Framed, p: Point): Point | null {
  const from = layoutProjection(opening);
  if (!from) return p;
  // Within the corners it is positive.
  return from[6] * p.x + from[7] * p.y + from[8] > 1e-6 ? project(from, p) : null;
}

function backFrom(opening: Framed): Projection | null {
  const from = layoutProjection(opening);
  return from && invertProjection(from);
}

/** The convex polygon of the box's frame that a placed photo reaches over; of one in perspective, what of it lies within the corners. */
export function photoArea(opening: Framed, placement: Placement, photo: Size): Float64Array {
  const m = placementMatrix(placement, photo);
  const area = Float64Array.from(cornersOf({ x: 0, y: 0, ...photo }).flatMap((p) => Object.values(apply(m, p)) as number[]));
  const from = layoutProjection(opening);
  if (!from) return area;
  const { width, height } = layoutSize(opening);
  // Beyond the corners there may be the horizon.
  const within = insideConvex(area, Float64Array.from([0, 0, width, 0, width, height, 0, height]));
  return mapped(within, (p) => project(from, p));
}

/** The edge of a placed photo within the frame of the box, as `photoArea` has it. */
export function photoEdge(opening: Framed, placement: Placement, photo: Size): Path {
  const path = new PathBuilder();
  const area = photoArea(opening, placement, photo);
  for (let i = 0; i < area.length; i += 2) {
    if (i === 0) path.moveTo(area[0]!, area[1]!);
    else path.lineTo(area[i]!, area[i + 1]!);
  }
  return area.length > 0 ? path.close().build() : path.build();
}

function mapped(polygon: Float64Array, map: (p: Point) => Point): Float64Array {
  const points: number[] = [];
  for (let i = 0; i < polygon.length; i += 2) {
    const { x, y } = map({ x: polygon[i]!, y: polygon[i + 1]! });
    points.push(x, y);
  }
  return Float64Array.from(points);
}
