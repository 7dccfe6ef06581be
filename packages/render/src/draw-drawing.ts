import {
  layerPaint,
  readPathData,
  scaling,
  transformPath,
  type DrawingFill,
  type DrawingLayer,
  type Opening,
  type Path,
} from '@kadrosyn/core';
import type { Drawing, Layer } from './drawing.js';
import { fillPath } from './ink.js';

/** Draws the layers of a drawing from back to front. Their strengths make up its silhouette as well. */
export function drawDrawing(layer: Layer, opening: Opening, fill: DrawingFill, drawing: Drawing): void {
  for (const part of fill.layers) fillPath(layer, opening, pathOf(part, opening.box), layerPaint(fill, part), drawing);
}

interface SizedPath {
  readonly width: number;
  readonly height: number;
  readonly path: Path;
}

/** Paths as read, and at the size at which they were drawn last. */
const read = new WeakMap<DrawingLayer, Path>();
const sized = new WeakMap<DrawingLayer, SizedPath>();

function pathOf(layer: DrawingLayer, { width, height }: Opening['box']): Path {
  const known = sized.get(layer);
  if (known?.width === width && known.height === height) return known.path;
  let path = read.get(layer);
  if (!path) read.set(layer, (path = readPathData(layer.d).path));
  const made = transformPath(scaling(width, height), path);
  sized.set(layer, { width, height, path: made });
  return made;
}
