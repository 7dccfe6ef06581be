import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { applyEdit, type Edit, invertEdit } from './edit.js';
import { findItem } from './find-item.js';
import { groupItems, groupsAround, outermost, removeItems, takeOutOfGroup, ungroupItem } from './group-edits.js';
import type { Group, Item } from './item.js';
import type { Project } from './project.js';

const [a, b, c, d, e] = ['a', 'b', 'c', 'd', 'e'].map((id) => testOpening(id)) as [Item, Item, Item, Item, Item];
const project = testProject([a, b, testGroup('g', [c, testGroup('h', [d])]), e]);
const sheet = project.sheets[0]!;
/** "a b (c (d)) e" */
const order = (items: readonly Item[]): string =>
  items.map((item) => (item.type === 'group' ? `(${order(item.items)})` : item.id)).join(' ');
const after = (edit: Edit, of: Project = project): Project => {
  const next = applyEdit(of, edit);
  expect(applyEdit(next, invertEdit(edit))).toEqual(of);
  return next;
};
const orderAfter = (edit: Edit): string => order(after(edit).sheets[0]!.items);

describe('groups', () => {
  it('hold what is put into them, where the frontmost lay', () => {
    expect(orderAfter(groupItems(sheet, ['a', 'e'], 'Two')!.edit)).toBe('b (c (d)) (a e)');
    expect(orderAfter(groupItems(sheet, ['b', 'a'], 'Two')!.edit)).toBe('(a b) (c (d)) e');
    expect(orderAfter(groupItems(sheet, ['a', 'c'], 'Mixed')!.edit)).toBe('b ((a c) (d)) e');
    expect(groupItems(sheet, [], 'None')).toBeNull();
  });

  it('a group and what is in it count once', () => {
    expect(outermost(sheet, ['d', 'g', 'a']).map(({ id }) => id)).toEqual(['a', 'g']);
    expect(orderAfter(groupItems(sheet, ['g', 'd'], 'Nested')!.edit)).toBe('a b ((c (d))) e');
  });

  it('are taken apart again, in order', () => {
    const { edit, ids } = ungroupItem(sheet, findItem(sheet.items, 'g') as Group);
    expect([orderAfter(edit), ids]).toEqual(['a b c (d) e', ['c', 'h']]);
  });

  it('let single items out; an empty group goes', () => {
    expect(orderAfter(takeOutOfGroup(sheet, 'c')!)).toBe('a b ((d)) c e');
    expect(orderAfter(takeOutOfGroup(sheet, 'd')!)).toBe('a b (c d) e');
    expect(takeOutOfGroup(sheet, 'a')).toBeNull();
  });

  it('tell which groups lie around an item', () => {
    expect(['a', 'c', 'd'].map((id) => groupsAround(sheet, id))).toEqual([[], ['g'], ['g', 'h']]);
  });

  it('several items go with their crossings', () => {
    const end = (itemId: string) => ({ itemId, part: 'whole' });
    const crossing = (low: string, high: string) => ({ lower: end(low), upper: end(high), over: true, regions: [], cuts: [] });
    const crossed = {
      ...project,
      sheets: [{ ...sheet, crossings: [crossing('a', 'b'), crossing('b', 'e'), crossing('a', 'd')] }],
    };
    const next = after(removeItems(crossed.sheets[0]!, ['a', 'g'], 'Remove'), crossed);
    expect(order(next.sheets[0]!.items)).toBe('b e');
    expect(next.sheets[0]!.crossings).toEqual([crossing('b', 'e')]);
  });
});
