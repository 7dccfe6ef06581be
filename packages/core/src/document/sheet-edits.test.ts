import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { applyEdit, type Edit, invertEdit } from './edit.js';
import type { Project } from './project.js';
import { addSheet, copySheet, freeName, moveSheet, removeSheet } from './sheet-edits.js';

const crossing = {
  lower: { itemId: 'a', part: 'whole' },
  upper: { itemId: 'b', part: 'subject' },
  over: true,
  regions: [],
  cuts: [],
};
const made = testProject([testOpening('a'), testGroup('g', [testOpening('b')])]);
const project: Project = {
  ...made,
  sheets: [
    { ...made.sheets[0]!, crossings: [crossing] },
    { ...made.sheets[0]!, id: 'two', name: 'Sheet 2', items: [] },
  ],
};
const done = (edit: Edit): Project => {
  const after = applyEdit(project, edit);
  expect(applyEdit(after, invertEdit(edit))).toEqual(project);
  return after;
};

describe('sheets of a project', () => {
  it('a copy lies behind the original, with ids and a name of its own', () => {
    const { edit, id } = copySheet(project, project.sheets[0]!);
    const after = done(edit);
    const copy = after.sheets[1]!;
    expect([copy.id, copy.name]).toEqual([id, 'Sheet 3']);
    const [a, group] = copy.items as unknown as [{ id: string }, { items: { id: string }[] }];
    expect(a.id).not.toBe('a');
    expect(copy.crossings).toEqual([
      { ...crossing, lower: { itemId: a.id, part: 'whole' }, upper: { itemId: group.items[0]!.id, part: 'subject' } },
    ]);
  });

  it('are moved, added and removed, but for the last', () => {
    const order = (of: Project): string[] => of.sheets.map(({ id }) => id);
    expect(order(done(moveSheet(project, 'two', 0)!))).toEqual(['two', 'sheet_1']);
    expect(moveSheet(project, 'two', 7)).toBeNull();
    expect(order(done(addSheet(project, { ...project.sheets[1]!, id: 'new' }, 1)))).toEqual(['sheet_1', 'new', 'two']);
    const one = done(removeSheet(project, 'two')!);
    expect(order(one)).toEqual(['sheet_1']);
    expect(removeSheet(one, 'sheet_1')).toBeNull();
    expect(freeName(project, 'Sheet 1')).toBe('Sheet 3');
  });
});
