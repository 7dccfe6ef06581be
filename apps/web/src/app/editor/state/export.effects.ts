import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { catchError, defer, filter, finalize, firstValueFrom, from, of, switchMap, takeUntil } from 'rxjs';
import { Fault, faultOf, pauseAfter } from '../../api/fault';
import { Server } from '../../api/server';
import type { ExportStatus } from '@kadrosyn/contract';
import { EditorActions } from './editor.actions';
import { editorFeature } from './editor.reducer';
import { selectSheet } from './editor.selectors';
import { needsPerson, type EditorState, type ExportedSheet } from './editor.state';

const POLL = 200;
/** How often in a row the server may not answer how far an export is. */
const MOST_FAILURES = 6;

/** Saves, has the server draw the sheet, follows it, and hands the file to the browser. */
export const exportSheet = createEffect(
  (actions = inject(Actions), store = inject<Store>(Store), server = inject(Server)) =>
    actions.pipe(
      ofType(EditorActions.exportWanted),
      switchMap(({ of: wanted }) =>
        defer(() => {
          // One for each export: a second one that was asked for meanwhile must not let the first go on.
          const stop = new AbortController();
          return from(exportOnce(store, server, wanted, () => stop.signal.aborted)).pipe(
            catchError((error: unknown) => of(EditorActions.exportEnded({ message: faultOf(error).message }))),
            takeUntil(actions.pipe(ofType(EditorActions.exportCancelled))),
            finalize(() => stop.abort()),
          );
        }),
      ),
    ),
  { functional: true },
);

async function exportOnce(store: Store, server: Server, wanted: ExportedSheet | null, isStopped: () => boolean) {
  const state = await saved(store);
  const { exportSettings, projectId } = state;
  const { id: sheetId } = (await firstValueFrom(store.select(selectSheet)))!;
  const request = wanted ?? { sheetId, ...exportSettings };
  if (isStopped()) return EditorActions.exportEnded({ message: null });
  let status = await server.requestExport(projectId!, request);
  while (status.state === 'waiting' || status.state === 'running') {
    if (isStopped()) {
      await server.cancelExport(status.id);
      return EditorActions.exportEnded({ message: null });
    }
    store.dispatch(EditorActions.exportMovedOn({ exportId: status.id, progress: status.progress }));
    await new Promise((resolve) => setTimeout(resolve, POLL));
    status = await followed(server, status);
  }
  if (isStopped()) return EditorActions.exportEnded({ message: null });
  if (status.state !== 'done') return EditorActions.exportEnded({ message: status.message ?? 'The export was cancelled.' });
  download(`/api/exports/${status.id}/file`);
  return EditorActions.exportEnded({ message: null });
}

/** How far an export is. While the server can not be asked for a moment, it is as far as it was: it goes on when the server does. */
async function followed(server: Server, status: ExportStatus): Promise<ExportStatus> {
  for (let failures = 1; ; failures++) {
    try {
      return await server.exportStatus(status.id);
    } catch (error) {
      if (!faultOf(error).isPassing || failures > MOST_FAILURES) throw error;
      await new Promise((resolve) => setTimeout(resolve, pauseAfter(failures)));
    }
  }
}

/** The state once all edits are on the server, since it draws what it has. */
async function saved(store: Store): Promise<EditorState> {
  store.dispatch(EditorActions.saveNow());
  const state = await firstValueFrom(
    store
      .select(editorFeature.selectEditorState)
      .pipe(filter(({ save }) => save.unsaved.length === 0 || needsPerson(save.state) || save.state === 'retrying')),
  );
  if (state.save.unsaved.length > 0)
    throw new Fault('not-saved', `The project could not be saved, so it was not exported. ${state.save.message ?? ''}`);
  return state;
}

function download(address: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = '';
  link.click();
}
