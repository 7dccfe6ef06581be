import { labelParts } from '../breakout/label.js';
import type { PieceSettings } from '../document/project.js';
import type { Plane } from '../finish/plane.js';

/** How many there are, before anything was done about them. */
export interface PieceCounts {
  readonly specks: number;
  readonly holes: number;
}

/** A piece of less than this share of the whole subject is a speck, one of less than `CRUMB` goes at once. */
const SPECK = 0.04;
/** Crumbs are always left out, and pinholes always filled: share of the whole mask. */
const CRUMB = 0.0004;

/**
 * Small pieces beside the subject and holes in it. Crumbs go and pinholes are filled in any case; other specks and holes are counted and
 * treated as wanted. What a stroke says of a piece always stands.
 * @param mask - 128 and above is subject; changed in place.
 * @param keep - 1 where a stroke wants subject, `leaveOut` 1 where it wants ground.
 */
export function tidyMask(mask: Plane, keep: Uint8Array, leaveOut: Uint8Array, pieces: PieceSettings): PieceCounts {
  const { width, height, data } = mask;
  const crumb = Math.max(6, CRUMB * data.length);
  const subject = labelParts(
    data.map((value) => (value >= 128 ? 1 : 0)),
    width,
    height,
  );
  const whole = subject.areas.reduce((sum, area) => sum + area, 0);
  const largest = subject.areas.indexOf(Math.max(...subject.areas));
  const kept = touched(subject.at, subject.areas.length, keep);
  const isSpeck = (label: number): boolean => label !== largest && subject.areas[label]! < SPECK * whole && !kept[label];
  const ground = labelParts(
    data.map((value) => (value >= 128 ? 0 : 1)),
    width,
    height,
  );
  const open = touched(ground.at, ground.areas.length, leaveOut);
  for (const i of borderOf(width, height)) open[ground.at[i]!] = 1;
  let [specks, holes] = [0, 0];
  for (let label = 1; label < subject.areas.length; label++) if (isSpeck(label) && subject.areas[label]! >= crumb) specks++;
  for (let label = 1; label < ground.areas.length; label++) if (!open[label] && ground.areas[label]! >= crumb) holes++;
  for (let i = 0; i < data.length; i++) {
    const [own, around] = [subject.at[i]!, ground.at[i]!];
    if (own > 0 && isSpeck(own) && (pieces.specks === 'out' || subject.areas[own]! < crumb)) data[i] = 0;
    if (around > 0 && !open[around] && (pieces.holes === 'filled' || ground.areas[around]! < crumb)) data[i] = 255;
  }
  return { specks, holes };
}

function touched(at: Int32Array, count: number, strokes: Uint8Array): Uint8Array {
  const out = new Uint8Array(count);
  for (let i = 0; i < at.length; i++) if (strokes[i] === 1) out[at[i]!] = 1;
  return out;
}

function* borderOf(width: number, height: number): Generator<number> {
  for (let x = 0; x < width; x++) {
    yield x;
    yield (height - 1) * width + x;
  }
  for (let y = 0; y < height; y++) {
    yield y * width;
    yield y * width + width - 1;
  }
}
