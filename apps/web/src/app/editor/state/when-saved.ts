import type { Store } from '@ngrx/store';
import { filter, firstValueFrom } from 'rxjs';
import { Fault } from '../../api/fault';
import { EditorActions } from './editor.actions';
import { editorFeature } from './editor.reducer';
import { needsPerson, type EditorState } from './editor.state';

/** The state once all edits are on the server, since it draws what it has. @throws Fault where they could not be saved */
export async function whenSaved(store: Store): Promise<EditorState> {
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
