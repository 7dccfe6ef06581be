import type { Point } from '../geometry/matrix.js';
import type { EdgeMeasure, EdgeSample } from '../readable/edge-contrast.js';
import { weakStretches } from '../readable/weak-stretches.js';
import type { Finding } from './check.js';

/** From this share of its edge on a word is read without a thought. */
const EASY = 0.9;
/** Below this share it takes an effort. */
const HARD = 0.65;

export type Verdict = 'easy' | 'weak' | 'hard';

/** How a word, or a letter, is read of whose edge this share can be seen. @param seen - 0 to 1. */
export function readingVerdict(seen: number): Verdict {
  return seen >= EASY ? 'easy' : seen >= HARD ? 'weak' : 'hard';
}

const WORDS: Readonly<Record<Verdict, string>> = {
  easy: 'Easy to read',
  weak: 'Readable, with weak places',
  hard: 'Hard to read',
};

/** What was measured of a word, for people. */
export function readingWords({ seen, ratio, difference }: EdgeMeasure): string {
  return `${WORDS[readingVerdict(seen)]}: contrast ${ratio.toFixed(1)} to 1 across the edge, colours ${Math.round(difference)} apart.`;
}

/** A word as it was measured, and where a point of the measuring lies on the sheet. */
export interface WordSeen {
  readonly measured: EdgeMeasure & { readonly samples: readonly EdgeSample[] };
  readonly onSheet: (point: Point) => Point;
}

/** A word that is not read easily, at the middle of its longest weak place. What helps is tried out elsewhere (readable/remedies). */
export const hardToRead = {
  id: 'hard-to-read',
  find: ({ measured, onSheet }: WordSeen): readonly Finding[] => {
    if (readingVerdict(measured.seen) === 'easy') return [];
    const [longest] = weakStretches(measured.samples).sort((a, b) => b.length - a.length);
    const middle = longest?.[Math.floor(longest.length / 2)];
    return [{ at: middle ? onSheet(middle) : null, words: readingWords(measured), remedies: [] }];
  },
} as const;
