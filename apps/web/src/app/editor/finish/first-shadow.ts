import type { Shadow } from '@kadrosyn/core';

/** What a new shadow is like. @param extent - of what casts it, px. */
export function firstShadow(extent: number): Shadow {
  return { distance: tenths(extent * 0.01), blur: tenths(extent * 0.025), strength: 0.4 };
}

function tenths(px: number): number {
  return Math.round(px * 10) / 10;
}
