import type { Outline } from '../kinds/outlines/outlines.js';
import type { Bounds } from './bounds.js';
import { multiply, scaling, translation } from './matrix.js';
import { flatten, toPathData, transformPath, type Path } from './path.js';
import { polygonBounds } from './polygon.js';

/** A path as an outline, and the rectangle that it fills in the px it was given in. */
export interface FreePath {
  readonly outline: Extract<Outline, { type: 'path' }>;
  readonly bounds: Bounds;
}

/** Decimals of a share of the box: a thousandth of a px in a box of 10,000. */
const DIGITS = 7;

/** The outline that a path has in the rectangle round it; null for a path without area. */
export function freePathOutline(path: Path): FreePath | null {
  const bounds = polygonBounds(flatten(path, 0.01));
  const { x, y, width, height } = bounds;
  if (!(width > 1e-6) || !(height > 1e-6)) return null;
  const unit = transformPath(multiply(scaling(1 / width, 1 / height), translation(-x, -y)), path);
  return { outline: { type: 'path', d: toPathData(unit, DIGITS) }, bounds };
}
