import type { Plane } from '../finish/plane.js';
import type { Pixels } from '../photo/pixels.js';
import { edgeBand, type EdgeBand } from './edge-band.js';
import { raySamples } from './edge-samples.js';
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
  for (let n = 0; n < indices.length; n++) {
    if (n % 20000 === 0) await pause();
    const lead = likeness(pixels, band, n) - (STAYING * band.depth[n]!) / band.reach[n]!;
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
function likeness({ data }: Pixels, band: EdgeBand, n: number): number {
  const { fronts, backs } = raySamples(band, n);
  const i = 4 * band.indices[n]!;
  const nearest = (samples: readonly number[]): number => {
    let best = Infinity;
    for (const j of samples) {
      const [r, g, b] = [data[i]! - data[4 * j]!, data[i + 1]! - data[4 * j + 1]!, data[i + 2]! - data[4 * j + 2]!];
      best = Math.min(best, r * r + g * g + b * b);
    }
    return best;
  };
  if (fronts.length === 0 || backs.length === 0) return 0;
  return Math.min(LOUDEST, Math.max(-LOUDEST, (nearest(fronts) - nearest(backs)) / (2 * NOISE * NOISE)));
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
  const pairs: number[] = [];
  const squares: number[] = [];
  const spans: number[] = [];
  const rim: [number, number, number, number][] = [];
  const difference = (i: number, j: number): number =>
    (data[4 * i]! - data[4 * j]!) ** 2 + (data[4 * i + 1]! - data[4 * j + 1]!) ** 2 + (data[4 * i + 2]! - data[4 * j + 2]!) ** 2;
  for (let n = 0; n < indices.length; n++) {
    const i = indices[n]!;
    const x = i % width;
    for (const [dx, dy] of [
      [1, 0],
      [0, 1],
      [1, 1],
      [-1, 1],
      [-1, 0],
      [0, -1],
      [-1, -1],
      [1, -1],
    ] as const) {
      const j = i + dy * width + dx;
      if (x + dx < 0 || x + dx >= width || j < 0 || j >= zone.data.length) continue;
      const span = dx !== 0 && dy !== 0 ? Math.SQRT1_2 : 1;
      const other = slots[j]!;
      if (other > n) {
        pairs.push(n, other);
        squares.push(difference(i, j));
        spans.push(span);
      } else if (other === -1) rim.push([n, zone.data[j]!, difference(i, j), span]);
    }
  }
  const mean = squares.reduce((sum, value) => sum + value, 0) / Math.max(1, squares.length) || 1;
  const tie = (square: number, span: number): number => SMOOTHNESS * span * Math.exp(-square / (2 * mean));
  for (const [n, side, square, span] of rim) {
    const costs = side === 255 ? ground : subject;
    costs[n] = costs[n]! + tie(square, span);
  }
  return { pairs: Int32Array.from(pairs), ties: Float64Array.from(squares, (square, i) => tie(square, spans[i]!)) };
}
