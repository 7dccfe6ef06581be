import { applyEdit, EditError, rebaseEdits, type Edit, type Project } from '@kadrosyn/core';
import type { EditorState } from './editor.state';
import { isOnASheet, withSelection } from './selected-items';

/** The state with what others did to the project; null where what is unsaved here does not go with it. */
export function withOthers(state: EditorState, others: readonly Edit[]): EditorState | null {
  const { project, save } = state;
  if (!project || others.length === 0) return state;
  try {
    const { mine, theirs } = rebaseEdits(save.unsaved, others);
    const shown = shownFrom(state, theirs.reduce(applyEdit, project));
    return { ...shown, save: { ...save, unsaved: mine }, said: { words: 'What was changed in another window is in here now.' } };
  } catch (error) {
    if (error instanceof EditError) return null;
    throw error;
  }
}

/** The state with a project that others changed: what is selected and going on stays, as far as it is still there. */
export function shownFrom(state: EditorState, project: Project): EditorState {
  const sheetId = project.sheets.some(({ id }) => id === state.sheetId) ? state.sheetId : null;
  const next = { ...state, project, sheetId };
  const preview = shownProject(next) === project ? null : state.preview;
  return withSelection(
    { ...next, preview },
    state.selectedIds.filter((id) => isOnASheet(project, id)),
  );
}

/** The project as it is shown: with the edit that is going on, where that still fits. */
export function shownProject(state: Pick<EditorState, 'project' | 'preview'>): Project | null {
  if (!state.project || !state.preview) return state.project;
  try {
    return applyEdit(state.project, state.preview);
  } catch (error) {
    if (error instanceof EditError) return state.project;
    throw error;
  }
}
