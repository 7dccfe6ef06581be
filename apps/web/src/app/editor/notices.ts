import { inject, Injectable } from '@angular/core';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Store } from '@ngrx/store';
import { EditorActions } from './state/editor.actions';

/** What is said to the person at the foot of the window. */
@Injectable()
export class Notices {
  private readonly bar = inject(MatSnackBar);
  private readonly store = inject(Store);

  /** @param run - what the button does; without it the button closes the notice. */
  say(message: string, action = 'Close', run?: () => void): void {
    const notice = this.bar.open(message, action, { duration: run ? 6000 : 15_000, panelClass: 'ka-notice' });
    if (run) notice.onAction().subscribe(run);
  }

  /** Of the last step, with a way back. */
  sayWithUndo(message: string): void {
    this.say(message, 'Undo', () => this.store.dispatch(EditorActions.undo()));
  }
}
