import { newProject, newShapedOpening, type Crossing, type Group, type Item, type Sheet } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { groupsHolding, slabRows, tonguesOf } from './slab-rows';

const shape = (id: string): Item => ({ ...newShapedOpening(id, { type: 'ellipse' }, { x: 0, y: 0 }, 10, 10), id });
const group = (id: string, items: Item[]): Group => ({ type: 'group', id, name: id, items });
const items = [shape('back'), group('g', [shape('in'), group('h', [shape('deep')])]), shape('front')];
const crossing = (lower: string, upper: string, over: boolean, ...regions: boolean[]): Crossing => ({
  lower: { itemId: lower, part: 'subject' },
  upper: { itemId: upper, part: 'whole' },
  over,
  regions: regions.map((value) => ({ at: { x: 0, y: 0 }, over: value })),
  cuts: [],
});
const made = newProject('Test', { width: 100, height: 100, unit: 'px' }).sheets[0]!;
const sheet: Sheet = {
  ...made,
  items,
  crossings: [
    crossing('back', 'front', true),
    crossing('back', 'g', false, true, false),
    crossing('g', 'front', false),
    crossing('in', 'gone', true),
  ],
};

describe('the slabs of the side view', () => {
  it('go from front to back, groups open only where they should be', () => {
    expect(slabRows(items, new Set()).map(({ item }) => item.id)).toEqual(['front', 'g', 'back']);
    const open = slabRows(items, new Set(['g', 'h'])).map(({ item, level, place, count }) => [item.id, level, place, count]);
    expect(open).toEqual([
      ['front', 0, 0, 3],
      ['g', 0, 1, 3],
      ['h', 1, 0, 2],
      ['deep', 2, 0, 1],
      ['in', 1, 1, 2],
      ['back', 0, 2, 3],
    ]);
    expect(groupsHolding(sheet, [shape('deep')])).toEqual(['g', 'h']);
  });

  it('have tongues where a lower one passes over an upper one', () => {
    const tongues = tonguesOf(sheet, slabRows(items, new Set()));
    expect(tongues).toEqual([
      { from: 2, to: 0, isWhole: true, words: 'back passes over front' },
      { from: 2, to: 1, isWhole: false, words: 'back passes over and under g' },
    ]);
  });
});
