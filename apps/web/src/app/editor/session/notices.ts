import { effect, inject, Injectable, untracked } from '@angular/core';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Store } from '@ngrx/store';
import { takingBack, type Edit } from '@kadrosyn/core';
import { EditorActions } from '../state/editor.actions';
import { editorFeature } from '../state/editor.reducer';

/** Milliseconds: long enough to be read by a slow reader and its button to be reached by keyboard. */
const STAYS = 20_000;

/** What is said to the person, in the free middle of the header: it covers nothing that is clicked, and clicks go through all but its button. */
@Injectable()
export class Notices {
  private readonly bar = inject(MatSnackBar);
  private readonly store = inject(Store);
  private readonly history = this.store.selectSignal(editorFeature.selectHistory);
  private readonly project = this.store.selectSignal(editorFeature.selectProject);
  private readonly said = this.store.selectSignal(editorFeature.selectSaid);

  constructor() {
    effect(() => {
      const said = this.said();
      if (said) untracked(() => this.say(said.words));
    });
  }

  /** @param run - what the button does; without it the button closes the notice. */
  say(message: string, action = 'Close', run?: () => void): void {
    const notice = this.bar.open(message, action, {
      duration: STAYS,
      panelClass: 'ka-notice',
      verticalPosition: 'top',
    });
    if (run) notice.onAction().subscribe(run);
  }

  /** Of the last step, with a way back: that step is taken back, whatever was done since. */
  sayWithUndo(message: string): void {
    const edit = this.history().past.at(-1);
    this.say(message, 'Undo', () => edit && this.takeBack(edit));
  }

  private takeBack(edit: Edit): void {
    if (this.history().past.at(-1) === edit) return this.store.dispatch(EditorActions.undo());
    const project = this.project();
    const inverse = project && takingBack(project, this.history(), edit);
    if (inverse) return this.store.dispatch(EditorActions.commit({ edit: inverse }));
    this.say('What was done since rests on it. Take that back first: Ctrl+Z takes back one step after the other.');
  }
}
