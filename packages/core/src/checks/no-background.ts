import type { Check } from './check.js';

/** From this share of the edge on nothing of the ground is seen at it. */
const COVERED = 0.92;

/** The subject lies under so much of the opening's edge that nothing is seen for it to come out of. */
export const noBackground = {
  id: 'no-background',
  find: ({ overhang }) => {
    if (!overhang || overhang.edgeCovered < COVERED) return [];
    const share = Math.round(overhang.edgeCovered * 100);
    const words = `The subject covers ${share} % of the edge: no ground is seen there for it to come out of. Make the photo smaller.`;
    return [{ at: null, words, remedies: [] }];
  },
} as const satisfies Check;
