import { boundsOf } from '../bounds.js';
import type { Point } from '../matrix.js';
import { PathBuilder, type Path } from '../path.js';

/** Straight lines from point to point. @param points - in shares of the box. */
export function polygonPath(points: readonly Point[], width: number, height: number): Path {
  const path = new PathBuilder();
  for (const [index, { x, y }] of points.entries()) {
    if (index === 0) path.moveTo(x * width, y * height);
    else path.lineTo(x * width, y * height);
  }
  return path.close().build();
}

/** Corners at equal angles, one at the top, stretched to fill the box; in shares of it. */
export function regularPoints(count: number): Point[] {
  return filling(Array.from({ length: count }, (_, i) => onCircle(i / count, 1)));
}

/** @param depth - how far the inner corners lie inwards, as a share of the radius. */
export function starPoints(count: number, depth: number): Point[] {
  return filling(Array.from({ length: 2 * count }, (_, i) => onCircle(i / (2 * count), i % 2 === 0 ? 1 : 1 - depth)));
}

/** The upper side shorter by `slant` of the width, evenly on both ends; below 0 the lower side. */
export function trapezoidPoints(slant: number): Point[] {
  const [up, down] = [Math.max(0, slant) / 2, Math.max(0, -slant) / 2];
  return [
    { x: up, y: 0 },
    { x: 1 - up, y: 0 },
    { x: 1 - down, y: 1 },
    { x: down, y: 1 },
  ];
}

/** @param turn - clockwise from the top, in whole turns. */
function onCircle(turn: number, radius: number): Point {
  return { x: radius * Math.sin(2 * Math.PI * turn), y: -radius * Math.cos(2 * Math.PI * turn) };
}

/** Points moved and stretched so that the rectangle round them is that of 0..1. */
function filling(points: readonly Point[]): Point[] {
  const { x, y, width, height } = boundsOf(points);
  return points.map((p) => ({ x: (p.x - x) / width, y: (p.y - y) / height }));
}
