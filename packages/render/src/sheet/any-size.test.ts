import { describe, expect, it } from 'vitest';
import type { Finish, Item, Opening, PhotoFill, Pixels, Sheet } from '@kadrosyn/core';
import { RECTANGLE, shape, subject, withPicture } from '../../fixtures/kit.js';
import { sampleResources, squareSheet } from '../../testing/pictures.js';
import { drawPlainSheet } from './draw-sheet.js';
import { NODE_ENVIRONMENT, renderSheet } from '../node/index.js';
import { resolved } from '../../testing/resolved.js';

const SIZE = 200;
const box = (finish: Finish, change: Partial<Opening> = {}): Opening =>
  shape('box', RECTANGLE, 50, 50, 100, 100, '#cf4a22', { finish, ...change });

describe('any size of output', () => {
  const picture = (change: object) =>
    withPicture(shape('p', { type: 'ellipse' }, 20, 20, 160, 160, null, change), 'agave-pot', {
      at: [300, 300],
      on: [100, 100],
      scale: 0.4,
    });
  const cases: [string, Item][] = [
    [
      'outline, rim and shade',
      picture({
        finish: {
          outline: { align: 'centre', width: 6, paint: '#20272a' },
          rim: { top: 8, right: 8, bottom: 8, left: 8, colour: '#ffffff' },
          innerShade: { colour: '#000000', blur: 20, strength: 0.7 },
          shadow: { angle: 60, distance: 8, blur: 14, strength: 0.6 },
        },
      }),
    ],
    [
      'blur and tone',
      { ...picture({}), fill: { ...(picture({}).fill as object), blur: 12, tone: { contrast: 0.4, warmth: 0.3 } } } as Item,
    ],
    [
      'halftone',
      {
        ...picture({}),
        fill: { ...(picture({}).fill as PhotoFill), effects: [{ kind: 'halftone', strength: 1 }] },
      },
    ],
    [
      'flattened areas',
      {
        ...picture({}),
        fill: { ...(picture({}).fill as PhotoFill), effects: [{ kind: 'flattened', strength: 0.6 }] },
      },
    ],
    [
      'the finish of a subject',
      subject(
        's',
        'heron-shore',
        { at: [295, 400], on: [100, 100], scale: 0.23 },
        {
          finish: {
            outline: { align: 'outside', width: 6, paint: '#ffffff' },
            innerShade: { colour: '#000000', blur: 12, strength: 0.6 },
            shadow: { angle: 60, distance: 6, blur: 10, strength: 0.5 },
          },
        },
      ),
    ],
    ['a subject', subject('s', 'heron-shore', { at: [295, 400], on: [100, 100], scale: 0.23 })],
  ];

  /** How much a picture at a larger scale differs from it at the scale of the sheet, of 255: what is finer than a px of the small one may. */
  function differs(items: readonly Item[], scale: number, change: Partial<Sheet> = {}): number {
    const sheet = { ...squareSheet(SIZE, items), background: { type: 'colour', colour: '#ffffff' } as const, ...change };
    const [once, more] = [1, scale].map((at) => renderSheet(resolved(sheet), at, sampleResources)) as [Pixels, Pixels];
    let sum = 0;
    for (let y = 0; y < SIZE; y++) {
      for (let x = 0; x < SIZE; x++) {
        for (let c = 0; c < 3; c++) {
          let mean = 0;
          for (let dy = 0; dy < scale; dy++)
            for (let dx = 0; dx < scale; dx++) mean += more.data[((scale * y + dy) * scale * SIZE + scale * x + dx) * 4 + c]!;
          sum += Math.abs(mean / scale ** 2 - once.data[(y * SIZE + x) * 4 + c]!);
        }
      }
    }
    return sum / (SIZE * SIZE * 3);
  }

  it.each(cases)('%s looks the same at scales 1, 2 and 4', (_name, item) => {
    for (const scale of [2, 4]) expect(differs([item], scale)).toBeLessThan(3);
  });

  it.each(cases)('%s looks the same where only a part of the sheet is in sight', (_name, item) => {
    const sheet = { ...squareSheet(SIZE, [item]), background: { type: 'colour', colour: '#ffffff' } as const };
    const whole = renderSheet(resolved(sheet), 2, sampleResources);
    const [left, top, side] = [111, 90, 160];
    const surface = NODE_ENVIRONMENT.createSurface(side, side);
    drawPlainSheet(surface.context, resolved(sheet), { scale: 2, left: -left, top: -top }, sampleResources);
    const { data } = surface.context.getImageData(0, 0, side, side);
    const differences = [];
    for (let y = 0; y < side; y++) {
      for (let i = 0; i < 4 * side; i++)
        differences.push(Math.abs(data[4 * side * y + i]! - whole.data[4 * (2 * SIZE * (top + y) + left) + i]!));
    }
    // A large blur averages px first, and a part begins elsewhere in their lattice than the whole.
    const share = differences.filter((difference) => difference > 4).length / differences.length;
    expect(share).toBeLessThan(0.01);
    expect(Math.max(...differences)).toBeLessThan(40);
  });

  it('a shadow is the same at scales 1, 2 and 4, hard or soft, spread or not', () => {
    for (const blur of [0, 6, 30]) {
      for (const spread of [0, 7, -4]) {
        const cast = box({ shadow: { angle: 30, distance: 20, blur, spread, strength: 0.7 } });
        // Of 255 on the whole sheet: an edge lies up to half a px of the small picture beside where it should.
        for (const scale of [2, 4]) expect(differs([cast], scale)).toBeLessThan(1);
      }
    }
  });

  it('a mood is the same at scales 1, 2 and 4', () => {
    const mood = {
      tone: {
        curve: [
          { x: 0, y: 0.1 },
          { x: 0.5, y: 0.4 },
          { x: 1, y: 1 },
        ],
        saturation: -0.4,
      },
      effects: [
        { kind: 'edges', strength: 0.6 },
        { kind: 'grain', strength: 0.4 },
      ],
    } as const;
    for (const scale of [2, 4]) expect(differs([picture({})], scale, { mood })).toBeLessThan(3);
  });
});
