import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatSliderModule } from '@angular/material/slider';
import { IconComponent } from './icon.component';
import { NumberFieldComponent } from './number-field.component';

/** How a value is changed: shown only, made a step, or joined to the last step of its kind. */
export type ChangeHow = 'preview' | 'commit' | 'step';

export interface SliderChange {
  readonly value: number;
  readonly how: ChangeHow;
}

/** A number by slider or typed exactly; it goes back to where it began. All values are those that are shown. */
@Component({
  selector: 'ka-slider-field',
  imports: [MatButtonModule, MatSliderModule, NumberFieldComponent, IconComponent],
  template: `
    <span class="name" aria-hidden="true">{{ label() }}</span>
    <mat-slider [min]="least()" [max]="reach()" [step]="step()">
      <input
        matSliderThumb
        [attr.aria-label]="label() + ' slider'"
        [attr.aria-valuetext]="words()"
        [value]="value()"
        (pointerdown)="isHeld = true"
        (input)="emit($event, 'preview')"
        (change)="emit($event, isHeld ? 'commit' : 'step')"
      />
    </mat-slider>
    <ka-number-field
      bare
      [label]="label()"
      [unit]="unit()"
      [dpi]="dpi()"
      [decimals]="decimals()"
      [step]="step()"
      [least]="least()"
      [most]="most()"
      [value]="value()"
      (changed)="changed.emit({ value: $event, how: 'step' })"
    />
    <button
      matButton
      type="button"
      [disabled]="isAtStart()"
      [attr.aria-label]="'Reset ' + label().toLowerCase()"
      (click)="changed.emit({ value: start(), how: 'commit' })"
    >
      <ka-icon name="reset" />
    </button>
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: 74px minmax(0, 1fr) 66px 20px;
      align-items: center;
      gap: 6px;
      min-height: 30px;
    }
    mat-slider {
      /* Its ends reach over what stands beside it. */
      z-index: 1;
      min-width: 0;
      width: calc(100% - 16px);
      /* Material keeps 48 px for a finger; the row gives 30 and lets it reach into its neighbours. */
      margin-block: -9px;
    }
    button {
      display: grid;
      place-items: center;
      width: 20px;
      height: 28px;
      padding: 0;
      --mat-button-text-label-text-color: var(--soft);
      background: none;
      border: 0;
      border-radius: 4px;
      cursor: pointer;
    }
    button:hover {
      --mat-button-text-label-text-color: var(--ink);
    }
    button:disabled {
      visibility: hidden;
    }
    ka-icon {
      scale: 0.72;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SliderFieldComponent {
  readonly label = input.required<string>();
  readonly value = input.required<number>();
  readonly least = input(0);
  /** As far as the slider goes. */
  readonly most = input(100);
  readonly step = input(1);
  readonly unit = input('');
  readonly decimals = input(0);
  readonly dpi = input<number>();
  /** Where it stands when nothing was done. */
  readonly start = input(0);
  readonly changed = output<SliderChange>();
  /** Whether the slider is moved by a pointer: each drag is a step of its own, keys join. */
  isHeld = false;

  readonly isAtStart = computed(() => Math.abs(this.value() - this.start()) < 10 ** -this.decimals() / 2);
  readonly words = computed(() => `${Number(this.value().toFixed(this.decimals()))} ${this.unit()}`.trim());
  /** A value that was typed may lie beyond the end of the slider. */
  readonly reach = computed(() => Math.max(this.most(), this.value()));

  emit(event: Event, how: ChangeHow): void {
    if (how !== 'preview') this.isHeld = false;
    this.changed.emit({ value: (event.target as HTMLInputElement).valueAsNumber, how });
  }
}
