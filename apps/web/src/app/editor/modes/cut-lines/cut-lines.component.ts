import { ChangeDetectionStrategy, Component, computed, ElementRef, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { apply, straightened, type Point } from '@kadrosyn/core';
import { Notices } from '../../session/notices';
import { Viewport } from '../../stage/viewport';
import { selectIsMoving } from '../../state/editor.selectors';
import { CutLines, type ShownCut } from './cut-lines';

/** Points of a line that is drawn lie at least so far apart, css px. */
const STEP = 6;

/** Cut lines over the sheet: drawn across a piece or a region, moved by their ends or as a whole. */
@Component({
  selector: 'ka-cut-lines',
  imports: [MatButtonModule],
  templateUrl: './cut-lines.component.html',
  styleUrl: './cut-lines.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CutLinesComponent {
  readonly lines = inject(CutLines);
  private readonly viewport = inject(Viewport);
  private readonly notices = inject(Notices);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly isMoving = inject(Store).selectSignal(selectIsMoving);
  /** The line that is being drawn or moved, px of the sheet. */
  private readonly changing = this.lines.changing;

  readonly shown = computed(() => {
    const matrix = this.viewport.matrix();
    const changing = this.changing();
    return this.lines.shown().map((cut) => {
      const line = changing?.key === cut.key ? changing.line : cut.line;
      const ends = [line[0]!, line.at(-1)!].map((p) => apply(matrix, p));
      const length = Math.round(changing?.key === cut.key ? this.lines.measure(cut.target, line).length : cut.length);
      return { cut, points: pointsOf(line.map((p) => apply(matrix, p))), ends, words: lengthWords(length), isHard: length > 0 };
    });
  });

  /** The line that is being drawn, and what it cuts. */
  readonly drawn = computed(() => {
    const [changing, target] = [this.changing(), this.lines.drawing()];
    if (changing?.key !== null || !target) return null;
    const matrix = this.viewport.matrix();
    const { length, at } = this.lines.measure(target, changing.line);
    const place = at && apply(matrix, at);
    return { points: pointsOf(changing.line.map((p) => apply(matrix, p))), place, words: lengthWords(Math.round(length)) };
  });

  // --- drawing ---

  begin(event: PointerEvent): void {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.changing.set({ key: null, line: [this.at(event)] });
  }

  draw(event: PointerEvent): void {
    const changing = this.changing();
    if (!changing) return;
    const [at, last] = [this.at(event), changing.line.at(-1)!];
    const away = Math.hypot(at.x - last.x, at.y - last.y) * this.viewport.zoom();
    if (away >= STEP) this.changing.set({ key: null, line: [...changing.line, at] });
  }

  finish(event: PointerEvent): void {
    const changing = this.changing();
    this.changing.set(null);
    if (changing?.key !== null) return;
    const line = straightened([...changing.line, this.at(event)], 4 / this.viewport.zoom());
    if (line.length < 2 || !this.lines.add(line))
      this.notices.say('That line divides nothing. Draw it across a piece or a crossing.');
  }

  cancel(): void {
    this.changing.set(null);
  }

  // --- moving ---

  /** @param end - 0 or 1 for an end, null for all of the line. */
  drag(event: PointerEvent, cut: ShownCut, end: number | null): void {
    event.stopPropagation();
    event.preventDefault();
    const target = event.currentTarget as HTMLElement;
    target.setPointerCapture(event.pointerId);
    const from = this.at(event);
    const moved = (to: PointerEvent): readonly Point[] => {
      const at = this.at(to);
      return shifted(cut.line, end, { x: at.x - from.x, y: at.y - from.y });
    };
    target.onpointermove = (move) => this.changing.set({ key: cut.key, line: moved(move) });
    target.onpointerup = target.onpointercancel = (up) => {
      target.onpointermove = target.onpointerup = target.onpointercancel = null;
      const hasMoved = this.changing()?.key === cut.key;
      this.changing.set(null);
      if (hasMoved && up.type === 'pointerup') this.lines.move(cut, moved(up));
    };
  }

  onKey(event: KeyboardEvent, cut: ShownCut, end: number): void {
    const by = event.shiftKey ? 10 : 1;
    const move = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[event.key];
    if (move) this.lines.move(cut, shifted(cut.line, end, { x: move[0]!, y: move[1]! }));
    else if (event.key === 'Delete' || event.key === 'Backspace') this.lines.remove(cut);
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  private at(event: PointerEvent): Point {
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    return this.viewport.toSheet({ x: event.clientX - left, y: event.clientY - top });
  }
}

/** "hard cut 34 px". */
function lengthWords(length: number): string {
  return length > 0 ? `hard cut ${length} px` : 'no hard cut';
}

function pointsOf(line: readonly Point[]): string {
  return line.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
}

/** A line with one end moved, the rest following the less the farther it is; or all of it moved. */
function shifted(line: readonly Point[], end: number | null, by: Point): Point[] {
  return line.map(({ x, y }, index) => {
    const along = line.length < 2 ? 1 : index / (line.length - 1);
    const share = end === null ? 1 : end === 0 ? 1 - along : along;
    return { x: x + by.x * share, y: y + by.y * share };
  });
}
