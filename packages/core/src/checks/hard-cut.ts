import { crossingKey } from '../document/crossing.js';
import type { BreakoutSeen, Check, Finding } from './check.js';

/** Over turns to under in the middle of things: along a cut line, or by what was painted. */
export const hardCut = {
  id: 'hard-cut',
  find: ({ overhang, crossings }) => [
    ...found(overhang?.cuts ?? [], overhang?.cuts.length ?? 0, null),
    ...crossings.flatMap(({ crossing, cuts }) => found(cuts, crossing.cuts.length, crossingKey(crossing))),
  ],
} as const satisfies Check;

/** @param lines - how many of them are cut lines; the others are what was painted. */
function found(cuts: NonNullable<BreakoutSeen['overhang']>['cuts'], lines: number, pair: string | null): Finding[] {
  return cuts.flatMap(({ length, at }, index): Finding[] => {
    if (!at || length < 1) return [];
    const isPainted = index >= lines;
    const what = isPainted ? 'What was painted' : `Cut line ${index + 1}`;
    const words = `${what} makes a hard cut, ${Math.round(length)} px long, through the middle of things.`;
    if (!isPainted) return [{ at, words, remedies: [{ name: 'To the nearest edge', do: 'move-cut', pair, cut: index }] }];
    return [{ at, words, remedies: pair === null ? [] : [{ name: 'Paint on', do: 'paint-on', pair }] }];
  });
}
