import { EMPTY_HISTORY, newProject, type Edit } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { chooseEntries, type JournalEntry } from './journal';

const project = newProject('Card', { width: 100, height: 100, unit: 'px' });
const entry = (windowId: string, writtenAt: number, unsaved: number): JournalEntry => ({
  ...{ projectId: 'p', windowId, writtenAt, revision: 1, project, history: EMPTY_HISTORY },
  unsaved: Array.from({ length: unsaved }, (): Edit => ({ name: 'Move', operations: [] })),
});

describe('which entry a project is taken up with', () => {
  it('is that of this window, whatever others left', () => {
    const [mine, other] = [entry('me', 1, 0), entry('gone', 2, 3)];
    expect(chooseEntries(mine, [other])).toEqual({ own: mine, left: [other] });
  });

  it('is else the newest that was left with unsaved edits; the other ones with some are named too', () => {
    const [first, second, idle] = [entry('a', 1, 2), entry('b', 2, 1), entry('c', 3, 0)];
    expect(chooseEntries(undefined, [idle, second, first])).toEqual({ own: second, left: [first] });
  });

  it('is else the newest that was left, for its history', () => {
    const [old, young] = [entry('a', 1, 0), entry('b', 2, 0)];
    expect(chooseEntries(undefined, [young, old])).toEqual({ own: young, left: [] });
    expect(chooseEntries(undefined, [])).toEqual({ own: undefined, left: [] });
  });
});
