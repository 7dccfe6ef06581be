import { existsSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { picturePage, writePages } from '@kadrosyn/formats';
import type { Finish, Item, Outline, Pixels } from '@kadrosyn/core';
import { RECTANGLE, shape, subject, withPicture, word } from '../../fixtures/kit.js';
import { largestDifference } from '../../testing/node-scene.js';
import { sampleResources, shaper, squareSheet } from '../../testing/pictures.js';
import { renderSheet } from '../node/index.js';
import { resolved } from '../../testing/resolved.js';

const SIZE = 200;
const SCALES = [1, 2, 4];
const ELLIPSE: Outline = { type: 'ellipse' };
const white = { align: 'inside', width: 8, paint: '#ffffff' } as const;

const draw = (items: readonly Item[], scale: number): Pixels =>
  renderSheet(
    resolved({ ...squareSheet(SIZE, items), background: { type: 'colour', colour: '#ffffff' } }),
    scale,
    sampleResources,
  );

const dark = (finish: Finish, outline: Outline = ELLIPSE, turn = 0): Item =>
  shape('dark', outline, 40.3, 50.7, 120, 100, '#000000', { finish, box: { x: 40.3, y: 50.7, width: 120, height: 100, turn } });

/** The darkest value of a picture where the form of an item ends: outside of it, and inside as far as its finish is white. */
function darkestAtEdge(item: (finish: Finish) => Item, finish: Finish, scale: number): number {
  const { data } = draw([item(finish)], scale);
  const form = draw([item({})], scale).data;
  // A narrower outline says what must be white, so that the inner edge of the outline does not count.
  const must = draw([item({ outline: { ...white, width: 3 } })], scale).data;
  let darkest = 255;
  for (let i = 0; i < data.length; i += 4) {
    const [filled, narrow] = [form[i]!, must[i]!];
    const isOfEdge = filled > 0 || narrow > filled + 20;
    if (isOfEdge) darkest = Math.min(darkest, data[i]!);
  }
  return darkest;
}

describe('a white outline inside on white', () => {
  const widths = { top: 8, right: 12, bottom: 16, left: 10 };
  const forms: [string, (finish: Finish) => Item, Finish][] = [
    ['an ellipse', (finish) => dark(finish), { outline: white }],
    ['a rectangle that lies between px', (finish) => dark(finish, RECTANGLE), { outline: white }],
    ['a turned rectangle', (finish) => dark(finish, RECTANGLE, 23), { outline: white }],
    ['a star', (finish) => dark(finish, { type: 'star', points: 7, depth: 0.4 }), { outline: white }],
    ['a frame of four widths, turned', (finish) => dark(finish, RECTANGLE, 23), { outline: { ...white, widths } }],
    ['a rim', (finish) => dark(finish), { rim: { top: 8, right: 8, bottom: 8, left: 8, colour: '#ffffff' } }],
    ['a word', (finish) => word('w', 'KO', 130, 6, -10, '#000000', shaper, { finish }), { outline: { ...white, width: 5 } }],
  ];
  it.each(forms)('leaves nothing of the fill at the edge of %s', (_name, item, finish) => {
    for (const scale of SCALES) expect(darkestAtEdge(item, finish, scale), `at ${scale * 100} %`).toBeGreaterThanOrEqual(253);
  });

  it('keeps what is behind it where it is clear itself', () => {
    const clear = draw([dark({ outline: { ...white, paint: '#ffffff80' } }, RECTANGLE)], 1).data;
    const at = (x: number, y: number): number => clear[(y * SIZE + x) * 4]!;
    expect(Math.abs(at(45, 100) - 128)).toBeLessThanOrEqual(1);
    expect(at(60, 100)).toBe(0);
  });
});

describe('inside outlines of photos', () => {
  const finish: Finish = { outline: { align: 'inside', width: 6, paint: '#ffffff' } };
  const hare = { at: [390, 190], on: [100, 150], scale: 0.22 } as const;
  const items: readonly Item[] = [
    withPicture(shape('round', ELLIPSE, 8.3, 6.6, 84, 84, null, { finish }), 'agave-pot', {
      at: [300, 300],
      on: [50, 48],
      scale: 0.3,
    }),
    withPicture(
      shape('frame', RECTANGLE, 112, 14, 70, 70, null, {
        box: { x: 112, y: 14, width: 70, height: 70, turn: 12 },
        finish: { outline: { ...finish.outline!, widths: { top: 4, right: 4, bottom: 14, left: 4 } } },
      }),
      'five-birds',
      { at: [400, 225], on: [147, 49], scale: 0.25 },
    ),
    subject('hare', 'hare-leap', hare, { finish: { outline: { ...finish.outline!, width: 2 } } }),
  ];

  // Made by hand like those of the hard pictures, and looked at.
  it.each(SCALES)('are as in their reference picture at %d times the size', async (scale) => {
    const pixels = draw(items, scale);
    const file = fileURLToPath(new URL(`../../fixtures/reference/inside-outlines-${scale * 100}.png`, import.meta.url));
    if (process.env['UPDATE_REFERENCES']) await writeFile(file, await writePages('png', [picturePage(pixels, 72)]));
    expect(existsSync(file)).toBe(true);
    const { data, info } = await sharp(await readFile(file))
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const wanted: Pixels = { width: info.width, height: info.height, data: new Uint8ClampedArray(data) };
    expect(largestDifference(pixels, wanted)).toBeLessThanOrEqual(1);
  });
});
