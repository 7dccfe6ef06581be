import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, signal } from '@angular/core';
import { MatSliderModule } from '@angular/material/slider';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { apply, type Point } from '@kadrosyn/core';
import { Viewport } from '../../stage/viewport';
import { HandPainting } from './hand-painting';

/** Points of a stroke lie at least so far apart, css px. */
const STEP = 4;

/** Lies over the stage while a crossing is painted by hand. */
@Component({
  selector: 'ka-hand-painting',
  imports: [MatSliderModule, MatButtonModule, MatButtonToggleModule, ShownToggleDirective],
  template: `
    <svg
      (pointerdown)="begin($event)"
      (pointermove)="draw($event)"
      (pointerup)="finish($event)"
      (pointercancel)="stroke.set(null)"
      (pointerleave)="at.set(null)"
    >
      @if (drawn(); as line) {
        <polyline [class.over]="painting.paintsOver()" [attr.points]="line" [attr.stroke-width]="size()" />
      }
      @if (at(); as place) {
        <circle class="under" [attr.cx]="place.x" [attr.cy]="place.y" [attr.r]="size() / 2" />
        <circle [attr.cx]="place.x" [attr.cy]="place.y" [attr.r]="size() / 2" />
      }
    </svg>
    <div class="ka-stage-hint" role="group" aria-label="Paint by hand">
      <mat-button-toggle-group multiple class="segments" aria-label="What is painted">
        <mat-button-toggle [kaOn]="painting.paintsOver()" (change)="painting.paintsOver.set(true)"> Over </mat-button-toggle>
        <mat-button-toggle [kaOn]="!painting.paintsOver()" (change)="painting.paintsOver.set(false)"> Under </mat-button-toggle>
      </mat-button-toggle-group>
      <label>
        Width
        <mat-slider [min]="2" [max]="painting.mostWidth()">
          <input matSliderThumb [value]="painting.width()" (input)="painting.setWidth($any($event.target).valueAsNumber)" />
        </mat-slider>
        {{ painting.width() }} px
      </label>
      <button matButton="outlined" [disabled]="painting.strokeCount() === 0" (click)="painting.takeBack()">Take back</button>
      <button matButton="filled" (click)="painting.end()">Done</button>
    </div>
  `,
  styleUrls: ['../../parts/panel-section.scss', './hand-painting.component.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HandPaintingComponent {
  readonly painting = inject(HandPainting);
  private readonly viewport = inject(Viewport);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly stroke = this.painting.stroke;
  /** Where the pointer is, css px of the stage. */
  readonly at = signal<Point | null>(null);
  readonly size = computed(() => this.painting.width() * this.viewport.zoom());
  readonly drawn = computed(() => {
    const matrix = this.viewport.matrix();
    return this.stroke()
      ?.map((p) => apply(matrix, p))
      .map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`)
      .join(' ');
  });

  begin(event: PointerEvent): void {
    event.preventDefault();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.stroke.set([this.onSheet(event)]);
  }

  draw(event: PointerEvent): void {
    this.at.set(this.onStage(event));
    const stroke = this.stroke();
    if (!stroke) return;
    const [to, last] = [this.onSheet(event), stroke.at(-1)!];
    if (Math.hypot(to.x - last.x, to.y - last.y) * this.viewport.zoom() >= STEP) this.stroke.set([...stroke, to]);
  }

  finish(event: PointerEvent): void {
    const stroke = this.stroke();
    this.stroke.set(null);
    if (stroke) void this.painting.paint([...stroke, this.onSheet(event)]);
  }

  private onStage(event: PointerEvent): Point {
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  }

  private onSheet(event: PointerEvent): Point {
    return this.viewport.toSheet(this.onStage(event));
  }
}
