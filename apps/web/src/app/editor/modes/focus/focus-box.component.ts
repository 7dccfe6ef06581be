import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, viewChild, afterNextRender } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import {
  apply,
  boxMatrix,
  cornersOf,
  invert,
  placedPhoto,
  placementMatrix,
  type Bounds,
  type Point,
  fromLayout,
  layoutPoint,
  multiply,
} from '@kadrosyn/core';
import { FocusEditing } from './focus-editing';
import { EditorSession } from '../../session/session';
import type { StageOverlay } from '../stage-mode';
import { Viewport } from '../../stage/viewport';

const CORNERS = [
  { x: 0, y: 0, name: 'Upper left corner' },
  { x: 1, y: 0, name: 'Upper right corner' },
  { x: 1, y: 1, name: 'Lower right corner' },
  { x: 0, y: 1, name: 'Lower left corner' },
];

/** The box of the focus over the sheet: it is moved, stretched by its corners, and by arrow keys (Shift stretches). */
@Component({
  selector: 'ka-focus-box',
  imports: [MatButtonModule],
  template: `
    @if (shown(); as drawn) {
      <svg (pointerdown)="$event.stopPropagation()">
        <path class="veil" fill-rule="evenodd" [attr.d]="drawn.veil" />
        <path class="box" data-focus [attr.d]="drawn.path" (pointerdown)="drag($event, null)" />
        @for (corner of drawn.corners; track corner.index) {
          <circle r="14" class="reach" [attr.cx]="corner.x" [attr.cy]="corner.y" (pointerdown)="drag($event, corner.index)" />
          <rect x="-5" y="-5" width="10" height="10" [attr.transform]="'translate(' + corner.x + ' ' + corner.y + ')'" />
        }
      </svg>
    }
    <p class="ka-stage-hint" role="status">
      What every fit keeps in sight. Drag the box or its corners; arrow keys move it, with Shift they stretch it.
      <button matButton="filled" #done (click)="editing.finish()">Done</button>
      <button matButton="outlined" (click)="editing.cancel()">Cancel</button>
    </p>
  `,
  styles: `
    :host,
    svg {
      position: absolute;
      inset: 0;
      width: 100%;
      height: 100%;
    }
    svg {
      touch-action: none;
    }
    .veil {
      fill: rgb(32 39 42 / 45%);
    }
    .box {
      fill: transparent;
      stroke: #fbf8f1;
      stroke-width: 2;
      stroke-dasharray: 2 4;
      stroke-linecap: round;
      cursor: move;
    }
    .reach {
      fill: transparent;
      cursor: crosshair;
    }
    rect {
      fill: #cf4a22;
      stroke: #fbf8f1;
      stroke-width: 1.5;
      pointer-events: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FocusBoxComponent implements StageOverlay {
  readonly editing = inject(FocusEditing);
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly done = viewChild.required<ElementRef<HTMLButtonElement>>('done');

  /** The photo, and its px as they lie on the stage, css px. */
  private readonly frame = computed(() => {
    const opening = this.session.selectedOpening();
    const placed = opening && placedPhoto(opening, this.session.context());
    if (!opening || !placed) return null;
    const { photo, placement } = placed;
    const [toLayout, toStage] = [placementMatrix(placement, photo), multiply(this.viewport.matrix(), boxMatrix(opening.box))];
    return {
      photo,
      // Of four corners what lies beyond the horizon is not seen.
      onStage: (p: Point): Point | null => {
        const inBox = fromLayout(opening, apply(toLayout, p));
        return inBox && apply(toStage, inBox);
      },
      onPhoto: (p: Point): Point => apply(invert(toLayout), layoutPoint(opening, apply(invert(toStage), p))),
    };
  });

  readonly shown = computed(() => {
    const [frame, box] = [this.frame(), this.editing.box()];
    if (!frame || !box) return null;
    const onStage = (part: Bounds) =>
      cornersOf(part).flatMap((p, index) => {
        const at = frame.onStage(p);
        return at ? [{ ...at, index }] : [];
      });
    const corners = onStage(box);
    const path = pathOf(corners);
    const whole = onStage({ x: 0, y: 0, width: frame.photo.width, height: frame.photo.height });
    return { corners, path, veil: pathOf(whole) + path };
  });

  constructor() {
    afterNextRender(() => this.done().nativeElement.focus({ preventScroll: true }));
  }

  /** @param corner - index of the corner that is dragged; null for all of the box. */
  drag(event: PointerEvent, corner: number | null): void {
    const [frame, start] = [this.frame(), this.editing.box()];
    const target = event.currentTarget as SVGElement;
    if (!frame || !start) return;
    target.setPointerCapture(event.pointerId);
    const at = (from: PointerEvent): Point => {
      const { left, top } = this.host.nativeElement.getBoundingClientRect();
      return frame.onPhoto({ x: from.clientX - left, y: from.clientY - top });
    };
    const from = at(event);
    target.onpointermove = (move) => {
      const to = at(move);
      this.editing.set(changed(start, corner, to.x - from.x, to.y - from.y), frame.photo);
    };
    target.onpointerup = target.onpointercancel = () => (target.onpointermove = null);
  }

  /** Arrow keys move the box, with Shift they stretch it. */
  onModeKey(event: KeyboardEvent): boolean {
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    const [frame, box] = [this.frame(), this.editing.box()];
    if (!step || !frame || !box) return false;
    const by = Math.max(frame.photo.width, frame.photo.height) / 100;
    this.editing.set(changed(box, event.shiftKey ? 2 : null, step[0]! * by, step[1]! * by), frame.photo);
    return true;
  }
}

function changed(box: Bounds, corner: number | null, dx: number, dy: number): Bounds {
  if (corner === null) return { ...box, x: box.x + dx, y: box.y + dy };
  const { x, y } = CORNERS[corner]!;
  return {
    x: x === 0 ? box.x + dx : box.x,
    y: y === 0 ? box.y + dy : box.y,
    width: box.width + (x === 0 ? -dx : dx),
    height: box.height + (y === 0 ? -dy : dy),
  };
}

function pathOf(points: readonly Point[]): string {
  return `M${points.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
}
