import { difference, FillRule, intersect, union, type Path64, type Paths64 } from 'clipper2-ts';
import { PathBuilder, type Path } from './path.js';
import type { Polygons } from './polygon.js';

/** Clipper counts in whole numbers: so many to one px. */
const STEPS = 1024;
/** What is less than so many steps wide or high is counted in finer ones, so that it gets `ENOUGH`. */
const FEW = 256;
const ENOUGH = 2 ** 16;
/** No place is further away than so many steps. */
const FURTHEST = 2 ** 40;

/** How many steps make a px, across and down. */
interface Steps {
  readonly x: number;
  readonly y: number;
}

/** What is made of two outlines: all of both, the first without the second, or what both share. */
export type Combination = 'unite' | 'subtract' | 'intersect';

/**
 * Two areas as one (clipper2). Polygons in px, flat arrays, by the non-zero rule; the result has its holes the other way round, so that the
 * same rule fills it. It may be empty.
 */
export function combined(how: Combination, first: Polygons, second: Polygons): Path {
  // Each is made clean first: overlapping contours within one of them must not count twice.
  const steps = stepsFor([...first, ...second]);
  const [a, b] = [union(stepped(first, steps), FillRule.NonZero), union(stepped(second, steps), FillRule.NonZero)];
  const combine = { unite: union, subtract: difference, intersect }[how];
  return pathOf(combine(a, b, FillRule.NonZero), steps);
}

/** Overlapping contours as one outline, holes right (clipper2). Polygons in px, flat arrays. @param rule - @default 'nonzero' */
export function unitedPath(polygons: Polygons, rule: 'nonzero' | 'evenodd' = 'nonzero'): Path {
  const steps = stepsFor(polygons);
  return pathOf(union(stepped(polygons, steps), rule === 'nonzero' ? FillRule.NonZero : FillRule.EvenOdd), steps);
}

/** Text that is pressed flat (a stretch of 0.002) lies within a few steps of height, where clipper was seen to go on for ever. */
function stepsFor(polygons: Polygons): Steps {
  const along = (axis: 0 | 1): number => {
    let [min, max] = [Infinity, -Infinity];
    for (const polygon of polygons) {
      for (let i = axis; i < polygon.length; i += 2) {
        min = Math.min(min, polygon[i]!);
        max = Math.max(max, polygon[i]!);
      }
    }
    const extent = max - min;
    if (!(extent > 0) || extent * STEPS >= FEW) return STEPS;
    const most = FURTHEST / Math.max(Math.abs(min), Math.abs(max));
    // A power of two, so that what was a whole number of steps is one still.
    return Math.max(STEPS, 2 ** Math.floor(Math.log2(Math.min(ENOUGH / extent, most))));
  };
  return { x: along(0), y: along(1) };
}

function stepped(polygons: Polygons, steps: Steps): Paths64 {
  return polygons.map((polygon) => {
    const path: Path64 = [];
    for (let i = 0; i < polygon.length; i += 2)
      path.push({ x: Math.round(polygon[i]! * steps.x), y: Math.round(polygon[i + 1]! * steps.y) });
    return path;
  });
}

function pathOf(paths: Paths64, steps: Steps): Path {
  const builder = new PathBuilder();
  for (const path of paths) {
    for (const [index, point] of path.entries()) {
      const [x, y] = [point.x / steps.x, point.y / steps.y];
      if (index === 0) builder.moveTo(x, y);
      else builder.lineTo(x, y);
    }
    builder.close();
  }
  return builder.build();
}
