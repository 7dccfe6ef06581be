import { apply, type Matrix, type Point } from './matrix.js';

/** An upright rectangle; width and height are never negative. */
export interface Bounds {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The smallest upright rectangle around `points`. An empty list gives an empty rectangle at 0, 0. */
export function boundsOf(points: Iterable<Point>): Bounds {
  let left = Infinity;
  let top = Infinity;
  let right = -Infinity;
  let bottom = -Infinity;
  for (const p of points) {
    if (p.x < left) left = p.x;
    if (p.x > right) right = p.x;
    if (p.y < top) top = p.y;
    if (p.y > bottom) bottom = p.y;
  }
  if (left > right) return { x: 0, y: 0, width: 0, height: 0 };
  return { x: left, y: top, width: right - left, height: bottom - top };
}

/** Corners in the order top-left, top-right, bottom-right, bottom-left. */
export function cornersOf(b: Bounds): [Point, Point, Point, Point] {
  return [
    { x: b.x, y: b.y },
    { x: b.x + b.width, y: b.y },
    { x: b.x + b.width, y: b.y + b.height },
    { x: b.x, y: b.y + b.height },
  ];
}

/** The upright rectangle around the image of `b` under `m`. */
export function transformBounds(m: Matrix, b: Bounds): Bounds {
  return boundsOf(cornersOf(b).map((p) => apply(m, p)));
}

export function unite(a: Bounds, b: Bounds): Bounds {
  if (a.width === 0 && a.height === 0) return b;
  if (b.width === 0 && b.height === 0) return a;
  const x = Math.min(a.x, b.x);
  const y = Math.min(a.y, b.y);
  return {
    x,
    y,
    width: Math.max(a.x + a.width, b.x + b.width) - x,
    height: Math.max(a.y + a.height, b.y + b.height) - y,
  };
}

/** The common part, or null where there is none. */
export function intersect(a: Bounds, b: Bounds): Bounds | null {
  const x = Math.max(a.x, b.x);
  const y = Math.max(a.y, b.y);
  const width = Math.min(a.x + a.width, b.x + b.width) - x;
  const height = Math.min(a.y + a.height, b.y + b.height) - y;
  return width > 0 && height > 0 ? { x, y, width, height } : null;
}

/** Grown by `margin` on every side, then outwards to whole numbers. */
export function toWholePixels(b: Bounds, margin = 0): Bounds {
  const x = Math.floor(b.x - margin);
  const y = Math.floor(b.y - margin);
  return {
    x,
    y,
    width: Math.ceil(b.x + b.width + margin) - x,
    height: Math.ceil(b.y + b.height + margin) - y,
  };
}
