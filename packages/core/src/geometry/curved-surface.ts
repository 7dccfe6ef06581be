import type { Point } from './matrix.js';
import { invertProjection, project, projectionTo, type Projection, type Quad } from './quad.js';

/**
 * A rectangle that lies on something curved, as it is seen in a plane: u runs across it and v down, both from 0 to 1. It is seen as through four corners,
 * and each place is off from there by so much (`offset`), which changes slowly.
 */
export interface CurvedSurface {
  /** Where a place of the rectangle is seen; null where it is turned away. */
  readonly seen: (u: number, v: number) => Point | null;
  /** What place of the rectangle is seen at a point, as [u, v]: beyond its edges too; null beside what it lies on. */
  readonly at: (x: number, y: number) => readonly [number, number] | null;
  /** The part of u that is turned to the eye. */
  readonly from: number;
  readonly to: number;
}

/** How far a surface is off from its four corners, at a place that is seen at `s` between them, from 0 to 1. */
export type Relief = (s: number, v: number) => Point;

/** A place is found as near as this, in units of the plane. */
const NEAR = 1e-3;
const MOST_ROUNDS = 24;

/**
 * From a point of the plane to where it lies between the corners: the offset there is taken off, again and again.
 * @returns a function that gives [s, v]; null where there is none. It begins where it ended last, since points come in rows.
 */
export function foundBetween(corners: Quad, relief: Relief): ((x: number, y: number) => readonly [number, number] | null) | null {
  const onto = projectionTo(corners, 1, 1);
  const back = onto && invertProjection(onto);
  if (!onto || !back) return null;
  let [s, v] = [0.5, 0.5];
  return (x, y) => {
    let off = relief(s, v);
    for (let round = 0; round < MOST_ROUNDS; round++) {
      const { x: dx, y: dy } = off;
      const found = project(back, { x: x - dx, y: y - dy });
      // Beyond the horizon of the corners there is nothing.
      if (!isInFront(back, x - dx, y - dy)) break;
      [s, v] = [found.x, found.y];
      off = relief(s, v);
      if (Math.abs(off.x - dx) < NEAR && Math.abs(off.y - dy) < NEAR) return [s, v];
    }
    [s, v] = [0.5, 0.5];
    return null;
  };
}

function isInFront(m: Projection, x: number, y: number): boolean {
  // The middle of the corners is in front.
  const w = m[6] * x + m[7] * y + m[8];
  return w * m[8] > 0 && Number.isFinite(w);
}
