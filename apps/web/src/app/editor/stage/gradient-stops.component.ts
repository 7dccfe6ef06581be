import { ChangeDetectionStrategy, Component, computed, ElementRef, inject } from '@angular/core';
import { apply, changeSheet, gradientRun, invert, type Edit, type GradientFill, type Point } from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { Viewport } from './viewport';

/** The colours of the sheet's gradient on the sheet itself: each is dragged along it; the ring at its end turns a straight one. */
@Component({
  selector: 'ka-gradient-stops',
  template: `
    @if (shown(); as run) {
      <svg aria-hidden="true">
        <line class="under" [attr.x1]="run.from.x" [attr.y1]="run.from.y" [attr.x2]="run.to.x" [attr.y2]="run.to.y" />
        <line [attr.x1]="run.from.x" [attr.y1]="run.from.y" [attr.x2]="run.to.x" [attr.y2]="run.to.y" />
      </svg>
      @for (stop of run.stops; track $index) {
        <button
          class="stop"
          [style.left.px]="stop.x"
          [style.top.px]="stop.y"
          [style.background]="stop.colour"
          [attr.aria-label]="'Colour ' + ($index + 1) + ' of the gradient, at ' + stop.percent + ' %'"
          (pointerdown)="drag($event, $index)"
          (keydown)="onKey($event, $index)"
        ></button>
      }
      @if (run.isStraight) {
        <button
          class="turn"
          aria-label="Direction of the gradient"
          [style.left.px]="run.end.x"
          [style.top.px]="run.end.y"
          (pointerdown)="drag($event, null)"
          (keydown)="onKey($event, null)"
        ></button>
      }
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
    line {
      stroke: #20272a;
      stroke-width: 1.5;
    }
    .under {
      stroke: #fbf8f1;
      stroke-width: 4.5;
    }
    button {
      position: absolute;
      width: 22px;
      height: 22px;
      padding: 0;
      translate: -50% -50%;
      pointer-events: auto;
      touch-action: none;
      cursor: move;
      border: 2.5px solid #fbf8f1;
      border-radius: 50%;
      outline: 1.5px solid #20272a;
    }
    button:focus-visible {
      outline: 3px solid var(--spruce);
    }
    .turn {
      width: 16px;
      height: 16px;
      background: #cf4a22;
      border-radius: 3px;
      rotate: 45deg;
      cursor: grab;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GradientStopsComponent {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  readonly shown = computed(() => {
    const sheet = this.session.shownSheet();
    const fill = sheet?.background;
    if (!sheet || fill?.type !== 'gradient' || this.session.selectedItems().length > 0) return null;
    const run = this.run(fill);
    const matrix = this.viewport.matrix();
    const [from, to] = [apply(matrix, run.from), apply(matrix, run.to)];
    // The ends lie in the corners of the sheet: its ring stands a little inside.
    const at = (share: number): Point => ({ x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share });
    const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
    return {
      ...{ from, to },
      isStraight: fill.kind === 'linear',
      end: at(1 - 34 / length),
      stops: fill.stops.map((stop) => ({
        ...at(stop.at),
        colour: this.session.colourOf(stop.colour),
        percent: Math.round(stop.at * 100),
      })),
    };
  });

  /** In px of the sheet; the ground is one px larger than the sheet on each side. */
  private run(fill: GradientFill) {
    const { width, height } = this.session.context().sheet;
    const { from, to } = gradientRun(fill, width + 2, height + 2);
    return { from: { x: from.x - 1, y: from.y - 1 }, to: { x: to.x - 1, y: to.y - 1 } };
  }

  /** @param index - of a colour; null for the direction. */
  drag(event: PointerEvent, index: number | null): void {
    event.stopPropagation();
    const button = event.currentTarget as HTMLElement;
    button.setPointerCapture(event.pointerId);
    let last: Edit | null = null;
    button.onpointermove = (move) => {
      const { left, top } = this.host.nativeElement.getBoundingClientRect();
      last = this.editAt(index, apply(invert(this.viewport.matrix()), { x: move.clientX - left, y: move.clientY - top }));
      this.session.preview(last);
    };
    button.onpointerup = button.onpointercancel = () => {
      button.onpointermove = button.onpointerup = button.onpointercancel = null;
      if (last) this.session.commit(last);
    };
  }

  onKey(event: KeyboardEvent, index: number | null): void {
    const step = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    const fill = this.session.sheet()?.background;
    if (!step || fill?.type !== 'gradient') return;
    event.preventDefault();
    event.stopPropagation();
    const by = step * (event.shiftKey ? 10 : 1);
    const next =
      index === null ? { ...fill, angle: (fill.angle ?? 90) + by } : withStop(fill, index, fill.stops[index]!.at + by / 100);
    this.session.commitAgain(this.edit(next, index));
  }

  private editAt(index: number | null, at: Point): Edit | null {
    const fill = this.session.sheet()?.background;
    if (fill?.type !== 'gradient') return null;
    const { from, to } = this.run(fill);
    if (index === null) {
      const { width, height } = this.session.context().sheet;
      const angle = Math.round((Math.atan2(at.y - height / 2, at.x - width / 2) * 180) / Math.PI);
      return this.edit({ ...fill, angle }, index);
    }
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    const share =
      fill.kind === 'radial'
        ? Math.hypot(at.x - from.x, at.y - from.y) / Math.hypot(dx, dy)
        : ((at.x - from.x) * dx + (at.y - from.y) * dy) / (dx * dx + dy * dy);
    return this.edit(withStop(fill, index, share), index);
  }

  private edit(background: GradientFill, index: number | null): Edit {
    const name = index === null ? 'Turn the gradient' : 'Move a colour of the gradient';
    return changeSheet(this.session.context().sheet, { background }, name);
  }
}

function withStop(fill: GradientFill, index: number, at: number): GradientFill {
  const share = Math.min(1, Math.max(0, Math.round(at * 1000) / 1000));
  return { ...fill, stops: fill.stops.map((stop, i) => (i === index ? { ...stop, at: share } : stop)) };
}
