import type { Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { boundsOf, cornersOf, intersect } from '../geometry/bounds.js';
import { seenEdge, type Lay } from '../geometry/lay.js';
import { apply, type Point } from '../geometry/matrix.js';
import { PathBuilder, type Path } from '../geometry/path.js';
import { insideConvex, type Polygons } from '../geometry/polygon.js';
import type { Projection } from '../geometry/quad.js';
import { rectangleSeen } from '../kinds/outlines/aspect-part.js';
import { isWarped, outlineLay } from '../kinds/outlines/outlines.js';
import { placementMatrix, type Size } from './placement.js';

/** What a photo is laid out in: the box, or the rectangle that its outline is a picture of. */
type Framed = Pick<Opening, 'outline' | 'box'>;

/** The size of what a placement speaks of, px: as large as the box, in the proportion of the rectangle that the outline is a picture of. */
export function layoutSize({ outline, box }: Framed): Size {
  return rectangleSeen('aspect' in outline && isWarped(outline) ? outline.aspect : undefined, box.width, box.height);
}

/** A placement as it lies in another layout of about the same size: what was in the middle of one is in the middle of the other, as large as before. */
export function relaid(placement: Placement, before: Framed, after: Framed): Placement {
  const [a, b] = [layoutSize(before), layoutSize(after)];
  return { ...placement, x: (placement.x * b.width) / a.width, y: (placement.y * b.height) / a.height };
}

/** How the rectangle that the photo is laid out in lies in the frame of the box; null where both are the same, or it has no room. */
export function layoutOf({ outline, box }: Framed): Lay | null {
  return outlineLay(outline, box.width, box.height);
}

/** The same where straight lines stay straight in it; null where they do not, too. */
export function layoutProjection(opening: Framed): Projection | null {
  return layoutOf(opening)?.projection ?? null;
}

/** Polygons of the box's frame as they lie in what the photo is laid out in. */
export function inLayout(opening: Framed, polygons: Polygons): Polygons {
  const lay = layoutOf(opening);
  return lay ? polygons.map((polygon) => mapped(polygon, (p) => lay.back(p))) : polygons;
}

/** A place of the box's frame in what the photo is laid out in; beside what is curved, the place itself. */
export function layoutPoint(opening: Framed, p: Point): Point {
  return layoutOf(opening)?.back(p) ?? p;
}

/** A place of what the photo is laid out in, in the frame of the box; null beyond the horizon of four corners, or on the far side of a tube. */
export function fromLayout(opening: Framed, p: Point): Point | null {
  const lay = layoutOf(opening);
  return lay ? lay.onto(p) : p;
}

/**
 * The polygon of the box's frame that a placed photo reaches over; of one that is seen in perspective or on something curved, what of it lies within that.
 * It is convex but for what is curved.
 */
export function photoArea(opening: Framed, placement: Placement, photo: Size): Float64Array {
  const lay = layoutOf(opening);
  const area = photoInLayout(placement, photo);
  if (!lay) return area;
  const { x, y, width, height } = lay.sight;
  // Beyond the corners there may be the horizon.
  const within = insideConvex(area, Float64Array.from([x, y, x + width, y, x + width, y + height, x, y + height]));
  if (lay.projection) return mapped(within, (p) => lay.onto(p));
  const seen = intersect(boundsOf(pointsOf(within)), lay.sight);
  return Float64Array.from(seen ? seenEdge(lay, seen).flatMap((p) => [p.x, p.y]) : []);
}

/** The rectangle of a placed photo, in what it is laid out in. */
export function photoInLayout(placement: Placement, photo: Size): Float64Array {
  const m = placementMatrix(placement, photo);
  return Float64Array.from(cornersOf({ x: 0, y: 0, ...photo }).flatMap((p) => Object.values(apply(m, p)) as number[]));
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

function pointsOf(polygon: Float64Array): Point[] {
  return Array.from({ length: polygon.length / 2 }, (_, i) => ({ x: polygon[2 * i]!, y: polygon[2 * i + 1]! }));
}

function mapped(polygon: Float64Array, map: (p: Point) => Point | null): Float64Array {
  return Float64Array.from(
    pointsOf(polygon).flatMap((p) => {
      const found = map(p);
      return found ? [found.x, found.y] : [];
    }),
  );
}
