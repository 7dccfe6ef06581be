import { featureMixture } from './feature-mixture.js';
import { minCut } from './min-cut.js';
import { FEATURES, type PreparedPhoto } from './prepared-photo.js';

/** What is known of a piece beforehand. */
export const [MUST_BE_GROUND, UNKNOWN, MUST_BE_SUBJECT] = [-1, 0, 1] as const;

export interface SegmentOptions {
  /** What it costs to part two pieces of the same colour, for each px of their border. */
  readonly smoothness: number;
  /** Parts of each mixture. @default 6 */
  readonly parts?: number;
  /** At most so many rounds of fitting and cutting. @default 5 */
  readonly rounds?: number;
  /** Added to the cost of taking each piece for subject, for each px; below 0 it speaks for the subject. */
  readonly leaning?: Float32Array;
}

/**
 * Parts pieces into subject and ground: mixtures of features are fitted to both, the cheapest cut is taken, and so on until nothing changes
 * (C. Rother, V. Kolmogorov, A. Blake, "GrabCut", 2004; on superpixels instead of px). Hints are always obeyed.
 * @param hints - for each piece what it must be; `UNKNOWN` for most.
 * @param start - for each piece whether it is taken for subject at first, 1 or 0.
 * @returns for each piece 1 for subject, 0 for ground.
 */
export function segmentPieces(
  { pieces, neighbours, features, ties }: PreparedPhoto,
  hints: Int8Array,
  start: Uint8Array,
  { smoothness, parts = 6, rounds = 5, leaning }: SegmentOptions,
): Uint8Array {
  const { count, sizes } = pieces;
  const tied = ties.map((tie) => tie * smoothness);
  const obeying = (side: number, k: number): number =>
    hints[k] === MUST_BE_SUBJECT ? 1 : hints[k] === MUST_BE_GROUND ? 0 : side;
  let sides: Uint8Array = start.map(obeying);
  const [subject, ground] = [new Float64Array(count), new Float64Array(count)];
  for (let round = 0; round < rounds; round++) {
    const weighed = (side: number): Int32Array => sizes.map((size, k) => (sides[k] === side ? size : 0));
    const front = featureMixture({ values: features, dims: FEATURES, weights: weighed(1) }, parts);
    const back = featureMixture({ values: features, dims: FEATURES, weights: weighed(0) }, parts);
    if (!front || !back) return sides;
    for (let k = 0; k < count; k++) {
      // What must be on one side has no price on it, and none on the other is high enough.
      if (hints[k] !== UNKNOWN) {
        subject[k] = hints[k] === MUST_BE_GROUND ? Infinity : 0;
        ground[k] = hints[k] === MUST_BE_SUBJECT ? Infinity : 0;
        continue;
      }
      const likeness = front.cost(features, FEATURES * k) - back.cost(features, FEATURES * k);
      const lead = (likeness + (leaning?.[k] ?? 0)) * sizes[k]!;
      subject[k] = Math.max(0, lead);
      ground[k] = Math.max(0, -lead);
    }
    const next = minCut({ nodes: count, subject, ground, pairs: neighbours.pairs, ties: tied });
    const isSame = next.every((side, k) => side === sides[k]);
    sides = next;
    if (isSame) break;
  }
  return sides;
}
