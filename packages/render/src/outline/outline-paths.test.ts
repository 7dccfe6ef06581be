import { describe, expect, it } from 'vitest';
import { flatten, polygonBounds, type LetteringOutline } from '@kadrosyn/core';
import { word } from '../../fixtures/kit.js';
import { shaper } from '../../testing/pictures.js';
import { partPath, strokePath } from './outline-paths.js';

describe('the outline of a word', () => {
  it('is united however flat its letters are pressed', () => {
    const made = word('word', 'x', 20, 0, 0, '#000000', shaper);
    const [run] = (made.outline as LetteringOutline).runs;
    const texts = [
      ['8~w@TNTTt', 4.274797977188293, 'upper'],
      ['-#<m`', 20.54081930107867, 'lower'],
      ['EdU]kA', 4.1441326099394455, 'upper'],
      ['RGU"L', 20.3243646074114, 'lower'],
    ] as const;
    const runs = texts.map(([text, size, letterCase], r) => ({
      ...{ ...run!, text, size, letterCase, face: 'fraunces', axes: {} },
      letterIds: Array.from({ length: text.length }, (_, i) => `letter-${r}-${i}`),
    }));
    const stretch = { x: 77.15658276010369, y: 0.001815439587741731 };
    const outline = { ...(made.outline as LetteringOutline), runs, leading: 0.001, align: 'left', stretch } as const;
    const opening = { ...made, outline, box: { ...made.box, width: 23.84, height: 4 } };
    const { path, bounds } = partPath(opening, undefined, shaper);
    const united = polygonBounds(flatten(strokePath(opening, path)));
    expect(united.width).toBeCloseTo(bounds.width, 0);
    expect(united.height).toBeCloseTo(bounds.height, 4);
  });
});
