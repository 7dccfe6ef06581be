import { describe, expect, it } from 'vitest';
import type { Photo } from '@kadrosyn/core';
import { SentLevels, type SentLevel } from './sent-levels';

const photo: Photo = { id: 'p', sha256: 'a'.repeat(64), name: 'Heron', width: 1000, height: 800 };
const level = (index: number, name: Partial<SentLevel> = {}): SentLevel => ({
  ...{ photoId: 'p', index, opaque: true },
  pixels: { width: 4, height: 4, data: new Uint8ClampedArray(64) },
  ...name,
});

describe('levels that were sent into a worker', () => {
  it('are given where they are wanted, and nothing is lacking then', () => {
    const levels = new SentLevels();
    levels.add(level(1));
    levels.begin({ p: photo });
    expect(levels.level('p', 0.5)?.index).toBe(1);
    expect(levels.lacked()).toEqual([]);
  });

  it('stand in for one another, and what is lacking is noted once, with what is there', () => {
    const levels = new SentLevels();
    levels.begin({ p: photo });
    expect(levels.level('p', 0.5)).toBeUndefined();
    expect(levels.lacked()).toEqual([{ photoId: 'p', scale: 0.5, has: null }]);
    for (const index of [0, 2, 3]) levels.add(level(index));
    levels.begin({ p: photo });
    expect(levels.level('p', 0.5)?.index).toBe(2);
    expect(levels.level('p', 0.5)?.index).toBe(2);
    expect(levels.lacked()).toEqual([{ photoId: 'p', scale: 0.5, has: 2 }]);
  });

  it('are another for each subject of a photo', () => {
    const levels = new SentLevels();
    levels.add(level(0));
    levels.add(level(0, { matteSha256: 'm', opaque: false }));
    levels.begin({ p: photo });
    expect(levels.subject('p', 'm', 1)?.opaque).toBe(false);
    expect(levels.subject('p', 'other', 1)).toBeUndefined();
    expect(levels.lacked()).toEqual([{ photoId: 'p', matteSha256: 'other', scale: 1, has: null }]);
  });

  it('raise the version, so that what was computed from others is made anew', () => {
    const levels = new SentLevels();
    const before = levels.version;
    levels.add(level(0));
    expect(levels.version).toBeGreaterThan(before);
  });
});
