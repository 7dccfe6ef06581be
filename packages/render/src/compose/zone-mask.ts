import {
  apply,
  chain,
  invert,
  meanScale,
  nearestOnLines,
  samplePlane,
  tinted,
  translation,
  type Bounds,
  type CutLine,
  type Matrix,
  type Plane,
} from '@kadrosyn/core';
import { newLayer, type Drawing, type Layer } from '../canvas/drawing.js';
import { putPixels } from '../photo/level-chain.js';
import type { CrossingPlan } from './crossing-plan.js';

/** The mask of a zone, rebuilt at the size of the output. */
export function zoneMaskLayer(plan: CrossingPlan, bounds: Bounds, drawing: Drawing): Layer {
  const toPlane = chain(plan.toPlane, invert(drawing.view), translation(bounds.x, bounds.y));
  const mask = samplePlane(plan.zone.mask!, toPlane, bounds.width, bounds.height);
  if (plan.zone.cuts.length > 0) sharpenCuts(mask, plan, toPlane);
  const layer = newLayer(bounds, drawing.resources);
  putPixels(layer.context, tinted(mask, 0, 0, 0));
  return layer;
}

/** Along cut lines the mask changes within one px of the output, exactly on the line. */
function sharpenCuts(mask: Plane, plan: CrossingPlan, toPlane: ReturnType<typeof invert>): void {
  const { cuts } = plan.zone;
  const coarse = plan.zone.mask!;
  const pitch = meanScale(toPlane);
  const at = (x: number, y: number): number => {
    const [px, py] = [Math.floor(x), Math.floor(y)];
    return px < 0 || py < 0 || px >= coarse.width || py >= coarse.height ? 0 : coarse.data[py * coarse.width + px]!;
  };
  const band = alongLines(cuts, invert(toPlane), 2.5, mask.width, mask.height);
  for (let y = 0, i = 0; y < mask.height; y++) {
    for (let x = 0; x < mask.width; x++, i++) {
      if (band[i] === 0) continue;
      const p = apply(toPlane, { x: x + 0.5, y: y + 0.5 });
      const near = nearestOnLines(cuts, p);
      if (!near || near.distance > 2.5) continue;
      const side = (sign: number): number => at(near.at.x + sign * 3.5 * near.normal.x, near.at.y + sign * 3.5 * near.normal.y);
      const share = Math.min(1, Math.max(0, 0.5 + near.side / pitch));
      mask.data[i] = side(-1) * (1 - share) + side(1) * share;
    }
  }
}

/** Marks the pixels that can lie within `reach` (px of the lines) of a line, so that the others need not be asked. */
function alongLines(lines: readonly CutLine[], toMask: Matrix, reach: number, width: number, height: number): Uint8Array {
  const band = new Uint8Array(width * height);
  const wide = Math.ceil(reach * meanScale(toMask)) + 1;
  for (const line of lines) {
    const points = line.map((p) => apply(toMask, p));
    for (let n = 1; n < points.length; n++) {
      const [a, b] = [points[n - 1]!, points[n]!];
      const steps = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / wide));
      for (let s = 0; s <= steps; s++) {
        const [x, y] = [a.x + ((b.x - a.x) * s) / steps, a.y + ((b.y - a.y) * s) / steps];
        const [left, right] = [Math.max(0, Math.floor(x - 2 * wide)), Math.min(width, Math.ceil(x + 2 * wide))];
        const bottom = Math.min(height, Math.ceil(y + 2 * wide));
        for (let row = Math.max(0, Math.floor(y - 2 * wide)); row < bottom; row++) {
          if (left < right) band.fill(1, row * width + left, row * width + right);
        }
      }
    }
  }
  return band;
}
