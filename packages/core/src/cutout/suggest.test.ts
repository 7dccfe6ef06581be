import { describe, expect, it } from 'vitest';
import { discPicture } from '../../testing/subject-pictures.js';
import type { Plane } from '../finish/plane.js';
import { barrierDistance } from './barrier-distance.js';
import { commonShare } from './common-share.js';
import { preparePhoto } from './prepared-photo.js';
import { suggestSubject } from './suggest.js';
import { smallPixels, workingCopy } from './working-copy.js';

const { photo, truth } = discPicture(240, 180, 50);
const copy = workingCopy(photo);
const moved = (dx: number): Plane => ({ ...truth, data: truth.data.map((_, i) => truth.data[i - dx] ?? 0) });

describe('what two masks have in common', () => {
  it('is a share of what either holds', () => {
    expect(commonShare(truth, truth)).toBe(1);
    expect(commonShare(truth, moved(120))).toBe(0);
    const empty = { ...truth, data: new Uint8Array(truth.data.length) };
    expect(commonShare(empty, empty)).toBe(1);
  });
});

describe('what is fenced off', () => {
  it('is far from the seeds, however near it lies', () => {
    const seeds = new Uint8Array(240 * 180);
    for (let x = 0; x < 240; x++) seeds[x] = 1;
    const distance = barrierDistance(copy, seeds);
    const at = (x: number, y: number): number => distance[y * 240 + x]!;
    // Far down, but in the open; and just inside the disc.
    expect(at(5, 175)).toBeLessThan(at(120, 46) / 2);
    expect(at(120, 90)).toBeGreaterThan(40);
    expect(at(100, 0)).toBe(0);
  });
});

describe('a suggestion', () => {
  it('says what it rests on', () => {
    const { evidence, isSure } = suggestSubject(preparePhoto({ pixels: photo, index: 0 }));
    expect(isSure).toBe(true);
    expect(evidence.area).toBeCloseTo((Math.PI * 50 ** 2) / (240 * 180), 1);
    expect(evidence.border).toBe(0);
    expect(evidence.clear).toBeGreaterThan(0.9);
  });
});

describe('a picture made small', () => {
  it('keeps its proportions, and stays as it is where it is small already', () => {
    const small = smallPixels(photo, 60);
    expect([small.width, small.height]).toEqual([60, 45]);
    expect(smallPixels(photo, 500)).toBe(photo);
  });
});
