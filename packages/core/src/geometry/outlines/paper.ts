import { PathBuilder, type Path } from '../path.js';
import { QUARTER } from './quarter.js';

/** A rectangle with half-round notches in the middle of its left and right side. @param notch - radius as a share of the shorter side. */
export function ticketPath(notch: number, width: number, height: number): Path {
  const r = Math.min(notch * Math.min(width, height), height / 2, width / 2);
  const [k, y] = [r * QUARTER, height / 2];
  return new PathBuilder()
    .moveTo(0, 0)
    .lineTo(width, 0)
    .lineTo(width, y - r)
    .cubicTo(width - k, y - r, width - r, y - k, width - r, y)
    .cubicTo(width - r, y + k, width - k, y + r, width, y + r)
    .lineTo(width, height)
    .lineTo(0, height)
    .lineTo(0, y + r)
    .cubicTo(k, y + r, r, y + k, r, y)
    .cubicTo(r, y - k, k, y - r, 0, y - r)
    .close()
    .build();
}

/**
 * A rounded field with a tail that points downwards.
 * @param tail - where the tip of the tail lies, as a share of the width.
 * @param reach - height of the tail as a share of the height.
 */
export function speechPath(tail: number, reach: number, width: number, height: number): Path {
  const bottom = height * (1 - reach);
  const r = 0.22 * Math.min(width, bottom);
  const k = r * (1 - QUARTER);
  // The foot of the tail stays on the straight part of the lower side.
  const half = Math.min(0.09 * width, (width - 2 * r) / 2);
  const foot = Math.min(Math.max(tail * width * 0.6 + 0.2 * width, r + half), width - r - half);
  return new PathBuilder()
    .moveTo(r, 0)
    .lineTo(width - r, 0)
    .cubicTo(width - k, 0, width, k, width, r)
    .lineTo(width, bottom - r)
    .cubicTo(width, bottom - k, width - k, bottom, width - r, bottom)
    .lineTo(foot + half, bottom)
    .lineTo(tail * width, height)
    .lineTo(foot - half, bottom)
    .lineTo(r, bottom)
    .cubicTo(k, bottom, 0, bottom - k, 0, bottom - r)
    .lineTo(0, r)
    .cubicTo(0, k, k, 0, r, 0)
    .close()
    .build();
}

/** Steps of a torn edge along the longer side. */
const TEARS = 72;

/**
 * A rectangle whose edges are torn: the same for the same seed.
 * @param depth - how far the edge wanders inwards, as a share of the shorter side.
 */
export function tornPath(seed: number, depth: number, width: number, height: number): Path {
  const random = mulberry32(seed);
  const reach = depth * Math.min(width, height);
  const step = Math.max(width, height) / TEARS;
  const path = new PathBuilder();
  let first = true;
  const side = (length: number, place: (along: number, inwards: number) => readonly [number, number]): void => {
    const count = Math.max(2, Math.round(length / step));
    let coarse = random();
    for (let i = 0; i < count; i++) {
      // A slow wandering with fine teeth on it.
      coarse = Math.min(1, Math.max(0, coarse + (random() - 0.5) * 0.5));
      const inwards = i === 0 ? 0 : reach * (0.7 * coarse + 0.3 * random());
      const [x, y] = place((length * (i + (i === 0 ? 0 : (random() - 0.5) * 0.6))) / count, inwards);
      if (first) path.moveTo(x, y);
      else path.lineTo(x, y);
      first = false;
    }
  };
  side(width, (along, inwards) => [along, inwards]);
  side(height, (along, inwards) => [width - inwards, along]);
  side(width, (along, inwards) => [width - along, height - inwards]);
  side(height, (along, inwards) => [inwards, height - along]);
  return path.close().build();
}

/** A repeatable source of numbers from 0 to 1 (T. Ettinger, 2017, public domain). */
function mulberry32(seed: number): () => number {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}
