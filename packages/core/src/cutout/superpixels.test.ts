import { describe, expect, it } from 'vitest';
import type { Pixels } from '../photo/pixels.js';
import { superpixels } from './superpixels.js';
import { workingCopy, WORKING_SIDE } from './working-copy.js';

/** Each px by its place. */
function picture(width: number, height: number, colour: (x: number, y: number) => readonly number[]): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i++) data.set([...colour(i % width, Math.floor(i / width)), 255], i * 4);
  return { width, height, data };
}

const disc = (x: number, y: number): boolean => Math.hypot(x - 80, y - 60) < 40;
const twoColours = picture(160, 120, (x, y) => (disc(x, y) ? [200, 90, 40] : [60, 110, 140]));

describe('a working copy', () => {
  it('is small enough, keeps its proportions, and is in Lab', () => {
    const grey = picture(1200, 800, () => [119, 119, 119]);
    const copy = workingCopy(grey);
    expect([copy.width, copy.height]).toEqual([WORKING_SIDE, 341]);
    expect(copy.scale).toBeCloseTo(WORKING_SIDE / 1200, 6);
    expect(copy.lab[0]).toBeCloseTo(50, 0);
    expect(Math.abs(copy.lab[1]!)).toBeLessThan(0.1);
    const small = workingCopy(picture(30, 20, () => [0, 0, 0]));
    expect([small.width, small.height, small.scale]).toEqual([30, 20, 1]);
  });
});

describe('superpixels', () => {
  const pieces = superpixels(workingCopy(twoColours));

  it('take up every px, each piece connected and of about the size that was asked for', () => {
    expect(pieces.labels.every((label) => label >= 0 && label < pieces.count)).toBe(true);
    expect(pieces.sizes.reduce((a, b) => a + b)).toBe(160 * 120);
    expect(pieces.count).toBeGreaterThan((160 * 120) / 36 / 1.6);
    expect(pieces.count).toBeLessThan(((160 * 120) / 36) * 1.6);
    // Going through the neighbours of one px of a piece reaches all of it.
    const { labels, width } = pieces;
    const reached = new Uint8Array(labels.length);
    const begun = new Set<number>();
    for (let start = 0; start < labels.length; start++) {
      if (reached[start]) continue;
      expect(begun.has(labels[start]!)).toBe(false);
      begun.add(labels[start]!);
      const open = [start];
      reached[start] = 1;
      while (open.length > 0) {
        const i = open.pop()!;
        for (const j of [i % width > 0 ? i - 1 : -1, i % width < width - 1 ? i + 1 : -1, i - width, i + width]) {
          if (j < 0 || j >= labels.length || reached[j] || labels[j] !== labels[start]) continue;
          reached[j] = 1;
          open.push(j);
        }
      }
    }
  });

  it('follow the edge of the disc: hardly a px lies in a piece of the other side', () => {
    const inside = new Int32Array(pieces.count);
    for (let i = 0; i < pieces.labels.length; i++)
      if (disc(i % 160, Math.floor(i / 160))) inside[pieces.labels[i]!] = inside[pieces.labels[i]!]! + 1;
    const wrong = inside.reduce((sum, count, k) => sum + Math.min(count, pieces.sizes[k]! - count), 0);
    // Less than a px along it.
    expect(wrong).toBeLessThan(2 * Math.PI * 40);
  });

  it('know their colours, and are the same whenever they are made', () => {
    const again = superpixels(workingCopy(twoColours));
    expect(again.labels).toEqual(pieces.labels);
    const middle = pieces.labels[60 * 160 + 80]!;
    expect(pieces.lab[3 * middle + 1]!).toBeGreaterThan(20);
    const tiny = superpixels(workingCopy(picture(3, 2, () => [9, 9, 9])));
    expect(tiny.count).toBeGreaterThanOrEqual(1);
  });
});
