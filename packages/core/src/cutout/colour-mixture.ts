/** Colours as a sum of a few bell curves in Lab. */
export interface ColourMixture {
  /** The cost of a colour: the negative logarithm of how likely it is. Colours are L, a and b. */
  cost(l: number, a: number, b: number): number;
}

/** Colours that belong together, each with its weight. */
export interface WeighedColours {
  /** L, a and b of each: count * 3. */
  readonly lab: ArrayLike<number>;
  /** At least 0; colours of weight 0 do not count. */
  readonly weights: ArrayLike<number>;
}

/** Rounds in which the parts settle. */
const ROUNDS = 8;
/** Added to every variance: colours of one part differ by this much at least, squared Lab units. */
const LEAST_VARIANCE = 4;
/** So much of every colour is taken to be possible anywhere, so that no cost is without end. */
const ANYWHERE = 1e-9;

interface Part {
  readonly share: number;
  readonly mean: readonly [number, number, number];
  /** The inverse of the covariance, by rows, and the logarithm of its determinant's root with all constants. */
  readonly inverse: Float64Array;
  readonly scale: number;
}

/**
 * A mixture of Gaussians fitted to weighed colours: parts begin as far from each other as they can, settle as in k-means, and each gets the
 * covariance of its members (as in GrabCut: C. Rother, V. Kolmogorov, A. Blake, 2004). The same colours always give the same mixture. Null without
 * colours.
 * @param parts - at most so many; fewer where there are fewer colours.
 */
export function colourMixture({ lab, weights }: WeighedColours, parts: number): ColourMixture | null {
  const members = Array.from(weights, (weight, i) => (weight > 0 ? i : -1)).filter((i) => i >= 0);
  if (members.length === 0) return null;
  let middles = farApart(members, lab, weights, parts);
  let sorted: number[][] = [];
  for (let round = 0; round < ROUNDS; round++) {
    sorted = middles.map(() => []);
    for (const i of members) sorted[nearest(lab, i, middles)]!.push(i);
    middles = middles.map((middle, k) => (sorted[k]!.length > 0 ? meanOf(sorted[k]!, lab, weights) : middle));
  }
  const whole = members.reduce((sum, i) => sum + weights[i]!, 0);
  const fitted = sorted.filter((list) => list.length > 0).map((list) => fit(list, lab, weights, whole));
  return {
    cost(l, a, b) {
      let likely = ANYWHERE;
      for (const { share, mean, inverse, scale } of fitted) {
        const [x, y, z] = [l - mean[0], a - mean[1], b - mean[2]];
        const distance =
          x * (inverse[0]! * x + inverse[1]! * y + inverse[2]! * z) +
          y * (inverse[3]! * x + inverse[4]! * y + inverse[5]! * z) +
          z * (inverse[6]! * x + inverse[7]! * y + inverse[8]! * z);
        likely += share * scale * Math.exp(-distance / 2);
      }
      return -Math.log(likely);
    },
  };
}

type Lab = [number, number, number];

function at(lab: ArrayLike<number>, i: number): Lab {
  return [lab[3 * i]!, lab[3 * i + 1]!, lab[3 * i + 2]!];
}

function squared(a: Lab, b: Lab): number {
  return (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2;
}

/** The heaviest colour, and then always the one that weighs most by its distance from those chosen. */
function farApart(members: readonly number[], lab: ArrayLike<number>, weights: ArrayLike<number>, parts: number): Lab[] {
  const chosen = [
    at(
      lab,
      members.reduce((best, i) => (weights[i]! > weights[best]! ? i : best)),
    ),
  ];
  const away = members.map((i) => squared(at(lab, i), chosen[0]!));
  while (chosen.length < parts) {
    let [best, found] = [0, -1];
    for (const [m, i] of members.entries()) {
      const weight = away[m]! * weights[i]!;
      if (weight > best) [best, found] = [weight, m];
    }
    if (found < 0) break;
    const next = at(lab, members[found]!);
    chosen.push(next);
    for (const [m, i] of members.entries()) away[m] = Math.min(away[m]!, squared(at(lab, i), next));
  }
  return chosen;
}

function nearest(lab: ArrayLike<number>, i: number, middles: readonly Lab[]): number {
  const own = at(lab, i);
  let [best, found] = [Infinity, 0];
  for (const [k, middle] of middles.entries()) {
    const distance = squared(own, middle);
    if (distance < best) [best, found] = [distance, k];
  }
  return found;
}

function meanOf(list: readonly number[], lab: ArrayLike<number>, weights: ArrayLike<number>): Lab {
  const sum = [0, 0, 0];
  let whole = 0;
  for (const i of list) {
    whole += weights[i]!;
    for (let c = 0; c < 3; c++) sum[c] = sum[c]! + lab[3 * i + c]! * weights[i]!;
  }
  return sum.map((value) => value / whole) as Lab;
}

function fit(list: readonly number[], lab: ArrayLike<number>, weights: ArrayLike<number>, whole: number): Part {
  const mean = meanOf(list, lab, weights);
  const sums = new Float64Array(9);
  let own = 0;
  for (const i of list) {
    own += weights[i]!;
    const away = at(lab, i).map((value, c) => value - mean[c]!);
    for (let r = 0; r < 3; r++)
      for (let c = 0; c < 3; c++) sums[3 * r + c] = sums[3 * r + c]! + away[r]! * away[c]! * weights[i]!;
  }
  const m = sums.map((value, i) => value / own + (i % 4 === 0 ? LEAST_VARIANCE : 0));
  const cofactor = (r: number, c: number): number => {
    const [r1, r2, c1, c2] = [(r + 1) % 3, (r + 2) % 3, (c + 1) % 3, (c + 2) % 3];
    return m[3 * r1 + c1]! * m[3 * r2 + c2]! - m[3 * r1 + c2]! * m[3 * r2 + c1]!;
  };
  const determinant = m[0]! * cofactor(0, 0) + m[1]! * cofactor(0, 1) + m[2]! * cofactor(0, 2);
  const inverse = Float64Array.from({ length: 9 }, (_, i) => cofactor(i % 3, Math.floor(i / 3)) / determinant);
  return { share: own / whole, mean, inverse, scale: 1 / Math.sqrt((2 * Math.PI) ** 3 * determinant) };
}
