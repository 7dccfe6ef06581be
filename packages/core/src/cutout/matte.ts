import type { Plane } from '../finish/plane.js';
import type { Pixels } from '../photo/pixels.js';
import { edgeBand, type EdgeBand } from './edge-band.js';
import { edgeSamples, type EdgeSamples } from './edge-samples.js';

/** Half the width of the band in which a matte is worked out: so many px for 1600 px of the photo's longer side. */
const REACH = 2;
/** How wide a plain edge is, px. */
const PLAIN_WIDTH = 2;
/** Colours of subject and ground that differ by less can not tell how clear a px is. */
const TELLING = 26;
/** A px that lies so far beside the line between both colours is not explained by them. */
const LEEWAY = 22;
/** The window in which a matte is smoothed along the picture's own edges, px to each side, and the least change of the picture that counts. */
const [WINDOW, LEAST_CHANGE] = [2, 1e-4];

export interface MatteOptions {
  /** Where the edge is soft and the band has to be wide, of the mask's size. */
  readonly soft?: Plane;
  /** Called now and then with the share done, 0 to 1; may throw to give up. */
  readonly pause?: (done: number) => Promise<void>;
}

/**
 * The matte of a subject: how much of each px it covers. Only px along the edge of the mask are worked out, from the colours on both sides
 * (`edgeSamples`), blended with how deep they lie in the band, and smoothed by a filter that follows the picture (K. He, J. Sun, X. Tang,
 * "Guided image filtering", 2010, guided by where each colour lies between both sides).
 * @param photo - full size.
 * @param mask - of a smaller size and the same form; 128 and above is subject.
 * @returns the matte in the photo's size.
 */
export async function matteOf(
  photo: Pixels,
  mask: Plane,
  { soft, pause = () => Promise.resolve() }: MatteOptions = {},
): Promise<Plane> {
  const band = edgeBand(mask, photo.width, photo.height, { reach: REACH, ...(soft && { soft }) });
  await pause(0.1);
  const samples = await edgeSamples(photo, band, (done) => pause(0.1 + 0.6 * done));
  const rough: Plane = { ...band.zone, data: band.zone.data.slice() };
  for (let n = 0; n < band.indices.length; n++) {
    if (n % 50000 === 0) await pause(0.7 + (0.1 * n) / band.indices.length);
    rough.data[band.indices[n]!] = 255 * coverage(photo, band, samples, n) + 0.5;
  }
  const smooth: Plane = { ...rough, data: rough.data.slice() };
  for (let n = 0; n < band.indices.length; n++) {
    if (n % 20000 === 0) await pause(0.8 + (0.2 * n) / band.indices.length);
    smooth.data[band.indices[n]!] = Math.min(255, Math.max(0, 255 * guided(photo, rough, band, samples, n) + 0.5));
  }
  return smooth;
}

/** Where a colour lies between that of the ground (0) and that of the subject (1). */
function between(data: Uint8ClampedArray, i: number, f: number, b: number): number {
  const [r, g, bl] = [data[4 * f]! - data[4 * b]!, data[4 * f + 1]! - data[4 * b + 1]!, data[4 * f + 2]! - data[4 * b + 2]!];
  const [p, q, s] = [data[4 * i]! - data[4 * b]!, data[4 * i + 1]! - data[4 * b + 1]!, data[4 * i + 2]! - data[4 * b + 2]!];
  return (p * r + q * g + s * bl) / (r * r + g * g + bl * bl + 1e-6);
}

function clamp(value: number): number {
  return Math.min(1, Math.max(0, value));
}

function coverage({ data }: Pixels, { indices, depth, reach }: EdgeBand, { front, back }: EdgeSamples, n: number): number {
  const [i, f, b] = [indices[n]!, front[n]!, back[n]!];
  const deep = depth[n]!;
  // A plain edge, as soft as one of a camera.
  const plain = clamp(0.5 + deep / PLAIN_WIDTH);
  if (f < 0 || b < 0) return plain;
  const along = between(data, i, f, b);
  const share = clamp(along);
  let [off, apart] = [0, 0];
  for (let c = 0; c < 3; c++) {
    const [front_, back_] = [data[4 * f + c]!, data[4 * b + c]!];
    off += (data[4 * i + c]! - back_ - share * (front_ - back_)) ** 2;
    apart += (front_ - back_) ** 2;
  }
  const trust = (1 - Math.exp(-apart / (TELLING * TELLING))) * Math.exp(-off / (LEEWAY * LEEWAY));
  // At the rims of the band the mask knows better than colours.
  const rim = clamp(Math.abs(deep) / reach[n]!) ** 2;
  const told = share * trust + plain * (1 - trust);
  return told * (1 - rim) + (deep > 0 ? 1 : 0) * rim;
}

function guided(
  { width, height, data }: Pixels,
  rough: Plane,
  { indices }: EdgeBand,
  { front, back }: EdgeSamples,
  n: number,
): number {
  const [i, f, b] = [indices[n]!, front[n]!, back[n]!];
  const own = rough.data[i]! / 255;
  if (f < 0 || b < 0) return own;
  const x = i % width;
  const y = (i - x) / width;
  let [count, sumG, sumA, sumGG, sumGA] = [0, 0, 0, 0, 0];
  for (let v = Math.max(0, y - WINDOW); v <= Math.min(height - 1, y + WINDOW); v++) {
    for (let u = Math.max(0, x - WINDOW); u <= Math.min(width - 1, x + WINDOW); u++) {
      const j = v * width + u;
      const g = Math.min(1.2, Math.max(-0.2, between(data, j, f, b)));
      const a = rough.data[j]! / 255;
      count++;
      sumG += g;
      sumA += a;
      sumGG += g * g;
      sumGA += g * a;
    }
  }
  const [meanG, meanA] = [sumG / count, sumA / count];
  const slope = (sumGA / count - meanG * meanA) / (sumGG / count - meanG * meanG + LEAST_CHANGE);
  const g = Math.min(1.2, Math.max(-0.2, between(data, i, f, b)));
  return meanA + slope * (g - meanG);
}
