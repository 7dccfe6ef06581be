/** Features (colour, sharpness) as a sum of a few bell curves. */
export interface FeatureMixture {
  /** The cost of features: the negative logarithm of how likely they are. They are read from `values`, beginning at `offset`. */
  cost(values: ArrayLike<number>, offset: number): number;
}

/** Features that belong together, each with its weight. */
export interface WeighedFeatures {
  /** `dims` numbers for each: count * dims, all in about the same unit (that of Lab). */
  readonly values: ArrayLike<number>;
  readonly dims: number;
  /** At least 0; features of weight 0 do not count. */
  readonly weights: ArrayLike<number>;
  /** Added to every variance: features of one part differ by this much at least, squared. @default 4 */
  readonly leastVariance?: number;
}

/** Rounds in which the parts settle. */
const ROUNDS = 6;
const LEAST_VARIANCE = 4;
/** So much of everything is taken to be possible anywhere, so that no cost is without end. */
const ANYWHERE = 1e-10;

interface Part {
  readonly mean: Float64Array;
  /** The lower root of the covariance (Cholesky), dims * dims, by rows, its diagonal inverted. */
  readonly root: Float64Array;
  /** The logarithm of its share and of all constants. */
  readonly scale: number;
}

/**
 * A mixture of Gaussians fitted to weighed features: parts begin as far from each other as they can, settle as in k-means, and each gets the
 * covariance of its members (as in GrabCut: C. Rother, V. Kolmogorov, A. Blake, 2004). The same features always give the same mixture. Null
 * without features.
 * @param parts - at most so many; fewer where there are fewer features.
 */
export function featureMixture(features: WeighedFeatures, parts: number): FeatureMixture | null {
  const { values, dims, weights } = features;
  const members = Int32Array.from(weights.length > 0 ? indicesOf(weights) : []);
  if (members.length === 0) return null;
  const middles = farApart(members, features, parts);
  const count = middles.length / dims;
  const owner = new Int32Array(members.length);
  for (let round = 0; round < ROUNDS; round++) {
    for (let m = 0; m < members.length; m++) owner[m] = nearest(values, dims * members[m]!, middles, dims, count);
    moveMiddles(middles, owner, members, features);
  }
  const fitted = fitParts(middles, owner, members, features);
  const ahead = new Float64Array(dims);
  return {
    cost(at, offset) {
      let likely = ANYWHERE;
      for (const { mean, root, scale } of fitted) {
        let distance = 0;
        for (let r = 0; r < dims; r++) {
          let sum = at[offset + r]! - mean[r]!;
          for (let k = 0; k < r; k++) sum -= root[r * dims + k]! * ahead[k]!;
          sum *= root[r * dims + r]!;
          ahead[r] = sum;
          distance += sum * sum;
        }
        if (distance < 80) likely += Math.exp(scale - distance / 2);
      }
      return -Math.log(likely);
    },
  };
}

function* indicesOf(weights: ArrayLike<number>): Generator<number> {
  for (let i = 0; i < weights.length; i++) if (weights[i]! > 0) yield i;
}

function squared(a: ArrayLike<number>, at: number, b: ArrayLike<number>, bt: number, dims: number): number {
  let sum = 0;
  for (let c = 0; c < dims; c++) sum += (a[at + c]! - b[bt + c]!) ** 2;
  return sum;
}

/** The heaviest, and then always the one that weighs most by its distance from those chosen. */
function farApart(members: Int32Array, { values, dims, weights }: WeighedFeatures, parts: number): Float64Array {
  const chosen = [members.reduce((best, i) => (weights[i]! > weights[best]! ? i : best), members[0]!)];
  const away = Float64Array.from(members, (i) => squared(values, dims * i, values, dims * chosen[0]!, dims));
  while (chosen.length < parts) {
    let [best, found] = [0, -1];
    for (let m = 0; m < members.length; m++) {
      const weight = away[m]! * weights[members[m]!]!;
      if (weight > best) {
        best = weight;
        found = members[m]!;
      }
    }
    if (found < 0) break;
    chosen.push(found);
    for (let m = 0; m < members.length; m++)
      away[m] = Math.min(away[m]!, squared(values, dims * members[m]!, values, dims * found, dims));
  }
  return Float64Array.from(chosen.flatMap((i) => Array.from({ length: dims }, (_, c) => values[dims * i + c]!)));
}

function nearest(values: ArrayLike<number>, offset: number, middles: Float64Array, dims: number, count: number): number {
  let [best, found] = [Infinity, 0];
  for (let k = 0; k < count; k++) {
    const distance = squared(values, offset, middles, dims * k, dims);
    if (distance < best) {
      best = distance;
      found = k;
    }
  }
  return found;
}

function moveMiddles(
  middles: Float64Array,
  owner: Int32Array,
  members: Int32Array,
  { values, dims, weights }: WeighedFeatures,
): void {
  const sums = new Float64Array(middles.length);
  const whole = new Float64Array(middles.length / dims);
  for (let m = 0; m < members.length; m++) {
    const [i, k] = [members[m]!, owner[m]!];
    whole[k] = whole[k]! + weights[i]!;
    for (let c = 0; c < dims; c++) sums[dims * k + c] = sums[dims * k + c]! + values[dims * i + c]! * weights[i]!;
  }
  for (let j = 0; j < middles.length; j++) {
    const weight = whole[Math.floor(j / dims)]!;
    if (weight > 0) middles[j] = sums[j]! / weight;
  }
}

function fitParts(
  middles: Float64Array,
  owner: Int32Array,
  members: Int32Array,
  { values, dims, weights, leastVariance = LEAST_VARIANCE }: WeighedFeatures,
): Part[] {
  const count = middles.length / dims;
  const spread = new Float64Array(count * dims * dims);
  const whole = new Float64Array(count);
  for (let m = 0; m < members.length; m++) {
    const [i, k] = [members[m]!, owner[m]!];
    whole[k] = whole[k]! + weights[i]!;
    for (let r = 0; r < dims; r++) {
      const away = (values[dims * i + r]! - middles[dims * k + r]!) * weights[i]!;
      for (let c = 0; c <= r; c++) {
        const at = (k * dims + r) * dims + c;
        spread[at] = spread[at]! + away * (values[dims * i + c]! - middles[dims * k + c]!);
      }
    }
  }
  const all = whole.reduce((sum, value) => sum + value, 0);
  const parts: Part[] = [];
  for (let k = 0; k < count; k++) {
    if (whole[k] === 0) continue;
    const root = new Float64Array(dims * dims);
    let logRoot = 0;
    for (let r = 0; r < dims; r++) {
      for (let c = 0; c <= r; c++) {
        let sum = spread[(k * dims + r) * dims + c]! / whole[k]! + (r === c ? leastVariance : 0);
        for (let j = 0; j < c; j++) sum -= root[r * dims + j]! * root[c * dims + j]!;
        if (r === c) {
          logRoot += Math.log(sum) / 2;
          root[r * dims + r] = 1 / Math.sqrt(sum);
        } else root[r * dims + c] = sum * root[c * dims + c]!;
      }
    }
    const scale = Math.log(whole[k]! / all) - logRoot - (dims / 2) * Math.log(2 * Math.PI);
    parts.push({ mean: middles.slice(dims * k, dims * (k + 1)), root, scale });
  }
  return parts;
}
