import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { toObservable } from '@angular/core/rxjs-interop';
import { openProject, photosUsed, type Project } from '@kadrosyn/core';
import {
  catchError,
  debounceTime,
  exhaustMap,
  filter,
  from,
  fromEvent,
  map,
  merge,
  of,
  switchMap,
  tap,
  timer,
  withLatestFrom,
  type OperatorFunction,
} from 'rxjs';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import type { StoredProject } from '../../api/server-types';
import { PhotoLibrary } from '../../photos/photo-library';
import { EditorActions } from './editor.actions';
import { editorFeature } from './editor.reducer';
import type { EditorState } from './editor.state';
import { takeUp, type TakenUp } from './take-up';
import { readJournal, writeJournal, type JournalEntry } from './journal';

/** A pause of so many ms sends what is unsaved. */
const PAUSE = 600;
const RETRY = 3000;
/** At most so many edits in one request. */
const BATCH = 500;

/** Fetches a project and takes up its history where the journal left it. */
export const open = createEffect(
  (actions = inject(Actions), server = inject(Server)) =>
    actions.pipe(
      ofType(EditorActions.opening),
      switchMap(({ projectId }) =>
        from(
          Promise.all([server.project(projectId), readJournal(projectId)]).then(([stored, kept]) => openedFrom(stored, kept)),
        ).pipe(catchFault((message) => EditorActions.openingFailed({ message }))),
      ),
    ),
  { functional: true },
);

function openedFrom(stored: StoredProject, kept: JournalEntry | undefined) {
  const { id: projectId, revision, updatedAt } = stored;
  const read = openProject(stored.document);
  if (!read.ok) return EditorActions.openingFailed({ message: read.reason });
  return EditorActions.opened({ projectId, revision, updatedAt, ...takenUp(read.project, kept) });
}

function takenUp(project: Project, kept: JournalEntry | undefined): TakenUp {
  try {
    return takeUp(project, kept);
  } catch {
    // A journal whose edits do not fit its own project is of no use.
    return takeUp(project, undefined);
  }
}

/** Turns a failure into an action. */
function catchFault<T, A>(action: (message: string, code: string) => A): OperatorFunction<T, T | A> {
  return catchError((error: unknown) => {
    const { message, code } = faultOf(error);
    return of(action(message, code));
  });
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
      filter(({ code }) => code === 'unreachable'),
      switchMap(() => timer(RETRY)),
    );
    return merge(edited, uploaded, retried, actions.pipe(ofType(EditorActions.saveNow))).pipe(
      withLatestFrom(store.select(editorFeature.selectEditorState)),
      map(([, state]) => state),
      filter((state) => canSave(state, library.uploadingIds())),
      exhaustMap((state) => {
        store.dispatch(EditorActions.saving());
        const edits = state.save.unsaved.slice(0, BATCH);
        const projectId = state.projectId!;
        return from(server.saveEdits(projectId, state.save.revision, edits)).pipe(
          map(({ revision, updatedAt }) => EditorActions.saved({ projectId, count: edits.length, revision, updatedAt })),
          catchFault((message, code) => EditorActions.savingFailed({ projectId, code, message })),
        );
      }),
    );
  },
  { functional: true },
);

function canSave({ project, save: { unsaved, state } }: EditorState, uploading: ReadonlySet<string>): boolean {
  if (!project || unsaved.length === 0 || state === 'stale' || state === 'saving') return false;
  return ![...photosUsed(project)].some((id) => uploading.has(id));
}

/** Keeps history and unsaved edits in the browser. */
export const keepJournal = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(EditorActions.commit, EditorActions.commitAgain, EditorActions.undo, EditorActions.redo, EditorActions.saved),
      withLatestFrom(store.select(editorFeature.selectEditorState)),
      debounceTime(30),
      tap(
        ([
          ,
          {
            projectId,
            project,
            history,
            save: { revision, unsaved },
          },
        ]) => {
          if (projectId && project) void writeJournal({ projectId, revision, project, history, unsaved });
        },
      ),
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
        server.saveEdits(state.projectId!, state.save.revision, state.save.unsaved, true).catch(() => undefined);
      }),
    ),
  { functional: true, dispatch: false },
);
