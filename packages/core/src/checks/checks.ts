import { atBorder } from './at-border.js';
import type { BreakoutSeen, Check, Finding } from './check.js';
import { hardCut } from './hard-cut.js';
import { noBackground } from './no-background.js';
import { offSheet } from './off-sheet.js';
import { smallCrossing } from './small-crossing.js';

/** Every check of what breaks out and crosses, the worst first. */
const CHECKS = [hardCut, atBorder, offSheet, smallCrossing, noBackground] as const;

export type CheckId = (typeof CHECKS)[number]['id'];

/** All that would look wrong about an item, the worst first. */
export function breakoutFindings(seen: BreakoutSeen): readonly (Finding & { readonly check: CheckId })[] {
  return CHECKS.flatMap(({ id, find }: Check & { readonly id: CheckId }) =>
    find(seen).map((finding) => ({ ...finding, check: id })),
  );
}
