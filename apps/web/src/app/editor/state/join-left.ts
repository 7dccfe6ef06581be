import { shortenedText } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import type { Server } from '../../api/server';
import { dropJournal, type JournalEntry, type KeptEntries } from './journal';

/**
 * Saves what windows left behind that were closed before they could save: into their project, where that goes with what was saved since, else as a
 * project of its own. An entry is forgotten when the server has it; else it waits for the next time.
 * @returns whether all of them are on the server.
 */
export async function joinLeft(server: Server, { left, outdated }: Pick<KeptEntries, 'left' | 'outdated'>): Promise<boolean> {
  try {
    for (const entry of left) {
      if (!(await isJoined(server, entry))) await copy(server, entry);
      await dropJournal(entry);
    }
    for (const entry of outdated) {
      await copy(server, entry);
      await dropJournal(entry);
    }
    return true;
  } catch {
    return false;
  }
}

/** False where it can not be joined; rejected when the server can not be asked. */
async function isJoined(server: Server, { projectId, revision, unsaved }: JournalEntry): Promise<boolean> {
  try {
    await server.saveEdits(projectId, revision, unsaved);
    return true;
  } catch (error) {
    if (faultOf(error).isPassing) throw error;
    return false;
  }
}

async function copy(server: Server, { project }: JournalEntry): Promise<void> {
  await server.createFrom({ ...project, name: `${shortenedText(project.name, 170)}, left in another window` });
}
