import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { withdrawFiles, type NeededMatte, type Project } from '@kadrosyn/core';
import { exhaustMap, filter, mergeMap, withLatestFrom } from 'rxjs';
import { PhotoUploads } from '../../photos/photo-uploads';
import { EditorActions, type MissingFiles } from './editor.actions';
import { editorFeature } from './editor.reducer';

/**
 * A step that is done again may name a photo or a cutout that was taken away for good meanwhile. What this browser still has is sent again; the rest is
 * taken out of the project, as a step of its own, and that is said: nothing could be saved otherwise.
 */
export const bringFilesBack = createEffect(
  (actions = inject(Actions), store = inject(Store), uploads = inject(PhotoUploads)) => {
    const state = store.select(editorFeature.selectEditorState);
    return actions.pipe(
      ofType(EditorActions.savingFailed),
      withLatestFrom(state),
      filter(([{ projectId, missing }, { projectId: shown, project }]) => !!missing && projectId === shown && project !== null),
      // What fails meanwhile fails again with the save that follows.
      exhaustMap(async ([{ projectId, missing }, { project }]) => ({
        projectId,
        // Where that can not be told now, nothing is taken out: the next save fails too, and is tried again by itself.
        gone: await leftMissing(uploads, project!, missing!).catch(() => ({ photoIds: [], mattes: [] })),
      })),
      withLatestFrom(state),
      filter(([{ projectId }, { projectId: shown }]) => projectId === shown),
      mergeMap(([{ gone }, { project }]) => {
        const edit = withdrawFiles(project!, gone);
        if (!edit) return [EditorActions.saveNow()];
        return [EditorActions.commit({ edit }), EditorActions.say({ words: `${edit.name}. ${COULD_NOT_RETURN}` })];
      }),
    );
  },
  { functional: true },
);

const COULD_NOT_RETURN = 'It was taken away for good and this browser no longer has it. Add the file again to have it back.';

/** What could not be sent again. */
async function leftMissing(
  uploads: PhotoUploads,
  { photos }: Project,
  { photoIds, mattes }: MissingFiles,
): Promise<MissingFiles> {
  const gone: { photoIds: string[]; mattes: NeededMatte[] } = { photoIds: [], mattes: [] };
  for (const id of photoIds) {
    const photo = photos[id];
    if (photo && !(await uploads.sendAgain(photo))) gone.photoIds.push(id);
  }
  // A cutout can only be kept where its photo is.
  for (const matte of mattes.filter(({ photoId }) => !gone.photoIds.includes(photoId)))
    if (!(await uploads.sendMatteAgain(matte))) gone.mattes.push(matte);
  return gone;
}
