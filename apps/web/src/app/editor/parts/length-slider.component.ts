import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { SliderFieldComponent, type SliderChange } from '../../interface/slider-field.component';
import { FinishEditing } from '../finish/finish-editing';

/** A length by slider: px of the sheet inside, the project's unit for people. */
@Component({
  selector: 'ka-length-slider',
  imports: [SliderFieldComponent],
  template: `
    @let length = editing.length();
    <ka-slider-field
      [label]="label()"
      [unit]="length.unit"
      [dpi]="length.dpi"
      [decimals]="length.decimals"
      [step]="length.step"
      [least]="shown(least())"
      [most]="shown(reach())"
      [value]="shown(value())"
      [start]="shown(start())"
      (changed)="changed.emit({ value: $event.value / length.factor, how: $event.how })"
    />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LengthSliderComponent {
  readonly editing = inject(FinishEditing);
  readonly label = input.required<string>();
  /** px of the sheet, as all that follow. */
  readonly value = input.required<number>();
  readonly least = input(0);
  /** As far as the slider goes, as a share of the sheet's shorter side. */
  readonly share = input(0.1);
  readonly start = input(0);
  readonly changed = output<SliderChange>();
  readonly reach = computed(() => this.editing.side() * this.share());

  shown(px: number): number {
    const { factor, decimals } = this.editing.length();
    return Number((px * factor).toFixed(decimals));
  }
}
