import { apply, gradientRun, literalColour, type ColourFill, type GradientFill, type Matrix } from '@kadrosyn/core';
import type { Context2D } from '../canvas/environment.js';

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
  if (fill.type === 'colour') return literalColour(fill.colour);
  const run = gradientRun(fill, width, height);
  const [from, to] = [apply(toCanvas, run.from), apply(toCanvas, run.to)];
  const gradient =
    fill.kind === 'radial'
      ? context.createRadialGradient(from.x, from.y, 0, from.x, from.y, Math.hypot(to.x - from.x, to.y - from.y))
      : context.createLinearGradient(from.x, from.y, to.x, to.y);
  for (const stop of fill.stops) gradient.addColorStop(stop.at, literalColour(stop.colour));
  return gradient;
}
