import type { Edit } from './edit.js';
import { applyEdit } from './apply-edit.js';
import { invertEdit } from './edit.js';
import type { Project } from './project.js';

/** What can be undone and done again; the newest at the end of each list. */
export interface History {
  readonly past: readonly Edit[];
  readonly future: readonly Edit[];
}

export const EMPTY_HISTORY: History = { past: [], future: [] };

/** So many steps are kept; older ones can no longer be undone. */
export const HISTORY_LIMIT = 200;

/** A project, its history, and the edit that led here (for saving). */
export interface Step {
  readonly project: Project;
  readonly history: History;
  readonly edit: Edit;
}

/** Applies `edit` as one undo step. What had been undone before is forgotten. */
export function commit(project: Project, history: History, edit: Edit): Step {
  return {
    project: applyEdit(project, edit),
    history: { past: [...history.past, edit].slice(-HISTORY_LIMIT), future: [] },
    edit,
  };
}

/** Takes the last step back; null when there is none. */
export function undo(project: Project, history: History): Step | null {
  const edit = history.past.at(-1);
  if (!edit) return null;
  const inverse = invertEdit(edit);
  return {
    project: applyEdit(project, inverse),
    history: { past: history.past.slice(0, -1), future: [...history.future, edit] },
    edit: inverse,
  };
}

/** Does the last undone step again; null when there is none. */
export function redo(project: Project, history: History): Step | null {
  const edit = history.future.at(-1);
  if (!edit) return null;
  return {
    project: applyEdit(project, edit),
    history: { past: [...history.past, edit], future: history.future.slice(0, -1) },
    edit,
  };
}
