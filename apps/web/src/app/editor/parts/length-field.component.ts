import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { fromPx, toPx, UNIT_DECIMALS } from '@kadrosyn/core';
import { NumberFieldComponent } from '../../interface/number-field.component';
import { EditorSession } from '../session/session';

/** A length of the sheet: px inside, the project's unit for people. */
@Component({
  selector: 'ka-length-field',
  imports: [NumberFieldComponent],
  template: `
    <ka-number-field
      [label]="label()"
      [unit]="unit()"
      [dpi]="dpi()"
      [decimals]="decimals()"
      [least]="least()"
      [value]="shown()"
      (changed)="changed.emit(px($event))"
    />
  `,
  styles: ':host { display: block; min-width: 0; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LengthFieldComponent {
  private readonly session = inject(EditorSession);
  readonly label = input.required<string>();
  /** px of the sheet. */
  readonly value = input.required<number>();
  /** In the project's unit. */
  readonly least = input(-Infinity);
  /** px of the sheet. */
  readonly changed = output<number>();
  readonly unit = computed(() => this.session.project()?.unit ?? 'px');
  readonly decimals = computed(() => UNIT_DECIMALS[this.unit()]);
  readonly dpi = computed(() => this.session.shownSheet()?.dpi ?? 72);
  readonly shown = computed(() => fromPx(this.value(), this.unit(), this.dpi()));

  px(shown: number): number {
    return toPx(shown, this.unit(), this.dpi());
  }
}
