import type { Shadow } from '@kadrosyn/core';

/** Where shadows fall when a sheet says nothing of its light: degrees clockwise from the right. */
export const LIGHT_ANGLE = 60;

/** What a new shadow is like. @param extent - of what casts it, px. */
export function firstShadow(extent: number): Shadow {
  return { distance: tenths(extent * 0.01), blur: tenths(extent * 0.025), strength: 0.4 };
}

function tenths(px: number): number {
  return Math.round(px * 10) / 10;
}
