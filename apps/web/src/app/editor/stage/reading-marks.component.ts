import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { apply, outlineBounds, readingVerdict } from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { StageView } from './stage-view';
import { Viewport } from './viewport';
import { selectTab } from '../state/editor.selectors';
import { TextCaret } from '../modes/text/text-caret';
import { WordReading } from '../finish/word-reading';

/** A small bar by the selected word that says how well it can be read, and marks along its weak places. */
@Component({
  selector: 'ka-reading-marks',
  template: `
    @if (bar(); as shown) {
      <div class="bar" [class.weak]="shown.isHard" [style.left.px]="shown.x" [style.top.px]="shown.y" aria-hidden="true">
        <i><b [style.width.%]="shown.percent"></b></i>
        {{ shown.percent }} %
      </div>
      <svg aria-hidden="true">
        @for (line of lines(); track $index) {
          <polyline class="under" [attr.points]="line" />
          <polyline [attr.points]="line" />
        }
      </svg>
    }
  `,
  styles: `
    :host,
    svg {
      position: absolute;
      inset: 0;
      width: 100%;
      height: 100%;
      pointer-events: none;
    }
    .bar {
      position: absolute;
      display: flex;
      align-items: center;
      gap: 6px;
      height: 20px;
      padding: 0 7px;
      translate: 0 -100%;
      font-size: 12.5px;
      white-space: nowrap;
      background: var(--paper);
      border: 1px solid var(--rule);
      border-radius: 3px;
    }
    i {
      width: 46px;
      height: 5px;
      background: var(--rule);
    }
    b {
      display: block;
      height: 100%;
      background: var(--spruce);
    }
    .weak b {
      background: var(--persimmon);
    }
    polyline {
      fill: none;
      stroke: #cf4a22;
      stroke-width: 2.5;
      stroke-dasharray: 2 3;
    }
    .under {
      stroke: #fbf8f1;
      stroke-width: 5;
      stroke-dasharray: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadingMarksComponent {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly view = inject(StageView);
  private readonly reading = inject(WordReading);
  private readonly typing = inject(TextCaret);
  private readonly tab = inject(Store).selectSignal(selectTab);

  readonly bar = computed(() => {
    const [word, measured, shaper] = [this.reading.word(), this.reading.measured(), this.session.shaper()];
    if (!word || !measured || !shaper || this.view.clean() || this.typing.opening()) return null;
    // What is read without a thought is spoken of in the Finish tab only.
    if (this.tab() !== 'finish' && !this.reading.finding()) return null;
    const bounds = outlineBounds(word, shaper);
    if (!bounds) return null;
    const { x, y } = apply(this.viewport.matrix(), { x: bounds.x, y: bounds.y });
    // Clear of the pegs at the corners, and always on the stage.
    return {
      x: Math.max(8, x + 14),
      y: Math.max(28, y - 12),
      percent: Math.round(measured.seen * 100),
      isHard: readingVerdict(measured.seen) === 'hard',
    };
  });

  readonly lines = computed(() => {
    const matrix = this.viewport.matrix();
    return this.reading.weak().map((line) =>
      line
        .map((p) => apply(matrix, p))
        .map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`)
        .join(' '),
    );
  });
}
