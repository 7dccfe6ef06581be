import type { ExportRequest } from '@kadrosyn/contract';
import { newId, type Edit, type Grip, type History, type NeededMatte, type Project } from '@kadrosyn/core';
import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { ExportSettings } from '../export/export-settings';
import type { ExportGoal, ExportSaid, PanelTab } from './editor.state';

/** What the server no longer has of what a save names. */
export interface MissingFiles {
  readonly photoIds: readonly string[];
  readonly mattes: readonly NeededMatte[];
}

/** What is to be selected: one item, several, or nothing. */
export type Selection = string | null | readonly string[];

export const EditorActions = createActionGroup({
  source: 'Editor',
  events: {
    /** A project is being fetched. */
    opening: props<{ projectId: string }>(),
    opened: props<{
      projectId: string;
      project: Project;
      revision: number;
      updatedAt: string;
      history: History;
      unsaved: readonly Edit[];
      /** The unsaved edits do not fit what the server has. */
      diverged: boolean;
      /** What is to be said of it. */
      said: string | null;
    }>(),
    'opening failed': props<{ message: string }>(),
    closed: emptyProps(),
    /** Shows an edit that is still going on, or none. */
    preview: props<{ edit: Edit | null }>(),
    /** One undo step. `select` chooses what is selected afterwards. */
    commit: props<{ edit: Edit; select?: Selection }>(),
    /**
     * The same kind of small change again and again (a key held down, a field being typed) is one step; so is what was found out about the step called
     * `joins`, though others may have followed.
     */
    'commit again': props<{ edit: Edit; joins?: string }>(),
    undo: emptyProps(),
    redo: emptyProps(),
    select: props<{ itemId: string | null }>(),
    'select several': props<{ itemIds: readonly string[] }>(),
    'show sheet': props<{ sheetId: string }>(),
    'set grip': props<{ grip: Grip }>(),
    'set tab': props<{ tab: PanelTab }>(),
    /** Send what is unsaved now. */
    'save now': emptyProps(),
    saving: props<{ saveId: string; count: number }>(),
    /** `others`: what others saved meanwhile, as it must read after the edits that were sent. */
    saved: props<{ projectId: string; count: number; revision: number; updatedAt: string; others: readonly Edit[] }>(),
    /** `passing`: it is tried again by itself. */
    'saving failed': props<{ projectId: string; code: string; message: string; passing: boolean; missing?: MissingFiles }>(),
    /** Says something to the person. */
    say: props<{ words: string }>(),
    /** The project was changed in another window, and nothing here was unsaved. */
    followed: props<{ projectId: string; project: Project; revision: number; updatedAt: string }>(),
    /** Whether this browser keeps what is not saved yet. */
    'journal tried': props<{ works: boolean }>(),
    'set export settings': props<{ settings: ExportSettings }>(),
    /** @param of - what is handed over; null for the shown sheet by the last settings. @param to - where it goes. */
    'export wanted': (of: ExportRequest | null, to: ExportGoal = 'file') => ({ key: newId('wanted'), of, to }),
    /** All that this window waits for. */
    'export cancelled': emptyProps(),
    'export moved on': props<{ key: string; exportId: string; progress: number }>(),
    'export ended': props<{ key: string; said: ExportSaid | null }>(),
  },
});
