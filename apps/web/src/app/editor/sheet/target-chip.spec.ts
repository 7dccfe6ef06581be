import { newProject, newShapedOpening, scaling } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { guideLines } from './crop-guides';
import { targetChip } from './target-chip';

const [sheet] = newProject('x', { width: 1000, height: 800, unit: 'px' }).sheets;
const stage = { width: 700, height: 560 };
const half = scaling(0.5);
const opening = newShapedOpening('Picture', { type: 'rectangle', radii: [0, 0, 0, 0] }, { x: 500, y: 400 }, 600, 400);

describe('a target', () => {
  const chip = (pointer: { x: number; y: number }, box = opening) =>
    targetChip({ act: 'replace', opening: box }, sheet!, pointer, half, stage);

  it('is not met by what is let go in the middle of a picture, only on itself', () => {
    const { at, words, armed } = chip({ x: 250, y: 200 });
    expect([words, armed]).toEqual(['Replace', false]);
    expect(at).toEqual({ x: 250, y: 270 });
    expect(chip(at).armed).toBe(true);
  });

  it('stays on the stage when the picture reaches beyond it', () => {
    const large = { ...opening, box: { ...opening.box, x: -800, y: -800, width: 4000, height: 4000 } };
    const { at } = chip({ x: 0, y: 0 }, large);
    expect(at.x).toBeLessThan(stage.width);
    expect(at.y).toBe(stage.height - 30);
  });

  it('is in the middle of what is low', () => {
    const low = { ...opening, box: { ...opening.box, height: 60 } };
    expect(chip({ x: 0, y: 0 }, low).at.y).toBe((low.box.y + 30) / 2);
  });

  it('for the background lies at the foot of the sheet', () => {
    expect(targetChip({ act: 'background', opening: null }, sheet!, { x: 0, y: 0 }, half, stage)).toMatchObject({
      words: 'As background',
      at: { x: 250, y: 370 },
    });
  });
});

describe('lines to compose by', () => {
  it('lie in the box', () => {
    expect(guideLines('none', 300, 200)).toBe('');
    expect(guideLines('thirds', 300, 240)).toBe('M100 0V240M0 80H300M200 0V240M0 160H300');
    expect(guideLines('centre', 300, 200)).toBe('M150 0V200M0 100H300');
    expect(guideLines('diagonals', 300, 200)).toBe('M0 0L200 200M300 0L100 200M0 200L200 0M300 200L100 0');
  });
});
