import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourChannels } from '../finish/colour-channels.js';
import { colourContrast, colourDistance } from '../finish/contrast.js';
import type { Pixels } from '../photo/pixels.js';
import { edgeContrast, isSeen, type EdgeOptions } from './edge-contrast.js';
import { proposeColour } from './propose-colour.js';
import { seenScale, usualLooking } from './seen-size.js';
import { weakStretches } from './weak-stretches.js';

const SIZE = 120;
/** A block letter from 30 to 90, with a hole from 50 to 70 that runs the other way round. */
const OUTER = Float64Array.from([30, 30, 90, 30, 90, 90, 30, 90]);
const HOLE = Float64Array.from([50, 50, 50, 70, 70, 70, 70, 50]);
const LETTER = [OUTER, HOLE];
const options: EdgeOptions = { sharpness: 2, word: LETTER };

/** Each px by its place. */
function picture(colour: (x: number, y: number) => string): Pixels {
  const data = new Uint8ClampedArray(SIZE * SIZE * 4);
  for (let y = 0; y < SIZE; y++)
    for (let x = 0; x < SIZE; x++) data.set([...colourChannels(colour(x, y)), 255], (y * SIZE + x) * 4);
  return { width: SIZE, height: SIZE, data };
}

function isInside(x: number, y: number): boolean {
  const within = (from: number, to: number): boolean => x >= from && x < to && y >= from && y < to;
  return within(30, 90) && !within(50, 70);
}

const plain = (letter: string, ground: string): Pixels => picture((x, y) => (isInside(x, y) ? letter : ground));
const measure = (of: Pixels, change: Partial<EdgeOptions> = {}) =>
  edgeContrast(of, [{ id: 'o', polygons: LETTER }], { ...options, ...change });

describe('the contrast across the edges of letters', () => {
  it.each([
    ['#000000', '#ffffff', 1],
    ['#767676', '#ffffff', 1],
    ['#959595', '#ffffff', 0],
    ['#1d5a4c', '#1d5a4c', 0],
    ['#20272a', '#e9dcc3', 1],
  ])('is that of %s on %s', (letter, ground, seen) => {
    const found = measure(plain(letter, ground));
    expect(found.ratio).toBeCloseTo(colourContrast(letter, ground), 1);
    expect(found.difference).toBeCloseTo(colourDistance(colourChannels(letter), colourChannels(ground)), 0);
    expect(found.seen).toBe(seen);
    expect(found.letters).toEqual([{ id: 'o', seen: found.seen, ratio: found.ratio, difference: found.difference }]);
    // All of the edge was walked along, hole and all.
    expect(found.samples.reduce((sum, { length }) => sum + length, 0)).toBeCloseTo(4 * 60 + 4 * 20, 5);
  });

  it('is the share of the edge that can be seen', () => {
    // Black letters on a ground that is white on the left and black on the right.
    const found = measure(picture((x, y) => (isInside(x, y) || x >= 60 ? '#000000' : '#ffffff')));
    expect(found.seen).toBeCloseTo(0.5, 1);
    const stretches = weakStretches(found.samples);
    expect(stretches.length).toBeGreaterThanOrEqual(2);
    for (const line of stretches) for (const { x } of line) expect(x).toBeGreaterThan(56);
  });

  it('counts colour where there is some lightness too', () => {
    expect(isSeen({ ratio: 2, difference: 60 })).toBe(true);
    expect(isSeen({ ratio: 1.1, difference: 90 })).toBe(false);
    expect(isSeen({ ratio: 3, difference: 5 })).toBe(true);
  });

  it('takes what is finer than can be seen as its mean', () => {
    // A chequered ground of black and white px is grey for who looks at it.
    const found = measure(picture((x, y) => (isInside(x, y) ? '#bcbcbc' : (x + y) % 2 === 0 ? '#000000' : '#ffffff')));
    expect(found.ratio).toBeLessThan(2.5);
  });

  it('finds the far side of an outline', () => {
    // A white rim of 6 px around grey letters on a grey ground.
    const near = (x: number, y: number): boolean =>
      x >= 24 && x < 96 && y >= 24 && y < 96 && !(x >= 56 && x < 64 && y >= 56 && y < 64);
    const rimmed = picture((x, y) => (isInside(x, y) ? '#606060' : near(x, y) ? '#ffffff' : '#606060'));
    expect(measure(rimmed).ratio).toBeCloseTo(colourContrast('#606060', '#ffffff'), 1);
    // Letters as white as their rim are seen by the rim's own edge.
    const white = picture((x, y) => (isInside(x, y) || near(x, y) ? '#ffffff' : '#606060'));
    expect(measure(white).seen).toBe(0);
    expect(measure(white, { lines: [6] }).seen).toBeGreaterThan(0.7);
  });

  it('leaves out where letters touch, and what lies off the picture', () => {
    const beside = Float64Array.from([90, 30, 110, 30, 110, 90, 90, 90]);
    const found = measure(plain('#000000', '#ffffff'), { word: [...LETTER, beside] });
    expect(found.samples.some(({ at }) => at.x > 89)).toBe(false);
    const off = edgeContrast(plain('#000000', '#ffffff'), [{ id: 'x', polygons: [OUTER.map((value) => value + 500)] }], options);
    expect(off).toMatchObject({ seen: 0, letters: [], samples: [] });
  });

  it('does not depend on which way round a contour runs', () => {
    const reversed = [OUTER, HOLE].map((polygon) => Float64Array.from({ length: 8 }, (_, i) => polygon[6 - (i & ~1) + (i & 1)]!));
    const found = edgeContrast(plain('#333333', '#cccccc'), [{ id: 'o', polygons: reversed }], { sharpness: 2, word: reversed });
    expect(found.seen).toBe(measure(plain('#333333', '#cccccc')).seen);
    expect(found.samples).toHaveLength(measure(plain('#333333', '#cccccc')).samples.length);
  });
});

describe('a colour that stands out', () => {
  const samples = measure(plain('#808080', '#707070')).samples;

  it('is one of the photo where that does about as well as black and white', () => {
    expect(proposeColour(samples, ['#0f1416', '#848484'], 'either')).toBe('#0f1416');
    expect(['#14181a', '#fdfbf6']).toContain(proposeColour(samples, ['#848484'], 'either'));
    expect(['#14181a', '#fdfbf6']).toContain(proposeColour(samples, [], 'outside'));
  });

  it('can be seen against anything, whatever lies there', () => {
    const grey = fc.integer({ min: 0, max: 255 }).map((value) => `#${value.toString(16).padStart(2, '0').repeat(3)}`);
    fc.assert(
      fc.property(grey, (ground) => {
        const found = measure(plain(ground, ground)).samples;
        expect(colourContrast(proposeColour(found, [], 'either'), ground)).toBeGreaterThan(3.9);
      }),
      { numRuns: 20 },
    );
  });
});

describe('the size at which a sheet is looked at', () => {
  const poster = { width: 3508, height: 4961, dpi: 300 };
  it('is that of a screen, a hand or a wall, and never finer than the sheet', () => {
    expect(seenScale(poster, 'phone')).toBeCloseTo(390 / 4961, 5);
    expect(seenScale(poster, 'wall')).toBeLessThan(seenScale(poster, 'print'));
    expect(seenScale({ width: 100, height: 80, dpi: 72 }, 'screen')).toBe(1);
    expect(usualLooking(poster, 'mm')).toBe('wall');
    expect(usualLooking({ width: 1240, height: 1748, dpi: 300 }, 'mm')).toBe('print');
    expect(usualLooking({ width: 1080, height: 1080, dpi: 72 }, 'px')).toBe('screen');
  });
});
