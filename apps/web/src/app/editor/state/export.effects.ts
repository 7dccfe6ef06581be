import { CSP_NONCE, inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { ExportRequest, ExportStatus } from '@kadrosyn/contract';
import { findSheet, laySheets, type Project } from '@kadrosyn/core';
import { catchError, defer, finalize, firstValueFrom, from, mergeMap, of, takeUntil, tap } from 'rxjs';
import { faultOf } from '../../api/fault';
import { ExportServer } from '../../api/export-server';
import { MOST_SCALE, requestOf } from '../export/export-request';
import { keepSettings } from '../export/export-settings';
import { printPapers } from '../export/print-papers';
import { EditorActions } from './editor.actions';
import { makeExport, type ExportPlace } from './make-export';
import { selectSheet } from './editor.selectors';
import type { ExportGoal, ExportSaid } from './editor.state';
import { whenSaved } from './when-saved';

/** What is handed over, and where it goes. */
interface Wanted {
  readonly key: string;
  readonly of: ExportRequest | null;
  readonly to: ExportGoal;
}

/** What an export is made with. */
interface Means {
  readonly store: Store;
  readonly server: ExportServer;
  /** Of styles that the page lets in. */
  readonly nonce: string | null;
}

/** Saves, has the server draw, follows it, and hands the file to the browser. Several may be on their way at once. */
export const exportSheets = createEffect(
  (
    actions = inject(Actions),
    means: Means = { store: inject<Store>(Store), server: inject(ExportServer), nonce: inject(CSP_NONCE, { optional: true }) },
  ) =>
    actions.pipe(
      ofType(EditorActions.exportWanted),
      mergeMap((wanted) =>
        defer(() => {
          // One for each export: a second one that was asked for meanwhile must not let the first go on.
          const stop = new AbortController();
          const ended = (said: ExportSaid | null) => EditorActions.exportEnded({ key: wanted.key, said });
          return from(exportOnce(means, wanted, () => stop.signal.aborted).then(ended)).pipe(
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

async function exportOnce({ store, server, nonce }: Means, wanted: Wanted, isStopped: () => boolean): Promise<ExportSaid | null> {
  const { exportSettings, projectId, project } = await whenSaved(store);
  const sheet = (await firstValueFrom(store.select(selectSheet)))!;
  const request = wanted.of ?? requestOf(exportSettings, project!, sheet);
  const place: ExportPlace = { store, server, projectId: projectId!, key: wanted.key, isStopped };
  if (wanted.to === 'printer') return printed(place, project!, request, nonce);
  const status = await makeExport(place, request);
  if (!status) return null;
  if (status.state !== 'done') return notMade(status);
  if (wanted.to === 'clipboard') return copied(server, status);
  download(server.file(status.id));
  return { words: `${status.name} is among your downloads.`, file: status };
}

function notMade({ message }: ExportStatus): ExportSaid {
  return { words: message ?? 'The export was cancelled.', file: null };
}

/** Has the browser print what would come as a PDF: sheets as pictures, without the bleed that a desk printer has no room for. */
async function printed(
  place: ExportPlace,
  project: Project,
  { sheetIds, file }: ExportRequest,
  nonce: string | null,
): Promise<ExportSaid | null> {
  if (file.type !== 'pdf') throw new RangeError('Only what is for paper is printed');
  const sheets = sheetIds.map((id) => findSheet(project, id)!);
  // Marks say where to cut several apart.
  const papers = laySheets(sheets, { ...file, bleed: 0, marks: file.marks === true && file.arrange === 'many' });
  const addresses: string[] = [];
  for (const { id, dpi } of sheets) {
    const scale = Math.min(MOST_SCALE, file.dpi / dpi);
    const status = await makeExport(place, { sheetIds: [id], file: { type: 'png', scale, onWhite: true } });
    if (!status) return null;
    if (status.state !== 'done') return notMade(status);
    addresses.push(place.server.file(status.id, true));
  }
  await printPapers(papers, addresses, nonce);
  const pages = papers.length === 1 ? 'One page was' : `${papers.length} pages were`;
  return { words: `${pages} given to the browser to print, without bleed.`, file: null };
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

function download(address: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = '';
  link.click();
}
