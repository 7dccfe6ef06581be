import {
  commit,
  isImprint,
  joinStep,
  mergeEdits,
  redo,
  sheetsShownBy,
  undo,
  type Edit,
  type History,
  type Project,
  type Step,
} from '@kadrosyn/core';
import { createFeature, createReducer, on } from '@ngrx/store';
import { EditorActions } from './editor.actions';
import { INITIAL_STATE, needsPerson, type EditorState } from './editor.state';
import { isOnASheet, withSelection } from './selected-items';
import { shownFrom, withOthers } from './shown-project';

/** What is shown here is not what the server's project ever was, nor what came of it. */
const DIVERGED =
  'The project was changed elsewhere while changes made here were not saved. They are kept on this screen; save a copy, or reload to see the other state.';
/** A part was saved; what others did meanwhile does not go with the rest. */
const PARTLY_SAVED =
  'The same thing was changed in another window in another way. What was not saved here is kept on this screen; reload to see the other state, or save a copy.';

/** What a save is refused with that has a state of its own. */
const NAMED_FAILURES: Readonly<Record<string, 'stale' | 'outdated'>> = { stale: 'stale', 'other-version': 'outdated' };

/** The document, its history, the selection, and how far saving and exporting are. */
export const editorFeature = createFeature({
  name: 'editor',
  reducer: createReducer(
    INITIAL_STATE,
    on(EditorActions.opening, (state, { projectId }): EditorState => ({
      ...INITIAL_STATE,
      exportSettings: state.exportSettings,
      keepsJournal: state.keepsJournal,
      phase: 'opening',
      projectId,
    })),
    on(EditorActions.opened, (state, { project, revision, updatedAt, history, unsaved, diverged, said }): EditorState => ({
      ...state,
      phase: 'ready',
      project,
      history,
      said: said === null ? null : { words: said },
      save: {
        state: diverged ? 'stale' : unsaved.length > 0 ? 'waiting' : 'saved',
        message: diverged ? DIVERGED : null,
        revision,
        savedAt: updatedAt,
        unsaved,
        sent: null,
        failures: 0,
      },
    })),
    on(EditorActions.openingFailed, (state, { message }): EditorState => ({ ...state, phase: 'failed', message })),
    on(EditorActions.closed, (state): EditorState => ({
      ...INITIAL_STATE,
      exportSettings: state.exportSettings,
      keepsJournal: state.keepsJournal,
    })),
    on(EditorActions.preview, (state, { edit }): EditorState => ({ ...state, preview: edit })),
    on(EditorActions.commit, (state, { edit, select }): EditorState => {
      if (!state.project) return state;
      const next = withStep(state, commit(state.project, state.history, edit));
      return select === undefined ? next : withSelection(next, select);
    }),
    on(EditorActions.commitAgain, (state, { edit, joins }): EditorState => {
      if (!state.project) return state;
      const next = withStep(state, commit(state.project, state.history, edit));
      const history = joins === undefined ? merged(state.history, edit) : joinStep(state.history, edit, joins);
      return history ? { ...next, history } : next;
    }),
    on(EditorActions.undo, (state): EditorState => stepped(state, undo)),
    on(EditorActions.redo, (state): EditorState => stepped(state, redo)),
    on(EditorActions.select, (state, { itemId }): EditorState => withSelection(state, itemId)),
    on(EditorActions.selectSeveral, (state, { itemIds }): EditorState => withSelection(state, itemIds)),
    on(EditorActions.showSheet, (state, { sheetId }): EditorState => onSheet(state, sheetId)),
    on(EditorActions.setGrip, (state, { grip }): EditorState => ({ ...state, grip })),
    on(EditorActions.setTab, (state, { tab }): EditorState => ({ ...state, tab })),
    on(EditorActions.saving, (state, sent): EditorState => ({
      ...state,
      save: { ...state.save, state: 'saving', message: null, sent: { saveId: sent.saveId, count: sent.count } },
    })),
    on(EditorActions.saved, (before, { projectId, count, revision, updatedAt, others }): EditorState => {
      if (projectId !== before.projectId) return before;
      const after = { ...before, save: { ...before.save, unsaved: before.save.unsaved.slice(count) } };
      const state = withOthers(after, others);
      // What is left was made of the revision that was known before: it stays the one that it is told by.
      if (!state) return { ...after, save: { ...after.save, state: 'stale', message: PARTLY_SAVED, sent: null } };
      const { unsaved } = state.save;
      const { message, sent, failures } = INITIAL_STATE.save;
      return {
        ...state,
        save: {
          state: unsaved.length > 0 ? 'waiting' : 'saved',
          ...{ message, revision, unsaved, sent, failures },
          savedAt: updatedAt,
        },
      };
    }),
    on(EditorActions.savingFailed, (state, { projectId, code, message, passing }): EditorState => {
      if (projectId !== state.projectId) return state;
      const named = NAMED_FAILURES[code];
      const failed = named ?? (passing ? 'retrying' : 'refused');
      const { save } = state;
      const sent = passing ? save.sent : null;
      return { ...state, save: { ...save, state: failed, message, sent, failures: save.failures + 1 } };
    }),
    on(EditorActions.followed, (state, { projectId, project, revision, updatedAt }): EditorState => {
      // Whoever has begun to change something meanwhile keeps it, and hears of the other window when it is saved.
      if (projectId !== state.projectId || state.save.unsaved.length > 0 || revision <= state.save.revision) return state;
      return { ...shownFrom(state, project), save: { ...state.save, revision, savedAt: updatedAt } };
    }),
    on(EditorActions.say, (state, { words }): EditorState => ({ ...state, said: { words } })),
    on(EditorActions.journalTried, (state, { works }): EditorState => ({ ...state, keepsJournal: works })),
    on(EditorActions.setExportSettings, (state, { settings }): EditorState => ({ ...state, exportSettings: settings })),
    on(EditorActions.exportWanted, (state, { key }): EditorState => ({
      ...state,
      exporting: [...state.exporting, { key, exportId: null, progress: 0 }],
      exportSaid: null,
    })),
    on(EditorActions.exportMovedOn, (state, moved): EditorState => ({
      ...state,
      exporting: state.exporting.map((one) =>
        one.key === moved.key ? { ...one, exportId: moved.exportId, progress: moved.progress } : one,
      ),
    })),
    on(EditorActions.exportEnded, (state, { key, said }): EditorState => ({
      ...state,
      exporting: state.exporting.filter((one) => one.key !== key),
      exportSaid: said,
    })),
    on(EditorActions.exportCancelled, (state): EditorState => ({ ...state, exporting: [], exportSaid: null })),
  ),
});

function stepped(state: EditorState, take: typeof undo): EditorState {
  const step = state.project && take(state.project, state.history);
  if (!step) return state;
  const { edit, history } = step;
  if (!edit) return { ...state, history, said: { words: refusedWords(step.name, take) } };
  const next = withStep(onSheet(state, sheetOf(edit, state.sheetId ?? state.project.sheets[0]!.id, state.project)), {
    ...step,
    edit,
  });
  const { selectedIds, project } = next;
  const left = project ? selectedIds.filter((id) => isOnASheet(project, id)) : [];
  return left.length === selectedIds.length ? next : withSelection(next, left);
}

/** Another sheet is shown, with nothing selected on it. */
function onSheet(state: EditorState, sheetId: string | null): EditorState {
  const shown = state.sheetId ?? state.project?.sheets[0]?.id;
  if (sheetId === null || sheetId === shown) return state;
  return withSelection({ ...state, sheetId, preview: null }, null);
}

/** The sheet that a step changes, the shown one before others: what is taken back is to be seen. An imprint is seen on its product. */
function sheetOf({ operations }: Edit, shown: string, project: Project): string | null {
  const changed = operations.flatMap((operation) => ('sheetId' in operation ? [operation.sheetId] : []));
  if (changed.includes(shown) || changed.length === 0) return changed.length === 0 ? null : shown;
  const imprints = new Set(project.sheets.filter(isImprint).map(({ id }) => id));
  const seen = sheetsShownBy(project, shown);
  return changed.every((id) => imprints.has(id) && seen.has(id)) ? shown : changed[0]!;
}

function withStep(state: EditorState, step: Step & { readonly edit: Edit }): EditorState {
  const unsaved = [...state.save.unsaved, step.edit];
  const going = state.save.state === 'saving' || needsPerson(state.save.state);
  return {
    ...state,
    project: step.project,
    history: step.history,
    preview: null,
    save: { ...state.save, unsaved, state: going ? state.save.state : 'waiting' },
  };
}

function refusedWords(name: string, take: typeof undo): string {
  const what = take === undo ? 'taken back' : 'done again';
  return `“${name}” can not be ${what}: the same was changed in another window since.`;
}

function merged({ past, future }: History, edit: Edit): History | null {
  const last = past.at(-1);
  const both = last && future.length === 0 ? mergeEdits(last, edit) : null;
  return both && { past: [...past.slice(0, -1), both], future };
}
