import type { ElementRef } from '@angular/core';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, viewChild } from '@angular/core';
import { apply, boxCentre, type Point } from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { HeldCorner } from './held-corner';
import { Viewport } from './viewport';

/** Across, css px; how much larger the picture is in it; how far its middle stands from the corner. */
const [SIZE, LARGER, AWAY] = [136, 4, 84];

/** The place of a corner that is being moved, shown large beside it. */
@Component({
  selector: 'ka-corner-loupe',
  template: `
    @if (place(); as at) {
      <div [style.left.px]="at.x" [style.top.px]="at.y">
        <canvas #large aria-hidden="true"></canvas>
        <svg viewBox="-68 -68 136 136" aria-hidden="true">
          <path class="under" d="M-68 0H-6M6 0H68M0 -68V-6M0 6V68" />
          <path class="over" d="M-68 0H-6M6 0H68M0 -68V-6M0 6V68" />
        </svg>
      </div>
    }
  `,
  styles: `
    :host {
      position: absolute;
      inset: 0;
      overflow: hidden;
      pointer-events: none;
    }
    div {
      position: absolute;
      width: 136px;
      height: 136px;
      translate: -50% -50%;
      border: 2px solid #ffffff;
      border-radius: 10px;
      overflow: hidden;
      background: var(--mat);
      box-shadow: 0 0 0 1.5px #20272a;
    }
    canvas,
    svg {
      position: absolute;
      inset: 0;
      width: 100%;
      height: 100%;
    }
    path {
      fill: none;
    }
    .under {
      stroke: #ffffff;
      stroke-width: 3;
    }
    .over {
      stroke: #20272a;
      stroke-width: 1;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CornerLoupeComponent {
  /** The canvas that shows the sheet. */
  readonly picture = input.required<HTMLCanvasElement>();
  private readonly held = inject(HeldCorner);
  private readonly viewport = inject(Viewport);
  private readonly session = inject(EditorSession);
  private readonly large = viewChild<ElementRef<HTMLCanvasElement>>('large');

  /** The corner, css px of the stage. */
  private readonly corner = computed<Point | null>(() => {
    const at = this.held.at();
    return at && apply(this.viewport.matrix(), at);
  });

  /** Beside the corner, where it covers nothing of the opening, and on the stage. */
  readonly place = computed<Point | null>(() => {
    const [corner, opening, { width, height }] = [this.corner(), this.session.selectedOpening(), this.viewport.size()];
    if (!corner || !opening) return null;
    const middle = apply(this.viewport.matrix(), boxCentre(opening.box));
    const [dx, dy] = [Math.sign(corner.x - middle.x) || 1, Math.sign(corner.y - middle.y) || 1];
    const within = (value: number, most: number): number => Math.max(SIZE / 2 + 4, Math.min(value, most - SIZE / 2 - 4));
    return { x: within(corner.x + dx * AWAY, width), y: within(corner.y + dy * AWAY, height) };
  });

  constructor() {
    effect((onCleanup) => {
      this.session.shownSheet();
      const [corner, large] = [this.corner(), this.large()];
      if (!corner || !large) return;
      // The sheet is painted in the next frame; what that shows is copied in the one after it.
      let frame = requestAnimationFrame(() => {
        frame = requestAnimationFrame(() => this.copy(large.nativeElement, corner));
      });
      onCleanup(() => cancelAnimationFrame(frame));
    });
  }

  private copy(large: HTMLCanvasElement, { x, y }: Point): void {
    const ratio = this.viewport.pixelRatio();
    large.width = large.height = Math.round(SIZE * ratio);
    const draw = large.getContext('2d');
    if (!draw) return;
    const side = (SIZE / LARGER) * ratio;
    draw.imageSmoothingEnabled = false;
    draw.drawImage(this.picture(), x * ratio - side / 2, y * ratio - side / 2, side, side, 0, 0, large.width, large.height);
  }
}
