import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { apply, boxMatrix, cornersOf, multiply, openingsOf, type Bounds, type Item } from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { StagePointer } from './stage-pointer';
import { boundsTogether, movable } from './together-gestures';
import { Viewport } from './viewport';

/** Pegs stand so far outside the rectangle, css px. */
const PEG_OFFSET = 11;
const TURN_OFFSET = 28;
const CORNERS = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
];

/** How several selected items, or a group, are marked; and the rectangle that is drawn to select. */
@Component({
  selector: 'svg:g[ka-together-marks]',
  template: `
    @for (d of outlines(); track $index) {
      <svg:path class="one under" [attr.d]="d" />
      <svg:path class="one" [attr.d]="d" />
    }
    @if (frame(); as box) {
      <svg:rect class="round under" [attr.x]="box.x" [attr.y]="box.y" [attr.width]="box.width" [attr.height]="box.height" />
      <svg:rect class="round" [attr.x]="box.x" [attr.y]="box.y" [attr.width]="box.width" [attr.height]="box.height" />
      @if (canMove()) {
        @for (peg of pegs(); track $index) {
          <svg:g
            class="peg"
            [attr.data-together-peg]="peg.shares"
            [attr.transform]="'translate(' + peg.x + ' ' + peg.y + ')'"
            [style.cursor]="peg.cursor"
          >
            <svg:circle class="reach" r="10" />
            <svg:rect x="-4.5" y="-4.5" width="9" height="9" transform="rotate(45)" />
          </svg:g>
        }
        <svg:g
          class="turn"
          data-together-turn
          [attr.transform]="'translate(' + (box.x + box.width + turnOffset) + ' ' + (box.y + box.height / 4) + ') rotate(45)'"
        >
          <svg:circle class="reach" r="14" />
          <svg:path class="under" d="M-8 -4A9 9 0 0 1 4 8" />
          <svg:path class="over" d="M-8 -4A9 9 0 0 1 4 8" />
        </svg:g>
      }
    }
    @if (drawn(); as area) {
      <svg:rect class="drawn" [attr.x]="area.x" [attr.y]="area.y" [attr.width]="area.width" [attr.height]="area.height" />
    }
  `,
  styles: `
    :host {
      pointer-events: none;
    }
    path,
    rect {
      fill: none;
    }
    .one {
      stroke: #fbf8f1;
      stroke-width: 1.2;
      &.under {
        stroke: #1d5a4c;
        stroke-width: 3.2;
      }
    }
    .round {
      stroke: #fbf8f1;
      stroke-width: 1.4;
      stroke-dasharray: 9 5;
      &.under {
        stroke: #1d5a4c;
        stroke-width: 3.4;
        stroke-dasharray: none;
      }
    }
    .reach {
      fill: transparent;
      pointer-events: all;
    }
    .peg rect {
      fill: #fbf8f1;
      stroke: #1d5a4c;
      stroke-width: 2.5;
    }
    .turn {
      cursor: grab;
      path {
        stroke-linecap: round;
      }
      .under {
        stroke: #fbf8f1;
        stroke-width: 7;
      }
      .over {
        stroke: #1d5a4c;
        stroke-width: 3.5;
      }
    }
    .drawn {
      fill: rgb(29 90 76 / 12%);
      stroke: #1d5a4c;
      stroke-width: 1.5;
      stroke-dasharray: 5 3;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TogetherMarksComponent {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly pointer = inject(StagePointer);
  readonly turnOffset = TURN_OFFSET;

  /** While a rectangle is drawn, what it means is marked as well. */
  private readonly marked = computed<readonly Item[]>(() => [...this.session.together(), ...this.pointer.caught()]);

  readonly outlines = computed(() => {
    const matrix = this.viewport.matrix();
    return [...openingsOf(this.marked())].map(({ box }) => {
      const frame = multiply(matrix, boxMatrix(box));
      const corners = cornersOf({ x: 0, y: 0, width: box.width, height: box.height }).map((p) => apply(frame, p));
      return `M${corners.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
    });
  });

  readonly frame = computed(() => {
    const bounds = boundsTogether(this.session.together());
    return bounds && this.onStage(bounds);
  });
  readonly canMove = computed(() => movable(this.session.together()).length > 0);
  readonly drawn = computed(() => {
    const area = this.pointer.drawn();
    return area && this.onStage(area);
  });

  readonly pegs = computed(() => {
    const box = this.frame();
    if (!box) return [];
    return CORNERS.map(({ x, y }) => ({
      x: box.x + x * box.width + (x * 2 - 1) * PEG_OFFSET,
      y: box.y + y * box.height + (y * 2 - 1) * PEG_OFFSET,
      shares: `${x} ${y}`,
      cursor: x === y ? 'nwse-resize' : 'nesw-resize',
    }));
  });

  private onStage({ x, y, width, height }: Bounds): Bounds {
    const [from, zoom] = [apply(this.viewport.matrix(), { x, y }), this.viewport.zoom()];
    return { ...from, width: width * zoom, height: height * zoom };
  }
}
