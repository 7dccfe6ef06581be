import { FillRule, union, type Path64 } from 'clipper2-ts';
import { PathBuilder, type Path } from './path.js';
import type { Polygons } from './polygon.js';

/** Clipper counts in whole numbers: so many to one px. */
const STEPS = 1024;

/** Overlapping contours as one outline, holes right, by the non-zero rule (clipper2). Polygons in px, flat arrays. */
export function unitedPath(polygons: Polygons): Path {
  const paths = polygons.map((polygon) => {
    const path: Path64 = [];
    for (let i = 0; i < polygon.length; i += 2)
      path.push({ x: Math.round(polygon[i]! * STEPS), y: Math.round(polygon[i + 1]! * STEPS) });
    return path;
  });
  const builder = new PathBuilder();
  for (const path of union(paths, FillRule.NonZero)) {
    for (const [index, point] of path.entries()) {
      const [x, y] = [point.x / STEPS, point.y / STEPS];
      if (index === 0) builder.moveTo(x, y);
      else builder.lineTo(x, y);
    }
    builder.close();
  }
  return builder.build();
}
