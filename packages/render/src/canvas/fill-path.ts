import { apply, tracePath, type Matrix, type Path } from '@kadrosyn/core';
import type { Context2D } from './environment.js';

/** Points are rounded to such steps of a px. */
const GRID = 64;

/**
 * Fills a path. Its points are mapped here, rounded, and traced without a transform, for two reasons. A canvas counts edges in fixed
 * steps: a point that lies between two of them tips over with the least rounding error, and the same shape comes out otherwise on
 * another canvas, by up to a third of the coverage in single pixels; on the grid it never does, and moves by whole px without any
 * change. And under `destination-in` the canvas for Node was seen to clear everything with about one transform in twenty.
 * @param toCanvas - maps px of the path's frame to px of the canvas.
 */
export function fillPathAt(context: Context2D, toCanvas: Matrix, path: Path, rule: CanvasFillRule = 'nonzero'): void {
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.beginPath();
  tracePath(onGrid(toCanvas, path), context);
  context.fill(rule);
}

/** Clears what lies outside a path. */
export function keepInside(context: Context2D, toCanvas: Matrix, path: Path, rule: CanvasFillRule = 'nonzero'): void {
  fillWith(context, 'destination-in', toCanvas, path, rule);
}

/** Clears what lies inside a path. */
export function takeOut(context: Context2D, toCanvas: Matrix, path: Path): void {
  fillWith(context, 'destination-out', toCanvas, path, 'nonzero');
}

function fillWith(
  context: Context2D,
  operation: GlobalCompositeOperation,
  toCanvas: Matrix,
  path: Path,
  rule: CanvasFillRule,
): void {
  context.save();
  context.globalAlpha = 1;
  context.globalCompositeOperation = operation;
  context.fillStyle = '#000000';
  fillPathAt(context, toCanvas, path, rule);
  context.restore();
}

function onGrid(m: Matrix, path: Path): Path {
  const coords = new Array<number>(path.coords.length);
  for (let i = 0; i < coords.length; i += 2) {
    const { x, y } = apply(m, { x: path.coords[i]!, y: path.coords[i + 1]! });
    coords[i] = Math.round(x * GRID) / GRID;
    coords[i + 1] = Math.round(y * GRID) / GRID;
  }
  return { commands: path.commands, coords };
}
