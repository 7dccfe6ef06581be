import { applyEdit, EMPTY_HISTORY, invertEdit, type Edit, type History, type Project } from '@kadrosyn/core';
import { dequal } from 'dequal';
import type { JournalEntry } from './journal';

/** How a project is opened: what is shown, and what of it the server does not have. */
export interface TakenUp {
  readonly project: Project;
  readonly history: History;
  readonly unsaved: readonly Edit[];
  /** The server's project went another way than this browser's: only the person can say which is meant. */
  readonly diverged: boolean;
}

/**
 * Joins what the server has with what this browser last knew. The browser's unsaved edits are taken back one by one
 * until its project is the server's: the ones taken back are still to be saved, those before have arrived.
 */
export function takeUp(stored: Project, kept: Pick<JournalEntry, 'project' | 'history' | 'unsaved'> | undefined): TakenUp {
  if (!kept) return { project: stored, history: EMPTY_HISTORY, unsaved: [], diverged: false };
  const { project, history } = kept;
  let earlier = project;
  for (let arrived = kept.unsaved.length; ; arrived--) {
    if (dequal(earlier, stored)) return { project, history, unsaved: kept.unsaved.slice(arrived), diverged: false };
    const edit = kept.unsaved[arrived - 1];
    if (!edit) break;
    earlier = applyEdit(earlier, invertEdit(edit));
  }
  // Without unsaved edits nothing can be lost: the server's project is simply the newer one.
  if (kept.unsaved.length === 0) return { project: stored, history: EMPTY_HISTORY, unsaved: [], diverged: false };
  return { project, history, unsaved: kept.unsaved, diverged: true };
}
