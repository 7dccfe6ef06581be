import { computed, inject, Injectable, signal } from '@angular/core';
import { cornerOnSheet, type Point } from '@kadrosyn/core';
import { EditorSession } from '../session/session';

/** Which of four corners is being moved, by pointer or by keys: it is shown large. */
@Injectable()
export class HeldCorner {
  private readonly session = inject(EditorSession);
  /** From the top left clockwise; null while none is. */
  readonly index = signal<number | null>(null);

  /** Where it lies, px of the sheet. */
  readonly at = computed<Point | null>(() => {
    const [index, opening] = [this.index(), this.session.selectedOpening()];
    return index === null || !opening ? null : cornerOnSheet(opening, index);
  });
}
