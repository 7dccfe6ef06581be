import type { Store } from '@ngrx/store';
import type { ExportRequest, ExportStatus } from '@kadrosyn/contract';
import { faultOf, pauseAfter } from '../../api/fault';
import type { ExportServer } from '../../api/export-server';
import { EditorActions } from './editor.actions';

const POLL = 200;
/** How often in a row the server may not answer how far an export is. */
const MOST_FAILURES = 6;

/** Where an export belongs. */
export interface ExportPlace {
  readonly store: Store;
  readonly server: ExportServer;
  readonly projectId: string;
  /** Of what was wanted, whose progress is told. */
  readonly key: string;
  readonly isStopped: () => boolean;
}

/** Has the server write a file, and follows it. @returns how it ended; null where it was stopped */
export async function makeExport(
  { store, server, projectId, key, isStopped }: ExportPlace,
  request: ExportRequest,
): Promise<ExportStatus | null> {
  if (isStopped()) return null;
  let status = await server.request(projectId, request);
  while (status.state === 'waiting' || status.state === 'running') {
    if (isStopped()) {
      await server.cancel(status.id);
      return null;
    }
    store.dispatch(EditorActions.exportMovedOn({ key, exportId: status.id, progress: status.progress }));
    await new Promise((resolve) => setTimeout(resolve, POLL));
    status = await followed(server, status);
  }
  return isStopped() ? null : status;
}

/** How far an export is. While the server can not be asked for a moment, it is as far as it was: it goes on when the server does. */
async function followed(server: ExportServer, status: ExportStatus): Promise<ExportStatus> {
  for (let failures = 1; ; failures++) {
    try {
      return await server.status(status.id);
    } catch (error) {
      if (!faultOf(error).isPassing || failures > MOST_FAILURES) throw error;
      await new Promise((resolve) => setTimeout(resolve, pauseAfter(failures)));
    }
  }
}
