import {
  applyEdit,
  changeItem,
  changeProject,
  EMPTY_HISTORY,
  insertItem,
  mergeEdits,
  newProject,
  newShapedOpening,
  removeItem,
  type Edit,
  type Project,
} from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { EditorActions } from './editor.actions';
import { editorFeature } from './editor.reducer';
import { shownProject } from './shown-project';
import { selectSheet, selectShownSheet } from './editor.selectors';
import { INITIAL_STATE, type EditorState } from './editor.state';

const { reducer } = editorFeature;
const project = newProject('Card', { width: 100, height: 100, unit: 'px' });
const opening = newShapedOpening('Circle', { type: 'ellipse' }, { x: 50, y: 50 }, 20, 20);

function opened(change: Partial<Project> = {}): EditorState {
  return reducer(
    INITIAL_STATE,
    EditorActions.opened({
      projectId: 'p',
      project: { ...project, ...change },
      revision: 4,
      updatedAt: '2026-05-09T10:00:00Z',
      history: EMPTY_HISTORY,
      unsaved: [],
      diverged: false,
      said: null,
    }),
  );
}

function named(state: EditorState): EditorState {
  return { ...state, projectId: 'p' };
}

describe('the editor’s state', () => {
  it('commits one step, selects, and counts it as unsaved', () => {
    const edit = insertItem(project.sheets[0]!, opening, 'Add circle');
    const state = reducer(opened(), EditorActions.commit({ edit, select: opening.id }));
    expect(state.project!.sheets[0]!.items).toHaveLength(1);
    expect(state).toMatchObject({ selectedIds: [opening.id], preview: null, save: { state: 'waiting', unsaved: [edit] } });
    const back = reducer(state, EditorActions.undo());
    expect(back.project).toEqual(project);
    expect(back.selectedIds).toEqual([]);
    expect(back.save.unsaved).toHaveLength(2);
    expect(reducer(back, EditorActions.redo()).project).toEqual(state.project);
  });

  it('shows an edit that is going on without keeping it', () => {
    const edit = changeProject(project, { name: 'Other' }, 'Rename');
    const state = reducer(opened(), EditorActions.preview({ edit }));
    expect(state.project!.name).toBe('Card');
    expect(shownProject(state)!.name).toBe('Other');
    expect(shownProject(reducer(state, EditorActions.preview({ edit: null })))!.name).toBe('Card');
  });

  it('joins small changes of the same kind to one step that goes all the way back', () => {
    const first = opened({ sheets: [{ ...project.sheets[0]!, items: [opening] }] });
    const sheet = first.project!.sheets[0]!;
    const one = changeItem(sheet, opening, { box: { ...opening.box, x: 41 } }, 'Move Circle');
    const moved = reducer(first, EditorActions.commitAgain({ edit: one }));
    const now = moved.project!.sheets[0]!;
    const two = changeItem(now, now.items[0]!, { box: { ...opening.box, x: 42 } }, 'Move Circle');
    const state = reducer(moved, EditorActions.commitAgain({ edit: two }));
    expect(state.history.past).toHaveLength(1);
    expect(state.save.unsaved).toHaveLength(2);
    expect(reducer(state, EditorActions.undo()).project).toEqual(first.project);
  });

  it('joins what was found out about a step to it, though others have followed; it goes back with it', () => {
    const first = opened({ sheets: [{ ...project.sheets[0]!, items: [opening] }] });
    const sheet = first.project!.sheets[0]!;
    const one = changeItem(sheet, opening, { locked: true }, 'Lock Circle');
    const locked = reducer(first, EditorActions.commit({ edit: one }));
    const found = changeProject(locked.project!, { name: 'Found' }, 'Lock Circle');
    const state = reducer(locked, EditorActions.commitAgain({ edit: found, joins: 'Lock Circle' }));
    expect(state.history.past.map(({ name }) => name)).toEqual(['Lock Circle']);
    expect(state.save.unsaved).toHaveLength(2);
    expect(reducer(state, EditorActions.undo()).project).toEqual(first.project);
    const hidden = changeItem(locked.project!.sheets[0]!, locked.project!.sheets[0]!.items[0]!, { hidden: true }, 'Hide');
    const followed = reducer(locked, EditorActions.commit({ edit: hidden }));
    const later = reducer(followed, EditorActions.commitAgain({ edit: found, joins: 'Lock Circle' }));
    expect(later.history.past.map(({ name }) => name)).toEqual(['Lock Circle', 'Hide']);
    expect(later.project).toMatchObject({ name: 'Found', sheets: [{ items: [{ locked: true, hidden: true }] }] });
    const once = reducer(later, EditorActions.undo());
    expect(once.project).toEqual(state.project);
    const twice = reducer(once, EditorActions.undo());
    expect(twice.project).toEqual(first.project);
    expect(reducer(reducer(twice, EditorActions.redo()), EditorActions.redo()).project).toEqual(later.project);
    // What rests on what followed is a step of its own.
    const other = reducer(locked, EditorActions.commit({ edit: changeProject(locked.project!, { name: 'Other' }, 'Rename') }));
    const late = changeProject(other.project!, { name: 'Found' }, 'Lock Circle');
    expect(reducer(other, EditorActions.commitAgain({ edit: late, joins: 'Lock Circle' })).history.past).toHaveLength(3);
  });

  it('does not join what is another thing', () => {
    const sheet = { ...project.sheets[0]!, items: [opening] };
    const move = changeItem(sheet, opening, { name: 'x' }, 'Rename Circle');
    expect(mergeEdits(move, { ...move, name: 'Move Circle' })).toBeNull();
    expect(mergeEdits(move, removeItem(sheet, opening.id, 'Rename Circle'))).toBeNull();
  });

  it('keeps what was edited while a save was on its way', () => {
    const one = changeProject(project, { name: 'One' }, 'Rename');
    let state = named(reducer(opened(), EditorActions.commit({ edit: one })));
    state = reducer(state, EditorActions.saving({ saveId: 's', count: 1 }));
    const two = changeProject(state.project!, { name: 'Two' }, 'Rename');
    state = reducer(state, EditorActions.commit({ edit: two }));
    expect(state.save.state).toBe('saving');
    state = reducer(state, EditorActions.saved({ projectId: 'p', count: 1, revision: 5, updatedAt: '', others: [] }));
    expect(state.save).toMatchObject({ state: 'waiting', revision: 5, unsaved: [two] });
  });

  it('does not take the answer to another project for its own', () => {
    const edit = changeProject(project, { name: 'One' }, 'Rename');
    const state = named(reducer(opened(), EditorActions.commit({ edit })));
    expect(reducer(state, EditorActions.saved({ projectId: 'q', count: 1, revision: 9, updatedAt: '', others: [] }))).toBe(state);
    expect(reducer(state, EditorActions.savingFailed({ projectId: 'q', code: 'stale', message: '', passing: false }))).toBe(
      state,
    );
  });

  it('tells failures that go on by themselves from those that need a person', () => {
    const fail = (code: string, passing: boolean) =>
      reducer(named(opened()), EditorActions.savingFailed({ projectId: 'p', code, message: 'm', passing })).save.state;
    const codes = ['stale', 'unreachable', 'edit-does-not-fit', 'other-version'];
    const states = codes.map((code) => fail(code, code === 'unreachable'));
    expect(states).toEqual(['stale', 'retrying', 'refused', 'outdated']);
  });

  it('sends again what was not answered, just as it was sent, and forgets it when it is refused', () => {
    const edit = changeProject(project, { name: 'Other' }, 'Rename');
    const sent = reducer(
      reducer(named(opened()), EditorActions.commit({ edit })),
      EditorActions.saving({ saveId: 's1', count: 1 }),
    );
    const failed = (state: EditorState, code: string, passing: boolean) =>
      reducer(state, EditorActions.savingFailed({ projectId: 'p', code, message: 'No.', passing }));
    const later = reducer(failed(sent, 'unreachable', true), EditorActions.commit({ edit }));
    expect(later.save).toMatchObject({ sent: { saveId: 's1', count: 1 }, failures: 1, unsaved: [edit, edit] });
    expect(failed(later, 'unexpected', true).save).toMatchObject({ state: 'retrying', failures: 2, sent: { saveId: 's1' } });
    expect(failed(later, 'edit-does-not-fit', false).save).toMatchObject({ state: 'refused', sent: null });
    expect(failed(later, 'stale', false).save).toMatchObject({ state: 'stale', sent: null });
    const saved = reducer(
      later,
      EditorActions.saved({ projectId: 'p', count: 1, revision: 5, updatedAt: '2026-05-09T10:01:00Z', others: [] }),
    );
    expect(saved.save).toMatchObject({ state: 'waiting', sent: null, failures: 0, revision: 5, unsaved: [edit] });
  });

  it('follows another window only while nothing here is unsaved', () => {
    const theirs = { ...project, name: 'Theirs', sheets: [{ ...project.sheets[0]!, items: [opening] }] };
    const followed = EditorActions.followed({ projectId: 'p', project: theirs, revision: 6, updatedAt: '2026-05-09T10:02:00Z' });
    const shown = reducer({ ...named(opened()), selectedIds: [opening.id, 'gone'] }, followed);
    expect(shown).toMatchObject({ project: theirs, save: { revision: 6, state: 'saved' }, selectedIds: [opening.id] });
    const edit = changeProject(project, { name: 'Mine' }, 'Rename');
    const changed = reducer(named(opened()), EditorActions.commit({ edit }));
    expect(reducer(changed, followed)).toBe(changed);
    expect(reducer(shown, EditorActions.followed({ projectId: 'p', project, revision: 5, updatedAt: '' }))).toBe(shown);
    expect(reducer(shown, EditorActions.followed({ projectId: 'other', project, revision: 9, updatedAt: '' }))).toBe(shown);
  });
});

describe('what others saved meanwhile', () => {
  const sheet = { ...project.sheets[0]!, items: [opening] };
  const move = (x: number) => changeItem(sheet, opening, { box: { ...opening.box, x } }, 'Move Circle');
  const lock = changeItem(sheet, opening, { locked: true }, 'Lock Circle');
  const saved = (others: Edit[], count = 1) => EditorActions.saved({ projectId: 'p', count, revision: 7, updatedAt: '', others });
  const working = (...edits: Edit[]) =>
    edits.reduce((state, edit) => reducer(state, EditorActions.commit({ edit })), named(opened({ sheets: [sheet] })));

  it('comes in under what is not saved yet, and is said', () => {
    const rename = changeProject(project, { name: 'Mine' }, 'Rename');
    const state = reducer({ ...working(rename, move(5)), selectedIds: [opening.id] }, saved([lock]));
    expect(state.project!.sheets[0]!.items[0]).toMatchObject({ locked: true, box: { x: 5 } });
    expect(state).toMatchObject({ selectedIds: [opening.id], save: { state: 'waiting', revision: 7, unsaved: [move(5)] } });
    expect(state.said!.words).toContain('another window');
    const back = reducer(state, EditorActions.undo());
    expect(back.project!.sheets[0]!.items[0]).toMatchObject({ locked: true, box: opening.box });
  });

  it('needs the person where the same was changed in another way; nothing done here is lost', () => {
    const state = reducer(working(changeProject(project, { name: 'Mine' }, 'Rename'), move(5)), saved([move(9)]));
    expect(state.save).toMatchObject({ state: 'stale', message: expect.stringContaining('changed in another window') as string });
    expect(state.save).toMatchObject({ revision: 4, sent: null });
    // What arrived is not told as being here only.
    expect(state.save.unsaved.map(({ name }) => name)).toEqual(['Move Circle']);
    expect(state.project!.sheets[0]!.items[0]).toMatchObject({ box: { x: 5 } });
  });

  it('ends a gesture on what is gone, and says which step can not be taken back', () => {
    const gone = removeItem(sheet, opening.id, 'Remove Circle');
    const pulling = { ...reducer(working(lock), EditorActions.preview({ edit: move(5) })), selectedIds: [opening.id] };
    const state = reducer(
      pulling,
      EditorActions.followed({ projectId: 'p', project: { ...project, name: 'x' }, revision: 9, updatedAt: '' }),
    );
    // What is not saved is kept from what others did until it is.
    expect(state).toBe(pulling);
    const taken = reducer({ ...pulling, save: { ...pulling.save, unsaved: [] } }, saved([applied(lock, gone)], 0));
    expect(taken).toMatchObject({ preview: null, selectedIds: [] });
    expect(taken.project!.sheets[0]!.items).toEqual([]);
    const refused = reducer(taken, EditorActions.undo());
    expect(refused.said!.words).toBe('“Lock Circle” can not be taken back: the same was changed in another window since.');
    expect(refused).toMatchObject({ project: taken.project, history: { past: [] }, save: { unsaved: [] } });
  });

  /** The same removal after an edit of the item. */
  function applied(before: Edit, removal: Edit): Edit {
    const { sheets } = applyEdit({ ...project, sheets: [sheet] }, before);
    return removeItem(sheets[0]!, opening.id, removal.name);
  }

  it('opens with what an earlier version left, and says where it is kept', () => {
    const said = 'It is kept as a project of its own.';
    const state = reducer(
      INITIAL_STATE,
      EditorActions.opened({
        ...{ projectId: 'p', project, revision: 4, updatedAt: '', unsaved: [], diverged: false, said },
        history: EMPTY_HISTORY,
      }),
    );
    expect(state.said).toEqual({ words: said });
  });
});

describe('several sheets', () => {
  const second = { ...project.sheets[0]!, id: 'sheet_two', name: 'Inside' };
  const first = project.sheets[0]!;
  const both = (): EditorState => opened({ sheets: [first, second] });
  const shown = (state: EditorState): string | undefined => selectSheet({ editor: state })?.id;

  it('shows the first until another is wanted, with nothing selected on it', () => {
    const chosen = reducer(both(), EditorActions.select({ itemId: 'x' }));
    expect(shown(chosen)).toBe(first.id);
    const turned = reducer(chosen, EditorActions.showSheet({ sheetId: second.id }));
    expect([shown(turned), turned.selectedIds]).toEqual([second.id, []]);
    // The same sheet again changes nothing.
    expect(reducer(chosen, EditorActions.showSheet({ sheetId: first.id }))).toBe(chosen);
  });

  it('turns to the sheet on which something is taken back', () => {
    const added = reducer(both(), EditorActions.commit({ edit: insertItem(first, opening, 'Add circle'), select: opening.id }));
    const away = reducer(added, EditorActions.showSheet({ sheetId: second.id }));
    const back = reducer(away, EditorActions.undo());
    expect(shown(back)).toBe(first.id);
    expect(back.project!.sheets[0]!.items).toEqual([]);
    expect(shown(reducer(reducer(back, EditorActions.showSheet({ sheetId: second.id })), EditorActions.redo()))).toBe(first.id);
  });

  it('stays where it is when what is taken back changed that sheet too', () => {
    const added = [first, second].map((sheet) => insertItem(sheet, { ...opening, id: `circle_${sheet.id}` }, 'Add circle'));
    const edit = { name: 'Add circles', operations: added.flatMap(({ operations }) => operations) };
    for (const { id } of [first, second]) {
      const done = reducer(reducer(both(), EditorActions.showSheet({ sheetId: id })), EditorActions.commit({ edit }));
      expect(shown(reducer(done, EditorActions.undo()))).toBe(id);
    }
  });

  it('shows a sheet with the edit that is going on, and falls back when a sheet is gone', () => {
    const edit = insertItem(second, opening, 'Add circle');
    const state = reducer(reducer(both(), EditorActions.showSheet({ sheetId: second.id })), EditorActions.preview({ edit }));
    expect(selectShownSheet({ editor: state })!.items).toHaveLength(1);
    expect(selectSheet({ editor: state })!.items).toHaveLength(0);
    expect(shown({ ...state, project: { ...project, sheets: [first] } })).toBe(first.id);
  });
});
