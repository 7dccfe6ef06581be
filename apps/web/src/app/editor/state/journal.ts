import type { Edit, History, Project } from '@kadrosyn/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** What is kept in the browser for each project, so that undo and the last moments survive a reload. */
export interface JournalEntry {
  readonly projectId: string;
  /** The revision of the server that `unsaved` follows. */
  readonly revision: number;
  /** With all edits, saved or not: tells whether the history fits what the server has. */
  readonly project: Project;
  readonly history: History;
  readonly unsaved: readonly Edit[];
}

interface JournalSchema extends DBSchema {
  entries: { key: string; value: JournalEntry };
}

let opened: Promise<IDBPDatabase<JournalSchema>> | undefined;

function journal(): Promise<IDBPDatabase<JournalSchema>> {
  opened ??= openDB<JournalSchema>('kadrosyn-journal', 1, {
    upgrade(database) {
      database.createObjectStore('entries', { keyPath: 'projectId' });
    },
  });
  return opened;
}

/** Undefined too when the browser keeps nothing (a private window): only the history is lost then. */
export async function readJournal(projectId: string): Promise<JournalEntry | undefined> {
  try {
    return await (await journal()).get('entries', projectId);
  } catch {
    return undefined;
  }
}

/** Forgets what this browser knows of a project. */
export async function dropJournal(projectId: string): Promise<void> {
  try {
    await (await journal()).delete('entries', projectId);
  } catch {
    // There was none.
  }
}

export async function writeJournal(entry: JournalEntry): Promise<void> {
  try {
    await (await journal()).put('entries', entry);
  } catch {
    // Without a journal the work is still saved on the server.
  }
}
