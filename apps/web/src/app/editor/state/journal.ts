import { migratedJournal, type Edit, type History, type Project } from '@kadrosyn/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { isOpenWindow, thisWindow } from './this-window';

/** What is kept in the browser for each project and window, so that undo and the last moments survive a reload. */
export interface JournalEntry {
  readonly projectId: string;
  /** The window that it was written in. */
  readonly windowId: string;
  /** ms since 1970. */
  readonly writtenAt: number;
  /** The revision of the server that `unsaved` follows. */
  readonly revision: number;
  /** With all edits, saved or not: tells whether the history fits what the server has. */
  readonly project: Project;
  readonly history: History;
  readonly unsaved: readonly Edit[];
}

/** What a project is taken up with, and what other windows left behind that are no longer open. */
export interface KeptEntries {
  readonly own: JournalEntry | undefined;
  /** With edits that were not saved, oldest first. */
  readonly left: readonly JournalEntry[];
  /** With edits that were not saved, of a version of the format whose edits can not be translated. */
  readonly outdated: readonly JournalEntry[];
}

interface JournalSchema extends DBSchema {
  windows: { key: [string, string]; value: JournalEntry; indexes: { byProject: string } };
  /** The first form: one entry for each project, whichever window wrote it. */
  entries: { key: string; value: Omit<JournalEntry, 'windowId' | 'writtenAt'> };
}

/** A browser that says nothing for so long keeps nothing, ms. */
const PATIENCE = 3_000;

let opened: Promise<IDBPDatabase<JournalSchema>> | undefined;

function journal(): Promise<IDBPDatabase<JournalSchema>> {
  const opening = (opened ??= openDB<JournalSchema>('kadrosyn-journal', 2, {
    upgrade(database, _from, _to, transaction) {
      const windows = database.createObjectStore('windows', { keyPath: ['projectId', 'windowId'] });
      windows.createIndex('byProject', 'projectId');
      if (!database.objectStoreNames.contains('entries')) return;
      const old = transaction.objectStore('entries');
      void old.getAll().then(async (entries) => {
        for (const entry of entries) await windows.put({ ...entry, windowId: 'before', writtenAt: 0 });
        database.deleteObjectStore('entries');
      });
    },
    blocking(_current, _blocked, event) {
      // Another window brings a newer form of it.
      (event.target as IDBDatabase).close();
      opened = undefined;
    },
  }));
  opening.catch(() => (opened = undefined));
  return within(opening);
}

function within<T>(work: Promise<T>): Promise<T> {
  const late = new Promise<never>((_resolve, reject) => {
    setTimeout(() => reject(new Error('The browser does not answer')), PATIENCE);
  });
  return Promise.race([work, late]);
}

/**
 * What this browser knows of a project: of this window, or else of one that is no longer open, whose place it takes. Nothing when the browser keeps
 * nothing (a private window): only the history is lost then.
 */
export async function readJournal(projectId: string): Promise<KeptEntries> {
  try {
    const kept = await (await journal()).getAllFromIndex('windows', 'byProject', projectId);
    const { entries, outdated } = translated(kept);
    const windowId = await thisWindow();
    const isLeft = await Promise.all(
      entries.map(async (entry) => entry.windowId !== windowId && !(await isOpenWindow(entry.windowId))),
    );
    const chosen = chooseEntries(
      entries.find((entry) => entry.windowId === windowId),
      entries.filter((_entry, index) => isLeft[index]),
    );
    if (chosen.own && chosen.own.windowId !== windowId) {
      // From now on it is this window's.
      await (await journal()).put('windows', { ...chosen.own, windowId });
      await dropJournal(chosen.own);
    }
    return { ...chosen, outdated };
  } catch {
    return { own: undefined, left: [], outdated: [] };
  }
}

/** Entries as of the present version of the format, and those with unsaved edits for which there is no way there. */
export function translated(kept: readonly JournalEntry[]): {
  readonly entries: readonly JournalEntry[];
  readonly outdated: readonly JournalEntry[];
} {
  const entries: JournalEntry[] = [];
  const outdated: JournalEntry[] = [];
  for (const entry of kept) {
    const { project, history, unsaved } = entry;
    const now = migratedJournal({ project, ...history, unsaved } as unknown as Parameters<typeof migratedJournal>[0]);
    if (now) {
      const { past, future, ...rest } = now as unknown as Pick<JournalEntry, 'project' | 'unsaved'> & History;
      entries.push({ ...entry, ...rest, history: { past, future } });
    } else if (unsaved.length > 0) {
      outdated.push(entry);
    }
  }
  return { entries, outdated };
}

/**
 * Which entry a project is taken up with, when there may be several.
 * @param mine - of this window.
 * @param left - of windows that are no longer open.
 */
export function chooseEntries(mine: JournalEntry | undefined, left: readonly JournalEntry[]): Omit<KeptEntries, 'outdated'> {
  const byTime = left.toSorted((a, b) => a.writtenAt - b.writtenAt);
  const own = mine ?? byTime.findLast(({ unsaved }) => unsaved.length > 0) ?? byTime.at(-1);
  return { own, left: byTime.filter((entry) => entry !== own && entry.unsaved.length > 0) };
}

/** Forgets what a window knew of a project. */
export async function dropJournal({ projectId, windowId }: Pick<JournalEntry, 'projectId' | 'windowId'>): Promise<void> {
  try {
    await (await journal()).delete('windows', [projectId, windowId]);
  } catch {
    // There was none.
  }
}

/** Forgets what this window knew of a project. */
export async function dropOwnJournal(projectId: string): Promise<void> {
  await dropJournal({ projectId, windowId: await thisWindow() });
}

/** @returns false when the browser keeps nothing: it is full, or not allowed to. */
export async function writeJournal(entry: Omit<JournalEntry, 'windowId' | 'writtenAt'>): Promise<boolean> {
  try {
    const [database, windowId] = [await journal(), await thisWindow()];
    await within(database.put('windows', { ...entry, windowId, writtenAt: Date.now() }));
    return true;
  } catch {
    return false;
  }
}
