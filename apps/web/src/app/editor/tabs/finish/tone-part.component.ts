import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { autoLevel, lumaHistogram, type Colour, type Pixels, type Tone } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import { SliderFieldComponent, type ChangeHow } from '../../../interface/slider-field.component';
import { FinishEditing } from '../../finish/finish-editing';
import { ToneCurveComponent, type Curve } from './tone-curve.component';

/** What becomes of a tone, and what the step is called. */
export interface ToneChange {
  readonly what: string;
  readonly change: (tone: Tone) => Tone;
  readonly how: ChangeHow;
}

type Amount = 'brightness' | 'contrast' | 'saturation' | 'warmth' | 'tint' | 'fade';

const AMOUNTS: readonly { readonly id: Amount; readonly name: string; readonly least: number }[] = [
  { id: 'brightness', name: 'Brightness', least: -100 },
  { id: 'contrast', name: 'Contrast', least: -100 },
  { id: 'saturation', name: 'Saturation', least: -100 },
  { id: 'warmth', name: 'Warmth', least: -100 },
  { id: 'tint', name: 'Tint', least: -100 },
  { id: 'fade', name: 'Fade', least: 0 },
];
const BLACK_AND_WHITE = { dark: '#000000', light: '#ffffff' };
const TWO_INKS = { dark: '#1d3a4c', light: '#f6e7cf' };

/** The tone of a photo or of a whole sheet: a curve over its histogram, amounts, inks. */
@Component({
  selector: 'ka-tone-part',
  imports: [
    MatButtonModule,
    MatButtonToggleModule,
    ShownToggleDirective,
    SliderFieldComponent,
    ColourFieldComponent,
    ToneCurveComponent,
  ],
  template: `
    @defer (on immediate) {
      <ka-tone-curve [curve]="tone().curve" [histogram]="histogram()" (changed)="setCurve($event.curve, $event.how)" />
    } @placeholder {
      <div class="curve"></div>
    }
    <div class="choices">
      <button matButton="outlined" [disabled]="!pixels()" (click)="level()">Auto level</button>
      <button matButton="outlined" [disabled]="!tone().curve" (click)="setCurve(null, 'commit')">Straight</button>
    </div>
    @if (isLevel()) {
      <p class="hint" role="status">It reaches from black to white already.</p>
    }
    @for (amount of amounts; track amount.id) {
      <ka-slider-field
        [label]="amount.name"
        [least]="amount.least"
        [value]="percent(amount.id)"
        (changed)="set(amount.name, amount.id, $event.value, $event.how)"
      />
    }
    <mat-button-toggle-group multiple class="segments" aria-label="Colours">
      <mat-button-toggle [kaOn]="inks() === 'all'" (change)="useInks(null)">All colours</mat-button-toggle>
      <mat-button-toggle [kaOn]="inks() === 'grey'" (change)="useInks(grey)"> Black and white </mat-button-toggle>
      <mat-button-toggle [kaOn]="inks() === 'two'" (change)="useInks(two)">Two inks</mat-button-toggle>
    </mat-button-toggle-group>
    @if (inks() === 'two') {
      @for (ink of inkNames; track ink) {
        <ka-colour-field
          [label]="ink === 'dark' ? 'Dark ink' : 'Light ink'"
          [value]="tone().inks![ink]"
          [swatches]="editing.swatches()"
          (previewed)="setInk(ink, $event, 'preview')"
          (changed)="setInk(ink, $event, 'commit')"
        />
      }
    }
    <div class="choices">
      <button matButton="outlined" [disabled]="isNeutral()" (click)="emit('Reset the tone', nothing, 'commit')">
        Reset the tone
      </button>
    </div>
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 6px;
    }
    .curve {
      height: 150px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TonePartComponent {
  readonly editing = inject(FinishEditing);
  readonly tone = input.required<Tone>();
  /** What is toned, small; null while it has not arrived. */
  readonly pixels = input.required<Pixels | null>();
  readonly changed = output<ToneChange>();
  readonly amounts = AMOUNTS;
  readonly grey = BLACK_AND_WHITE;
  readonly two = TWO_INKS;
  readonly inkNames = ['dark', 'light'] as const;
  readonly nothing = (): Tone => ({});
  readonly histogram = computed(() => {
    const pixels = this.pixels();
    return pixels ? lumaHistogram(pixels) : null;
  });
  readonly isNeutral = computed(() => Object.keys(this.tone()).length === 0);
  private readonly levelled = computed(() => {
    const pixels = this.pixels();
    return pixels ? autoLevel(pixels) : null;
  });
  readonly isLevel = computed(() => this.pixels() !== null && this.levelled() === null);
  readonly inks = computed(() => {
    const { inks } = this.tone();
    if (!inks) return 'all';
    return inks.dark === BLACK_AND_WHITE.dark && inks.light === BLACK_AND_WHITE.light ? 'grey' : 'two';
  });

  percent(amount: Amount): number {
    return Math.round((this.tone()[amount] ?? 0) * 100);
  }

  set(name: string, amount: Amount, percent: number, how: ChangeHow): void {
    this.emit(
      name,
      ({ [amount]: _before, ...rest }) =>
        percent === 0 ? rest : { ...rest, [amount]: Math.min(1, Math.max(-1, percent / 100)) },
      how,
    );
  }

  setCurve(curve: Curve | null, how: ChangeHow): void {
    this.emit('Curve', ({ curve: _before, ...rest }) => (curve ? { ...rest, curve } : rest), how);
  }

  level(): void {
    const curve = this.levelled();
    if (curve) this.emit('Auto level', (tone) => ({ ...tone, curve }), 'commit');
  }

  useInks(inks: NonNullable<Tone['inks']> | null): void {
    const what = inks === null ? 'All colours' : inks === BLACK_AND_WHITE ? 'Black and white' : 'Two inks';
    this.emit(what, ({ inks: _before, ...rest }) => (inks ? { ...rest, inks } : rest), 'commit');
  }

  setInk(ink: 'dark' | 'light', colour: Colour, how: ChangeHow): void {
    this.emit('Ink', (tone) => ({ ...tone, inks: { ...(tone.inks ?? TWO_INKS), [ink]: colour } }), how);
  }

  emit(what: string, change: (tone: Tone) => Tone, how: ChangeHow): void {
    this.changed.emit({ what, change, how });
  }
}
