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
import type { Drawing, Layer } from '../canvas/drawing.js';
import { fillArea } from './ink.js';

/** Draws the layers of a drawing from back to front. Their strengths make up its silhouette as well. */
export function drawDrawing(layer: Layer, opening: Opening, fill: DrawingFill, drawing: Drawing): void {
  for (const part of fill.layers) {
    const clip = part.clip && { clip: areaOf(part.clip, opening.box) };
    fillArea(layer, opening, { ...areaOf(part, opening.box), ...clip }, layerPaint(fill, part), drawing);
  }
}

function areaOf(part: Pathed, box: Opening['box']): { readonly path: Path; readonly rule?: CanvasFillRule } {
  return { path: pathOf(part, box), ...(part.rule && { rule: part.rule }) };
}

type Pathed = Pick<DrawingLayer, 'd' | 'rule'>;

interface SizedPath {
  readonly width: number;
  readonly height: number;
  readonly path: Path;
}

/** Paths as read, and at the size at which they were drawn last. */
const read = new WeakMap<Pathed, Path>();
const sized = new WeakMap<Pathed, SizedPath>();

function pathOf(layer: Pathed, { width, height }: Opening['box']): Path {
  const known = sized.get(layer);
  if (known?.width === width && known.height === height) return known.path;
  let path = read.get(layer);
  if (!path) read.set(layer, (path = readPathData(layer.d).path));
  const made = transformPath(scaling(width, height), path);
  sized.set(layer, { width, height, path: made });
  return made;
}
