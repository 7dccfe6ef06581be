import { DARKEST, newLight, type AreaCrop, type Light } from './area-crop.js';

/** Terms of a polynomial of degree 2 in two directions. */
const TERMS = 6;
/** Px that are looked at, at most. */
const SAMPLES = 12_000;
/** How far a logarithm may be off the model before its px counts for nothing: at first, and in the end. */
const [LOOSE, TIGHT] = [0.15, 0.06];
const ROUNDS = 8;
/** What is lighter than the model is less likely to be the surface than what a shadow makes darker. */
const LIGHTER = 0.6;
/** px along the border of the form, whose light is mixed with what lies around. */
const BORDER = 2.5;
/** How far from the most frequent light a px may be to be counted in the first round. */
const FREQUENT = 0.25;
/** A surface is plain where so much of it is no further than this from the model. */
const [PLAIN, NEAR] = [0.5, 0.2];

/**
 * The light of a plain surface without shadows and without what stands in front: for each primary the logarithm of its light as a polynomial of degree 2,
 * fitted with Tukey's weights (A. E. Beaton and J. W. Tukey, 1974), beginning with what is as light as most of it.
 * @returns that logarithm for each px of the crop; null where the area shows no plain surface
 */
export function surfaceModel(crop: AreaCrop): Light | null {
  const samples = samplesOf(crop);
  const count = samples.at.length;
  if (count < 10 * TERMS) return null;
  const weights = firstWeights(samples);
  let model: readonly Float64Array[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    model = fitted(samples, weights);
    const reach = round < ROUNDS / 2 ? LOOSE : TIGHT;
    for (let i = 0; i < count; i++) weights[i] = weightOf(samples, model, i, reach);
  }
  let near = 0;
  for (let i = 0; i < count; i++) if (worstOf(samples, model, i) < NEAR) near++;
  return near < PLAIN * count ? null : evaluated(crop, model);
}

interface Samples {
  /** Index in the crop. */
  readonly at: Int32Array;
  /** `TERMS` of each sample. */
  readonly terms: Float64Array;
  readonly logs: readonly Float64Array[];
}

function samplesOf(crop: AreaCrop): Samples {
  const { width, depth } = crop;
  const within: number[] = [];
  for (let i = 0; i < depth.length; i++) if (depth[i]! > BORDER) within.push(i);
  const step = Math.max(1, Math.ceil(within.length / SAMPLES));
  const at = Int32Array.from(within.filter((_, i) => i % step === 0));
  const terms = new Float64Array(at.length * TERMS);
  at.forEach((px, i) => termsInto(crop, px % width, Math.floor(px / width), terms, i * TERMS));
  const logs = crop.logs.map((plane) => Float64Array.from(at, (px) => plane[px]!));
  return { at, terms, logs };
}

function termsInto({ width, height }: AreaCrop, x: number, y: number, into: Float64Array, at: number): void {
  const [u, v] = [(2 * x) / width - 1, (2 * y) / height - 1];
  into[at] = 1;
  into[at + 1] = u;
  into[at + 2] = v;
  into[at + 3] = u * u;
  into[at + 4] = u * v;
  into[at + 5] = v * v;
}

/** 1 near the most frequent light. */
function firstWeights({ logs }: Samples): Float64Array {
  const [r, g, b] = logs as readonly [Float64Array, Float64Array, Float64Array];
  const bins = 140;
  const lowest = Math.log(DARKEST);
  const binOf = (i: number): number => Math.min(bins - 1, Math.floor(((r[i]! + g[i]! + b[i]!) / 3 - lowest) / 0.05));
  const counts = new Float64Array(bins);
  for (let i = 0; i < r.length; i++) counts[binOf(i)]!++;
  const around = counts.map((_, i) => counts.subarray(Math.max(0, i - 2), i + 3).reduce((sum, value) => sum + value, 0));
  const most = around.indexOf(Math.max(...around));
  return Float64Array.from(r, (_, i) => (Math.abs(binOf(i) - most) * 0.05 <= FREQUENT ? 1 : 0));
}

function valueOf(terms: Float64Array, sample: number, of: Float64Array): number {
  let sum = 0;
  for (let t = 0; t < TERMS; t++) sum += of[t]! * terms[sample * TERMS + t]!;
  return sum;
}

/** The primary that is furthest from the model, as a difference of logarithms. */
function worstOf({ terms, logs }: Samples, model: readonly Float64Array[], i: number): number {
  return Math.max(...model.map((of, c) => Math.abs(logs[c]![i]! - valueOf(terms, i, of))));
}

function weightOf({ terms, logs }: Samples, model: readonly Float64Array[], i: number, reach: number): number {
  let [furthest, sum] = [0, 0];
  for (let c = 0; c < 3; c++) {
    const off = logs[c]![i]! - valueOf(terms, i, model[c]!);
    furthest = Math.max(furthest, Math.abs(off));
    sum += off;
  }
  if (furthest >= reach) return 0;
  const share = furthest / reach;
  return (1 - share * share) ** 2 * (sum > 0 ? LIGHTER : 1);
}

/**
 * Weighted least squares by the normal equations, of all primaries at once; a little is added to their diagonal, so that too few samples give a flat
 * surface.
 */
function fitted({ terms, logs }: Samples, weights: Float64Array): Float64Array[] {
  const columns = TERMS + logs.length;
  const system = new Float64Array(TERMS * columns);
  for (let i = 0; i < weights.length; i++) {
    const weight = weights[i]!;
    if (weight === 0) continue;
    for (let a = 0, row = 0; a < TERMS; a++, row += columns) {
      const left = weight * terms[i * TERMS + a]!;
      for (let b = a; b < TERMS; b++) system[row + b]! += left * terms[i * TERMS + b]!;
      for (let c = 0; c < logs.length; c++) system[row + TERMS + c]! += left * logs[c]![i]!;
    }
  }
  for (let a = 0; a < TERMS; a++) {
    for (let b = 0; b < a; b++) system[a * columns + b] = system[b * columns + a]!;
    system[a * columns + a]! += 1e-6;
  }
  eliminate(system, columns);
  return logs.map((_, c) => solution(system, columns, TERMS + c));
}

/** Gauss's elimination of a symmetric positive system with several right sides. */
function eliminate(system: Float64Array, columns: number): void {
  for (let a = 0; a < TERMS; a++) {
    for (let b = a + 1; b < TERMS; b++) {
      const by = system[b * columns + a]! / system[a * columns + a]!;
      for (let c = a; c < columns; c++) system[b * columns + c]! -= by * system[a * columns + c]!;
    }
  }
}

function solution(system: Float64Array, columns: number, right: number): Float64Array {
  const out = new Float64Array(TERMS);
  for (let a = TERMS - 1; a >= 0; a--) {
    let sum = system[a * columns + right]!;
    for (let b = a + 1; b < TERMS; b++) sum -= system[a * columns + b]! * out[b]!;
    out[a] = sum / system[a * columns + a]!;
  }
  return out;
}

function evaluated({ width, height }: AreaCrop, model: readonly Float64Array[]): Light {
  const planes = newLight(width * height);
  planes.forEach((plane, c) => {
    const [k, ku, kv, kuu, kuv, kvv] = model[c] as unknown as readonly [number, number, number, number, number, number];
    for (let y = 0, i = 0; y < height; y++) {
      const v = (2 * y) / height - 1;
      const [first, slope] = [k + v * (kv + v * kvv), ku + v * kuv];
      for (let x = 0; x < width; x++, i++) {
        const u = (2 * x) / width - 1;
        plane[i] = first + u * (slope + u * kuu);
      }
    }
  });
  return planes;
}
