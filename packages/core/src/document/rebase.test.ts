import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cook, fewEditRecipes } from '../../testing/arbitrary-edits.js';
import type { EditRecipe } from '../../testing/edit-recipe.js';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { applyEdit, EditConflict, EditError, invertEdit, type Edit } from './edit.js';
import { undo, type History } from './history.js';
import { findItem } from './find-item.js';
import { groupItems, removeItems, ungroupItem } from './group-edits.js';
import { changeItem, changeProject, changeSheet, insertItem, placeBefore, removeItem, reorderItem } from './make-edit.js';
import { openProject } from './open-project.js';
import type { Item } from './item.js';
import type { Project } from './project.js';
import { rebaseEdits, rebaseWork } from './rebase.js';
import { addSheet, copySheet, moveSheet, removeSheet } from './sheet-edits.js';

const made = testProject([
  testOpening('a'),
  testGroup('g', [testOpening('b'), testGroup('h', [testOpening('c'), testOpening('d')])]),
  testOpening('e'),
  testOpening('f'),
]);
const first = made.sheets[0]!;
const start: Project = {
  ...made,
  photos: { photo_1: testPhoto('photo_1') },
  sheets: [first, { ...first, id: 'sheet_2', items: [testOpening('k'), testOpening('l')] }],
};
const sheet = start.sheets[0]!;
const item = (id: string) => findItem(sheet.items, id)!;
const order = (project: Project) => project.sheets[0]!.items.map(({ id }) => id);

function editsOf(recipes: readonly EditRecipe[], firstStep: number): Edit[] {
  const edits: Edit[] = [];
  cook(
    recipes,
    start,
    (project, edit) => {
      edits.push(edit);
      return applyEdit(project, edit);
    },
    firstStep,
  );
  return edits;
}

/** Both ways of joining; null where they can not be joined. */
function joined(
  mine: readonly Edit[],
  theirs: readonly Edit[],
): { readonly mineLast: Project; readonly theirsLast: Project } | null {
  try {
    const rebased = rebaseEdits(mine, theirs);
    return {
      mineLast: [...theirs, ...rebased.mine].reduce(applyEdit, start),
      theirsLast: [...mine, ...rebased.theirs].reduce(applyEdit, start),
    };
  } catch (error) {
    if (error instanceof EditError) return null;
    throw error;
  }
}

describe('joining what two people did', () => {
  it('gives the same valid document either way, and each can still take back what is theirs', () => {
    let together = 0;
    fc.assert(
      fc.property(fewEditRecipes, fewEditRecipes, (one, other) => {
        const [mine, theirs] = [editsOf(one, 100), editsOf(other, 200)];
        const both = joined(mine, theirs);
        expect(joined(theirs, mine) === null).toBe(both === null);
        if (!both) return;
        together++;
        expect(both.mineLast).toEqual(both.theirsLast);
        expect(openProject(JSON.parse(JSON.stringify(both.mineLast)))).toMatchObject({ ok: true });
        const rebased = rebaseEdits(mine, theirs);
        const back = rebased.mine.toReversed().map(invertEdit).reduce(applyEdit, both.mineLast);
        expect(back).toEqual(theirs.reduce(applyEdit, start));
      }),
      { numRuns: 1500 },
    );
    // Most of what a few edits do has nothing to do with one another.
    expect(together).toBeGreaterThan(500);
  });

  it('undo takes back what is one\u2019s own, and leaves what others did', () => {
    let undone = 0;
    fc.assert(
      fc.property(fewEditRecipes, fewEditRecipes, (one, other) => {
        const [mine, theirs] = [editsOf(one, 100), editsOf(other, 200)];
        const both = joined(mine, theirs);
        // What both did is undone by either.
        if (!both || rebaseWork(rebaseEdits(mine, theirs).mine, theirs) < rebaseWork(mine, theirs)) return;
        let { project, history } = { project: both.mineLast, history: { past: mine, future: [] } as History };
        let refused = 0;
        for (let step = undo(project, history); step; step = undo(project, history)) {
          if (!step.edit) refused++;
          else expect(applyEdit(step.project, invertEdit(step.edit))).toEqual(project);
          ({ project, history } = step);
        }
        if (refused > 0) return;
        undone++;
        expect(sortedItems(project)).toEqual(sortedItems(theirs.reduce(applyEdit, start)));
      }),
      { numRuns: 600 },
    );
    expect(undone).toBeGreaterThan(200);
  });

  it('says that a step can not be taken back where someone else changed the same since', () => {
    const mine = changeItem(sheet, item('a'), { locked: true }, 'Lock a');
    const now = applyEdit(applyEdit(start, mine), removeItem(sheet, 'a', 'Remove a'));
    const step = undo(now, { past: [mine], future: [] })!;
    expect(step).toMatchObject({ edit: null, name: 'Lock a', history: { past: [], future: [] } });
    expect(step.project).toBe(now);
  });

  it('what was sent twice is done once', () => {
    fc.assert(
      fc.property(fewEditRecipes, (recipes) => {
        const edits = editsOf(recipes, 100);
        const rebased = rebaseEdits(edits, edits);
        expect([...edits, ...rebased.mine].reduce(applyEdit, start)).toEqual(edits.reduce(applyEdit, start));
      }),
      { numRuns: 300 },
    );
  });

  it('orders what both put in the same place, whoever comes first', () => {
    const on = (id: string) => [insertItem(sheet, testOpening(id), 'Add', placeBefore(sheet, 'a'))];
    const both = joined(on('y'), on('x'))!;
    expect(order(both.mineLast)).toEqual(['a', 'x', 'y', 'g', 'e', 'f']);
    expect(order(both.theirsLast)).toEqual(['a', 'x', 'y', 'g', 'e', 'f']);
  });

  it('lets places follow their neighbours', () => {
    const both = joined(
      [insertItem(sheet, testOpening('new'), 'Add', placeBefore(sheet, 'e'))],
      [removeItem(sheet, 'e', 'Remove'), reorderItem(sheet, 'a', 9, 'To the front')!],
    )!;
    expect(order(both.mineLast)).toEqual(['g', 'new', 'f', 'a']);
    expect(both.theirsLast).toEqual(both.mineLast);
  });

  it('of a value of several parts each may change another part; the same part is a conflict', () => {
    const finish = (finish: object) => [
      changeItem(sheet, item('a'), { finish: { ...(item('a') as never as { finish: object }).finish, ...finish } }, 'Finish'),
    ];
    const both = joined(finish({ opacity: 0.5 }), finish({ blend: 'multiply' }))!;
    expect(findItem(both.mineLast.sheets[0]!.items, 'a')).toMatchObject({ finish: { opacity: 0.5, blend: 'multiply' } });
    expect(() => rebaseEdits(finish({ opacity: 0.5 }), finish({ opacity: 0.6 }))).toThrow(EditConflict);
    const filled = (colour: string) => [changeItem(sheet, item('a'), { fill: { type: 'colour', colour } }, 'Fill')];
    const placed = [changeItem(sheet, item('a'), { fill: { type: 'gradient', kind: 'linear', stops: [] } }, 'Fill')];
    expect(() => rebaseEdits(filled('#102030'), placed)).toThrow(EditConflict);
  });

  it.each([
    ['changed and taken away', [changeItem(sheet, item('b'), { locked: true }, '')], [removeItem(sheet, 'g', '')]],
    [
      'put into what is taken away',
      [insertItem(sheet, testOpening('n'), '', { groupId: 'h', above: 'c' })],
      [ungroupItem(sheet, item('h') as never).edit],
    ],
    ['each into the other', [moveInto('g', 'e2')], [moveInto('e2', 'g')]],
    ['moved by both', [reorderItem(sheet, 'a', 2, '')!], [reorderItem(sheet, 'a', 3, '')!]],
    ['a sheet changed and taken away', [changeSheet(start.sheets[1]!, { bleed: 9 }, '')], [removeSheet(start, 'sheet_2')!]],
    ['the last two sheets', [removeSheet(start, 'sheet_1')!], [removeSheet(start, 'sheet_2')!]],
    [
      'a photo shown and taken out',
      [changeItem(sheet, item('a'), { fill: photoFill() }, '')],
      [{ name: '', operations: [{ type: 'remove-photo', photo: testPhoto('photo_1') }] }],
    ],
    ['renamed twice', [changeProject(start, { name: 'One' }, '')], [changeProject(start, { name: 'Two' }, '')]],
  ] as [string, Edit[], Edit[]][])('is refused where nothing keeps both: %s', (_what, mine, theirs) => {
    expect(() => rebaseEdits(mine, theirs)).toThrow(EditConflict);
    expect(() => rebaseEdits(theirs, mine)).toThrow(EditConflict);
  });

  it('groups while others change what is in them, and keeps pages in order', () => {
    const mine = [groupItems(sheet, ['a', 'e'], 'Group')!.edit, copySheet(start, sheet).edit];
    const theirs = [
      changeItem(sheet, item('a'), { locked: true }, 'Lock'),
      moveSheet(start, 'sheet_2', 0)!,
      removeItems(sheet, ['f'], 'Remove'),
    ];
    const both = joined(mine, theirs)!;
    expect(both.mineLast).toEqual(both.theirsLast);
    expect(both.mineLast.sheets.map(({ id }) => id).slice(0, 2)).toEqual(['sheet_2', 'sheet_1']);
    expect(both.mineLast.sheets[1]!.items).toMatchObject([{ id: 'g' }, { items: [{ id: 'a', locked: true }, { id: 'e' }] }]);
    expect(joined([addSheet(start, { ...first, id: 'sheet_3', items: [] })], theirs)).not.toBeNull();
  });
});

/** What comes back beside a neighbour that is gone may lie elsewhere in depth. */
function sortedItems(project: Project) {
  const sorted = (items: readonly Item[]): Item[] =>
    items
      .map((one) => (one.type === 'group' ? { ...one, items: sorted(one.items) } : one))
      .toSorted((x, y) => x.id.localeCompare(y.id));
  return project.sheets.map((one) => ({ ...one, items: sorted(one.items) })).toSorted((x, y) => x.id.localeCompare(y.id));
}

function moveInto(itemId: string, groupId: string): Edit {
  const place = { groupId: null, above: null };
  return { name: '', operations: [{ type: 'move-item', sheetId: 'sheet_1', itemId, from: place, to: { groupId, above: null } }] };
}

function photoFill() {
  return { type: 'photo', photoId: 'photo_1', placement: { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false } } as const;
}
