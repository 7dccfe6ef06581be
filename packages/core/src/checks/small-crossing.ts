import type { Check } from './check.js';

/** A smaller crossing looks like a slip, as a share of the sheet. */
const SMALL = 0.0003;

/** Two items cross by so little that it looks like a slip. */
export const smallCrossing = {
  id: 'small-crossing',
  find: ({ crossings, sheet, nameOf }) =>
    crossings.flatMap(({ crossing, regions }) =>
      regions.flatMap(({ label, area, at }) => {
        if (area >= SMALL * sheet.width * sheet.height) return [];
        const side = Math.max(1, Math.round(Math.sqrt(area)));
        const words = `It crosses ${nameOf(crossing, label)} by only about ${side} px, which looks like a slip. Move it a little.`;
        return [{ at, words, remedies: [] }];
      }),
    ),
} as const satisfies Check;
