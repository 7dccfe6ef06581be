import { halve } from '../photo/levels.js';
import { isOpaque, type Pixels } from '../photo/pixels.js';
import { pieceNeighbours, type PieceNeighbours } from './piece-neighbours.js';
import { pieceSharpness } from './sharpness.js';
import { superpixels, type Superpixels } from './superpixels.js';
import { workingCopy, type WorkingCopy } from './working-copy.js';

/** All that is worked out once for a photo, whatever is marked on it. */
export interface PreparedPhoto {
  readonly copy: WorkingCopy;
  readonly pieces: Superpixels;
  readonly neighbours: PieceNeighbours;
  /** L, a, b and sharpness of each piece: count * `FEATURES`. */
  readonly features: Float32Array;
  /** What it costs to part each pair of neighbours at a smoothness of 1. */
  readonly ties: Float64Array;
}

export const FEATURES = 4;
/** A doubling of sharpness counts as much as this many units of Lab. */
const SHARPNESS_WEIGHT = 12;
/** How much of its value a piece takes from its neighbours, so that flat spots of a sharp thing are not taken for smooth. */
const SHARED = 3;
/** Half of a tie falls off quickly with the difference of colours, half slowly: a strong edge is always cheaper than a weak one. */
const SLOW = 8;

/** The subject is looked for, and previewed, in at most so many px of the longer side. */
const LEVEL_SIDE = 1600;

/** A photo halved until it is small enough to work on. */
export interface CutoutLevel {
  readonly pixels: Pixels;
  /** How often it was halved. */
  readonly index: number;
}

export function cutoutLevel(photo: Pixels): CutoutLevel {
  const opaque = isOpaque(photo);
  let [pixels, index] = [photo, 0];
  while (Math.max(pixels.width, pixels.height) > LEVEL_SIDE) [pixels, index] = [halve(pixels, opaque), index + 1];
  return { pixels, index };
}

/** Prepares a photo for being cut out; marks are then given in px of the photo. */
export function preparePhoto({ pixels, index }: CutoutLevel): PreparedPhoto {
  const copy = workingCopy(pixels);
  const pieces = superpixels(copy);
  const neighbours = pieceNeighbours(pieces);
  const sharpness = spread(pieceSharpness(pixels, pieces), pieces, neighbours);
  const features = new Float32Array(pieces.count * FEATURES);
  for (let k = 0; k < pieces.count; k++) {
    features.set(pieces.lab.subarray(3 * k, 3 * k + 3), FEATURES * k);
    features[FEATURES * k + 3] = SHARPNESS_WEIGHT * sharpness[k]!;
  }
  return { copy: { ...copy, scale: copy.scale / 2 ** index }, pieces, neighbours, features, ties: tiesOf(pieces, neighbours) };
}

function spread(values: Float32Array, { sizes }: Superpixels, { pairs, borders }: PieceNeighbours): Float32Array {
  const sums = Float64Array.from(values, (value, k) => value * sizes[k]!);
  const weights = Float64Array.from(sizes);
  for (let i = 0; i < borders.length; i++) {
    const [p, q, weight] = [pairs[2 * i]!, pairs[2 * i + 1]!, SHARED * borders[i]!];
    sums[p] = sums[p]! + values[q]! * weight;
    sums[q] = sums[q]! + values[p]! * weight;
    weights[p] = weights[p]! + weight;
    weights[q] = weights[q]! + weight;
  }
  return Float32Array.from(sums, (sum, k) => sum / weights[k]!);
}

/** Parting like colours costs most; how like they must be goes by how much neighbours differ on the whole. */
function tiesOf({ lab }: Superpixels, { pairs, borders }: PieceNeighbours): Float64Array {
  const squares = Float64Array.from(borders, (_, i) => {
    const [p, q] = [3 * pairs[2 * i]!, 3 * pairs[2 * i + 1]!];
    return (lab[p]! - lab[q]!) ** 2 + (lab[p + 1]! - lab[q + 1]!) ** 2 + (lab[p + 2]! - lab[q + 2]!) ** 2;
  });
  const mean = squares.reduce((sum, value) => sum + value, 0) / Math.max(1, squares.length) || 1;
  return borders.map((border, i) => {
    const square = squares[i]! / mean;
    return (border * (Math.exp(-square / 2) + Math.exp(-square / SLOW))) / 2;
  });
}
