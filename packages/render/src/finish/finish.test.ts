import { describe, expect, it } from 'vitest';
import type { Blend, Finish, Item, Opening, Pixels } from '@kadrosyn/core';
import { RECTANGLE, shape, withPicture, word } from '../../fixtures/kit.js';
import { apart, colourAt, sampleResources, shaper, squareSheet } from '../../testing/pictures.js';
import { renderSheet } from '../node/index.js';
import { resolved } from '../../testing/resolved.js';

const SIZE = 200;
const draw = (items: readonly Item[], background = '#ffffff'): Pixels =>
  renderSheet(resolved({ ...squareSheet(SIZE, items), background: { type: 'colour', colour: background } }), 1, sampleResources);
const box = (finish: Finish, change: Partial<Opening> = {}): Opening =>
  shape('box', RECTANGLE, 50, 50, 100, 100, '#cf4a22', { finish, ...change });
const [RUST, INK, WHITE] = [
  [0xcf, 0x4a, 0x22],
  [0x20, 0x27, 0x2a],
  [255, 255, 255],
];

/** The separable modes of "Compositing and Blending Level 1", values from 0 to 1; `b` is the backdrop, `s` the source. */
const FORMULAS: Record<Blend, (b: number, s: number) => number> = {
  normal: (_b, s) => s,
  multiply: (b, s) => b * s,
  screen: (b, s) => b + s - b * s,
  overlay: (b, s) => FORMULAS['hard-light'](s, b),
  darken: Math.min,
  lighten: Math.max,
  'color-dodge': (b, s) => (b === 0 ? 0 : s === 1 ? 1 : Math.min(1, b / (1 - s))),
  'color-burn': (b, s) => (b === 1 ? 1 : s === 0 ? 0 : 1 - Math.min(1, (1 - b) / s)),
  'hard-light': (b, s) => (s <= 0.5 ? b * 2 * s : FORMULAS.screen(b, 2 * s - 1)),
  'soft-light': (b, s) => {
    const d = b <= 0.25 ? ((16 * b - 12) * b + 4) * b : Math.sqrt(b);
    return s <= 0.5 ? b - (1 - 2 * s) * b * (1 - b) : b + (2 * s - 1) * (d - b);
  },
  difference: (b, s) => Math.abs(b - s),
  exclusion: (b, s) => b + s - 2 * b * s,
};

describe('blend modes', () => {
  it.each(Object.keys(FORMULAS) as Blend[])('%s is as CSS compositing defines it, alone, half clear and on a layer', (blend) => {
    const [backdrop, source] = [
      [0x1e, 0x9a, 0xd4],
      [0xc8, 0x5c, 0x34],
    ];
    const mixed = source.map((s, i) => 255 * FORMULAS[blend](backdrop[i]! / 255, s / 255));
    const half = mixed.map((value, i) => (value + backdrop[i]!) / 2);
    const fill = { type: 'colour', colour: '#c85c34' } as const;
    const frame = { align: 'outside', width: 4, paint: '#000000' } as const;
    expect(apart(colourAt(draw([box({ blend }, { fill })], '#1e9ad4'), { x: 100, y: 100 }), mixed)).toBeLessThanOrEqual(2);
    expect(
      apart(colourAt(draw([box({ blend, opacity: 0.5 }, { fill })], '#1e9ad4'), { x: 100, y: 100 }), half),
    ).toBeLessThanOrEqual(2);
    const layered = draw([box({ blend, outline: frame }, { fill })], '#1e9ad4');
    expect(apart(colourAt(layered, { x: 100, y: 100 }), mixed)).toBeLessThanOrEqual(2);
  });
});

describe('outlines', () => {
  const at = (finish: Finish, x: number) => colourAt(draw([box(finish)]), { x, y: 100 });
  const outline = (align: 'inside' | 'centre' | 'outside') => ({ outline: { align, width: 10, paint: '#20272a' } }) as const;

  it('lie inside, astride or outside', () => {
    const row = (align: 'inside' | 'centre' | 'outside') => [42, 47, 52, 57].map((x) => at(outline(align), x).slice(0, 3));
    expect(row('inside')).toEqual([WHITE, WHITE, INK, INK]);
    expect(row('centre')).toEqual([WHITE, INK, INK, RUST]);
    expect(row('outside')).toEqual([INK, INK, RUST, RUST]);
  });

  it('have four widths on a rectangle', () => {
    const widths = { top: 4, right: 8, bottom: 12, left: 16 };
    const drawn = draw([box({ outline: { align: 'inside', width: 16, widths, paint: '#20272a' } })]);
    const inked = (points: [number, number][]) => points.map(([x, y]) => apart(colourAt(drawn, { x, y }), INK) === 0);
    expect(
      inked([
        [100, 52],
        [100, 55],
        [143, 100],
        [140, 100],
        [100, 139],
        [100, 136],
        [64, 100],
        [67, 100],
      ]),
    ).toEqual([true, false, true, false, true, false, true, false]);
  });

  it('go round letters that touch as round one shape', () => {
    const tight = word('word', 'OO', 120, 10, 20, '#ffffff', shaper);
    const letters = tight.outline as Extract<Opening['outline'], { type: 'lettering' }>;
    const close = { ...letters, runs: letters.runs.map((run) => ({ ...run, tracking: -200 })) };
    const inked = (finish: Finish) => {
      const { data } = draw([{ ...tight, outline: close, finish }]);
      let count = 0;
      for (let i = 0; i < data.length; i += 4) if (data[i]! < 128) count++;
      return count;
    };
    const together = inked({ outline: { align: 'inside', width: 3, paint: '#20272a' } });
    // The two alone, without what they have in common: the lines through the overlap are missing.
    const alone = ['O', 'O'].map((text) => {
      const one = word('word', text, 120, 10, 20, '#ffffff', shaper, {
        finish: { outline: { align: 'inside', width: 3, paint: '#20272a' } },
      });
      const { data } = draw([one]);
      let count = 0;
      for (let i = 0; i < data.length; i += 4) if (data[i]! < 128) count++;
      return count;
    });
    expect(together).toBeLessThan(alone[0]! + alone[1]! - 100);
  });
});

describe('rim, shade and shadow', () => {
  it('a rim has four widths and lies within the outline', () => {
    const drawn = draw([box({ rim: { top: 5, right: 10, bottom: 30, left: 10, colour: '#ffffff' } }, {})], '#7a93a8');
    const white = ([x, y]: [number, number]) => apart(colourAt(drawn, { x, y }), WHITE) === 0;
    expect(
      (
        [
          [100, 53],
          [100, 57],
          [145, 100],
          [137, 100],
          [100, 125],
          [100, 117],
        ] as [number, number][]
      ).map(white),
    ).toEqual([true, false, true, false, true, false]);
  });

  it('an inner shade is strongest at the edge and gone in the middle', () => {
    const drawn = draw([box({ innerShade: { colour: '#000000', blur: 24, strength: 0.8 } })]);
    const reds = [51, 56, 62, 70, 100].map((x) => colourAt(drawn, { x, y: 100 })[0]);
    for (let i = 1; i < reds.length; i++) expect(reds[i]).toBeGreaterThan(reds[i - 1]!);
    expect(reds[0]! / 0xcf).toBeLessThan(0.35);
    expect(reds.at(-1)).toBe(0xcf);
  });

  it('a shadow falls where its angle says, or the light of the sheet, as strong as it says', () => {
    const shadow = { angle: 0, distance: 20, blur: 0, strength: 0.5 };
    const drawn = draw([box({ shadow })]);
    const half = INK.map((value) => (value + 255) / 2);
    expect(apart(colourAt(drawn, { x: 160, y: 100 }), half)).toBeLessThanOrEqual(1);
    expect(colourAt(drawn, { x: 40, y: 100 }).slice(0, 3)).toEqual(WHITE);
    const { angle: _own, ...lit } = shadow;
    const sheet = { ...squareSheet(SIZE, [box({ shadow: lit })]), light: { angle: 180, height: 40 } };
    const byLight = renderSheet(resolved({ ...sheet, background: { type: 'colour', colour: '#ffffff' } }), 1, sampleResources);
    expect(apart(colourAt(byLight, { x: 40, y: 100 }), half)).toBeLessThanOrEqual(1);
  });

  it('a shadow spreads by px', () => {
    const shadow = { angle: 0, distance: 0, blur: 0, spread: 8, strength: 1, colour: '#000000' };
    const drawn = draw([box({ shadow })]);
    expect(colourAt(drawn, { x: 44, y: 100 })[0]).toBe(0);
    expect(colourAt(drawn, { x: 40, y: 100 })[0]).toBe(255);
  });
});

describe('a gradient outline', () => {
  it('runs over the box of the opening', () => {
    const stops = [
      { at: 0, colour: '#ff0000' },
      { at: 1, colour: '#0000ff' },
    ];
    const paint = { type: 'gradient', kind: 'linear', angle: 0, stops } as const;
    const drawn = draw([box({ outline: { align: 'inside', width: 10, paint } })]);
    const [left, middle, right] = [54, 100, 146].map((x) => colourAt(drawn, { x, y: 54 }));
    expect(left![0]).toBeGreaterThan(235);
    expect(apart(middle!, [128, 0, 128])).toBeLessThanOrEqual(3);
    expect(right![2]).toBeGreaterThan(235);
    expect(colourAt(drawn, { x: 100, y: 100 }).slice(0, 3)).toEqual(RUST);
  });
});

describe('four corners', () => {
  it('with warp the photo goes along, without it stays upright', () => {
    const corners = (warp: boolean) =>
      withPicture(
        shape(
          'c',
          {
            type: 'corners',
            warp,
            points: [
              { x: 0, y: 0.25 },
              { x: 1, y: 0 },
              { x: 1, y: 1 },
              { x: 0, y: 0.75 },
            ],
          },
          20,
          20,
          160,
          160,
          null,
        ),
        'lake-dusk',
        { at: [400, 225], on: [100, 100], scale: 0.4 },
      );
    const [warped, upright] = [draw([corners(true)]), draw([corners(false)])];
    const whole = draw([
      withPicture(shape('c', RECTANGLE, 20, 20, 160, 160, null), 'lake-dusk', { at: [400, 225], on: [100, 100], scale: 0.4 }),
    ]);
    for (const p of [
      { x: 60, y: 100 },
      { x: 150, y: 60 },
    ])
      expect(apart(colourAt(upright, p), colourAt(whole, p))).toBeLessThanOrEqual(2);
    // At the left edge the box is half as high: an eighth down there lies what was an eighth down before.
    expect(apart(colourAt(warped, { x: 24, y: 70 }), colourAt(whole, { x: 24, y: 41 }))).toBeLessThan(6);
    expect(apart(colourAt(warped, { x: 24, y: 150 }), WHITE)).toBe(0);
  });
});
