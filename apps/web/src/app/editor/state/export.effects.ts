import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { catchError, filter, firstValueFrom, from, of, switchMap, takeUntil } from 'rxjs';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import { EditorActions } from './editor.actions';
import { editorFeature } from './editor.reducer';
import { selectSheet } from './editor.selectors';
import type { EditorState } from './editor.state';

const POLL = 200;

/** Saves, has the server draw the sheet, follows it, and hands the file to the browser. */
export const exportSheet = createEffect(
  (actions = inject(Actions), store = inject<Store>(Store), server = inject(Server)) =>
    actions.pipe(
      ofType(EditorActions.exportWanted),
      switchMap(() =>
        from(exportOnce(store, server)).pipe(
          catchError((error: unknown) => of(EditorActions.exportEnded({ message: faultOf(error).message }))),
          takeUntil(actions.pipe(ofType(EditorActions.exportCancelled))),
        ),
      ),
    ),
  { functional: true },
);

async function exportOnce(store: Store, server: Server) {
  const state = await saved(store);
  const { exportSettings, projectId } = state;
  const { id: sheetId } = (await firstValueFrom(store.select(selectSheet)))!;
  const request = { sheetId, ...exportSettings };
  let status = await server.requestExport(projectId!, request);
  while (status.state === 'waiting' || status.state === 'running') {
    const { exporting } = await current(store);
    if (!exporting) {
      await server.cancelExport(status.id);
      return EditorActions.exportEnded({ message: null });
    }
    store.dispatch(EditorActions.exportMovedOn({ exportId: status.id, progress: status.progress }));
    await new Promise((resolve) => setTimeout(resolve, POLL));
    status = await server.exportStatus(status.id);
  }
  if (status.state !== 'done') return EditorActions.exportEnded({ message: status.message ?? 'The export was cancelled.' });
  download(`/api/exports/${status.id}/file`);
  return EditorActions.exportEnded({ message: null });
}

function current(store: Store): Promise<EditorState> {
  return firstValueFrom(store.select(editorFeature.selectEditorState));
}

/** The state once all edits are on the server, since it draws what it has. */
async function saved(store: Store): Promise<EditorState> {
  store.dispatch(EditorActions.saveNow());
  const state = await firstValueFrom(
    store
      .select(editorFeature.selectEditorState)
      .pipe(
        filter(
          ({ save }) =>
            save.unsaved.length === 0 || save.state === 'stale' || save.state === 'refused' || save.state === 'retrying',
        ),
      ),
  );
  if (state.save.unsaved.length > 0)
    throw new Error(`The project could not be saved, so it was not exported. ${state.save.message ?? ''}`);
  return state;
}

function download(address: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = '';
  link.click();
}
