import { computed, inject, Injectable, signal } from '@angular/core';
import { cornerOnSheet, type Point } from '@kadrosyn/core';
import { EditorSession } from '../session/session';

/** Which of four corners is being moved, by pointer or by keys: it is shown large. */
@Injectable()
export class HeldCorner {
  private readonly session = inject(EditorSession);
  /** From the top left clockwise; null while none is. */
  readonly index = signal<number | null>(null);

  /** A corner of something else than the selected opening, px of the sheet. */
  readonly other = signal<Point | null>(null);

  /** Where it lies, px of the sheet. */
  readonly at = computed<Point | null>(() => {
    const other = this.other();
    if (other) return other;
    const [index, opening] = [this.index(), this.session.selectedOpening()];
    return index === null || !opening ? null : cornerOnSheet(opening, index);
  });
}
