import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourPairs } from './colour-pairs.js';
import { colourWords } from './colour-words.js';
import { colourContrast, colourDistance, contrastOf } from './contrast.js';

describe('contrast', () => {
  it('is that of WCAG for known pairs', () => {
    expect(colourContrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
    expect(colourContrast('#777777', '#ffffff')).toBeCloseTo(4.48, 2);
    expect(colourContrast('#ff0000', '#ffffff')).toBeCloseTo(4, 2);
    expect(colourContrast('#1f5b4c', '#1f5b4c')).toBe(1);
  });

  it('does not ask which of two is the ground', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(share, share, (a, b) => {
        expect(contrastOf(a, b)).toBe(contrastOf(b, a));
        expect(contrastOf(a, b)).toBeGreaterThanOrEqual(1);
        expect(contrastOf(a, b)).toBeLessThanOrEqual(21);
      }),
    );
  });

  it('knows how far colours look apart', () => {
    expect(colourDistance([0, 0, 0], [255, 255, 255])).toBeCloseTo(100, 1);
    expect(colourDistance([200, 10, 10], [200, 10, 10])).toBe(0);
    // Of the same lightness, and yet easily told apart.
    expect(colourDistance([200, 80, 80], [60, 140, 80])).toBeGreaterThan(60);
  });
});

describe('colours in plain words', () => {
  it.each([
    ['#000000', 'black'],
    ['#ffffff', 'white'],
    ['#808080', 'grey'],
    ['#cf2020', 'red'],
    ['#1d4a2c', 'dark green'],
    ['#5a3a1e', 'brown'],
    ['#f3e6c4', 'cream'],
    ['#2a4fb0', 'blue'],
    ['#1f5b6c', 'blue'],
    ['#f0a030', 'light orange'],
  ])('calls %s %s', (colour, words) => {
    expect(colourWords(colour)).toContain(words.split(' ').at(-1)!);
  });

  it('has words for every colour', () => {
    const channel = fc.integer({ min: 0, max: 255 });
    fc.assert(
      fc.property(channel, channel, channel, (...rgb) => {
        const hex = `#${rgb.map((value) => value.toString(16).padStart(2, '0')).join('')}`;
        expect(colourWords(hex)).toMatch(/^[a-z ]{3,}$/);
      }),
    );
  });
});

describe('pairs of colours', () => {
  const palette = ['#20272a', '#f4efe4', '#1f5b4c', '#cf4a22', '#2a6a58'].map((colour) => ({ colour, share: 0.2 }));

  it('can be read on each other, the best first, and say how well', () => {
    const pairs = colourPairs(palette);
    expect(pairs.length).toBeGreaterThan(1);
    for (const { ground, letters, contrast } of pairs) {
      expect(contrast).toBeGreaterThanOrEqual(4.5);
      expect(contrast).toBe(colourContrast(ground, letters));
    }
    expect(pairs[0]!.contrast).toBeGreaterThan(6);
  });

  it('are none where all colours are alike', () => {
    expect(colourPairs(palette.slice(2, 3).concat(palette.slice(4)))).toEqual([]);
  });
});
