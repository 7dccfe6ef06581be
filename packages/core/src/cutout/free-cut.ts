import { GRID_FEATURES, LATER, type ColourGrid } from './colour-grid.js';
import { featureMixture } from './feature-mixture.js';
import { minCut } from './min-cut.js';
import { MUST_BE_SUBJECT, UNKNOWN } from './segment.js';

/** Parts of each mixture. */
const PARTS = 5;
/** What it costs to part two px of the same colour. */
const SMOOTHNESS = 50;
/** Colours of one part differ by at least so much, squared levels: edges of a photo are clear, and softer mixtures lose them. */
const LEAST_VARIANCE = 0.5;
/** How much being likely beforehand counts. */
const BEFOREHAND = 0.3;

export interface FreeCutOptions {
  /** Rounds of fitting and cutting. @default 2 */
  readonly rounds?: number;
  /** Called between rounds; may throw to give up. */
  readonly pause?: () => Promise<void>;
}

/**
 * Decides a working copy px by px (C. Rother, V. Kolmogorov, A. Blake, "GrabCut", 2004), beginning with what was found for its pieces. That counts for
 * little: all that is not fixed by hints is left free, so that pieces that lie across an edge fall apart at it. The same input always gives the
 * same cut.
 * @param hints - `MUST_BE_GROUND`, `UNKNOWN` or `MUST_BE_SUBJECT` for each px; always obeyed.
 * @param likely - for each px how likely it is to be subject, 0 to 1.
 * @returns 1 for subject, 0 for ground, for each px.
 */
export async function freeCut(
  grid: ColourGrid,
  hints: Int8Array,
  likely: Float32Array,
  { rounds = 2, pause = () => Promise.resolve() }: FreeCutOptions = {},
): Promise<Uint8Array> {
  const { cells, values } = grid;
  const sides = new Uint8Array(hints.length);
  for (let i = 0; i < sides.length; i++) {
    const isSubject = hints[i] === UNKNOWN ? likely[i]! >= 0.5 : hints[i] === MUST_BE_SUBJECT;
    if (isSubject) sides[i] = 1;
  }
  const net = freeNet(grid, hints);
  const { free, toSubject, toGround, pairs, ties } = net;
  const count = values.length / GRID_FEATURES;
  const [subject, ground] = [new Float64Array(free.length), new Float64Array(free.length)];
  const [fronts, backs, lead] = [new Int32Array(count), new Int32Array(count), new Float64Array(count)];
  for (let round = 0; round < rounds; round++) {
    fronts.fill(0);
    backs.fill(0);
    for (let i = 0; i < cells.length; i++) {
      const cell = cells[i]!;
      if (sides[i] === 1) fronts[cell] = fronts[cell]! + 1;
      else backs[cell] = backs[cell]! + 1;
    }
    const features = { values, dims: GRID_FEATURES, leastVariance: LEAST_VARIANCE };
    const front = featureMixture({ ...features, weights: fronts }, PARTS);
    const back = featureMixture({ ...features, weights: backs }, PARTS);
    if (!front || !back) return sides;
    for (let c = 0; c < count; c++) lead[c] = front.cost(values, GRID_FEATURES * c) - back.cost(values, GRID_FEATURES * c);
    for (let n = 0; n < free.length; n++) {
      const i = free[n]!;
      const leads = lead[cells[i]!]! + BEFOREHAND * (1 - 2 * likely[i]!);
      subject[n] = toGround[n]! + Math.max(0, leads);
      ground[n] = toSubject[n]! + Math.max(0, -leads);
    }
    await pause();
    const cut = minCut({ nodes: free.length, subject, ground, pairs, ties });
    for (let n = 0; n < free.length; n++) sides[free[n]!] = cut[n]!;
    await pause();
  }
  return sides;
}

/** The free px of a grid and what ties them. */
interface FreeNet {
  /** Their indices. */
  readonly free: Int32Array;
  /** What ties each to px that are fixed as subject, and as ground. */
  readonly toSubject: Float64Array;
  readonly toGround: Float64Array;
  readonly pairs: Int32Array;
  readonly ties: Float64Array;
}

function freeNet({ width, likeness }: ColourGrid, hints: Int8Array): FreeNet {
  const slots = new Int32Array(hints.length).fill(-1);
  let count = 0;
  for (let i = 0; i < hints.length; i++) if (hints[i] === UNKNOWN) slots[i] = count++;
  const free = new Int32Array(count);
  const [toSubject, toGround] = [new Float64Array(count), new Float64Array(count)];
  const pairs = new Int32Array(2 * LATER.length * count);
  const ties = new Float64Array(LATER.length * count);
  const steps = LATER.map(([dx, dy]) => dy * width + dx);
  const weights = LATER.map(([dx, dy]) => SMOOTHNESS / Math.hypot(dx, dy));
  let made = 0;
  for (let i = 0; i < hints.length; i++) {
    const p = slots[i]!;
    if (p >= 0) free[p] = i;
    for (let way = 0; way < steps.length; way++) {
      const like = likeness[LATER.length * i + way]!;
      if (like === 0) continue;
      const j = i + steps[way]!;
      const q = slots[j]!;
      if (p < 0 && q < 0) continue;
      const tie = weights[way]! * like;
      if (p >= 0 && q >= 0) {
        pairs[2 * made] = p;
        pairs[2 * made + 1] = q;
        ties[made++] = tie;
        continue;
      }
      const fixed = hints[p < 0 ? i : j] === MUST_BE_SUBJECT ? toSubject : toGround;
      const node = p < 0 ? q : p;
      fixed[node] = fixed[node]! + tie;
    }
  }
  return { free, toSubject, toGround, pairs: pairs.subarray(0, 2 * made), ties: ties.subarray(0, made) };
}
