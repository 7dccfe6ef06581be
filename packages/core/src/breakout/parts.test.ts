import { describe, expect, it } from 'vitest';
import { nearestOnLines, wallsOf } from './cut-line.js';
import { grow } from './grow.js';
import { planeOf } from '../../testing/test-planes.js';
import { deepestPixels, divide, partAt, pixelsOfParts } from './parts.js';

/** A mask from rows of text: anything but a dot counts. */
function mask(...rows: string[]): { mask: Uint8Array; width: number; height: number } {
  return { mask: Uint8Array.from(rows.join(''), (c) => (c === '.' ? 0 : 1)), width: rows[0]!.length, height: rows.length };
}

describe('dividing a mask', () => {
  it('gives parts with area and deepest pixel', () => {
    const m = mask('#####...', '#####...', '#####..#', '#####..#', '#####..#');
    const parts = divide(m.mask, m.width, m.height, null, 1);
    expect(parts.parts).toEqual([
      { label: 1, area: 25 },
      { label: 2, area: 3 },
    ]);
    const pixels = pixelsOfParts(parts);
    expect([pixels.get(1)![0], pixels.get(2)![0]]).toEqual([
      { x: 2, y: 2 },
      { x: 7, y: 2 },
    ]);
  });

  it('gives a few points spread over each part, the deepest first', () => {
    const bar = new Uint8Array(80 * 9).fill(1);
    const spread = pixelsOfParts(divide(bar, 80, 9, null, 1)).get(1)!;
    expect(spread[0]!.y).toBe(4);
    expect(spread).toHaveLength(6);
    const along = spread.map((p) => p.x).sort((a, b) => a - b);
    expect(along[0]).toBeLessThan(8);
    expect(along.at(-1)).toBeGreaterThan(71);
  });

  it('lets fragments go with the nearest part', () => {
    const m = mask('####...#.####', '####.....####', '####.....####');
    const { parts, labels } = divide(m.mask, m.width, m.height, null, 5);
    expect(parts.map(({ area }) => area).sort((a, b) => a - b)).toEqual([12, 13]);
    expect(labels[7]).toBe(labels[9]);
  });

  it('keeps fragments where there is nothing larger', () => {
    const m = mask('##...##');
    expect(divide(m.mask, m.width, m.height, null, 100).parts).toHaveLength(2);
  });

  it('divides along a cut line; every pixel belongs to the nearer side', () => {
    const [width, height] = [60, 40];
    const whole = new Uint8Array(width * height).fill(1);
    const line = [
      { x: -2, y: 5 },
      { x: 62, y: 33 },
    ];
    const { labels, parts } = divide(whole, width, height, wallsOf([line], width, height), 4);
    expect(parts).toHaveLength(2);
    expect([...labels].includes(0)).toBe(false);
    const upper = labels[10 * width + 50];
    let wrong = 0;
    labels.forEach((label, i) => {
      const near = nearestOnLines([line], { x: (i % width) + 0.5, y: Math.floor(i / width) + 0.5 })!;
      // On the wall itself the two halves are settled to within two px.
      if (near.distance > 2 && (label === upper) !== near.side < 0) wrong++;
    });
    expect(wrong).toBe(0);
  });

  it('finds the part that a mark means: under it, reached through the subject, or near', () => {
    const m = mask('..aaa...', '..aaa...', '........', 'bb......');
    const { labels, ...rest } = divide(m.mask, m.width, m.height, null, 1);
    const parts = { labels, ...rest };
    const [a, b] = [labels[2]!, labels[24]!];
    const nothing = new Uint8Array(labels.length);
    expect(partAt(parts, 3.5, 0.5, nothing, 2)).toEqual({ label: a, distance: 0 });
    expect(partAt(parts, 3.5, 2.4, nothing, 2)?.label).toBe(a);
    expect(partAt(parts, 7.5, 3.5, nothing, 1)).toBeNull();
    // A way through the lower row leads from the far corner to b, however far it is.
    const way = mask('........', '........', '........', '########').mask;
    expect(partAt(parts, 7.5, 3.5, way, 1)).toEqual({ label: b, distance: 6 });
  });
});

describe('the deepest pixel of a part', () => {
  it('is found on fewer pixels about where the exact one lies, also for parts thinner than what is looked at', () => {
    const SIZE = 1200;
    const { data } = planeOf(SIZE, [100, 100, 400, 300], [700, 600, 2, 300], [901, 901, 1, 1]);
    const parts = divide(
      data.map((value) => (value > 0 ? 1 : 0)),
      SIZE,
      SIZE,
      null,
      1,
    );
    const deepest = deepestPixels(parts);
    expect([...deepest.keys()]).toEqual(parts.parts.map(({ label }) => label));
    const [wide, thin, speck] = parts.parts.map(({ label }) => deepest.get(label)!);
    expect(wide!.y).toBeGreaterThanOrEqual(240);
    expect(wide!.y).toBeLessThanOrEqual(260);
    expect(thin!.x).toBeGreaterThanOrEqual(700);
    expect(thin!.x).toBeLessThanOrEqual(701);
    expect(speck).toEqual({ x: 901, y: 901 });
  });
});

describe('growing', () => {
  it('shares what is empty between the parts, by distance', () => {
    const values = Int32Array.from([1, 0, 0, 0, 0, 0, 2]);
    const distances = grow(values, 7, 1, 10);
    expect([...values.slice(0, 3)]).toEqual([1, 1, 1]);
    expect([...values.slice(4)]).toEqual([2, 2, 2]);
    expect([...distances]).toEqual([0, 1, 2, 3, 2, 1, 0]);
  });

  it('stops at its reach, at walls and where it is not allowed', () => {
    const values = Int32Array.from([1, 0, 0, 0, -1, 0]);
    grow(values, 6, 1, 2);
    expect([...values]).toEqual([1, 1, 1, 0, -1, 0]);
    const barred = Int32Array.from([1, 0, 0, 0]);
    grow(barred, 4, 1, 9, (i) => i !== 2);
    expect([...barred]).toEqual([1, 1, 0, 0]);
  });
});
