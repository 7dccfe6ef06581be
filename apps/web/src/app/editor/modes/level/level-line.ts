import { inject, Injectable, signal } from '@angular/core';
import { changeOpening, straighten, type Point } from '@kadrosyn/core';
import { EditorSession } from '../../session/session';

/** Straightening: a line is drawn along what should be level or upright, and the photo turns. */
@Injectable()
export class LevelLine {
  private readonly session = inject(EditorSession);
  /** A line is being asked for. */
  readonly active = signal(false);

  begin(): void {
    this.active.set(true);
  }

  end(): void {
    this.active.set(false);
  }

  /** Points are px of the sheet. */
  finish(from: Point, to: Point): void {
    const edit = this.edit(from, to);
    this.active.set(false);
    if (edit) this.session.commit(edit);
  }

  private edit(from: Point, to: Point) {
    const opening = this.session.settledOpening();
    if (opening?.fill.type !== 'photo') return null;
    const context = this.session.context();
    const after = straighten(opening, from, to, context);
    return 'fill' in after ? changeOpening(context.sheet, opening, after, `Straighten photo in ${opening.name}`) : null;
  }
}
