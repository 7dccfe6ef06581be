import { applyEdit, changeProject, commit, EMPTY_HISTORY, newProject, undo, type Edit, type Project } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { takeUp } from './take-up';

const start = newProject('Start', { width: 100, height: 100, unit: 'px' });

function renames(...names: string[]): { project: Project; history: typeof EMPTY_HISTORY; edits: Edit[] } {
  let step = { project: start, history: EMPTY_HISTORY };
  const edits: Edit[] = [];
  for (const name of names) {
    const edit = changeProject(step.project, { name }, `Rename to ${name}`);
    edits.push(edit);
    step = commit(step.project, step.history, edit);
  }
  return { ...step, edits };
}

describe('taking up a project where this browser left it', () => {
  it('without a journal shows what the server has', () => {
    const stored = { project: start, revision: 3 };
    expect(takeUp(stored, undefined)).toEqual({ ...stored, history: EMPTY_HISTORY, unsaved: [], diverged: false });
  });

  it('finds how many of the unsaved edits have arrived', () => {
    const { project, history, edits } = renames('a', 'b', 'c');
    for (let arrived = 0; arrived <= 3; arrived++) {
      const stored = edits.slice(0, arrived).reduce(applyEdit, start);
      expect(takeUp({ project: stored, revision: 9 }, { project, history, unsaved: edits, revision: 3 })).toEqual({
        project,
        history,
        revision: 9,
        unsaved: edits.slice(arrived),
        diverged: false,
      });
    }
  });

  it('lets the server join what is not saved with a project that has moved on elsewhere', () => {
    const { project, history, edits } = renames('a', 'b');
    const elsewhere = { ...start, name: 'elsewhere' };
    const kept = { project, history, unsaved: edits, revision: 3 };
    const joined = { project, unsaved: edits, revision: 3, diverged: false };
    expect(takeUp({ project: elsewhere, revision: 5 }, kept)).toMatchObject(joined);
    // Of the same revision, or an older one, it is not what it was: only the person can say which is meant.
    expect(takeUp({ project: elsewhere, revision: 3 }, kept)).toMatchObject({ ...joined, diverged: true });
  });

  it('takes the newer project of the server where nothing is unsaved, and can still undo what was done here', () => {
    const { project, history } = renames('a');
    const elsewhere = { ...start, unit: 'mm' as const, name: 'a' };
    const taken = takeUp({ project: elsewhere, revision: 5 }, { project, history, unsaved: [], revision: 3 });
    expect(taken).toMatchObject({ project: elsewhere, history, revision: 5, diverged: false });
    expect(undo(taken.project, taken.history)!.project).toEqual({ ...start, unit: 'mm' });
  });
});
