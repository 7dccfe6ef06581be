import { inject, Injectable, signal } from '@angular/core';
import { trimSheet, type Sides } from '@kadrosyn/core';
import { EditorSession } from '../../session/session';
import { Viewport } from '../../stage/viewport';

const NOTHING: Sides<number> = { top: 0, right: 0, bottom: 0, left: 0 };

/** Trimming the sheet: its edges are moved, everything else stays where it lies. */
@Injectable()
export class SheetTrim {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  /** How far each edge was moved inwards so far, px of the sheet; null while nothing is trimmed. */
  readonly by = signal<Sides<number> | null>(null);

  begin(): void {
    this.session.select(null);
    this.by.set(NOTHING);
  }

  cancel(): void {
    this.by.set(null);
  }

  set(side: keyof Sides<number>, px: number): void {
    const [by, sheet] = [this.by(), this.session.sheet()];
    if (!by || !sheet) return;
    const [length, opposite] =
      side === 'left' || side === 'right'
        ? [sheet.width, side === 'left' ? by.right : by.left]
        : [sheet.height, side === 'top' ? by.bottom : by.top];
    // Something of the sheet is always left, and it never grows beyond reason.
    this.by.set({ ...by, [side]: Math.round(Math.min(Math.max(px, -2 * length), length - opposite - 8)) });
  }

  finish(): void {
    const by = this.by();
    this.by.set(null);
    if (!by || Object.values(by).every((px) => px === 0)) return;
    this.session.commit(trimSheet(this.session.context().sheet, by));
    // What lies on the sheet stays where it is on the screen as well.
    this.viewport.panBy(by.left * this.viewport.zoom(), by.top * this.viewport.zoom());
  }
}
