import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { ExportRequest, ExportStatus } from '@kadrosyn/contract';
import { catchError, defer, finalize, firstValueFrom, from, mergeMap, of, takeUntil, tap } from 'rxjs';
import { faultOf, pauseAfter } from '../../api/fault';
import { ExportServer } from '../../api/export-server';
import { requestOf } from '../export/export-request';
import { keepSettings } from '../export/export-settings';
import { EditorActions } from './editor.actions';
import { selectSheet } from './editor.selectors';
import type { ExportSaid } from './editor.state';
import { whenSaved } from './when-saved';

const POLL = 200;
/** How often in a row the server may not answer how far an export is. */
const MOST_FAILURES = 6;

/** What is handed over, and where it goes. */
interface Wanted {
  readonly key: string;
  readonly of: ExportRequest | null;
  readonly to: 'file' | 'clipboard';
}

/** Saves, has the server draw, follows it, and hands the file to the browser. Several may be on their way at once. */
export const exportSheets = createEffect(
  (actions = inject(Actions), store = inject<Store>(Store), server = inject(ExportServer)) =>
    actions.pipe(
      ofType(EditorActions.exportWanted),
      mergeMap((wanted) =>
        defer(() => {
          // One for each export: a second one that was asked for meanwhile must not let the first go on.
          const stop = new AbortController();
          const ended = (said: ExportSaid | null) => EditorActions.exportEnded({ key: wanted.key, said });
          return from(exportOnce(store, server, wanted, () => stop.signal.aborted).then(ended)).pipe(
            catchError((error: unknown) => of(ended({ words: faultOf(error).message, file: null }))),
            takeUntil(actions.pipe(ofType(EditorActions.exportCancelled))),
            finalize(() => stop.abort()),
          );
        }),
      ),
    ),
  { functional: true },
);

/** What was chosen is known when the window is opened again. */
export const keepExportSettings = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(EditorActions.setExportSettings),
      tap(({ settings }) => keepSettings(settings)),
    ),
  { functional: true, dispatch: false },
);

async function exportOnce(
  store: Store,
  server: ExportServer,
  wanted: Wanted,
  isStopped: () => boolean,
): Promise<ExportSaid | null> {
  const { exportSettings, projectId, project } = await whenSaved(store);
  const sheet = (await firstValueFrom(store.select(selectSheet)))!;
  const request = wanted.of ?? requestOf(exportSettings, project!, sheet);
  if (isStopped()) return null;
  let status = await server.request(projectId!, request);
  while (status.state === 'waiting' || status.state === 'running') {
    if (isStopped()) {
      await server.cancel(status.id);
      return null;
    }
    store.dispatch(EditorActions.exportMovedOn({ key: wanted.key, exportId: status.id, progress: status.progress }));
    await new Promise((resolve) => setTimeout(resolve, POLL));
    status = await followed(server, status);
  }
  if (isStopped()) return null;
  if (status.state !== 'done') return { words: status.message ?? 'The export was cancelled.', file: null };
  if (wanted.to === 'clipboard') return copied(server, status);
  download(server.file(status.id));
  return { words: `${status.name} is among your downloads.`, file: status };
}

/** Puts the picture onto the clipboard of the system. */
async function copied(server: ExportServer, { id, name }: ExportStatus): Promise<ExportSaid> {
  try {
    const answer = await fetch(server.file(id));
    const picture = await answer.blob();
    await navigator.clipboard.write([new ClipboardItem({ [picture.type]: picture })]);
    return { words: `${name} is on the clipboard.`, file: null };
  } catch {
    return { words: 'The browser did not let the picture onto the clipboard. Export it as a file instead.', file: null };
  }
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

function download(address: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = '';
  link.click();
}
