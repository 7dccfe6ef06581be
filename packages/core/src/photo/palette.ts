import type { LiteralColour } from '../document/fill.js';
import type { Pixels } from './pixels.js';

/** One of the colours of a picture. */
export interface PaletteColour {
  readonly colour: LiteralColour;
  /** Of all pixels, 0 to 1. */
  readonly share: number;
}

/** Rounds of the search; it has settled long before. */
const ROUNDS = 12;
/** Colours nearer than this (CIE76) are one. */
const ALIKE = 7;

interface Bin {
  readonly lab: readonly [number, number, number];
  readonly rgb: readonly [number, number, number];
  readonly count: number;
}

/**
 * The colours that a picture is made of, the most frequent first: k-means in CIE Lab over a coarse histogram, begun from colours as far apart
 * as they can be, so that the same picture always gives the same colours. Clear pixels do not count.
 * @param picture - small: 96 px on its longer side are enough.
 * @param count - at most so many; colours that look alike are joined.
 */
export function paletteOf(picture: Pixels, count: number): PaletteColour[] {
  const bins = histogram(picture);
  if (bins.length === 0) return [];
  let centres = farApart(bins, count);
  let members: Bin[][] = [];
  for (let round = 0; round < ROUNDS; round++) {
    members = centres.map(() => []);
    for (const bin of bins) members[nearestOf(bin.lab, centres)]!.push(bin);
    centres = centres.map((centre, i) => meanOf(members[i]!, 'lab') ?? centre);
  }
  const whole = bins.reduce((sum, bin) => sum + bin.count, 0);
  const found = members
    .flatMap((list) => {
      const rgb = meanOf(list, 'rgb');
      return rgb ? [{ rgb, lab: meanOf(list, 'lab')!, share: list.reduce((sum, { count }) => sum + count, 0) / whole }] : [];
    })
    .sort((a, b) => b.share - a.share);
  const kept: typeof found = [];
  for (const colour of found) {
    const like = kept.findIndex(({ lab }) => distance(lab, colour.lab) < ALIKE);
    if (like < 0) kept.push(colour);
    else kept[like] = { ...kept[like]!, share: kept[like]!.share + colour.share };
  }
  return kept.map(({ rgb, share }) => ({ colour: hexOf(rgb), share }));
}

/** Colours in 16 steps per channel. */
function histogram({ data }: Pixels): Bin[] {
  const sums = new Map<number, [number, number, number, number]>();
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3]! < 128) continue;
    const [r, g, b] = [data[i]!, data[i + 1]!, data[i + 2]!];
    const key = ((r >> 4) << 8) | ((g >> 4) << 4) | (b >> 4);
    const sum = sums.get(key) ?? [0, 0, 0, 0];
    sums.set(key, [sum[0] + r, sum[1] + g, sum[2] + b, sum[3] + 1]);
  }
  return [...sums.values()].map(([r, g, b, count]) => {
    const rgb = [r / count, g / count, b / count] as const;
    return { rgb, lab: labOf(rgb), count };
  });
}

/** The most frequent colour, and then always the one that weighs most by its distance from those chosen. */
function farApart(bins: readonly Bin[], count: number): [number, number, number][] {
  const first = bins.reduce((best, bin) => (bin.count > best.count ? bin : best));
  const chosen: [number, number, number][] = [[...first.lab]];
  while (chosen.length < Math.min(count, bins.length)) {
    let [best, next] = [-1, bins[0]!];
    for (const bin of bins) {
      const away = Math.min(...chosen.map((centre) => distance(bin.lab, centre)));
      const weight = away * away * bin.count;
      if (weight > best) [best, next] = [weight, bin];
    }
    if (best <= 0) break;
    chosen.push([...next.lab]);
  }
  return chosen;
}

function nearestOf(lab: Bin['lab'], centres: readonly Bin['lab'][]): number {
  let [best, at] = [Infinity, 0];
  for (const [i, centre] of centres.entries()) {
    const away = distance(lab, centre);
    if (away < best) [best, at] = [away, i];
  }
  return at;
}

function meanOf(list: readonly Bin[], space: 'lab' | 'rgb'): [number, number, number] | null {
  const count = list.reduce((sum, bin) => sum + bin.count, 0);
  if (count === 0) return null;
  const mean = (c: 0 | 1 | 2): number => list.reduce((sum, bin) => sum + bin[space][c] * bin.count, 0) / count;
  return [mean(0), mean(1), mean(2)];
}

function distance(a: Bin['lab'], b: Bin['lab']): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
}

function hexOf(rgb: readonly number[]): LiteralColour {
  return `#${rgb.map((value) => Math.round(value).toString(16).padStart(2, '0')).join('')}`;
}

/** sRGB, 0 to 255, to CIE Lab under D65 (CIE 15:2004; sRGB by IEC 61966-2-1). */
export function labOf([r, g, b]: readonly [number, number, number]): [number, number, number] {
  const linear = (value: number): number => {
    const v = value / 255;
    return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
  };
  const [lr, lg, lb] = [linear(r), linear(g), linear(b)];
  const f = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);
  const x = f((0.4124 * lr + 0.3576 * lg + 0.1805 * lb) / 0.95047);
  const y = f(0.2126 * lr + 0.7152 * lg + 0.0722 * lb);
  const z = f((0.0193 * lr + 0.1192 * lg + 0.9505 * lb) / 1.08883);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}
