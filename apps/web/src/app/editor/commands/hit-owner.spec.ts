import { newProject, newShapedOpening, type Group, type Item } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { nextInside, ownerOf } from './hit-owner';

const shape = (id: string): Item => ({ ...newShapedOpening(id, { type: 'ellipse' }, { x: 0, y: 0 }, 10, 10), id });
const group = (id: string, ...items: Item[]): Group => ({ type: 'group', id, name: id, items });
const [deep, beside, inner, loose] = ['deep', 'beside', 'inner', 'loose'].map(shape) as [Item, Item, Item, Item];
const nested = group('nested', deep, beside);
const outer = group('outer', inner, nested);
const sheet = { ...newProject('Test', { width: 100, height: 100, unit: 'px' }).sheets[0]!, items: [outer, loose] };

describe('what a click means', () => {
  it('is the outermost group, until it is entered', () => {
    expect(ownerOf(sheet, 'deep', [])).toBe('outer');
    expect(ownerOf(sheet, 'deep', [outer])).toBe('outer');
    expect(ownerOf(sheet, 'deep', [inner])).toBe('nested');
    expect(ownerOf(sheet, 'deep', [nested])).toBe('nested');
    expect(ownerOf(sheet, 'deep', [beside])).toBe('deep');
    // Outside of the group that was entered one is out again.
    expect(ownerOf(sheet, 'loose', [deep])).toBe('loose');
    expect(ownerOf(sheet, 'inner', [deep])).toBe('inner');
  });

  it('a double click goes one level in', () => {
    expect(nextInside(sheet, 'deep', 'outer')).toBe('nested');
    expect(nextInside(sheet, 'deep', 'nested')).toBe('deep');
    expect(nextInside(sheet, 'deep', 'deep')).toBe('deep');
  });
});
