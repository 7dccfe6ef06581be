import { boundsOf } from './bounds.js';
import type { Point } from './matrix.js';
import { PathBuilder, type Path } from './path.js';

/** Straight lines from point to point. @param points - in shares of the box. */
export function polygonPath(points: readonly Point[], width: number, height: number): Path {
  const path = new PathBuilder();
  for (const [index, { x, y }] of points.entries()) {
    if (index === 0) path.moveTo(x * width, y * height);
    else path.lineTo(x * width, y * height);
  }
  return path.close().build();
}

/** A point on a circle about 0, 0. @param turn - clockwise from the top, in whole turns. */
export function onCircle(turn: number, radius: number): Point {
  return { x: radius * Math.sin(2 * Math.PI * turn), y: -radius * Math.cos(2 * Math.PI * turn) };
}

/** Points moved and stretched so that the rectangle round them is that of 0..1. */
export function filling(points: readonly Point[]): Point[] {
  const { x, y, width, height } = boundsOf(points);
  return points.map((p) => ({ x: (p.x - x) / width, y: (p.y - y) / height }));
}
