import { intersect, type Bounds } from '../../geometry/bounds.js';
import type { Pixels } from '../../photo/pixels.js';

/** The variance by which edges are blurred once more to see how soft they were, px^2. */
const AGAIN = 1;
/** An edge changes by more than this from px to px, of 255. */
const LEAST_STEP = 16;
/** Fewer edges say nothing. */
const LEAST_EDGES = 40;
/** Sharper than this share of the edges are grain and what is next to other edges. */
const SHARPEST = 0.25;
/** An edge goes from one side to the other: what lies so many px to its sides differs by most of all the change between. */
const [SIDES, MOST] = [3, 0.9];
/** What a difference over two px adds to the variance. */
const DIFFERENCE = 1 / 3;

/**
 * How soft the sharpest edges of a part of a photo are: they are blurred once more, and the ratio of the gradients before and after says how soft they were
 * (S. Zhuo, T. Sim, "Defocus map estimation from a single image", 2011).
 * @param within - px of the photo
 * @returns the standard deviation of the blur in px of the photo, what a px itself averages included; null where there are too few edges
 */
export function edgeBlur(photo: Pixels, within: Bounds): number | null {
  const part = intersect(within, { x: 0, y: 0, width: photo.width, height: photo.height });
  if (!part) return null;
  const [x, y] = [Math.floor(part.x), Math.floor(part.y)];
  const [width, height] = [Math.floor(part.width), Math.floor(part.height)];
  const sharp = greyOf(photo, x, y, width, height);
  const soft = blurredAgain(sharp, width, height);
  const variances: number[] = [];
  for (let row = SIDES; row < height - SIDES; row++) {
    for (let column = SIDES; column < width - SIDES; column++) {
      const i = row * width + column;
      const [dx, dy] = [(sharp[i + 1]! - sharp[i - 1]!) / 2, (sharp[i + width]! - sharp[i - width]!) / 2];
      const step = dx * dx + dy * dy;
      if (step < LEAST_STEP ** 2 || !isCrest(sharp, i, width, dx, dy, step)) continue;
      const again = ((soft[i + 1]! - soft[i - 1]!) / 2) ** 2 + ((soft[i + width]! - soft[i - width]!) / 2) ** 2;
      const ratio = step / Math.max(1e-6, again);
      if (ratio > 1.001) variances.push(AGAIN / (ratio - 1) - DIFFERENCE);
    }
  }
  if (variances.length < LEAST_EDGES) return null;
  variances.sort((a, b) => a - b);
  return Math.round(100 * Math.sqrt(Math.max(0, variances[Math.floor(SHARPEST * variances.length)]!))) / 100;
}

/** By the binomial coefficients of 4, along rows and columns: a Gaussian of variance 1. */
function blurredAgain(grey: Float32Array, width: number, height: number): Float32Array {
  const [across, both] = [grey.slice(), grey.slice()];
  const along = (from: Float32Array, to: Float32Array, step: number): void => {
    for (let y = 2; y < height - 2; y++) {
      for (let x = 2, i = y * width + 2; x < width - 2; x++, i++) {
        const near = from[i - step]! + from[i + step]!;
        to[i] = (6 * from[i]! + 4 * near + from[i - 2 * step]! + from[i + 2 * step]!) / 16;
      }
    }
  };
  along(grey, across, 1);
  along(across, both, width);
  return both;
}

/** Whether it is an edge between two sides, no line or speck, and its gradient is nowhere steeper across it. */
// eslint-disable-next-line max-params -- once for each px: an object would be made for each
function isCrest(grey: Float32Array, i: number, width: number, dx: number, dy: number, step: number): boolean {
  const along = Math.abs(dx) > Math.abs(dy) ? 1 : width;
  const stepAt = (at: number): number =>
    ((grey[at + 1]! - grey[at - 1]!) / 2) ** 2 + ((grey[at + width]! - grey[at - width]!) / 2) ** 2;
  if (stepAt(i - along) > step || stepAt(i + along) >= step) return false;
  let [least, most] = [Infinity, -Infinity];
  for (let side = -SIDES; side <= SIDES; side++) {
    least = Math.min(least, grey[i + side * along]!);
    most = Math.max(most, grey[i + side * along]!);
  }
  return Math.abs(grey[i + SIDES * along]! - grey[i - SIDES * along]!) >= MOST * (most - least);
}

function greyOf({ data, width: stride }: Pixels, x: number, y: number, width: number, height: number): Float32Array {
  const grey = new Float32Array(width * height);
  for (let row = 0, i = 0; row < height; row++) {
    for (let column = 0, at = 4 * ((y + row) * stride + x); column < width; column++, at += 4, i++) {
      grey[i] = 0.299 * data[at]! + 0.587 * data[at + 1]! + 0.114 * data[at + 2]!;
    }
  }
  return grey;
}
