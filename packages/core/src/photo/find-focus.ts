import type { Bounds } from '../geometry/bounds.js';
import type { Pixels } from './pixels.js';

/** Where so large a share of all pixels is unlike the border, it is an even texture and nothing stands out. */
const EVEN = 0.56;
/** The box reaches so many standard deviations from the middle of what stands out. */
const REACH = 1.5;

/**
 * The part of a picture that stands out from what runs along its border: a box in px of the picture. Undefined where nothing does, as in an
 * even texture. Every pixel is weighed by how far its colour is from the nearest mean colour of eight stretches of the border (after the
 * border prior of saliency by Wei, Wen, Zhu and Sun, 2012), and by how near it is to the middle.
 * @param picture - small: 64 px on its longer side are enough.
 */
export function findFocus(picture: Pixels): Bounds | undefined {
  const { width, height } = picture;
  const { distances, isEven } = standingOut(picture);
  const weights = new Float64Array(width * height);
  let mean = 0;
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const [dx, dy] = [(2 * x) / width - 1, (2 * y) / height - 1];
      weights[i] = distances[i]! * Math.exp(-0.9 * (dx * dx + dy * dy));
      mean += weights[i]!;
    }
  }
  mean /= width * height;
  if (mean < 1 || isEven) return undefined;
  // What stands out less than most is not part of it.
  let [sum, sx, sy, sxx, syy] = [0, 0, 0, 0, 0];
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const w = Math.max(0, weights[i]! - 1.3 * mean);
      sum += w;
      sx += w * (x + 0.5);
      sy += w * (y + 0.5);
      sxx += w * (x + 0.5) ** 2;
      syy += w * (y + 0.5) ** 2;
    }
  }
  if (sum === 0) return undefined;
  const [mx, my] = [sx / sum, sy / sum];
  const [spreadX, spreadY] = [Math.sqrt(Math.max(0, sxx / sum - mx * mx)), Math.sqrt(Math.max(0, syy / sum - my * my))];
  const [left, right] = [Math.max(0, mx - REACH * spreadX - 0.5), Math.min(width, mx + REACH * spreadX + 0.5)];
  const [top, bottom] = [Math.max(0, my - REACH * spreadY - 0.5), Math.min(height, my + REACH * spreadY + 0.5)];
  return { x: left, y: top, width: right - left, height: bottom - top };
}

/** For each pixel, how far its colour is from the nearest of the border, and whether that is much the same everywhere. */
export function standingOut(picture: Pixels): { readonly distances: Float64Array; readonly isEven: boolean } {
  const { width, height } = picture;
  const colours = planeOf(picture);
  const border = borderColours(colours, width, height);
  const distances = new Float64Array(width * height);
  let [plain, squares] = [0, 0];
  for (let i = 0; i < distances.length; i++) {
    let nearest = Infinity;
    for (const [a, b, c] of border) {
      nearest = Math.min(nearest, Math.hypot(colours[3 * i]! - a, colours[3 * i + 1]! - b, colours[3 * i + 2]! - c));
    }
    distances[i] = nearest;
    plain += nearest;
    squares += nearest * nearest;
  }
  // The share of pixels that would hold all of it, were it spread evenly over them.
  return { distances, isEven: (plain * plain) / (squares * width * height) > EVEN };
}

/** Lightness and two opponent colours, each about 0..255. */
function planeOf({ data, width, height }: Pixels): Float32Array {
  const out = new Float32Array(width * height * 3);
  for (let i = 0; i < width * height; i++) {
    const alpha = data[4 * i + 3]! / 255;
    // What is clear counts as white paper.
    const [r, g, b] = [0, 1, 2].map((c) => data[4 * i + c]! * alpha + 255 * (1 - alpha)) as [number, number, number];
    out[3 * i] = 0.3 * r + 0.59 * g + 0.11 * b;
    out[3 * i + 1] = r - g;
    out[3 * i + 2] = (r + g) / 2 - b;
  }
  return out;
}

/** Mean colours of two halves of each side. */
function borderColours(colours: Float32Array, width: number, height: number): [number, number, number][] {
  const stretches = new Map<number, [number, number, number, number]>();
  const take = (stretch: number, x: number, y: number): void => {
    const sum = stretches.get(stretch) ?? [0, 0, 0, 0];
    const i = 3 * (y * width + x);
    stretches.set(stretch, [sum[0] + colours[i]!, sum[1] + colours[i + 1]!, sum[2] + colours[i + 2]!, sum[3] + 1]);
  };
  for (let x = 0; x < width; x++) {
    const half = x < width / 2 ? 0 : 1;
    take(half, x, 0);
    take(2 + half, x, height - 1);
  }
  for (let y = 0; y < height; y++) {
    const half = y < height / 2 ? 0 : 1;
    take(4 + half, 0, y);
    take(6 + half, width - 1, y);
  }
  return [...stretches.values()].map(([a, b, c, count]) => [a / count, b / count, c / count]);
}
