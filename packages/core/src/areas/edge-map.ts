import { LINEAR } from '../finish/contrast.js';
import type { Pixels } from '../photo/pixels.js';
import { oklabInto } from './oklab.js';

/** How hard the edges of a photo are, at a size that is quick to flood. */
export interface EdgeMap {
  readonly width: number;
  readonly height: number;
  /** Px of the photo for one of this map. */
  readonly scale: number;
  /** By row: 0 where nothing changes, LEVELS - 1 at the hardest edge. */
  readonly levels: Uint16Array;
}

export const LEVELS = 400;
/** Longer photos are halved, as often as it takes. */
const LONGEST = 1000;
/** Edges are told apart by ratios: each doubling above this is 40 levels. */
const FAINTEST = 0.0005;
const PER_DOUBLING = 40;
/** A change of hue says more than one of light, which shadows make too. */
const COLOUR_WEIGHT = 1.5;

/** The edges of a photo: the slope of its smoothed Oklab, in levels that grow with its logarithm. */
export function edgeMapOf(photo: Pixels): EdgeMap {
  let halvings = 0;
  while (Math.max(photo.width, photo.height) >> halvings > LONGEST) halvings++;
  const scale = 1 << halvings;
  const [width, height] = [Math.max(1, Math.floor(photo.width / scale)), Math.max(1, Math.floor(photo.height / scale))];
  const planes = lightPlanes(photo, width, height, scale);
  toOklab(planes);
  const squares = new Float32Array(width * height);
  planes.forEach((plane, channel) => {
    smooth(plane, width, height);
    addSlopes(plane, width, height, channel === 0 ? 1 : COLOUR_WEIGHT ** 2, squares);
  });
  return { width, height, scale, levels: Uint16Array.from(squares, levelOf) };
}

function levelOf(square: number): number {
  return Math.min(LEVELS - 1, Math.round(PER_DOUBLING * Math.log2(1 + Math.sqrt(square) / FAINTEST)));
}

/** The light of the primaries, the mean of `scale` by `scale` px; what is left over at the right and the bottom is left out. */
function lightPlanes(photo: Pixels, width: number, height: number, scale: number): Float32Array[] {
  const [reds, greens, blues] = [0, 1, 2].map(() => new Float32Array(width * height)) as [
    Float32Array,
    Float32Array,
    Float32Array,
  ];
  const { data } = photo;
  const share = 1 / (scale * scale);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      let [r, g, b] = [0, 0, 0];
      for (let dy = 0; dy < scale; dy++) {
        let at = ((y * scale + dy) * photo.width + x * scale) * 4;
        for (let dx = 0; dx < scale; dx++, at += 4) {
          r += LINEAR[data[at]!]!;
          g += LINEAR[data[at + 1]!]!;
          b += LINEAR[data[at + 2]!]!;
        }
      }
      reds[i] = r * share;
      greens[i] = g * share;
      blues[i] = b * share;
    }
  }
  return [reds, greens, blues];
}

function toOklab([r, g, b]: Float32Array[]): void {
  const lab = new Float32Array(3);
  for (let i = 0; i < r!.length; i++) {
    oklabInto(r![i]!, g![i]!, b![i]!, lab, 0);
    r![i] = lab[0]!;
    g![i] = lab[1]!;
    b![i] = lab[2]!;
  }
}

/** A Gaussian of 1 px, in place, in rows and then in columns; the border goes on outwards. */
function smooth(plane: Float32Array, width: number, height: number): void {
  const [k0, k1, k2, k3] = KERNEL;
  const line = new Float32Array(Math.max(width, height) + 6);
  const smoothLine = (from: number, step: number, length: number): void => {
    for (let i = -3; i < length + 3; i++) line[i + 3] = plane[from + step * (i < 0 ? 0 : i < length ? i : length - 1)]!;
    for (let i = 3, at = from; i < length + 3; i++, at += step) {
      plane[at] =
        k0 * line[i]! +
        k1 * (line[i - 1]! + line[i + 1]!) +
        k2 * (line[i - 2]! + line[i + 2]!) +
        k3 * (line[i - 3]! + line[i + 3]!);
    }
  };
  for (let y = 0; y < height; y++) smoothLine(y * width, 1, width);
  for (let x = 0; x < width; x++) smoothLine(x, width, height);
}

const KERNEL = kernelOf(1);

function kernelOf(sigma: number): readonly [number, number, number, number] {
  const weights = [0, 1, 2, 3].map((d) => Math.exp(-(d * d) / (2 * sigma * sigma)));
  const sum = weights[0]! + 2 * (weights[1]! + weights[2]! + weights[3]!);
  return weights.map((weight) => weight / sum) as unknown as readonly [number, number, number, number];
}

function addSlopes(plane: Float32Array, width: number, height: number, weight: number, squares: Float32Array): void {
  for (let y = 0; y < height; y++) {
    const [above, below] = [Math.max(0, y - 1) * width, Math.min(height - 1, y + 1) * width];
    for (let x = 0; x < width; x++) {
      const row = y * width;
      const across = (plane[row + Math.min(width - 1, x + 1)]! - plane[row + Math.max(0, x - 1)]!) / 2;
      const down = (plane[below + x]! - plane[above + x]!) / 2;
      squares[row + x]! += weight * (across * across + down * down);
    }
  }
}
