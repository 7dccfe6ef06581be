import type { Pixels } from '../photo/pixels.js';
import { FEATURES, type PreparedPhoto } from './prepared-photo.js';

/** What a cut px by px needs to know of a photo, whatever is marked on it. */
export interface ColourGrid {
  readonly width: number;
  readonly height: number;
  /** Px of nearly the same colour and sharpness share a cell: the cell of each px. */
  readonly cells: Int32Array;
  /** Red, green, blue (0 to 255) and sharpness of each cell, the mean of its px: cells * `GRID_FEATURES`. */
  readonly values: Float32Array;
  /** How like each px is to its neighbours in the directions of `LATER`, 0 to 1: width * height * 4; 0 where there is none. */
  readonly likeness: Float32Array;
}

export const GRID_FEATURES = 4;
/** Steps to the neighbours that come later in rows from the top. */
export const LATER = [
  [1, 0],
  [-1, 1],
  [0, 1],
  [1, 1],
] as const;

/** Levels of a channel that share a cell, as a power of 2. */
const LEVELS = 2;
/** A doubling of sharpness counts as much as this many levels of a channel, and is told from the next cell's in halves. */
const SHARPNESS = 5;
/** What a doubling of sharpness counts among the features of pieces. */
const PIECE_SHARPNESS = 12;

/** The grid of a prepared photo's working copy, of its colours as they are: softened ones lose the edge between px. */
export function colourGrid({ copy, pieces, features }: PreparedPhoto): ColourGrid {
  const { pixels, width, height } = copy;
  const sharpness = Float32Array.from(
    { length: pieces.count },
    (_, k) => (SHARPNESS / PIECE_SHARPNESS) * features[FEATURES * k + FEATURES - 1]!,
  );
  return { width, height, ...cellsOf(pixels, pieces.labels, sharpness), likeness: likenessOf(pixels) };
}

/** Cells are numbered as they are first met. */
function cellsOf({ data }: Pixels, labels: Int32Array, sharpness: Float32Array): Pick<ColourGrid, 'cells' | 'values'> {
  const numbers = new Map<number, number>();
  const cells = new Int32Array(labels.length);
  const sizes: number[] = [];
  const sums: number[] = [];
  const steps = Int32Array.from(sharpness, (value) => Math.round((2 * value) / SHARPNESS));
  for (let i = 0, o = 0; i < cells.length; i++, o += 4) {
    const sharp = steps[labels[i]!]!;
    const red = data[o]! >> LEVELS;
    const green = data[o + 1]! >> LEVELS;
    const blue = data[o + 2]! >> LEVELS;
    const key = (((sharp << 8) | red) << 16) | (green << 8) | blue;
    let cell = numbers.get(key);
    if (cell === undefined) {
      cell = sizes.length;
      numbers.set(key, cell);
      sizes.push(0);
      sums.push(0, 0, 0, 0);
    }
    cells[i] = cell;
    sizes[cell] = sizes[cell]! + 1;
    const at = GRID_FEATURES * cell;
    sums[at] = sums[at]! + data[o]!;
    sums[at + 1] = sums[at + 1]! + data[o + 1]!;
    sums[at + 2] = sums[at + 2]! + data[o + 2]!;
    sums[at + 3] = sums[at + 3]! + sharpness[labels[i]!]!;
  }
  return { cells, values: Float32Array.from(sums, (sum, at) => sum / sizes[Math.floor(at / GRID_FEATURES)]!) };
}

/** Falls off with the square of the difference of colours, by how much neighbours differ on the whole (as in GrabCut, 2004). */
function likenessOf({ width, height, data }: Pixels): Float32Array {
  const out = new Float32Array(width * height * LATER.length);
  let [sum, count] = [0, 0];
  for (let way = 0; way < LATER.length; way++) {
    const [dx, dy] = LATER[way]!;
    for (let y = 0; y < height - dy; y++) {
      const right = Math.min(width, width - dx);
      for (let x = Math.max(0, -dx); x < right; x++) {
        const i = y * width + x;
        const p = 4 * i;
        const q = 4 * (i + dy * width + dx);
        const r = data[p]! - data[q]!;
        const g = data[p + 1]! - data[q + 1]!;
        const b = data[p + 2]! - data[q + 2]!;
        const square = r * r + g * g + b * b;
        // One more than it is, so that none means that there is no neighbour.
        out[LATER.length * i + way] = 1 + square;
        sum += square;
        count++;
      }
    }
  }
  const mean = sum / Math.max(1, count) || 1;
  for (let n = 0; n < out.length; n++) if (out[n] !== 0) out[n] = Math.exp((1 - out[n]!) / (2 * mean));
  return out;
}
