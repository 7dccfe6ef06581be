import type { Plane } from '../finish/plane.js';
import type { Pixels } from '../photo/pixels.js';
import { LATER } from './colour-grid.js';
import { edgeBand, type EdgeBand } from './edge-band.js';
import { noSamples, raySamples, type RaySamples } from './edge-samples.js';
import { minCut } from './min-cut.js';

/** Half the width of the strip in which the edge is looked for, px for 1600 px of the longer side. */
const REACH = 6;
/** Noise of colours, levels of 255: a px is like the nearer of both sides by the squares of its distances over this. */
const NOISE = 20;
/** No px speaks for a side louder than this. */
const LOUDEST = 4;
/** How much staying near the edge of the mask counts at the rims of the strip. */
const STAYING = 1.5;
/** What it costs to part two px of the same colour. */
const SMOOTHNESS = 5;

/**
 * Moves the edge of a mask onto the edge of the picture: the mask was decided for whole pieces, its edge is decided px by px here. In a strip along
 * the edge each px is compared with what lies on both sides of it, and the cheapest cut is taken.
 * @param pixels - up to about 2 megapixels.
 * @param mask - of a smaller size; 128 and above is subject.
 * @returns a mask of 0 and 255 in the size of the pixels.
 */
export async function edgeCut(pixels: Pixels, mask: Plane, pause: () => Promise<void>): Promise<Plane> {
  const band = edgeBand(mask, pixels.width, pixels.height, { reach: REACH });
  const { zone, indices } = band;
  const out: Plane = { ...zone, data: zone.data.slice() };
  if (indices.length === 0) return out;
  const subject = new Float64Array(indices.length);
  const ground = new Float64Array(indices.length);
  const samples = noSamples();
  for (let n = 0; n < indices.length; n++) {
    if (n % 20000 === 0) await pause();
    const lead = likeness(pixels, band, n, samples) - (STAYING * band.depth[n]!) / band.reach[n]!;
    subject[n] = Math.max(0, lead);
    ground[n] = Math.max(0, -lead);
  }
  const { pairs, ties } = strip(pixels, band, subject, ground);
  await pause();
  const sides = minCut({ nodes: indices.length, subject, ground, pairs, ties });
  for (let n = 0; n < indices.length; n++) out.data[indices[n]!] = sides[n] === 1 ? 255 : 0;
  return out;
}

/** Above 0 where a px is more like the ground beside it, below 0 where it is more like the subject. */
function likeness({ data }: Pixels, band: EdgeBand, n: number, samples: RaySamples): number {
  raySamples(band, n, samples);
  if (samples.fronts === 0 || samples.backs === 0) return 0;
  const i = band.indices[n]!;
  const lead = nearest(data, i, samples.front, samples.fronts) - nearest(data, i, samples.back, samples.backs);
  return Math.min(LOUDEST, Math.max(-LOUDEST, lead / (2 * NOISE * NOISE)));
}

function nearest(data: Uint8ClampedArray, i: number, samples: Int32Array, count: number): number {
  let best = Infinity;
  for (let s = 0; s < count; s++) best = Math.min(best, difference(data, i, samples[s]!));
  return best;
}

function difference(data: Uint8ClampedArray, i: number, j: number): number {
  const r = data[4 * i]! - data[4 * j]!;
  const g = data[4 * i + 1]! - data[4 * j + 1]!;
  const b = data[4 * i + 2]! - data[4 * j + 2]!;
  return r * r + g * g + b * b;
}

/** Ties between neighbours in the strip; a neighbour beyond it speaks for its side. */
function strip(
  { width, data }: Pixels,
  { zone, indices }: EdgeBand,
  subject: Float64Array,
  ground: Float64Array,
): { pairs: Int32Array; ties: Float64Array } {
  const slots = new Int32Array(zone.data.length).fill(-1);
  for (let n = 0; n < indices.length; n++) slots[indices[n]!] = n;
  const pairs = new Int32Array(8 * indices.length);
  const ties = new Float64Array(4 * indices.length);
  let [count, sum] = [0, 0];
  for (let n = 0; n < indices.length; n++) {
    const i = indices[n]!;
    const x = i % width;
    for (const [dx, dy] of LATER) {
      const j = i + dy * width + dx;
      if (x + dx < 0 || x + dx >= width || j >= slots.length || slots[j] === -1) continue;
      pairs[2 * count] = n;
      pairs[2 * count + 1] = slots[j]!;
      ties[count] = difference(data, i, j);
      sum += ties[count]!;
      count++;
    }
  }
  const mean = sum / Math.max(1, count) || 1;
  const tie = (square: number, isAcross: boolean): number =>
    SMOOTHNESS * (isAcross ? Math.SQRT1_2 : 1) * Math.exp(-square / (2 * mean));
  for (let p = 0; p < count; p++) {
    const step = indices[pairs[2 * p + 1]!]! - indices[pairs[2 * p]!]!;
    ties[p] = tie(ties[p]!, step !== 1 && step !== width);
  }
  for (let n = 0; n < indices.length; n++) {
    const i = indices[n]!;
    const x = i % width;
    for (let dy = -1; dy <= 1; dy++) {
      for (let dx = -1; dx <= 1; dx++) {
        const j = i + dy * width + dx;
        if (x + dx < 0 || x + dx >= width || j < 0 || j >= slots.length || slots[j] !== -1) continue;
        const costs = zone.data[j] === 255 ? ground : subject;
        costs[n] = costs[n]! + tie(difference(data, i, j), dx !== 0 && dy !== 0);
      }
    }
  }
  return { pairs: pairs.slice(0, 2 * count), ties: ties.slice(0, count) };
}
