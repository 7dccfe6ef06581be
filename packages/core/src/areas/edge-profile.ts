import type { Pixels } from '../photo/pixels.js';
import type { Point } from '../geometry/matrix.js';
import { lightOf, oklabInto } from './oklab.js';

/** A change of hue counts so much more than one of lightness: a shadow that lies in an area has the hue of the area. */
const COLOUR_WEIGHT = 4;
/** What is fainter is grain. */
const FAINTEST = 0.004;
/** Each value is the mean of so many px along the edge. */
const ALONG = [-1, 0, 1];

/** Where an edge is looked for: across it at `at`, along the unit vector `outwards`. */
export interface Profile {
  readonly at: Point;
  readonly outwards: Point;
  /** Px inwards and outwards. */
  readonly from: number;
  readonly to: number;
}

/**
 * Where along a profile the first edge from within lies that is at least so hard for the hardest of all: a frame has several, and what lies in
 * the area ends at the innermost. To a part of a px, by a parabola.
 * @param share - of the hardest
 * @returns px outwards from `at`, or null where nothing changes
 */
export function innermostEdge(photo: Pixels, { at, outwards, from, to }: Profile, share: number): number | null {
  const count = Math.round(to - from) + 3;
  const lab = new Float64Array(3 * count);
  for (let i = 0; i < count; i++) {
    const t = from - 1 + i;
    meanAt(photo, { x: at.x + outwards.x * t, y: at.y + outwards.y * t }, outwards, lab.subarray(3 * i, 3 * i + 3));
  }
  const slopes = new Float64Array(count);
  let hardest = 0;
  for (let i = 1; i < count - 1; i++) {
    const slope = (channel: number): number => (lab[3 * (i + 1) + channel]! - lab[3 * (i - 1) + channel]!) / 2;
    slopes[i] = Math.hypot(slope(0), COLOUR_WEIGHT * slope(1), COLOUR_WEIGHT * slope(2));
    hardest = Math.max(hardest, slopes[i]!);
  }
  if (hardest < FAINTEST) return null;
  for (let i = 2; i < count - 2; i++) {
    const [before, here, after] = [slopes[i - 1]!, slopes[i]!, slopes[i + 1]!];
    if (here < share * hardest || here < before || here <= after) continue;
    return from - 1 + i + (before - after) / (2 * (before - 2 * here + after));
  }
  return null;
}

function meanAt(photo: Pixels, { x, y }: Point, outwards: Point, into: Float64Array): void {
  let [r, g, b] = [0, 0, 0];
  for (const along of ALONG) {
    bilinear(photo, x - outwards.y * along - 0.5, y + outwards.x * along - 0.5);
    r += SEEN[0]!;
    g += SEEN[1]!;
    b += SEEN[2]!;
  }
  const n = ALONG.length;
  oklabInto(lightOf(r / n), lightOf(g / n), lightOf(b / n), into, 0);
}

/** The colour of one place, in Oklab. */
export function colourAt(photo: Pixels, { x, y }: Point): readonly [number, number, number] {
  bilinear(photo, x - 0.5, y - 0.5);
  const lab = new Float64Array(3);
  oklabInto(lightOf(SEEN[0]!), lightOf(SEEN[1]!), lightOf(SEEN[2]!), lab, 0);
  return [lab[0]!, lab[1]!, lab[2]!];
}

const SEEN = new Float64Array(3);

/** What lies between four px; the border goes on outwards. */
function bilinear({ width, height, data }: Pixels, x: number, y: number): void {
  const cx = Math.max(0, Math.min(width - 1.001, x));
  const cy = Math.max(0, Math.min(height - 1.001, y));
  const [x0, y0] = [Math.floor(cx), Math.floor(cy)];
  const [fx, fy] = [cx - x0, cy - y0];
  const at = (y0 * width + x0) * 4;
  const below = at + 4 * width;
  for (let c = 0; c < 3; c++) {
    const upper = data[at + c]! + (data[at + 4 + c]! - data[at + c]!) * fx;
    const lower = data[below + c]! + (data[below + 4 + c]! - data[below + c]!) * fx;
    SEEN[c] = upper + (lower - upper) * fy;
  }
}
