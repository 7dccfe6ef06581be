import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { apply, type Point } from '@kadrosyn/core';
import { OutlinePen } from '../modes/pen/outline-pen';
import { EditorSession } from '../session/session';
import { StageView } from '../stage/stage-view';
import { Viewport } from '../stage/viewport';
import { selectIsMoving } from '../state/editor.selectors';
import { TextCaret } from '../modes/text/text-caret';
import { BreakoutChecks } from './breakout-checks';
import { BreakoutEditing } from './breakout-editing';
import { chipPlaces } from './chip-places';
import { CutLinesComponent } from '../modes/cut-lines/cut-lines.component';

interface Chip {
  readonly key: string;
  readonly words: string;
  readonly label: string;
  readonly title: string;
  readonly isPiece: boolean;
  readonly isOn: boolean;
  readonly wanted: Point;
  readonly width: number;
  readonly toggle: () => void;
}

const HEIGHT = 26;
/** Width of a letter, and of a chip without any, css px. */
const [LETTER, ENDS] = [7.2, 22];

/** Chips on the sheet: a number for each piece outside of the opening, words for each place where the selected item crosses another. */
@Component({
  selector: 'ka-breakout-marks',
  template: `
    @if (chips().length > 0) {
      <svg aria-hidden="true">
        @for (chip of chips(); track chip.key) {
          @if (chip.isApart) {
            <line class="under" [attr.x1]="chip.wanted.x" [attr.y1]="chip.wanted.y" [attr.x2]="chip.at.x" [attr.y2]="chip.at.y" />
            <line [attr.x1]="chip.wanted.x" [attr.y1]="chip.wanted.y" [attr.x2]="chip.at.x" [attr.y2]="chip.at.y" />
          }
        }
      </svg>
      <div role="group" aria-label="Pieces and crossings on the sheet" [class.moving]="isMoving()">
        @for (chip of chips(); track chip.key) {
          <button
            [class.piece]="chip.isPiece"
            [class.on]="chip.isOn"
            [style.left.px]="chip.at.x"
            [style.top.px]="chip.at.y"
            [attr.aria-label]="chip.label"
            [title]="chip.title"
            (click)="chip.toggle()"
          >
            {{ chip.words }}
          </button>
        }
      </div>
    }
    @if (!view.clean()) {
      @for (place of places(); track $index) {
        <i aria-hidden="true" [class.moving]="isMoving()" [style.left.px]="place.x" [style.top.px]="place.y"></i>
      }
      <ka-cut-lines />
    }
  `,
  imports: [CutLinesComponent],
  styleUrl: './breakout-marks.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BreakoutMarksComponent {
  private readonly editing = inject(BreakoutEditing);
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  readonly view = inject(StageView);
  private readonly typing = inject(TextCaret);
  private readonly pen = inject(OutlinePen);
  private readonly checks = inject(BreakoutChecks);
  readonly isMoving = inject(Store).selectSignal(selectIsMoving);

  readonly chips = computed(() => {
    if (this.view.clean() || this.typing.opening() || this.pen.drawing()) return [];
    const matrix = this.viewport.matrix();
    const chips = [...this.pieces(), ...this.regions()].map((chip) => ({ ...chip, wanted: apply(matrix, chip.wanted) }));
    const places = chipPlaces(
      chips.map(({ wanted, width }) => ({ at: wanted, width, height: HEIGHT })),
      this.viewport.size(),
    );
    return chips.map((chip, index) => {
      const at = places[index]!;
      return { ...chip, at, isApart: Math.hypot(at.x - chip.wanted.x, at.y - chip.wanted.y) > HEIGHT };
    });
  });

  /** Where something would look wrong. */
  readonly places = computed(() => {
    const matrix = this.viewport.matrix();
    return this.checks.checks().flatMap(({ mark }) => (mark ? [apply(matrix, mark)] : []));
  });

  private pieces(): Chip[] {
    return this.editing.pieces().map(({ side, out, at }, index) => ({
      key: `piece ${index}`,
      words: String(index + 1),
      label: `${index + 1}, piece at the ${side}, ${out ? 'out' : 'kept in'}`,
      title: out ? 'Out of the opening. Click to keep it in.' : 'Kept in. Click to let it out.',
      isPiece: true,
      isOn: out,
      wanted: at,
      width: HEIGHT,
      toggle: () => this.editing.letPiece(index, !out),
    }));
  }

  private regions(): Chip[] {
    const name = this.session.selected()?.name ?? '';
    return this.editing.regions().map(({ key, isOver, short, long, own, region }) => {
      const words = `${own === null ? '' : `${own} `}${isOver ? 'over' : 'under'} ${short}`;
      return {
        key,
        words,
        label: `${words}: ${name} ${isOver ? 'over' : 'under'} ${long}`,
        title: isOver ? 'Click to pass under' : 'Click to pass over',
        isPiece: false,
        isOn: isOver,
        wanted: region.at,
        width: ENDS + LETTER * words.length,
        toggle: () => this.editing.letRegion(key, !isOver),
      };
    });
  }
}
