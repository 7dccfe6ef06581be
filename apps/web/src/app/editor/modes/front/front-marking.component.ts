import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatSliderModule } from '@angular/material/slider';
import type { CutoutMark, Point } from '@kadrosyn/core';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { Viewport } from '../../stage/viewport';
import { formOnStage, placesOnStage } from '../area/form-on-stage';
import type { StageOverlay } from '../stage-mode';
import { FrontMarking } from './front-marking';

/** Points of a stroke lie at least so far apart, css px. */
const STEP = 4;
/** Arrow keys move the brush by this share of the photo, with Shift by more. */
const [NEAR, FAR] = [0.005, 0.03];

const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** Lies over the stage while it is said what stands in front of an area. */
@Component({
  selector: 'ka-front-marking',
  imports: [MatSliderModule, MatButtonModule, MatButtonToggleModule, ShownToggleDirective],
  template: `
    <svg
      data-front-marking
      tabindex="0"
      role="application"
      aria-label="Brush: arrow keys move it, Enter dabs"
      (pointerdown)="begin($event)"
      (pointermove)="draw($event)"
      (pointerup)="finish($event)"
      (pointercancel)="stroke.set(null)"
      (pointerleave)="at.set(null)"
    >
      @if (outline(); as d) {
        <path class="under" [attr.d]="d" />
        <path class="form" [attr.d]="d" />
      }
      @for (line of lines(); track $index) {
        <polyline [class.front]="line.isFront" [attr.points]="line.points" [attr.stroke-width]="line.width" />
      }
      @if (brush(); as place) {
        <circle class="under" [attr.cx]="place.x" [attr.cy]="place.y" [attr.r]="size() / 2" />
        <circle [attr.cx]="place.x" [attr.cy]="place.y" [attr.r]="size() / 2" />
      }
    </svg>
    <div class="ka-stage-hint" role="group" aria-label="What stands in front">
      <mat-button-toggle-group multiple class="segments" aria-label="What strokes say">
        <mat-button-toggle [kaOn]="marking.isFront()" (change)="marking.isFront.set(true)"> This is in front </mat-button-toggle>
        <mat-button-toggle [kaOn]="!marking.isFront()" (change)="marking.isFront.set(false)"> This is not </mat-button-toggle>
      </mat-button-toggle-group>
      <label>
        Width
        <mat-slider [min]="2" [max]="marking.mostWidth()">
          <input
            matSliderThumb
            [value]="marking.width()"
            [attr.aria-valuetext]="marking.width() + ' px of the photo'"
            (input)="marking.setWidth($any($event.target).valueAsNumber)"
          />
        </mat-slider>
      </label>
      <span class="looking" role="status">{{ marking.isLooking() ? 'Looking…' : '' }}</span>
      <button matButton="outlined" [disabled]="marking.marks().length === 0" (click)="marking.clear()">Clear</button>
      <button matButton="filled" (click)="marking.end()">Done</button>
    </div>
  `,
  styleUrl: './front-marking.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FrontMarkingComponent implements StageOverlay {
  readonly marking = inject(FrontMarking);
  private readonly viewport = inject(Viewport);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  /** The stroke that follows the pointer, px of the photo. */
  readonly stroke = signal<readonly Point[] | null>(null);
  /** Where the pointer is, css px of the stage. */
  readonly at = signal<Point | null>(null);
  /** Where arrow keys have led, px of the photo; null while the pointer paints. */
  private readonly place = signal<Point | null>(null);

  /** css px of the stage for one px of the photo, about the middle of the area. */
  private readonly scale = computed(() => {
    const middle = this.middle();
    const [a, b] = this.onStage([middle, { x: middle.x + 1, y: middle.y }]);
    return a && b ? Math.hypot(b.x - a.x, b.y - a.y) : 1;
  });
  readonly size = computed(() => this.marking.width() * this.scale());
  readonly outline = computed(() => {
    const [lying, toSheet] = [this.marking.lying(), this.marking.toSheet()];
    return lying && toSheet ? formOnStage(lying.area.form, toSheet, this.viewport.matrix()) : null;
  });
  readonly brush = computed(() => {
    const place = this.place();
    return place ? this.onStage([place])[0] : this.at();
  });
  readonly lines = computed(() => {
    const stroke = this.stroke();
    const drawn: CutoutMark[] = stroke ? [this.asMark(stroke)] : [];
    return [...this.marking.waiting(), ...drawn].map(({ kind, points, width = 1 }) => ({
      isFront: kind === 'keep',
      width: width * this.scale(),
      points: this.onStage(pairs(points))
        .map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`)
        .join(' '),
    }));
  });

  begin(event: PointerEvent): void {
    if (event.button !== 0) return;
    event.preventDefault();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.place.set(null);
    const place = this.onPhoto(event);
    if (place) this.stroke.set([place]);
  }

  draw(event: PointerEvent): void {
    const at = this.ofStage(event);
    this.place.set(null);
    this.at.set(at);
    const [stroke, place] = [this.stroke(), this.onPhoto(event)];
    if (!stroke || !place) return;
    const last = stroke.at(-1)!;
    if (Math.hypot(place.x - last.x, place.y - last.y) * this.scale() >= STEP) this.stroke.set([...stroke, place]);
  }

  finish(event: PointerEvent): void {
    const [stroke, place] = [this.stroke(), this.onPhoto(event)];
    this.stroke.set(null);
    if (stroke) this.marking.mark(place && stroke.length > 1 ? [...stroke, place] : stroke);
  }

  onModeKey(event: KeyboardEvent): boolean {
    if (event.ctrlKey || event.metaKey || event.altKey) return false;
    const arrow = event.target instanceof HTMLInputElement ? undefined : ARROWS[event.key];
    if (arrow) return this.onArrow(event, arrow);
    if (event.key === 'Escape') {
      if (this.stroke()) this.stroke.set(null);
      else this.marking.end();
      return true;
    }
    if (event.key !== 'Enter' || event.target instanceof HTMLButtonElement) return false;
    const place = this.place();
    if (place) this.marking.mark([place]);
    return true;
  }

  private onArrow(event: KeyboardEvent, { x, y }: Point): boolean {
    const photo = this.marking.lying()?.photo;
    if (!photo) return false;
    const by = (event.shiftKey ? FAR : NEAR) * Math.max(photo.width, photo.height);
    const from = this.place() ?? this.middle();
    const within = (value: number, most: number): number => Math.max(0, Math.min(most - 1, value));
    // From here on Enter is for the brush and not for a button.
    this.host.nativeElement.querySelector('svg')?.focus();
    this.place.set({ x: within(from.x + x * by, photo.width), y: within(from.y + y * by, photo.height) });
    return true;
  }

  /** Of what lies in the area, px of the photo. */
  private middle(): Point {
    const box = this.marking.opening()?.box;
    const middle = box && this.marking.placeOf({ x: box.x + box.width / 2, y: box.y + box.height / 2 });
    return middle ?? { x: 0, y: 0 };
  }

  private asMark(stroke: readonly Point[]): CutoutMark {
    const points = stroke.flatMap(({ x, y }) => [x, y]);
    return { kind: this.marking.isFront() ? 'keep' : 'leave-out', points, width: this.marking.width() };
  }

  private onStage(points: readonly Point[]): Point[] {
    const toSheet = this.marking.toSheet();
    return toSheet ? placesOnStage(points, toSheet, this.viewport.matrix()) : [];
  }

  private ofStage(event: PointerEvent): Point {
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  }

  private onPhoto(event: PointerEvent): Point | null {
    return this.marking.placeOf(this.viewport.toSheet(this.ofStage(event)));
  }
}

/** A dab is drawn as a line of no length. */
function pairs(flat: readonly number[]): Point[] {
  const points = Array.from({ length: flat.length / 2 }, (_, i) => ({ x: flat[2 * i]!, y: flat[2 * i + 1]! }));
  return points.length === 1 ? [points[0]!, points[0]!] : points;
}
