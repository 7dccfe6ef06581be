import { apply, meanScale, type ColourFill, type GradientFill, type Matrix, type Point } from '@kadrosyn/core';
import type { Context2D } from './environment.js';

/** Stands where a photo has not arrived yet. */
export const WAITING = '#c9c5bb';

/**
 * A fill style for a box of `width` x `height` in its own frame, for a context without a transform.
 * @param toCanvas - maps px of the box's frame to px of the canvas. A gradient in a sheared box runs straight to its mapped ends.
 */
export function paintOf(
  fill: ColourFill | GradientFill,
  context: Context2D,
  width: number,
  height: number,
  toCanvas: Matrix,
): string | CanvasGradient {
  if (fill.type === 'colour') return fill.colour;
  const middle = { x: width / 2, y: height / 2 };
  const gradient =
    fill.kind === 'radial' ? radial(context, middle, toCanvas) : linear(context, fill.angle ?? 90, width, height, toCanvas);
  for (const stop of fill.stops) gradient.addColorStop(stop.at, stop.colour);
  return gradient;
}

function radial(context: Context2D, middle: Point, toCanvas: Matrix): CanvasGradient {
  const { x, y } = apply(toCanvas, middle);
  return context.createRadialGradient(x, y, 0, x, y, Math.hypot(middle.x, middle.y) * meanScale(toCanvas));
}

/** The line through the middle whose ends are the farthest corners, as CSS defines it. */
function linear(context: Context2D, degrees: number, width: number, height: number, toCanvas: Matrix): CanvasGradient {
  const radians = (degrees * Math.PI) / 180;
  const [dx, dy] = [Math.cos(radians), Math.sin(radians)];
  const reach = (Math.abs(dx) * width + Math.abs(dy) * height) / 2;
  const [cx, cy] = [width / 2, height / 2];
  const from = apply(toCanvas, { x: cx - dx * reach, y: cy - dy * reach });
  const to = apply(toCanvas, { x: cx + dx * reach, y: cy + dy * reach });
  return context.createLinearGradient(from.x, from.y, to.x, to.y);
}
