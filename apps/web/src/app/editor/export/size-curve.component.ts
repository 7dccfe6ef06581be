import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  ElementRef,
  inject,
  input,
  output,
  untracked,
} from '@angular/core';
import { LinearScale, LineController, LineElement, PointElement, type ChartConfiguration } from 'chart.js';
import { BaseChartDirective, provideCharts } from 'ng2-charts';
import { SliderFieldComponent } from '../../interface/slider-field.component';
import { EditorSession } from '../session/session';
import type { PictureSettings } from './export-settings';
import { Exporting } from './exporting';
import { bytesAt, bytesWords, qualityWithin, SizeForecast } from './size-forecast';

/** Larger pictures are not drawn for this alone, px. */
const MOST_FORETOLD = 30e6;

/** Quality against size: how large the file will be, along a curve that the server measures. */
@Component({
  selector: 'ka-size-curve',
  imports: [BaseChartDirective, SliderFieldComponent],
  providers: [provideCharts({ registerables: [LineController, LineElement, PointElement, LinearScale] })],
  template: `
    <div class="curve">
      @if (chart(); as data) {
        <canvas
          baseChart
          type="line"
          role="img"
          [attr.aria-label]="'Size by quality: ' + words()"
          [data]="data"
          [options]="options"
        ></canvas>
      }
      <p role="status">{{ words() }}</p>
    </div>
    <ka-slider-field
      label="Quality"
      [least]="1"
      [most]="100"
      [start]="92"
      [value]="chosen().quality"
      (changed)="change($event.value)"
    />
  `,
  styles: `
    :host {
      display: flex;
      flex-direction: column;
      gap: 6px;
      /* The chart takes its colours from here, since a canvas knows no variables. */
      color: var(--ink);
      border-color: var(--persimmon);
    }
    .curve {
      position: relative;
      height: 92px;
      border-left: 1px solid var(--rule);
      border-bottom: 1px solid var(--rule);
    }
    canvas {
      position: absolute;
      inset: 0;
    }
    p {
      position: absolute;
      top: 0;
      left: 9px;
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SizeCurveComponent {
  private readonly forecast = inject(SizeForecast);
  private readonly exporting = inject(Exporting);
  private readonly session = inject(EditorSession);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly type = input.required<'jpeg' | 'webp'>();
  readonly scale = input.required<number>();
  readonly chosen = input.required<PictureSettings>();
  readonly changed = output<Partial<PictureSettings>>();

  readonly sizes = computed(() => {
    const forecast = this.forecast.forecast();
    return forecast.state === 'known' ? forecast.sizes : null;
  });
  /** What the file will have: the quality asked for, or the best that is small enough. */
  readonly found = computed(() => {
    const [sizes, { quality, mostKb }] = [this.sizes(), this.chosen()];
    return sizes && mostKb !== null ? qualityWithin(sizes, mostKb * 1000, quality) : quality;
  });
  private readonly isForetold = computed(() => {
    const sheet = this.exporting.shown()?.sheet;
    return sheet !== undefined && sheet.width * sheet.height * this.scale() ** 2 <= MOST_FORETOLD;
  });

  readonly words = computed(() => {
    const [forecast, sizes, found] = [this.forecast.forecast(), this.sizes(), this.found()];
    if (!this.isForetold()) return 'How large it is will be known when it is done.';
    if (forecast.state === 'unknown') return `How large it will be is not known. ${forecast.why}`;
    if (!sizes) return 'Being measured…';
    if (found === null) return `Even at the lowest quality it has ${bytesWords(sizes[0]!.bytes)}.`;
    const isMeasured = sizes.some(({ quality }) => quality === found);
    return `Quality ${found}: ${isMeasured ? '' : 'about '}${bytesWords(bytesAt(sizes, found))}`;
  });

  readonly options: ChartConfiguration<'line'>['options'] = {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    events: [],
    layout: { padding: 6 },
    scales: {
      x: { type: 'linear', min: 0, max: 100, display: false },
      y: { type: 'linear', min: 0, display: false },
    },
  };
  readonly chart = computed<ChartConfiguration<'line'>['data'] | null>(() => {
    const [sizes, found] = [this.sizes(), this.found()];
    if (!sizes || !this.isForetold()) return null;
    const style = getComputedStyle(this.host.nativeElement);
    const from = sizes[0]!.quality;
    const line = Array.from({ length: 101 - from }, (_, i) => ({ x: from + i, y: bytesAt(sizes, from + i) }));
    const at = found === null ? [] : [{ x: Math.max(from, found), y: bytesAt(sizes, found) }];
    return {
      datasets: [
        {
          data: at,
          pointRadius: 5,
          pointBorderWidth: 2.5,
          pointBorderColor: style.borderTopColor,
          pointBackgroundColor: style.color,
        },
        { data: line, borderColor: style.color, borderWidth: 2, pointRadius: 0 },
      ],
    };
  });

  constructor() {
    effect(() => {
      // Whatever is on the sheet, and whatever it shows, makes it another file.
      const project = this.session.project();
      const sheet = this.exporting.shown()?.sheet;
      const request = sheet && this.isForetold() ? { sheetId: sheet.id, type: this.type(), scale: this.scale() } : null;
      untracked(() => (project && request ? void this.forecast.ask(request, project) : this.forecast.stop()));
    });
    inject(DestroyRef).onDestroy(() => this.forecast.stop());
  }

  change(quality: number): void {
    this.changed.emit({ quality: Math.round(quality) });
  }
}
