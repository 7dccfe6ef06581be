import { applyEdit, EditError, invertEdit, refitEdit, type Edit } from './edit.js';
import type { Project } from './project.js';
import { rebaseEdits } from './rebase.js';

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
  /** Null where the step could not be taken, since someone else has changed the same thing: it is no longer in the history. */
  readonly edit: Edit | null;
  /** The name of the step, for people. */
  readonly name: string;
}

/** Applies `edit` as one undo step. What had been undone before is forgotten. */
export function commit(project: Project, history: History, edit: Edit): Step & { readonly edit: Edit } {
  return {
    project: applyEdit(project, edit),
    history: { past: [...history.past, edit].slice(-HISTORY_LIMIT), future: [] },
    edit,
    name: edit.name,
  };
}

/** Takes the last step back; null when there is none. What others did since stays. */
export function undo(project: Project, history: History): Step | null {
  const edit = history.past.at(-1);
  if (!edit) return null;
  const past = history.past.slice(0, -1);
  return stepped(project, invertEdit(edit), { past, future: history.future }, (taken) => ({
    past,
    future: [...history.future, invertEdit(taken)],
  }));
}

/**
 * The edit that takes an earlier step back and leaves what was done since, under a name that says so; null where something rests on it.
 * @param edit - one of the history's past.
 */
export function takingBack(project: Project, { past }: History, edit: Edit): Edit | null {
  const inverse = { ...invertEdit(edit), name: `Undo: ${edit.name}` };
  try {
    // Places follow what was moved since; what others did is met by the second.
    const rebased = rebaseEdits([inverse], past.slice(past.indexOf(edit) + 1)).mine[0]!;
    const refitted = refitEdit(project, rebased);
    return refitted.operations.length > 0 ? refitted : null;
  } catch (error) {
    if (error instanceof EditError) return null;
    throw error;
  }
}

/**
 * A history in which an edit is a part of an earlier step, though others have followed: what was found out about it comes and goes with it. Of several steps
 * of the name it is the last. Null where there is none, where something can be done again, or where the edit rests on what followed.
 * @param edit - made of the document as it is now.
 */
export function joinStep({ past, future }: History, edit: Edit, name: string): History | null {
  const at = past.findLastIndex((step) => step.name === name);
  const step = past[at];
  if (!step || future.length > 0) return null;
  try {
    // It is put before what followed by going back over that.
    const back = past
      .slice(at + 1)
      .toReversed()
      .map(invertEdit);
    const { mine, theirs } = rebaseEdits([edit], back);
    const joined = { name, operations: [...step.operations, ...mine[0]!.operations] };
    return { past: [...past.slice(0, at), joined, ...theirs.toReversed().map(invertEdit)], future };
  } catch (error) {
    if (error instanceof EditError) return null;
    throw error;
  }
}

/** Does the last undone step again; null when there is none. */
export function redo(project: Project, history: History): Step | null {
  const edit = history.future.at(-1);
  if (!edit) return null;
  const future = history.future.slice(0, -1);
  return stepped(project, edit, { past: history.past, future }, (taken) => ({ past: [...history.past, taken], future }));
}

function stepped(project: Project, wanted: Edit, without: History, after: (taken: Edit) => History): Step {
  try {
    const edit = refitEdit(project, wanted);
    return { project: applyEdit(project, edit), history: after(edit), edit, name: wanted.name };
  } catch (error) {
    if (!(error instanceof EditError)) throw error;
    return { project, history: without, edit: null, name: wanted.name };
  }
}
