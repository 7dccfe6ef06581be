import type { Pixels } from '../photo/pixels.js';
import type { EdgeBand } from './edge-band.js';

/** For each px of a band the colours of subject and ground that explain it best. */
export interface EdgeSamples {
  /** Indices of px whose colours are taken, -1 where none was found within reach. */
  readonly front: Int32Array;
  readonly back: Int32Array;
}

/** Rays go along the axes and the diagonals. */
const RAYS = 8;
const ACROSS = [1, Math.SQRT1_2, 0, -Math.SQRT1_2, -1, -Math.SQRT1_2, 0, Math.SQRT1_2] as const;
const DOWN = [0, Math.SQRT1_2, 1, Math.SQRT1_2, 0, -Math.SQRT1_2, -1, -Math.SQRT1_2] as const;
/** A ray takes so many steps over half the width of the band. */
const STEPS = 3;
/** A ray goes so many times half the width of the band. */
const FAR = 4;
/** Rounds in which neighbours offer each other their pairs. */
const ROUNDS = 2;
/** A px so far away counts as much as one unit of colour. */
const NEARNESS = 0.15;

/**
 * Samples along eight rays from each px of a band, and the pair of subject and ground between whose colours the px lies best; then neighbours
 * offer theirs (after E. Gastal, M. Oliveira, "Shared sampling for real-time alpha matting", 2010).
 */
export async function edgeSamples(photo: Pixels, band: EdgeBand, pause: (done: number) => Promise<void>): Promise<EdgeSamples> {
  const { indices } = band;
  const front = new Int32Array(indices.length).fill(-1);
  const back = new Int32Array(indices.length).fill(-1);
  const samples = noSamples();
  for (let n = 0; n < indices.length; n++) {
    if (n % 20000 === 0) await pause((0.7 * n) / indices.length);
    samplePx(photo, band, n, samples, front, back);
  }
  const above = slotsAbove(band);
  for (let round = 0; round < ROUNDS; round++) {
    await pause(0.7 + 0.15 * round);
    const isBack = round % 2 === 1;
    for (let m = 0; m < indices.length; m++) {
      const n = isBack ? indices.length - 1 - m : m;
      for (const other of [n - 1, n + 1, above[n]!]) {
        if (other < 0 || other >= indices.length || front[other] === -1 || back[other] === -1) continue;
        if (other !== above[n] && Math.abs(indices[other]! - indices[n]!) !== 1) continue;
        if (front[n] === front[other] && back[n] === back[other]) continue;
        if (misfit(photo, indices[n]!, front[other]!, back[other]!) < misfit(photo, indices[n]!, front[n]!, back[n]!)) {
          front[n] = front[other]!;
          back[n] = back[other]!;
        }
      }
    }
  }
  return { front, back };
}

// eslint-disable-next-line max-params -- once for each pixel: an object would be made for each
function samplePx(photo: Pixels, band: EdgeBand, n: number, samples: RaySamples, front: Int32Array, back: Int32Array): void {
  const i = band.indices[n]!;
  raySamples(band, n, samples);
  let best = Infinity;
  for (let f = 0; f < samples.fronts; f++) {
    for (let b = 0; b < samples.backs; b++) {
      const cost = misfit(photo, i, samples.front[f]!, samples.back[b]!);
      if (cost >= best) continue;
      best = cost;
      front[n] = samples.front[f]!;
      back[n] = samples.back[b]!;
    }
  }
  if (best === Infinity) {
    if (samples.fronts > 0) front[n] = samples.front[0]!;
    if (samples.backs > 0) back[n] = samples.back[0]!;
  }
}

/** How far a px's colour is from the line between two others, and a little of how far they are from it. */
function misfit({ width, data }: Pixels, i: number, f: number, b: number): number {
  if (f < 0 || b < 0) return Infinity;
  const [io, fo, bo] = [4 * i, 4 * f, 4 * b];
  const [r, g, bl] = [data[fo]! - data[bo]!, data[fo + 1]! - data[bo + 1]!, data[fo + 2]! - data[bo + 2]!];
  const [p, q, s] = [data[io]! - data[bo]!, data[io + 1]! - data[bo + 1]!, data[io + 2]! - data[bo + 2]!];
  const along = Math.min(1, Math.max(0, (p * r + q * g + s * bl) / (r * r + g * g + bl * bl + 1e-6)));
  const off = Math.sqrt((p - along * r) ** 2 + (q - along * g) ** 2 + (s - along * bl) ** 2);
  const x = i % width;
  const y = (i - x) / width;
  const away = (j: number): number => Math.abs((j % width) - x) + Math.abs(Math.floor(j / width) - y);
  // Two colours that are all but one explain nothing.
  const alike = 400 / (r * r + g * g + bl * bl + 40);
  return off + NEARNESS * (away(f) + away(b)) + alike;
}

/** For each px of the band the number of the one right above, -1 where that is not in the band. */
function slotsAbove({ zone, indices }: EdgeBand): Int32Array {
  const out = new Int32Array(indices.length).fill(-1);
  for (let n = 0, m = 0; n < indices.length; n++) {
    const wanted = indices[n]! - zone.width;
    while (m < n && indices[m]! < wanted) m++;
    if (indices[m] === wanted) out[n] = m;
  }
  return out;
}

/** Samples of one px: the first `fronts` of `front` and the first `backs` of `back` are indices of px. */
export interface RaySamples {
  readonly front: Int32Array;
  readonly back: Int32Array;
  fronts: number;
  backs: number;
}

export function noSamples(): RaySamples {
  return { front: new Int32Array(RAYS), back: new Int32Array(RAYS), fronts: 0, backs: 0 };
}

/** The first px of sure subject and of sure ground that rays from a px of the band meet. @param out - is written over. */
export function raySamples({ zone, indices, reach }: EdgeBand, n: number, out: RaySamples): void {
  const { width, height, data } = zone;
  const i = indices[n]!;
  const x = i % width;
  const y = (i - x) / width;
  const step = Math.max(1, reach[n]! / STEPS);
  const most = Math.ceil((FAR * reach[n]!) / step);
  out.fronts = 0;
  out.backs = 0;
  for (let ray = 0; ray < RAYS; ray++) {
    const dx = ACROSS[ray]! * step;
    const dy = DOWN[ray]! * step;
    let hasFront = false;
    let hasBack = false;
    for (let s = 1; s <= most; s++) {
      const u = Math.round(x + dx * s);
      const v = Math.round(y + dy * s);
      if (u < 0 || v < 0 || u >= width || v >= height) break;
      const j = v * width + u;
      const value = data[j]!;
      if (value === 255 && !hasFront) {
        hasFront = true;
        out.front[out.fronts++] = j;
        if (hasBack) break;
      } else if (value === 0 && !hasBack) {
        hasBack = true;
        out.back[out.backs++] = j;
        if (hasFront) break;
      }
    }
  }
}
