import type { Pixels } from '../photo/pixels.js';
import type { Point } from '../geometry/matrix.js';
import { contains, type Polygons } from '../geometry/polygon.js';
import { colourDistance, contrastOf, luminanceOf } from '../finish/contrast.js';

type Rgb = readonly [number, number, number];

/** One letter as it lies on a picture. */
export interface LetterEdge {
  readonly id: string;
  /** Contours without overlaps, px of the picture, by the non-zero rule. */
  readonly polygons: Polygons;
}

export interface EdgeOptions {
  /** px of the picture to one px as it is looked at: finer detail than that can not be seen. */
  readonly sharpness: number;
  /** Where else along the normal an edge can be seen: the far sides of an outline, px of the picture, outwards above 0. @default [] */
  readonly lines?: readonly number[];
  /** Contours of all of the word: where two letters touch there is no edge. */
  readonly word: Polygons;
}

/** A short piece of an edge. */
export interface EdgeSample {
  readonly at: Point;
  /** px of the picture. */
  readonly length: number;
  /** WCAG contrast across the edge, 1 to 21: the best of the edge itself and the sides of an outline. */
  readonly ratio: number;
  /** Distance in Lab across the edge, at the same place. */
  readonly difference: number;
  readonly inside: Rgb;
  readonly outside: Rgb;
}

/** How well the edge of a letter, or of a word, is seen. */
export interface EdgeMeasure {
  /** The share of the edge that can be seen, 0 to 1. */
  readonly seen: number;
  /** Median WCAG contrast, and Lab distance, across the edge. */
  readonly ratio: number;
  readonly difference: number;
}

export interface Readability extends EdgeMeasure {
  readonly letters: readonly (EdgeMeasure & { readonly id: string })[];
  readonly samples: readonly EdgeSample[];
}

/** An edge with this much contrast is seen: WCAG 2.2 asks it of large letters and of what makes a form (1.4.11). */
export const SEEN_RATIO = 3;
/**
 * Colours can make an edge where lightness alone does not, if they are far apart; but since the eye takes fine form from lightness, there must
 * be some of that as well.
 */
export const SEEN_DIFFERENCE = 40;
const LEAST_RATIO = 1.6;

/** Whether a piece of an edge can be seen. */
export function isSeen({ ratio, difference }: Pick<EdgeSample, 'ratio' | 'difference'>): boolean {
  return ratio >= SEEN_RATIO || (difference >= SEEN_DIFFERENCE && ratio >= LEAST_RATIO);
}

/**
 * Measures how well letters are told from what is around them: at every px along their edges, what lies just inside against what lies just
 * outside. Both are means over one px as it is looked at, so that a pattern finer than that counts as its mean, and a thin stroke is mixed
 * with what lies beyond it. What lies off the picture is passed over.
 */
export function edgeContrast(picture: Pixels, letters: readonly LetterEdge[], options: EdgeOptions): Readability {
  const byLetter = letters.map(({ id, polygons }) => ({ id, samples: samplesAlong(picture, polygons, options) }));
  const samples = byLetter.flatMap((letter) => letter.samples);
  return {
    ...measureOf(samples),
    letters: byLetter
      .filter((letter) => letter.samples.length > 0)
      .map((letter) => ({ id: letter.id, ...measureOf(letter.samples) })),
    samples,
  };
}

function samplesAlong(picture: Pixels, polygons: Polygons, options: EdgeOptions): EdgeSample[] {
  const { sharpness, word, lines = [] } = options;
  const samples: EdgeSample[] = [];
  const reach = 0.75 * sharpness;
  for (const polygon of polygons) {
    const count = polygon.length / 2;
    for (let i = 0; i < count; i++) {
      const [x0, y0] = [polygon[2 * i]!, polygon[2 * i + 1]!];
      const [x1, y1] = [polygon[2 * ((i + 1) % count)]!, polygon[2 * ((i + 1) % count) + 1]!];
      const length = Math.hypot(x1 - x0, y1 - y0);
      if (length < 1e-6) continue;
      const steps = Math.max(1, Math.round(length / sharpness));
      const normal = { x: (y1 - y0) / length, y: (x0 - x1) / length };
      for (let step = 0; step < steps; step++) {
        const t = (step + 0.5) / steps;
        const at = { x: x0 + (x1 - x0) * t, y: y0 + (y1 - y0) * t };
        const outwards = outwardsAt(polygons, at, normal, reach);
        if (!outwards || contains(word, { x: at.x + outwards.x * reach, y: at.y + outwards.y * reach })) continue;
        const sample = sampleAt(picture, at, outwards, { reach, lines, sharpness });
        if (sample) samples.push({ ...sample, at, length: length / steps });
      }
    }
  }
  return samples;
}

/** The normal that leads out of the letter; null on an edge within it. */
function outwardsAt(polygons: Polygons, at: Point, normal: Point, reach: number): Point | null {
  const near = Math.min(0.4, reach);
  const [a, b] = [1, -1].map((sign) =>
    contains(polygons, { x: at.x + sign * normal.x * near, y: at.y + sign * normal.y * near }),
  );
  if (a === b) return null;
  return a ? { x: -normal.x, y: -normal.y } : normal;
}

function sampleAt(
  picture: Pixels,
  at: Point,
  outwards: Point,
  { reach, lines, sharpness }: { readonly reach: number; readonly lines: readonly number[]; readonly sharpness: number },
): Omit<EdgeSample, 'at' | 'length'> | null {
  const mean = (by: number): Rgb | null => meanAround(picture, at.x + outwards.x * by, at.y + outwards.y * by, sharpness);
  const [inside, outside] = [mean(-reach), mean(reach)];
  if (!inside || !outside) return null;
  let best = { ratio: contrastOf(luminanceOf(inside), luminanceOf(outside)), difference: colourDistance(inside, outside) };
  for (const line of lines) {
    const [before, after] = [mean(line - reach), mean(line + reach)];
    if (!before || !after) continue;
    const ratio = contrastOf(luminanceOf(before), luminanceOf(after));
    if (ratio > best.ratio) best = { ratio, difference: colourDistance(before, after) };
  }
  return { ...best, inside, outside };
}

/** The mean colour of a square, half clear ones on white; null off the picture. */
function meanAround({ width, height, data }: Pixels, x: number, y: number, side: number): Rgb | null {
  const [left, top] = [Math.round(x - side / 2), Math.round(y - side / 2)];
  const size = Math.max(1, Math.round(side));
  if (left < 0 || top < 0 || left + size > width || top + size > height) return null;
  let [r, g, b] = [0, 0, 0];
  for (let row = top; row < top + size; row++) {
    for (let i = 4 * (row * width + left), end = i + 4 * size; i < end; i += 4) {
      const alpha = data[i + 3]! / 255;
      const rest = 255 * (1 - alpha);
      r += data[i]! * alpha + rest;
      g += data[i + 1]! * alpha + rest;
      b += data[i + 2]! * alpha + rest;
    }
  }
  const count = size * size;
  return [r / count, g / count, b / count];
}

function measureOf(samples: readonly EdgeSample[]): EdgeMeasure {
  const whole = samples.reduce((sum, { length }) => sum + length, 0);
  if (whole === 0) return { seen: 0, ratio: 1, difference: 0 };
  const seen = samples.reduce((sum, sample) => (isSeen(sample) ? sum + sample.length : sum), 0);
  return { seen: seen / whole, ratio: median(samples, whole, 'ratio'), difference: median(samples, whole, 'difference') };
}

/** The value that half of the edge does not reach. */
function median(samples: readonly EdgeSample[], whole: number, of: 'ratio' | 'difference'): number {
  const sorted = samples.toSorted((a, b) => a[of] - b[of]);
  let sum = 0;
  for (const sample of sorted) {
    sum += sample.length;
    if (sum >= whole / 2) return sample[of];
  }
  return sorted.at(-1)![of];
}
