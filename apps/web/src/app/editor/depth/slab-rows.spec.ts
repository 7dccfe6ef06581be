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

  it('are set in where they lie on something else; what is printed stands below its imprint', () => {
    const on = (id: string, itemId: string): Item => ({ ...shape(id), host: { itemId, areaId: 'area_1' } }) as Item;
    const stack = [shape('mug'), on('imprint', 'mug'), on('print', 'gone')];
    const pieces = [shape('mark'), shape('word')];
    const rows = slabRows(stack, new Set(), ({ id }) => (id === 'imprint' ? pieces : []));
    expect(rows.map(({ item, level, imprint, place, count }) => [item.id, level, imprint?.id, place, count])).toEqual([
      ['print', 0, undefined, 0, 3],
      ['imprint', 1, undefined, 1, 3],
      ['word', 2, 'imprint', 0, 2],
      ['mark', 2, 'imprint', 1, 2],
      ['mug', 0, undefined, 2, 3],
    ]);
  });

  it('have a tongue that climbs to all that they pass over or under in front of them', () => {
    const rows = slabRows(items, new Set());
    expect(tonguesOf(sheet, rows)).toEqual([
      {
        itemId: 'back',
        from: 2,
        meets: [
          { row: 1, passing: 'both' },
          { row: 0, passing: 'over' },
        ],
        words: 'back passes over and under g, over front',
      },
    ]);
    // When the lower one was brought to the front meanwhile, what it was let over it now covers anyhow.
    const turned = { ...sheet, crossings: [crossing('front', 'back', true), crossing('front', 'g', false)] };
    expect(tonguesOf(turned, rows).map(({ words }) => words)).toEqual(['g passes over front']);
  });

  it('of the selected one show the places that were found', () => {
    const rows = slabRows(items, new Set());
    const places = [
      { otherId: 'g', isOver: true },
      { otherId: 'front', isOver: false },
    ];
    const [tongue] = tonguesOf(sheet, rows, { itemId: 'back', places });
    expect(tongue!.words).toBe('back passes over g, under front');
    // Seen from the one in front, the same is told of the one behind it.
    const others = [{ otherId: 'back', isOver: false }];
    expect(tonguesOf({ ...sheet, crossings: [] }, rows, { itemId: 'front', places: others })[0]!.words).toBe(
      'back passes over front',
    );
    expect(tonguesOf({ ...sheet, crossings: [] }, rows, { itemId: 'back', places: [{ otherId: 'g', isOver: false }] })).toEqual(
      [],
    );
  });
});
