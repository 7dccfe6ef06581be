import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cook, editRecipes } from '../../testing/arbitrary-edits.js';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { applyEdit, type Edit, invertEdit } from './edit.js';
import { commit, EMPTY_HISTORY, HISTORY_LIMIT, redo, takingBack, undo, type History } from './history.js';
import { changeItem, changeProject, insertItem, removeItem, reorderItem } from './make-edit.js';
import { openProject } from './open-project.js';
import type { Project } from './project.js';

const start = testProject([testOpening('a'), testGroup('g', [testOpening('b'), testGroup('h', [testOpening('c')])])]);

describe('edits and their inverses', () => {
  it('any sequence, undone, gives the very same document, and done again the very same result', () => {
    fc.assert(
      fc.property(editRecipes, (recipes) => {
        const edits: Edit[] = [];
        const end = cook(recipes, start, (project, edit) => {
          edits.push(edit);
          return applyEdit(project, edit);
        });
        const back = edits.toReversed().map(invertEdit).reduce(applyEdit, end);
        expect(back).toEqual(start);
        // What is stored is JSON, where an absent property and one that is undefined differ from null.
        expect(JSON.stringify(sorted(back))).toBe(JSON.stringify(sorted(start)));
        expect(edits.reduce(applyEdit, back)).toEqual(end);
      }),
      { numRuns: 300 },
    );
  });

  it('every document on the way there and back is a valid one', () => {
    fc.assert(
      fc.property(editRecipes, (recipes) => {
        const applied = (project: Project, edit: Edit): Project => {
          const next = applyEdit(project, edit);
          expect(openProject(JSON.parse(JSON.stringify(next)))).toEqual({ ok: true, project: next });
          return next;
        };
        const edits: Edit[] = [];
        const end = cook(recipes, start, (project, edit) => {
          edits.push(edit);
          return applied(project, edit);
        });
        edits.toReversed().map(invertEdit).reduce(applied, end);
      }),
      { numRuns: 40 },
    );
  });

  it('edits are plain data: written and read back they do the same', () => {
    fc.assert(
      fc.property(editRecipes, (recipes) => {
        const edits: Edit[] = [];
        const end = cook(recipes, start, (project, edit) => {
          edits.push(JSON.parse(JSON.stringify(edit)) as Edit);
          return applyEdit(project, edit);
        });
        expect(edits.reduce(applyEdit, start)).toEqual(end);
      }),
    );
  });

  it('leave the given document as it was', () => {
    const before = structuredClone(start);
    applyEdit(start, changeItem(start.sheets[0]!, start.sheets[0]!.items[0]!, { name: 'other' }, 'Rename'));
    expect(start).toEqual(before);
  });
});

describe('history', () => {
  it('undoes to the start and does all again, whatever was done', () => {
    fc.assert(
      fc.property(editRecipes, (recipes) => {
        let history: History = EMPTY_HISTORY;
        const end = cook(recipes, start, (project, edit) => {
          const step = commit(project, history, edit);
          history = step.history;
          return step.project;
        });
        let project: Project = end;
        for (let step = undo(project, history); step; step = undo(project, history)) ({ project, history } = step);
        expect(project).toEqual(start);
        for (let step = redo(project, history); step; step = redo(project, history)) ({ project, history } = step);
        expect(project).toEqual(end);
      }),
    );
  });

  it('forgets what was undone when something else is done', () => {
    const rename = (name: string) => changeProject(start, { name }, name);
    const one = commit(start, EMPTY_HISTORY, rename('one'));
    const back = undo(one.project, one.history)!;
    expect(back.name).toBe('one');
    const two = commit(back.project, back.history, rename('two'));
    expect(redo(two.project, two.history)).toBeNull();
    expect(two.history.past.map((edit) => edit.name)).toEqual(['two']);
  });

  it('takes an earlier step back and leaves what was done since where it was put', () => {
    const [sheet] = start.sheets;
    const one = commit(start, EMPTY_HISTORY, removeItem(sheet!, 'g', 'Remove g'));
    const added = insertItem(one.project.sheets[0]!, testOpening('new'), 'Add new');
    const two = commit(one.project, one.history, added);
    const three = commit(two.project, two.history, reorderItem(two.project.sheets[0]!, 'a', 1, 'To the front')!);
    const back = takingBack(three.project, three.history, three.history.past[0]!)!;
    expect(back.name).toBe('Undo: Remove g');
    expect(applyEdit(three.project, back).sheets[0]!.items.map(({ id }) => id)).toEqual(['g', 'new', 'a']);
    // The name was given anew since: that rests on it.
    const named = commit(start, EMPTY_HISTORY, changeItem(sheet!, sheet!.items[0]!, { name: 'b' }, 'Rename'));
    const again = commit(
      named.project,
      named.history,
      changeItem(named.project.sheets[0]!, named.project.sheets[0]!.items[0]!, { name: 'c' }, 'Rename again'),
    );
    expect(takingBack(again.project, again.history, again.history.past[0]!)).toBeNull();
  });

  it('keeps a limited number of steps', () => {
    let step = { project: start, history: EMPTY_HISTORY };
    for (let i = 0; i < HISTORY_LIMIT + 5; i++)
      step = commit(step.project, step.history, changeProject(step.project, { name: `${i}` }, `${i}`));
    expect(step.history.past).toHaveLength(HISTORY_LIMIT);
    expect(step.history.past[0]!.name).toBe('5');
  });
});

function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, inner]) => [key, sorted(inner)]),
  );
}
