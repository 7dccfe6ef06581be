import { applyEdit, EMPTY_HISTORY, invertEdit, type Edit, type History, type Project } from '@kadrosyn/core';
import { dequal } from 'dequal';
import type { JournalEntry } from './journal';

/** How a project is opened: what is shown, and what of it the server does not have. */
export interface TakenUp {
  readonly project: Project;
  readonly history: History;
  readonly unsaved: readonly Edit[];
  /** The revision that `unsaved` was made of. */
  readonly revision: number;
  /** The server's project went another way than this browser's: only the person can say which is meant. */
  readonly diverged: boolean;
}

/**
 * Joins what the server has with what this browser last knew. The browser's unsaved edits are taken back one by one
 * until its project is the server's: the ones taken back are still to be saved, those before have arrived. Where the server's project has moved on, the
 * server joins both when they are saved.
 */
export function takeUp(
  stored: { readonly project: Project; readonly revision: number },
  kept: Pick<JournalEntry, 'project' | 'history' | 'unsaved' | 'revision'> | undefined,
): TakenUp {
  if (!kept) return { ...stored, history: EMPTY_HISTORY, unsaved: [], diverged: false };
  const { project, history } = kept;
  let earlier = project;
  for (let arrived = kept.unsaved.length; ; arrived--) {
    if (dequal(earlier, stored.project)) {
      return { project, history, unsaved: kept.unsaved.slice(arrived), revision: stored.revision, diverged: false };
    }
    const edit = kept.unsaved[arrived - 1];
    if (!edit) break;
    earlier = applyEdit(earlier, invertEdit(edit));
  }
  // Without unsaved edits nothing can be lost: the server's project is simply the newer one. What was done here can still be undone.
  if (kept.unsaved.length === 0) return { ...stored, history, unsaved: [], diverged: false };
  return { project, history, unsaved: kept.unsaved, revision: kept.revision, diverged: stored.revision <= kept.revision };
}
