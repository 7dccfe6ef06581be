import { difference, FillRule, intersect, union, type Path64, type Paths64 } from 'clipper2-ts';
import { PathBuilder, type Path } from './path.js';
import type { Polygons } from './polygon.js';

/** Clipper counts in whole numbers: so many to one px. */
const STEPS = 1024;

/** What is made of two outlines: all of both, the first without the second, or what both share. */
export type Combination = 'unite' | 'subtract' | 'intersect';

/**
 * Two areas as one (clipper2). Polygons in px, flat arrays, by the non-zero rule; the result has its holes the other way round, so that the
 * same rule fills it. It may be empty.
 */
export function combined(how: Combination, first: Polygons, second: Polygons): Path {
  // Each is made clean first: overlapping contours within one of them must not count twice.
  const [a, b] = [union(stepped(first), FillRule.NonZero), union(stepped(second), FillRule.NonZero)];
  const combine = { unite: union, subtract: difference, intersect }[how];
  return pathOf(combine(a, b, FillRule.NonZero));
}

/** Overlapping contours as one outline, holes right (clipper2). Polygons in px, flat arrays. @param rule - @default 'nonzero' */
export function unitedPath(polygons: Polygons, rule: 'nonzero' | 'evenodd' = 'nonzero'): Path {
  return pathOf(union(stepped(polygons), rule === 'nonzero' ? FillRule.NonZero : FillRule.EvenOdd));
}

function stepped(polygons: Polygons): Paths64 {
  return polygons.map((polygon) => {
    const path: Path64 = [];
    for (let i = 0; i < polygon.length; i += 2)
      path.push({ x: Math.round(polygon[i]! * STEPS), y: Math.round(polygon[i + 1]! * STEPS) });
    return path;
  });
}

function pathOf(paths: Paths64): Path {
  const builder = new PathBuilder();
  for (const path of paths) {
    for (const [index, point] of path.entries()) {
      const [x, y] = [point.x / STEPS, point.y / STEPS];
      if (index === 0) builder.moveTo(x, y);
      else builder.lineTo(x, y);
    }
    builder.close();
  }
  return builder.build();
}
