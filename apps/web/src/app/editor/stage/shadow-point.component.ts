import { ChangeDetectionStrategy, Component, computed, ElementRef, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  apply,
  changeFinish,
  finishOf,
  invert,
  LIGHT_ANGLE,
  outlineBounds,
  turnLight,
  type Edit,
  type Point,
} from '@kadrosyn/core';
import type { ChangeHow } from '../../interface/slider-field.component';
import { EditorSession } from '../session/session';
import { StageView } from './stage-view';
import { Viewport } from './viewport';
import { selectTab } from '../state/editor.selectors';
import { FinishEditing } from '../finish/finish-editing';

/** The point stands this far from the middle when there is no distance, css px: in the middle itself the item is taken hold of. */
const CLEAR = 34;

/** The point of a shadow on the sheet: dragged away from the middle of the item it says where and how far the shadow falls. */
@Component({
  selector: 'ka-shadow-point',
  template: `
    @if (shown(); as point) {
      <svg aria-hidden="true">
        <line class="under" [attr.x1]="point.from.x" [attr.y1]="point.from.y" [attr.x2]="point.to.x" [attr.y2]="point.to.y" />
        <line [attr.x1]="point.from.x" [attr.y1]="point.from.y" [attr.x2]="point.to.x" [attr.y2]="point.to.y" />
        <circle [attr.cx]="point.from.x" [attr.cy]="point.from.y" r="3" />
      </svg>
      <button
        [style.left.px]="point.to.x"
        [style.top.px]="point.to.y"
        [attr.aria-label]="'Shadow: ' + point.words + '. Arrow keys move it.'"
        (pointerdown)="drag($event)"
        (keydown)="onKey($event)"
      ></button>
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
      stroke-dasharray: 4 3;
    }
    .under {
      stroke: #fbf8f1;
      stroke-width: 4;
      stroke-dasharray: none;
    }
    circle {
      fill: #20272a;
      stroke: #fbf8f1;
      stroke-width: 1.5;
    }
    button {
      position: absolute;
      width: 20px;
      height: 20px;
      padding: 0;
      translate: -50% -50%;
      pointer-events: auto;
      touch-action: none;
      cursor: move;
      background: #20272a;
      border: 2.5px solid #fbf8f1;
      border-radius: 50%;
      outline: 1.5px solid #20272a;
    }
    button:focus-visible {
      outline: 3px solid var(--spruce);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShadowPointComponent {
  private readonly session = inject(EditorSession);
  private readonly editing = inject(FinishEditing);
  private readonly viewport = inject(Viewport);
  private readonly view = inject(StageView);
  private readonly tab = inject(Store).selectSignal(selectTab);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  readonly shown = computed(() => {
    const [item] = this.editing.items();
    const [sheet, shaper] = [this.session.shownSheet(), this.session.shaper()];
    if (!item || !sheet || !shaper || this.tab() !== 'finish' || this.view.clean() || this.view.bare()) return null;
    const { shadow } = finishOf(item);
    const bounds = shadow && outlineBounds(item, shaper);
    if (!bounds) return null;
    const middle = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
    const angle = shadow.angle ?? sheet.light?.angle ?? LIGHT_ANGLE;
    const radians = (angle * Math.PI) / 180;
    const away = shadow.distance + CLEAR / this.viewport.zoom();
    const end = { x: middle.x + Math.cos(radians) * away, y: middle.y + Math.sin(radians) * away };
    const matrix = this.viewport.matrix();
    const follows = shadow.angle === undefined ? 'by the light of the sheet' : 'in its own direction';
    const words = `${Math.round(angle)} degrees ${follows}, ${Math.round(shadow.distance)} px away`;
    return { from: apply(matrix, middle), to: apply(matrix, end), middle, end, words };
  });

  drag(event: PointerEvent): void {
    event.stopPropagation();
    event.preventDefault();
    const button = event.currentTarget as HTMLElement;
    button.focus({ preventScroll: true });
    button.setPointerCapture(event.pointerId);
    let last: Point | null = null;
    button.onpointermove = (move) => {
      const { left, top } = this.host.nativeElement.getBoundingClientRect();
      last = apply(invert(this.viewport.matrix()), { x: move.clientX - left, y: move.clientY - top });
      this.put(last, 'preview');
    };
    button.onpointerup = button.onpointercancel = () => {
      button.onpointermove = button.onpointerup = button.onpointercancel = null;
      if (last) this.put(last, 'commit');
    };
  }

  onKey(event: KeyboardEvent): void {
    const by = event.shiftKey ? 10 : 1;
    const moves: Record<string, Point> = {
      ArrowLeft: { x: -by, y: 0 },
      ArrowRight: { x: by, y: 0 },
      ArrowUp: { x: 0, y: -by },
      ArrowDown: { x: 0, y: by },
    };
    const [move, shown] = [moves[event.key], this.shown()];
    if (!move || !shown) return;
    event.preventDefault();
    event.stopPropagation();
    this.put({ x: shown.end.x + move.x, y: shown.end.y + move.y }, 'step');
  }

  private put(at: Point, how: ChangeHow): void {
    const edit = this.editTo(at);
    if (edit) this.session.applyAs(how, edit);
  }

  /** A shadow that follows the light turns the light with it, and so all that follow it. */
  private editTo(at: Point): Edit | null {
    const shown = this.shown();
    if (!shown) return null;
    const { sheet } = this.session.context();
    const by = { x: at.x - shown.middle.x, y: at.y - shown.middle.y };
    const away = Math.hypot(by.x, by.y) - CLEAR / this.viewport.zoom();
    const distance = Math.max(0, Math.round(away * 10) / 10);
    const angle = Math.round((Math.atan2(by.y, by.x) * 1800) / Math.PI + 3600) / 10;
    const items = this.editing.settled();
    const turnsLight = items.some((item) => finishOf(item).shadow && finishOf(item).shadow?.angle === undefined);
    const edit = changeFinish(
      sheet,
      items,
      (finish) => {
        const { shadow } = finish;
        if (!shadow) return finish;
        return { ...finish, shadow: { ...shadow, distance, ...(shadow.angle === undefined ? {} : { angle: angle % 360 }) } };
      },
      `Move the shadow of ${this.editing.name()}`,
    );
    if (!turnsLight) return edit;
    return { ...edit, operations: [...edit.operations, ...turnLight(sheet, angle % 360).operations] };
  }
}
