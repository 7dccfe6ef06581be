import type { Tone } from '../document/fill.js';
import type { Pixels } from '../photo/pixels.js';

/** So much of a picture may become quite black, and as much quite white. */
const LOST = 0.005;
/** A range narrower than this is left: it is meant, or there is nothing in it. */
const NARROWEST = 0.08;

/** How many pixels have each of the 256 steps of luma (Rec. 709); clear ones do not count. */
export function lumaHistogram({ data }: Pixels): Uint32Array {
  const counts = new Uint32Array(256);
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3]! < 128) continue;
    const luma = Math.round(0.2126 * data[i]! + 0.7152 * data[i + 1]! + 0.0722 * data[i + 2]!);
    counts[luma] = counts[luma]! + 1;
  }
  return counts;
}

/**
 * The curve that lets a picture reach from black to white, its middle where it was between them. Null where it does already, or is too flat.
 * @param picture - may be small: its share of light and dark is what counts.
 */
export function autoLevel(picture: Pixels): NonNullable<Tone['curve']> | null {
  const counts = lumaHistogram(picture);
  const whole = counts.reduce((sum, count) => sum + count, 0);
  const edge = (from: number, step: number): number => {
    let sum = 0;
    for (let at = from; at >= 0 && at < 256; at += step) {
      sum += counts[at]!;
      if (sum > whole * LOST) return at / 255;
    }
    return from / 255;
  };
  const [low, high] = [edge(0, 1), edge(255, -1)];
  if (high - low < NARROWEST || (low < 0.02 && high > 0.98)) return null;
  return [
    { x: round(low), y: 0 },
    { x: round(high), y: 1 },
  ];
}

function round(value: number): number {
  return Math.round(value * 1000) / 1000;
}
