import { barrierDistance } from './barrier-distance.js';
import { FEATURES, type PreparedPhoto } from './prepared-photo.js';
import { featureMixture } from './feature-mixture.js';
import { segmentPieces, UNKNOWN } from './segment.js';

/** What was found without any mark. */
export interface Suggestion {
  /** For each piece 1 for subject, 0 for ground. */
  readonly sides: Uint8Array;
  /** Whether it can be shown: a clear edge all round, and of a size that a subject has. */
  readonly isSure: boolean;
  /** What the answer rests on, for tests and the benchmark. */
  readonly evidence: SuggestionEvidence;
}

export interface SuggestionEvidence {
  /** Share of the photo. */
  readonly area: number;
  /** Mean difference of colours along the edge, Lab units. */
  readonly edge: number;
  /** How much of the edge is at least `CLEAR` strong, 0 to 1. */
  readonly clear: number;
  /** How much of all borders among pieces of the ground is as strong: edges that are not the subject's, 0 to 1. */
  readonly clutter: number;
  /** How much two answers of different smoothness have in common, 0 to 1. */
  readonly agreement: number;
  /** How much of the photo's border the subject takes. */
  readonly border: number;
}

/** An edge so strong is seen by everybody, Lab units. */
const CLEAR = 8;
const [SMOOTHNESS, SMOOTHER] = [40, 90] as const;
/** How much what stands out speaks for a piece, in the unit of costs for each px. */
const LEANING = 2;

/**
 * Looks for a subject with no hint at all: what is fenced off from the border of the photo (`barrierDistance`) and unlike its colours. In clutter it is not
 * sure, and says so.
 */
export function suggestSubject(photo: PreparedPhoto): Suggestion {
  const { pieces } = photo;
  const stands = standingOut(photo);
  const threshold = parting(stands, pieces.sizes);
  const start = Uint8Array.from(stands, (value) => (value > threshold ? 1 : 0));
  const leaning = Float32Array.from(
    stands,
    (value) => LEANING * Math.max(-1, Math.min(1, 1 - value / Math.max(1e-6, threshold))),
  );
  const hints = new Int8Array(pieces.count).fill(UNKNOWN);
  const sides = segmentPieces(photo, hints, start, { smoothness: SMOOTHNESS, rounds: 4, leaning });
  const smoother = segmentPieces(photo, hints, start, { smoothness: SMOOTHER, rounds: 4, leaning });
  const evidence = weigh(photo, sides, smoother);
  return { sides, isSure: isSure(evidence), evidence };
}

/** Limits that part all right answers from all wrong ones among the pictures of the benchmark. */
function isSure({ area, clear, clutter, agreement, border }: SuggestionEvidence): boolean {
  return area > 0.02 && area < 0.93 && agreement > 0.9 && clutter < 0.05 && clear > 0.75 && border < 0.25;
}

/** For each piece how far it stands out from the border of the photo. */
function standingOut({ copy, pieces, features }: PreparedPhoto): Float32Array {
  const { width, height } = copy;
  const seeds = new Uint8Array(width * height);
  const weights = new Float64Array(pieces.count);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      if (x > 1 && y > 1 && x < width - 2 && y < height - 2) continue;
      seeds[i] = 1;
      weights[pieces.labels[i]!] = weights[pieces.labels[i]!]! + 1;
    }
  }
  const barrier = barrierDistance(copy, seeds);
  const out = new Float32Array(pieces.count);
  for (let i = 0; i < barrier.length; i++) {
    const k = pieces.labels[i]!;
    out[k] = out[k]! + barrier[i]! / pieces.sizes[k]!;
  }
  const border = featureMixture({ values: features, dims: FEATURES, weights }, 4);
  // A colour of the border weakens what only happens to be fenced off.
  return out.map((value, k) => value * Math.min(1, Math.max(0.2, ((border?.cost(features, FEATURES * k) ?? 12) - 8) / 6)));
}

/** The value that parts low from high best (N. Otsu, 1979). */
function parting(values: Float32Array, sizes: Int32Array): number {
  const most = values.reduce((high, value) => Math.max(high, value), 1e-6);
  const bins = new Float64Array(256);
  values.forEach((value, k) => {
    const bin = Math.min(255, Math.floor((255 * value) / most));
    bins[bin] = bins[bin]! + sizes[k]!;
  });
  const whole = bins.reduce((sum, value) => sum + value, 0);
  const all = bins.reduce((sum, value, bin) => sum + bin * value, 0);
  let [below, sum, best, found] = [0, 0, -1, 0];
  for (let bin = 0; bin < 255; bin++) {
    below += bins[bin]!;
    sum += bin * bins[bin]!;
    if (below === 0 || below === whole) continue;
    const apart = below * (whole - below) * (sum / below - (all - sum) / (whole - below)) ** 2;
    if (apart > best) [best, found] = [apart, bin];
  }
  return ((found + 1) * most) / 255;
}

function weigh({ copy, pieces, neighbours }: PreparedPhoto, sides: Uint8Array, smoother: Uint8Array): SuggestionEvidence {
  const { lab, sizes, labels } = pieces;
  const { pairs, borders } = neighbours;
  let [edge, clear, length, clutter, inside] = [0, 0, 0, 0, 0];
  for (let i = 0; i < borders.length; i++) {
    const [p, q] = [pairs[2 * i]!, pairs[2 * i + 1]!];
    const apart = Math.hypot(lab[3 * p]! - lab[3 * q]!, lab[3 * p + 1]! - lab[3 * q + 1]!, lab[3 * p + 2]! - lab[3 * q + 2]!);
    if (sides[p] !== sides[q]) {
      edge += apart * borders[i]!;
      if (apart > CLEAR) clear += borders[i]!;
      length += borders[i]!;
    } else if (sides[p] === 0) {
      if (apart > CLEAR) clutter += borders[i]!;
      inside += borders[i]!;
    }
  }
  let [both, either, area, whole] = [0, 0, 0, 0];
  for (let k = 0; k < pieces.count; k++) {
    whole += sizes[k]!;
    if (sides[k] === 1) area += sizes[k]!;
    if (sides[k] === 1 && smoother[k] === 1) both += sizes[k]!;
    if (sides[k] === 1 || smoother[k] === 1) either += sizes[k]!;
  }
  const { width, height } = copy;
  let border = 0;
  for (let x = 0; x < width; x++) border += sides[labels[x]!]! + sides[labels[(height - 1) * width + x]!]!;
  for (let y = 0; y < height; y++) border += sides[labels[y * width]!]! + sides[labels[y * width + width - 1]!]!;
  return {
    area: area / whole,
    edge: edge / Math.max(1, length),
    clear: clear / Math.max(1, length),
    clutter: clutter / Math.max(1, inside),
    agreement: both / Math.max(1, either),
    border: border / (2 * (width + height)),
  };
}
