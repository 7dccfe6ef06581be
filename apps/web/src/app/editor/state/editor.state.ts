import type { ExportStatus } from '@kadrosyn/contract';
import { EMPTY_HISTORY, type Edit, type Grip, type History, type Project } from '@kadrosyn/core';
import { keptSettings, type ExportSettings } from '../export/export-settings';

export type PanelTab = 'product' | 'fit' | 'breakout' | 'lettering' | 'finish' | 'size' | 'together';

/**
 * How far saving is; `stale`, `refused` and `outdated` (the window is of another version than the server) need the person, the others go on by
 * themselves.
 */
type SaveState = 'saved' | 'waiting' | 'saving' | 'retrying' | 'stale' | 'refused' | 'outdated';

/** Saving rests until the person has decided. */
export function needsPerson(state: SaveState): boolean {
  return state === 'stale' || state === 'refused' || state === 'outdated';
}

/** An export that this window waits for. */
interface RunningExport {
  readonly key: string;
  /** Null until the server has heard of it. */
  readonly exportId: string | null;
  /** 0 to 1. */
  readonly progress: number;
}

/** Where an export goes. */
export type ExportGoal = 'file' | 'clipboard' | 'printer';

/** What became of an export. */
export interface ExportSaid {
  readonly words: string;
  /** The file, where there is one to be looked at. */
  readonly file: ExportStatus | null;
}

export interface EditorState {
  readonly phase: 'closed' | 'opening' | 'ready' | 'failed';
  readonly message: string | null;
  readonly projectId: string | null;
  /** The document with all finished edits. */
  readonly project: Project | null;
  readonly history: History;
  /** An edit that is going on: it is shown, but not yet part of the project. */
  readonly preview: Edit | null;
  /** What happened to the project that the person did not do; another value each time. */
  readonly said: { readonly words: string } | null;
  /** The sheet that is shown; the first one when null. */
  readonly sheetId: string | null;
  /** Ids of what is selected; none inside another one of them. */
  readonly selectedIds: readonly string[];
  readonly grip: Grip;
  readonly tab: PanelTab;
  readonly save: {
    readonly state: SaveState;
    readonly message: string | null;
    /** The revision that the server has. */
    readonly revision: number;
    readonly savedAt: string | null;
    /** Edits that the server does not have yet, oldest first. */
    readonly unsaved: readonly Edit[];
    /** The first edits of `unsaved` that were sent and not answered: they are sent again just so, under the same name. */
    readonly sent: { readonly saveId: string; readonly count: number } | null;
    /** How often in a row saving failed. */
    readonly failures: number;
  };
  /** Whether this browser keeps what is not saved yet; null until it was tried. */
  readonly keepsJournal: boolean | null;
  readonly exportSettings: ExportSettings;
  readonly exporting: readonly RunningExport[];
  /** What became of the last export; another value each time. */
  readonly exportSaid: ExportSaid | null;
}

export const INITIAL_STATE: EditorState = {
  phase: 'closed',
  message: null,
  projectId: null,
  project: null,
  history: EMPTY_HISTORY,
  preview: null,
  said: null,
  sheetId: null,
  selectedIds: [],
  grip: 'both',
  tab: 'fit',
  save: { state: 'saved', message: null, revision: 0, savedAt: null, unsaved: [], sent: null, failures: 0 },
  keepsJournal: null,
  exportSettings: keptSettings(),
  exporting: [],
  exportSaid: null,
};
