import { colourMixture } from './colour-mixture.js';
import { minCut } from './min-cut.js';
import type { PieceNeighbours } from './piece-neighbours.js';
import type { Superpixels } from './superpixels.js';

/** What is known of a piece beforehand. */
export const [MUST_BE_GROUND, UNKNOWN, MUST_BE_SUBJECT] = [-1, 0, 1] as const;

export interface SegmentOptions {
  /** What it costs to part two pieces of the same colour, for each px of their border. */
  readonly smoothness: number;
  /** Parts of each mixture of colours. @default 5 */
  readonly parts?: number;
  /** At most so many rounds of fitting and cutting. @default 5 */
  readonly rounds?: number;
}

/**
 * Parts pieces into subject and ground: mixtures of colours are fitted to both, the cheapest cut is taken, and so on until nothing changes
 * (C. Rother, V. Kolmogorov, A. Blake, "GrabCut", 2004; on superpixels instead of px). Hints are always obeyed.
 * @param hints - for each piece what it must be; `UNKNOWN` for most.
 * @param start - for each piece whether it is taken for subject at first, 1 or 0.
 * @returns for each piece 1 for subject, 0 for ground.
 */
export function segmentPieces(
  pieces: Superpixels,
  { pairs, borders }: PieceNeighbours,
  hints: Int8Array,
  start: Uint8Array,
  { smoothness, parts = 5, rounds = 5 }: SegmentOptions,
): Uint8Array {
  const { count, lab, sizes } = pieces;
  const ties = tiesOf(pieces, { pairs, borders }, smoothness);
  const obeying = (side: number, k: number): number =>
    hints[k] === MUST_BE_SUBJECT ? 1 : hints[k] === MUST_BE_GROUND ? 0 : side;
  let sides: Uint8Array = start.map(obeying);
  for (let round = 0; round < rounds; round++) {
    const front = colourMixture({ lab, weights: sizes.map((size, k) => (sides[k] === 1 ? size : 0)) }, parts);
    const back = colourMixture({ lab, weights: sizes.map((size, k) => (sides[k] === 0 ? size : 0)) }, parts);
    if (!front || !back) return sides;
    const [subject, ground] = [new Float64Array(count), new Float64Array(count)];
    for (let k = 0; k < count; k++) {
      const [l, a, b] = [lab[3 * k]!, lab[3 * k + 1]!, lab[3 * k + 2]!];
      const [here, there] = [front.cost(l, a, b), back.cost(l, a, b)];
      const least = Math.min(here, there);
      subject[k] = hints[k] === MUST_BE_GROUND ? Infinity : (here - least) * sizes[k]!;
      ground[k] = hints[k] === MUST_BE_SUBJECT ? Infinity : (there - least) * sizes[k]!;
      // What must be on one side has no price on it.
      if (hints[k] === MUST_BE_GROUND) ground[k] = 0;
      if (hints[k] === MUST_BE_SUBJECT) subject[k] = 0;
    }
    const next = minCut({ nodes: count, subject, ground, pairs, ties });
    const isSame = next.every((side, k) => side === sides[k]);
    sides = next;
    if (isSame) break;
  }
  return sides;
}

/** Parting like colours costs most; how like they must be goes by how much neighbours differ on the whole. */
function tiesOf({ lab }: Superpixels, { pairs, borders }: PieceNeighbours, smoothness: number): Float64Array {
  const squares = Float64Array.from(borders, (_, i) => {
    const [p, q] = [3 * pairs[2 * i]!, 3 * pairs[2 * i + 1]!];
    return (lab[p]! - lab[q]!) ** 2 + (lab[p + 1]! - lab[q + 1]!) ** 2 + (lab[p + 2]! - lab[q + 2]!) ** 2;
  });
  const mean = squares.reduce((sum, value) => sum + value, 0) / Math.max(1, squares.length) || 1;
  return borders.map((border, i) => smoothness * border * Math.exp(-squares[i]! / (2 * mean)));
}
