import { EMPTY_HISTORY, newProject, type Edit } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { chooseEntries, translated, type JournalEntry } from './journal';

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

describe('entries of earlier versions', () => {
  const old = (version: number, unsaved: number) =>
    ({ ...entry('me', 1, unsaved), project: { ...project, version } }) as unknown as JournalEntry;

  it('are translated with their edits, or kept aside where they hold what is not saved', () => {
    const { entries, outdated } = translated([entry('now', 2, 1), old(4, 1), old(3, 2), old(3, 0)]);
    expect(entries.map(({ windowId, project, unsaved }) => [windowId, project.version, unsaved.length])).toEqual([
      ['now', project.version, 1],
      ['me', project.version, 1],
    ]);
    expect(outdated).toEqual([old(3, 2)]);
  });
});
