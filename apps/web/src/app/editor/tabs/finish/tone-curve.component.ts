import {
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { monotoneCurve } from '@kadrosyn/core';
import { Filler, LinearScale, LineController, LineElement, PointElement, type ChartConfiguration } from 'chart.js';
import { BaseChartDirective, provideCharts } from 'ng2-charts';
import type { ChangeHow } from '../../../interface/slider-field.component';
import { movedPoint, STRAIGHT, withoutPoint, withPoint, type Curve } from './curve-points';

export type { Curve } from './curve-points';

/** Points by which the curve is drawn. */
const STEPS = 64;
/** A step of the arrow keys. */
const KEY_STEP = 0.01;

/** The tone curve over the histogram of what it is put on; its points are dragged, or moved by keys. */
@Component({
  selector: 'ka-tone-curve',
  imports: [BaseChartDirective],
  providers: [provideCharts({ registerables: [LineController, LineElement, PointElement, LinearScale, Filler] })],
  template: `
    <div #square class="square" (pointerdown)="begin($event)">
      <canvas
        baseChart
        type="line"
        role="img"
        aria-label="Tone curve over the histogram: dark on the left, light on the right"
        [data]="data()"
        [options]="options"
      ></canvas>
      @for (point of points(); track $index) {
        <button
          type="button"
          [style.left.%]="point.x * 100"
          [style.bottom.%]="point.y * 100"
          [attr.aria-label]="wordsOf($index)"
          (pointerdown)="begin($event, $index)"
          (keydown)="onKey($event, $index)"
        ></button>
      }
    </div>
    <p class="hint">Press on the curve to add a point; Delete takes one away.</p>
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 5px;
      /* The chart takes its two colours from here, since a canvas knows no variables. */
      color: var(--ink);
      border-color: color-mix(in srgb, var(--ink) 24%, transparent);
    }
    .square {
      position: relative;
      height: 150px;
      margin: 5px 6px;
      background: var(--paper);
      border: 1px solid var(--rule);
      touch-action: none;
      cursor: crosshair;
    }
    canvas {
      position: absolute;
      inset: 0;
      pointer-events: none;
    }
    button {
      position: absolute;
      width: 14px;
      height: 14px;
      padding: 0;
      translate: -50% 50%;
      background: var(--paper);
      border: 2.5px solid var(--ink);
      border-radius: 50%;
      cursor: move;
      touch-action: none;
    }
    button::before {
      content: '';
      position: absolute;
      inset: -8px;
    }
    .hint {
      font-size: 13px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToneCurveComponent {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly square = viewChild.required<ElementRef<HTMLElement>>('square');
  readonly curve = input<Curve | undefined>();
  /** Counts of 256 steps of luma. */
  readonly histogram = input<Uint32Array | null>(null);
  readonly changed = output<{ readonly curve: Curve; readonly how: ChangeHow }>();
  /** While a point is dragged, where it is. */
  private readonly dragged = signal<Curve | null>(null);
  readonly points = computed(() => this.dragged() ?? this.curve() ?? STRAIGHT);

  readonly options: ChartConfiguration<'line'>['options'] = {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    events: [],
    scales: {
      x: { type: 'linear', min: 0, max: 1, display: false },
      y: { type: 'linear', min: 0, max: 1, display: false },
    },
    elements: { point: { radius: 0 } },
  };

  readonly data = computed<ChartConfiguration<'line'>['data']>(() => {
    const [points, histogram] = [this.points(), this.histogram()];
    const style = getComputedStyle(this.host.nativeElement);
    const at = monotoneCurve(points);
    const line = Array.from({ length: STEPS + 1 }, (_, i) => ({ x: i / STEPS, y: at(i / STEPS) }));
    return {
      datasets: [
        { data: line, borderColor: style.color, borderWidth: 2, order: 0 },
        {
          data: histogram ? heights(histogram) : [],
          borderWidth: 0,
          backgroundColor: style.borderTopColor,
          fill: 'origin',
          order: 1,
        },
      ],
    };
  });

  wordsOf(index: number): string {
    const { x, y } = this.points()[index]!;
    return `Point ${index + 1} of the curve: ${Math.round(x * 100)} % becomes ${Math.round(y * 100)} %`;
  }

  /** Takes hold of a point, or makes one where the curve is pressed. */
  begin(event: PointerEvent, index?: number): void {
    event.stopPropagation();
    if (event.button !== 0) return;
    const at = this.at(event);
    const added = index === undefined ? withPoint(this.points(), at.x, at.y) : { curve: this.points(), index };
    if (!added) return;
    const target = this.square().nativeElement;
    target.setPointerCapture(event.pointerId);
    this.show(added.curve);
    target.onpointermove = (move) => {
      const { x, y } = this.at(move);
      this.show(movedPoint(added.curve, added.index, x, y));
    };
    target.onpointerup = target.onpointercancel = (end) => {
      target.onpointermove = target.onpointerup = target.onpointercancel = null;
      const curve = this.dragged();
      this.dragged.set(null);
      if (curve && end.type === 'pointerup') this.changed.emit({ curve, how: 'commit' });
      else this.changed.emit({ curve: this.curve() ?? STRAIGHT, how: 'preview' });
    };
  }

  onKey(event: KeyboardEvent, index: number): void {
    const { x, y } = this.points()[index]!;
    const by = KEY_STEP * (event.shiftKey ? 10 : 1);
    const moves: Record<string, readonly [number, number]> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, by],
      ArrowDown: [0, -by],
    };
    const move = moves[event.key];
    const isDelete = event.key === 'Delete' || event.key === 'Backspace';
    if (!move && !isDelete) return;
    event.preventDefault();
    event.stopPropagation();
    const curve = move ? movedPoint(this.points(), index, x + move[0], y + move[1]) : withoutPoint(this.points(), index);
    this.changed.emit({ curve, how: 'step' });
  }

  private show(curve: Curve): void {
    this.dragged.set(curve);
    this.changed.emit({ curve, how: 'preview' });
  }

  private at(event: PointerEvent): { x: number; y: number } {
    const { left, top, width, height } = this.square().nativeElement.getBoundingClientRect();
    return { x: (event.clientX - left) / width, y: 1 - (event.clientY - top) / height };
  }
}

/** The histogram in 64 columns as high as the square root of their share, so that small ones are seen. */
function heights(histogram: Uint32Array): { x: number; y: number }[] {
  const columns = Array.from({ length: 64 }, (_, i) =>
    histogram.subarray(i * 4, i * 4 + 4).reduce((sum, count) => sum + count, 0),
  );
  const most = Math.max(1, ...columns);
  return columns.map((count, i) => ({ x: (i + 0.5) / 64, y: Math.sqrt(count / most) * 0.92 }));
}
