import { shortenedText } from '@kadrosyn/core';
import type { Server } from '../../api/server';
import { dropJournal, type JournalEntry } from './journal';

/**
 * Makes projects of what windows left behind that were closed before they could save, since one project can take up one of them only. An entry is
 * forgotten when its copy is on the server; else it waits for the next time.
 */
export async function leftCopies(server: Server, left: readonly JournalEntry[]): Promise<void> {
  for (const entry of left) {
    try {
      await server.createFrom({ ...entry.project, name: `${shortenedText(entry.project.name, 170)}, left in another window` });
      await dropJournal(entry);
    } catch {
      return;
    }
  }
}
