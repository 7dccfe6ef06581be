import type { BreakoutSeen, Check } from './check.js';

/** Shorter ends are the width of a hair, as a share of the sheet's longer side. */
const SHORT_END = 0.008;

/** A piece that is out ends where the camera cut the subject off. */
export const atBorder = {
  id: 'at-border',
  find: ({ overhang, sheet }) =>
    (overhang?.pieces ?? []).flatMap(({ out, atBorder: length, at }, piece) => {
      if (!out || length < shortEnd(sheet)) return [];
      const words = `Piece ${piece + 1} ends at the border of the photo: the camera cut the subject off there, over ${Math.round(length)} px.`;
      return [{ at, words, remedies: [{ name: 'Keep it in', do: 'keep-in', piece }] }];
    }),
} as const satisfies Check;

/** How long an end of a piece must be to be seen, px of the sheet. */
export function shortEnd({ width, height }: BreakoutSeen['sheet']): number {
  return SHORT_END * Math.max(width, height);
}
