import type { Placement } from '../document/fill.js';
import { boundsOf, type Bounds } from '../geometry/bounds.js';
import { apply, rotation, type Point } from '../geometry/matrix.js';
import type { Size } from './placement.js';

/**
 * What a photo has to cover: the convex hull of an opening's true outline, flat [x0, y0, x1, y1, ...] in the space
 * of the placement. A rectangle (the photo) covers an outline exactly when it covers its hull.
 */
export type Hull = Float64Array;

/** A photo is drawn this much larger than the least, so that rounding never opens a gap. */
const SAFETY = 1 + 1e-9;

/** Extent of the hull along the axes of a photo that is turned by so many degrees. */
export function extentAlong(hull: Hull, turn: number): Bounds {
  const m = rotation(-turn);
  return boundsOf(pointsOf(hull).map((p) => apply(m, p)));
}

function pointsOf(hull: Hull): Point[] {
  const points: Point[] = [];
  for (let i = 0; i < hull.length; i += 2) points.push({ x: hull[i]!, y: hull[i + 1]! });
  return points;
}

/** The least scale at which a photo turned by `turn` degrees covers the hull. */
export function leastCoveringScale(hull: Hull, photo: Size, turn: number): number {
  const extent = extentAlong(hull, turn);
  return Math.max(extent.width / photo.width, extent.height / photo.height) * SAFETY;
}

/** Fills the opening: the least covering scale, the photo's middle on the middle of the hull's extent. */
export function fillOpening(hull: Hull, photo: Size, turn = 0, flip: Pick<Placement, 'flipX' | 'flipY'> = UPRIGHT): Placement {
  const extent = extentAlong(hull, turn);
  const middle = apply(rotation(turn), { x: extent.x + extent.width / 2, y: extent.y + extent.height / 2 });
  return { x: middle.x, y: middle.y, scale: leastCoveringScale(hull, photo, turn), turn, flipX: flip.flipX, flipY: flip.flipY };
}

const UPRIGHT = { flipX: false, flipY: false };

/**
 * The nearest placement that covers the hull: the scale is raised to the least that covers, then the photo is moved
 * by the shortest way. A photo dragged against the edge slides along it.
 */
export function keepCovered(placement: Placement, hull: Hull, photo: Size): Placement {
  if (hull.length < 6) return placement;
  const scale = Math.max(placement.scale, leastCoveringScale(hull, photo, placement.turn));
  const extent = extentAlong(hull, placement.turn);
  const middle = apply(rotation(-placement.turn), placement);
  const slide = (at: number, from: number, length: number, reach: number): number =>
    Math.min(Math.max(at, from + length - reach), from + reach);
  const moved = {
    x: slide(middle.x, extent.x, extent.width, (photo.width * scale) / 2),
    y: slide(middle.y, extent.y, extent.height, (photo.height * scale) / 2),
  };
  if (scale === placement.scale && moved.x === middle.x && moved.y === middle.y) return placement;
  return { ...placement, scale, ...apply(rotation(placement.turn), moved) };
}

/** Whether the photo covers the hull, up to `tolerance` px. */
export function covers(placement: Placement, hull: Hull, photo: Size, tolerance = 1e-6): boolean {
  const extent = extentAlong(hull, placement.turn);
  const middle = apply(rotation(-placement.turn), placement);
  const [halfWidth, halfHeight] = [(photo.width * placement.scale) / 2, (photo.height * placement.scale) / 2];
  return (
    middle.x - halfWidth <= extent.x + tolerance &&
    middle.x + halfWidth >= extent.x + extent.width - tolerance &&
    middle.y - halfHeight <= extent.y + tolerance &&
    middle.y + halfHeight >= extent.y + extent.height - tolerance
  );
}
