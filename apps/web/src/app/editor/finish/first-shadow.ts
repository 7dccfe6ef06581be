import type { Shadow } from '@kadrosyn/core';

/** Where shadows fall when a sheet says nothing of its light: degrees clockwise from the right. */
export const LIGHT_ANGLE = 60;

/** What a new shadow is like. @param side - the shorter side of the sheet, px. */
export function firstShadow(side: number): Shadow {
  return { distance: tenths(side * 0.01), blur: tenths(side * 0.025), strength: 0.4 };
}

function tenths(px: number): number {
  return Math.round(px * 10) / 10;
}
