import { shortEnd } from './at-border.js';
import type { Check } from './check.js';

/** A piece that is out runs off the sheet. Where it ends at the border of its photo as well, that is said instead. */
export const offSheet = {
  id: 'off-sheet',
  find: ({ overhang, sheet }) =>
    (overhang?.pieces ?? []).flatMap(({ out, atBorder, offSheet: length, at }, piece) => {
      const short = shortEnd(sheet);
      if (!out || atBorder >= short || length < short) return [];
      const words = `Piece ${piece + 1} runs off the sheet, over ${Math.round(length)} px.`;
      return [{ at, words, remedies: [{ name: 'Keep it in', do: 'keep-in', piece }] }];
    }),
} as const satisfies Check;
