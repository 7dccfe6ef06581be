import { signal } from '@angular/core';
import { newProject, newShapedOpening, scaling, type DropTarget, type Point } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { guideLines } from './crop-guides';
import { TargetChips } from './target-chip';

const [sheet] = newProject('x', { width: 1000, height: 800, unit: 'px' }).sheets;
const viewport = { size: signal({ width: 700, height: 560 }), matrix: signal(scaling(0.5)) };
const opening = newShapedOpening('Picture', { type: 'rectangle', radii: [0, 0, 0, 0] }, { x: 500, y: 400 }, 600, 400);
const replace = (box = opening): DropTarget => ({ act: 'replace', opening: box });

describe('a target', () => {
  const chip = (pointer: Point, target: DropTarget | null = replace()) =>
    new TargetChips(viewport).show(target, sheet!, pointer)?.chip;

  it('is not met by what is let go in the middle of a picture, only on itself', () => {
    expect(chip({ x: 250, y: 200 })).toEqual({ words: 'Replace', armed: false, at: { x: 250, y: 270 } });
    expect(chip({ x: 250, y: 270 })?.armed).toBe(true);
    expect(chip({ x: 250, y: 200 }, null)).toBeUndefined();
  });

  it('stays on the stage when the picture reaches beyond it', () => {
    const large = { ...opening, box: { ...opening.box, x: -800, y: -800, width: 4000, height: 4000 } };
    expect(chip({ x: 0, y: 0 }, replace(large))?.at).toEqual({ x: 350, y: 530 });
  });

  it('is in the middle of what is low', () => {
    const low = { ...opening, box: { ...opening.box, height: 60 } };
    expect(chip({ x: 0, y: 0 }, replace(low))?.at.y).toBe((low.box.y + 30) / 2);
  });

  it('for the background lies at the foot of the sheet', () => {
    const ground = { act: 'background', opening: null } as const;
    expect(chip({ x: 0, y: 0 }, ground)).toMatchObject({ words: 'As background', at: { x: 250, y: 370 } });
  });

  it('stays while the pointer is on it, though something else lies there', () => {
    const chips = new TargetChips(viewport);
    chips.show({ act: 'background', opening: null }, sheet!, { x: 10, y: 10 });
    expect(chips.show(replace(), sheet!, { x: 250, y: 371 })).toMatchObject({
      target: { act: 'background' },
      chip: { armed: true },
    });
    expect(chips.show(replace(), sheet!, { x: 250, y: 200 })).toMatchObject({ target: { act: 'replace' } });
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
