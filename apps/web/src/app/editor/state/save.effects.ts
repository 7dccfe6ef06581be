import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { toObservable } from '@angular/core/rxjs-interop';
import { newId, openProject, referencesOf, type Project } from '@kadrosyn/core';
import {
  catchError,
  concatMap,
  debounceTime,
  distinctUntilChanged,
  EMPTY,
  exhaustMap,
  filter,
  from,
  fromEvent,
  map,
  merge,
  of,
  race,
  switchMap,
  tap,
  timer,
  withLatestFrom,
  type OperatorFunction,
} from 'rxjs';
import { faultOf, pauseAfter, type Fault } from '../../api/fault';
import { Server } from '../../api/server';
import type { StoredProject } from '@kadrosyn/contract';
import { PhotoLibrary } from '../../photos/photo-library';
import { EditorActions, type MissingFiles } from './editor.actions';
import { editorFeature } from './editor.reducer';
import type { EditorState } from './editor.state';
import { takeUp, type TakenUp } from './take-up';
import { readJournal, writeJournal, type JournalEntry, type KeptEntries } from './journal';
import { joinLeft } from './join-left';
import { tellOtherWindows, toldByOtherWindows } from './other-windows';

/** A pause of so many ms sends what is unsaved. */
const PAUSE = 600;
/** At most so many edits in one request. */
const BATCH = 500;

const OUTDATED =
  'What was not saved here was made by an earlier version and can not be taken up. It is kept as a project of its own: “…, left in another window”.';

/** Fetches a project and takes up its history where the journal left it. */
export const open = createEffect(
  (actions = inject(Actions), server = inject(Server)) =>
    actions.pipe(
      ofType(EditorActions.opening),
      switchMap(({ projectId }) =>
        from(openedWithLeft(server, projectId)).pipe(catchFault(({ message }) => EditorActions.openingFailed({ message }))),
      ),
    ),
  { functional: true },
);

/** What other windows left behind comes first, so that the project that is shown has it. */
async function openedWithLeft(server: Server, projectId: string) {
  const kept = await readJournal(projectId);
  if (kept.left.length + kept.outdated.length > 0) await joinLeft(server, kept);
  return openedFrom(await server.project(projectId), kept);
}

function openedFrom(stored: StoredProject, { own: kept, outdated }: KeptEntries) {
  const { id: projectId, revision, updatedAt } = stored;
  const said = outdated.length > 0 ? OUTDATED : null;
  const read = openProject(stored.document);
  if (!read.ok) return EditorActions.openingFailed({ message: read.reason });
  return EditorActions.opened({ projectId, updatedAt, said, ...takenUp({ project: read.project, revision }, kept) });
}

function takenUp(stored: { readonly project: Project; readonly revision: number }, kept: JournalEntry | undefined): TakenUp {
  try {
    return takeUp(stored, kept);
  } catch {
    // A journal whose edits do not fit its own project is of no use.
    return takeUp(stored, undefined);
  }
}

/** Turns a failure into an action. */
function catchFault<T, A>(action: (fault: Fault) => A): OperatorFunction<T, T | A> {
  return catchError((error: unknown) => of(action(faultOf(error))));
}

/** Sends edits after a pause, one request at a time; waits for photos that are still on their way. */
export const save = createEffect(
  (actions = inject(Actions), store = inject(Store), server = inject(Server), library = inject(PhotoLibrary)) => {
    const edited = actions.pipe(
      ofType(
        EditorActions.commit,
        EditorActions.commitAgain,
        EditorActions.undo,
        EditorActions.redo,
        EditorActions.opened,
        EditorActions.saved,
      ),
      debounceTime(PAUSE),
    );
    const uploaded = toObservable(library.uploadingIds).pipe(debounceTime(50));
    const retried = actions.pipe(
      ofType(EditorActions.savingFailed),
      filter(({ passing }) => passing),
      withLatestFrom(store.select(editorFeature.selectEditorState)),
      // Sooner, when the browser says that it is connected again.
      switchMap(([, state]) => race(timer(pauseAfter(state.save.failures)), fromEvent(window, 'online'))),
    );
    return merge(edited, uploaded, retried, actions.pipe(ofType(EditorActions.saveNow))).pipe(
      withLatestFrom(store.select(editorFeature.selectEditorState)),
      map(([, state]) => state),
      filter((state) => canSave(state, library.uploadingIds())),
      exhaustMap((state) => {
        const { unsaved, revision, sent } = state.save;
        // What was sent and not answered may have arrived: it is sent again just so, and known by its name.
        const { saveId, count } = sent ?? { saveId: newId('save'), count: Math.min(BATCH, unsaved.length) };
        store.dispatch(EditorActions.saving({ saveId, count }));
        const edits = unsaved.slice(0, count);
        const projectId = state.projectId!;
        return from(server.saveEdits(projectId, revision, edits, { saveId })).pipe(
          map(({ revision, updatedAt, others = [] }) =>
            EditorActions.saved({ projectId, count: edits.length, revision, updatedAt, others }),
          ),
          catchFault(({ message, code, isPassing: passing, detail }) => {
            const missing = code === 'file-missing' ? (detail as unknown as MissingFiles) : null;
            return EditorActions.savingFailed({ projectId, code, message, passing, ...(missing && { missing }) });
          }),
        );
      }),
    );
  },
  { functional: true },
);

function canSave({ project, save: { unsaved, state } }: EditorState, uploading: ReadonlySet<string>): boolean {
  if (!project || unsaved.length === 0 || state === 'stale' || state === 'outdated' || state === 'saving') return false;
  return ![...referencesOf(project).photos].some((id) => uploading.has(id));
}

/** Keeps history and unsaved edits in the browser. */
export const keepJournal = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(
        ...[EditorActions.opened, EditorActions.followed, EditorActions.saved],
        ...[EditorActions.commit, EditorActions.commitAgain, EditorActions.undo, EditorActions.redo],
      ),
      withLatestFrom(store.select(editorFeature.selectEditorState)),
      debounceTime(30),
      concatMap(async ([, { projectId, project, history, save, keepsJournal }]) => {
        if (!projectId || !project) return keepsJournal;
        return writeJournal({ projectId, revision: save.revision, project, history, unsaved: save.unsaved });
      }),
      filter((works) => works !== null),
      distinctUntilChanged(),
      map((works) => EditorActions.journalTried({ works })),
    ),
  { functional: true },
);

/** Tells other windows of each save, and shows what they saved. */
export const followOtherWindows = createEffect(
  (actions = inject(Actions), store = inject(Store), server = inject(Server)) => {
    const told = actions.pipe(
      ofType(EditorActions.saved),
      tap(({ projectId, revision }) => tellOtherWindows({ projectId, revision })),
      switchMap(() => EMPTY),
    );
    const heard = toldByOtherWindows().pipe(
      debounceTime(100),
      withLatestFrom(store.select(editorFeature.selectEditorState)),
      filter(([{ projectId, revision }, state]) => isBehind(state, projectId, revision)),
      switchMap(([{ projectId }]) => from(server.project(projectId)).pipe(catchError(() => EMPTY))),
      switchMap(({ id: projectId, revision, updatedAt, document }) => {
        const read = openProject(document);
        return read.ok ? of(EditorActions.followed({ projectId, project: read.project, revision, updatedAt })) : EMPTY;
      }),
    );
    return merge(told, heard);
  },
  { functional: true },
);

/** Whether another window saved what this one shows, while nothing here was unsaved. */
function isBehind({ projectId, phase, save }: EditorState, saved: string, revision: number): boolean {
  return phase === 'ready' && projectId === saved && save.unsaved.length === 0 && revision > save.revision;
}

/** A browser that keeps nothing would lose what is unsaved: it asks before it leaves. */
export const askBeforeLeaving = createEffect(
  (store = inject(Store)) =>
    fromEvent<BeforeUnloadEvent>(window, 'beforeunload').pipe(
      withLatestFrom(store.select(editorFeature.selectEditorState)),
      tap(([event, { save, keepsJournal }]) => {
        if (keepsJournal === false && save.unsaved.length > 0) event.preventDefault();
      }),
    ),
  { functional: true, dispatch: false },
);

/** Leaving the page sends what is unsaved without waiting for the answer. */
export const saveOnLeaving = createEffect(
  (store = inject(Store), server = inject(Server), library = inject(PhotoLibrary)) =>
    fromEvent(window, 'pagehide').pipe(
      withLatestFrom(store.select(editorFeature.selectEditorState)),
      tap(([, state]) => {
        if (!canSave(state, library.uploadingIds())) return;
        const { revision, unsaved } = state.save;
        server.saveEdits(state.projectId!, revision, unsaved, { leaving: true }).catch(() => undefined);
      }),
    ),
  { functional: true, dispatch: false },
);
