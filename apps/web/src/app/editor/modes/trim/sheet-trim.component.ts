import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { transformBounds, type Sides } from '@kadrosyn/core';
import { EditorSession } from '../../session/session';
import { SheetTrim } from './sheet-trim';
import { Viewport } from '../../stage/viewport';

type Side = keyof Sides<number>;

const SIDES: readonly { readonly id: Side; readonly axis: 'x' | 'y'; readonly inwards: 1 | -1 }[] = [
  { id: 'left', axis: 'x', inwards: 1 },
  { id: 'right', axis: 'x', inwards: -1 },
  { id: 'top', axis: 'y', inwards: 1 },
  { id: 'bottom', axis: 'y', inwards: -1 },
];

/** The edges of the sheet as bars that can be moved, by pointer and by arrow keys. */
@Component({
  selector: 'ka-sheet-trim',
  imports: [MatButtonModule],
  templateUrl: './sheet-trim.component.html',
  styleUrl: './sheet-trim.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetTrimComponent {
  readonly trim = inject(SheetTrim);
  private readonly viewport = inject(Viewport);
  private readonly session = inject(EditorSession);
  readonly sides = SIDES;

  /** What is left of the sheet, css px of the stage. */
  readonly frame = computed(() => {
    const [sheet, by] = [this.session.sheet(), this.trim.by()];
    if (!sheet || !by) return null;
    const left = { x: by.left, y: by.top, width: sheet.width - by.left - by.right, height: sheet.height - by.top - by.bottom };
    return {
      ...transformBounds(this.viewport.matrix(), left),
      words: `${Math.round(left.width)} × ${Math.round(left.height)} px`,
    };
  });

  drag(event: PointerEvent, { id, axis, inwards }: (typeof SIDES)[number]): void {
    const bar = event.currentTarget as HTMLElement;
    bar.setPointerCapture(event.pointerId);
    const [from, start] = [axis === 'x' ? event.clientX : event.clientY, this.trim.by()?.[id] ?? 0];
    bar.onpointermove = (move) => {
      const at = axis === 'x' ? move.clientX : move.clientY;
      this.trim.set(id, start + (inwards * (at - from)) / this.viewport.zoom());
    };
    bar.onpointerup = bar.onpointercancel = () => (bar.onpointermove = null);
  }

  onKey(event: KeyboardEvent, { id, axis, inwards }: (typeof SIDES)[number]): void {
    const keys: Readonly<Record<string, number>> =
      axis === 'x' ? { ArrowLeft: -1, ArrowRight: 1 } : { ArrowUp: -1, ArrowDown: 1 };
    const step = keys[event.key];
    if (event.key === 'Enter') this.trim.finish();
    else if (step) this.trim.set(id, (this.trim.by()?.[id] ?? 0) + inwards * step * (event.shiftKey ? 10 : 1));
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
}
