import { flatten, polygonBounds, readPathData } from '@kadrosyn/core';
import type { NewOutline } from './outline-store.js';

/** How finely the outline is looked at, in shares of its box. */
const TOLERANCE = 0.001;
/** How far it may be from the edges of its box. */
const NEAR = { place: 0.01, size: 0.02 } as const;
/**
 * How far the points of a path may be from its box. A curve within 0..1 has none further than 9 (the dual basis of the cubic Bernstein polynomials
 * is bounded by that); flattening takes as long as a curve is large, so that what is further is not flattened at all.
 */
const FARTHEST = 20;

/** Whether path data is an outline that fills the square of 0..1. */
export function fitsItsBox({ d }: NewOutline): boolean {
  const { path, fault } = readPathData(d);
  if (fault || path.coords.some((coordinate) => Math.abs(coordinate) > FARTHEST)) return false;
  const { x, y, width, height } = polygonBounds(flatten(path, TOLERANCE));
  const isNear = (value: number, ideal: number, most: number): boolean => Math.abs(value - ideal) < most;
  return isNear(x, 0, NEAR.place) && isNear(y, 0, NEAR.place) && isNear(width, 1, NEAR.size) && isNear(height, 1, NEAR.size);
}
