import { apply, invert } from '@kadrosyn/core';
import type { Findings } from './breakout-finder';

/** Px of the overhang's plane that something else covers: there a cut is not seen. Undefined where nothing does. */
export function hiddenPixels({ overhang, crossings, itemId }: Findings): Uint8Array | undefined {
  if (!overhang) return undefined;
  const { parts } = overhang.plan.overhang;
  let hidden: Uint8Array | undefined;
  for (const { crossing, plan, regions } of crossings) {
    const isLower = crossing.lower.itemId === itemId;
    const under = new Set(regions.filter(({ over }) => over !== isLower).map(({ label }) => label));
    if (under.size === 0) continue;
    hidden ??= new Uint8Array(parts.labels.length);
    const { width, height, labels } = plan.zone.parts;
    const toSheet = invert(plan.toPlane);
    // Both planes have the same size of px, and their corners lie on whole px.
    const corner = apply(overhang.plan.toPlane, apply(toSheet, { x: 0, y: 0 }));
    const [left, top] = [Math.round(corner.x), Math.round(corner.y)];
    for (let y = Math.max(0, -top); y < Math.min(height, parts.height - top); y++) {
      for (let x = Math.max(0, -left); x < Math.min(width, parts.width - left); x++) {
        if (under.has(labels[y * width + x]!)) hidden[(y + top) * parts.width + x + left] = 1;
      }
    }
  }
  return hidden;
}
