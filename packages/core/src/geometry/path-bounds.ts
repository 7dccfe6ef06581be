import type { Bounds } from './bounds.js';
import { flattenLines, type Path } from './path.js';
import { polygonBounds } from './polygon.js';

/** What a path takes up, open lines too; curves are followed to a part in 8192 of its farthest coordinate. */
export function pathBounds(path: Path): Bounds {
  // Paths may have more numbers than a call may have arguments.
  const farthest = path.coords.reduce((most, value) => Math.max(most, Math.abs(value)), 1e-9);
  return polygonBounds(flattenLines(path, farthest / 8192).map(({ points }) => points));
}
