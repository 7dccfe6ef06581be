import { ChangeDetectionStrategy, Component, ElementRef, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { Point } from '@kadrosyn/core';
import { LevelLine } from './level-line';
import { Viewport } from '../../stage/viewport';

/** Shorter lines are a slip of the hand, css px. */
const SHORTEST = 12;

/** Lies over the stage while a line is drawn along what should be level. */
@Component({
  selector: 'ka-level-line',
  imports: [MatButtonModule],
  template: `
    <svg (pointerdown)="begin($event)" (pointermove)="move($event)" (pointerup)="finish($event)" (pointercancel)="cancel()">
      @if (line(); as drawn) {
        <line class="under" [attr.x1]="drawn.from.x" [attr.y1]="drawn.from.y" [attr.x2]="drawn.to.x" [attr.y2]="drawn.to.y" />
        <line [attr.x1]="drawn.from.x" [attr.y1]="drawn.from.y" [attr.x2]="drawn.to.x" [attr.y2]="drawn.to.y" />
      }
    </svg>
    <p class="ka-stage-hint" role="status">
      Draw a line along what should be level or upright.
      <button matButton="outlined" (click)="level.end()">Cancel</button>
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
      cursor: crosshair;
      touch-action: none;
    }
    line {
      stroke: #cf4a22;
      stroke-width: 2;
    }
    .under {
      stroke: #fbf8f1;
      stroke-width: 4.5;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LevelLineComponent {
  readonly level = inject(LevelLine);
  private readonly viewport = inject(Viewport);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly line = signal<{ readonly from: Point; readonly to: Point } | null>(null);

  begin(event: PointerEvent): void {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    const at = this.at(event);
    this.line.set({ from: at, to: at });
  }

  move(event: PointerEvent): void {
    const drawn = this.line();
    if (drawn) this.line.set({ from: drawn.from, to: this.at(event) });
  }

  finish(event: PointerEvent): void {
    const drawn = this.line();
    this.line.set(null);
    if (!drawn) return;
    const to = this.at(event);
    if (Math.hypot(to.x - drawn.from.x, to.y - drawn.from.y) < SHORTEST) return;
    this.level.finish(this.viewport.toSheet(drawn.from), this.viewport.toSheet(to));
  }

  cancel(): void {
    this.line.set(null);
  }

  private at(event: PointerEvent): Point {
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  }
}
