import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Finish } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../interface/colour-field.component';
import { SliderFieldComponent, type ChangeHow } from '../../interface/slider-field.component';
import { FinishEditing } from './finish-editing';
import { FinishPartComponent } from './finish-part.component';
import { LengthSliderComponent } from './length-slider.component';

type Shade = NonNullable<Finish['innerShade']>;

/** The shade along the inner edge, as if the opening was cut out of the sheet. */
@Component({
  selector: 'ka-shade-part',
  imports: [FinishPartComponent, LengthSliderComponent, SliderFieldComponent, ColourFieldComponent],
  template: `
    <ka-finish-part name="Inner shade" [on]="!!shade()" [summary]="summary()" (toggled)="toggle($event)">
      @if (shade(); as inner) {
        <ka-length-slider
          label="Softness"
          [value]="inner.blur"
          [share]="0.12"
          [start]="first()"
          (changed)="set({ blur: $event.value }, $event.how)"
        />
        <ka-slider-field
          label="Strength"
          unit="%"
          [value]="percent(inner.strength)"
          [start]="50"
          (changed)="set({ strength: $event.value / 100 }, $event.how)"
        />
        <ka-colour-field
          bare
          label="Shade colour"
          [value]="inner.colour.slice(0, 7)"
          [swatches]="editing.swatches()"
          (previewed)="set({ colour: $event }, 'preview')"
          (changed)="set({ colour: $event })"
        />
      }
    </ka-finish-part>
  `,
  styleUrl: '../panel/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShadePartComponent {
  readonly editing = inject(FinishEditing);
  readonly shade = computed(() => this.editing.finish().innerShade);
  readonly first = computed(() => Math.round(this.editing.extent() * 0.03));
  readonly summary = computed(() => `${this.percent(this.shade()?.strength ?? 0)} %`);

  percent(share: number): number {
    return Math.round(share * 100);
  }

  toggle(on: boolean): void {
    this.editing.togglePart('innerShade', 'Inner shade', on, { colour: '#20272a', blur: this.first(), strength: 0.5 });
  }

  set(change: Partial<Shade>, how?: ChangeHow): void {
    this.editing.setPart('innerShade', 'Inner shade', change, how);
  }
}
