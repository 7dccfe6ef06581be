import { applyEdit, changeProject, commit, EMPTY_HISTORY, newProject, type Edit, type Project } from '@kadrosyn/core';
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
    expect(takeUp(start, undefined)).toEqual({ project: start, history: EMPTY_HISTORY, unsaved: [], diverged: false });
  });

  it('finds how many of the unsaved edits have arrived', () => {
    const { project, history, edits } = renames('a', 'b', 'c');
    for (let arrived = 0; arrived <= 3; arrived++) {
      const stored = edits.slice(0, arrived).reduce(applyEdit, start);
      expect(takeUp(stored, { project, history, unsaved: edits })).toEqual({
        project,
        history,
        unsaved: edits.slice(arrived),
        diverged: false,
      });
    }
  });

  it('keeps what is not saved when the project went another way elsewhere', () => {
    const { project, history, edits } = renames('a', 'b');
    const elsewhere = { ...start, name: 'elsewhere' };
    expect(takeUp(elsewhere, { project, history, unsaved: edits })).toMatchObject({ project, unsaved: edits, diverged: true });
  });

  it('takes the newer project of the server where nothing is unsaved', () => {
    const { project, history } = renames('a');
    const elsewhere = { ...start, name: 'elsewhere' };
    expect(takeUp(elsewhere, { project, history, unsaved: [] })).toMatchObject({
      project: elsewhere,
      history: EMPTY_HISTORY,
      diverged: false,
    });
  });
});
