import { newPlane, type Plane } from '../finish/plane.js';
import type { Pixels } from '../photo/pixels.js';

export interface FlatOptions {
  /** How far a colour may be from the ground's, levels of 255. */
  readonly tolerance: number;
  /** Whether the ground is also cleared where the subject encloses it. */
  readonly everywhere: boolean;
}

/** How far colours are from that of the ground at most where nobody said otherwise, levels of 255. */
export const FLAT_TOLERANCE = 24;

/** So much of the border has to be of one colour for a ground to be called flat, within so many levels. */
const [FLAT_SHARE, FLAT_SPAN] = [0.95, 8];

/** The colour of a flat background: the one that nearly all of the border has. Null where there is none, or where the border is clear. */
export function flatGround(pixels: Pixels): readonly [number, number, number] | null {
  const { width, height, data } = pixels;
  const border: number[] = [];
  for (let x = 0; x < width; x++) border.push(x, (height - 1) * width + x);
  for (let y = 0; y < height; y++) border.push(y * width, y * width + width - 1);
  if (border.some((i) => data[4 * i + 3]! < 255)) return null;
  const middle = (c: number): number => border.map((i) => data[4 * i + c]!).sort((a, b) => a - b)[border.length >> 1]!;
  const colour = [middle(0), middle(1), middle(2)] as const;
  const near = border.filter((i) => colour.every((value, c) => Math.abs(data[4 * i + c]! - value) <= FLAT_SPAN));
  return near.length >= FLAT_SHARE * border.length ? colour : null;
}

/**
 * The matte of artwork on a flat ground. Px of the ground's colour are clear, those that lie between it and the colours beside them are as
 * clear as they are near it, so that no pale rim stays once their own colours are worked out.
 * @throws RangeError when the ground is not flat.
 */
export function clearFlat(pixels: Pixels, { tolerance, everywhere }: FlatOptions): Plane {
  const ground = flatGround(pixels);
  if (!ground) throw new RangeError('The background is not flat');
  const { width, height, data } = pixels;
  const far = (i: number): number =>
    Math.hypot(data[4 * i]! - ground[0], data[4 * i + 1]! - ground[1], data[4 * i + 2]! - ground[2]);
  const isGround = new Uint8Array(width * height);
  for (let i = 0; i < isGround.length; i++) isGround[i] = far(i) <= tolerance ? 1 : 0;
  const cleared = everywhere ? isGround : reachedFromBorder(isGround, width, height);
  const out = newPlane(width, height);
  for (let i = 0; i < out.data.length; i++) {
    if (cleared[i] === 1) continue;
    out.data[i] = besideCleared(cleared, i, width, height)
      ? 255 * edgeShare(data, i, ground, far(i), cleared, width, height) + 0.5
      : 255;
  }
  return out;
}

/** Px that ground connects with the border of the picture. */
function reachedFromBorder(isGround: Uint8Array, width: number, height: number): Uint8Array {
  const out = new Uint8Array(isGround.length);
  const queue: number[] = [];
  const visit = (i: number): void => {
    if (isGround[i] === 0 || out[i] === 1) return;
    out[i] = 1;
    queue.push(i);
  };
  for (let x = 0; x < width; x++) {
    visit(x);
    visit((height - 1) * width + x);
  }
  for (let y = 0; y < height; y++) {
    visit(y * width);
    visit(y * width + width - 1);
  }
  while (queue.length > 0) {
    const i = queue.pop()!;
    const x = i % width;
    if (x > 0) visit(i - 1);
    if (x < width - 1) visit(i + 1);
    if (i >= width) visit(i - width);
    if (i + width < out.length) visit(i + width);
  }
  return out;
}

/** How far a smoothed edge of artwork reaches, px. */
const SMOOTHED = 2;

function besideCleared(cleared: Uint8Array, i: number, width: number, height: number): boolean {
  for (const j of around(i, width, height)) if (cleared[j] === 1) return true;
  return false;
}

/** How much a px at the edge belongs to the artwork: its distance from the ground as a share of the farthest beside it. */
// eslint-disable-next-line max-params -- once for each pixel: an object would be made for each
function edgeShare(
  data: Uint8ClampedArray,
  i: number,
  ground: readonly [number, number, number],
  own: number,
  cleared: Uint8Array,
  width: number,
  height: number,
): number {
  let most = own;
  for (const j of around(i, width, height)) {
    if (cleared[j] === 1) continue;
    most = Math.max(most, Math.hypot(data[4 * j]! - ground[0], data[4 * j + 1]! - ground[1], data[4 * j + 2]! - ground[2]));
  }
  return most > 0 ? own / most : 1;
}

function* around(i: number, width: number, height: number): Generator<number> {
  const x = i % width;
  const y = (i - x) / width;
  for (let v = Math.max(0, y - SMOOTHED); v <= Math.min(height - 1, y + SMOOTHED); v++)
    for (let u = Math.max(0, x - SMOOTHED); u <= Math.min(width - 1, x + SMOOTHED); u++)
      if (u !== x || v !== y) yield v * width + u;
}
