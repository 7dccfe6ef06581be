import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FINISHES, type Colour, type FinishKind, type FinishName } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import { SliderFieldComponent, type ChangeHow } from '../../../interface/slider-field.component';
import { FinishEditing } from '../../finish/finish-editing';
import { FinishPartComponent } from './finish-part.component';
import { LengthSliderComponent } from '../../parts/length-slider.component';

/** A part of a finish that says by its kind what of it can be changed. */
@Component({
  selector: 'ka-kind-part',
  imports: [FinishPartComponent, LengthSliderComponent, SliderFieldComponent, ColourFieldComponent],
  template: `
    <ka-finish-part [name]="kind().name" [on]="!!value()" [summary]="summary()" (toggled)="toggle($event)">
      @if (value(); as now) {
        @for (field of panel().fields; track field.of) {
          @if (field.as === 'share') {
            <ka-slider-field
              unit="%"
              [label]="field.name"
              [value]="percent(now[field.of])"
              [start]="percent(first()[field.of])"
              (changed)="set(field.of, $event.value / 100, $event.how)"
            />
          } @else if (field.as === 'colour') {
            <ka-colour-field
              bare
              [label]="field.name"
              [value]="colour(now[field.of])"
              [swatches]="editing.swatches()"
              (previewed)="set(field.of, $event, 'preview')"
              (changed)="set(field.of, $event)"
            />
          } @else {
            <ka-length-slider
              [label]="field.name"
              [value]="number(now[field.of])"
              [share]="field.as.length.most"
              [start]="number(first()[field.of])"
              (changed)="set(field.of, $event.value, $event.how)"
            />
          }
        }
      }
    </ka-finish-part>
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KindPartComponent {
  readonly editing = inject(FinishEditing);
  /** Of a kind that has a panel. */
  readonly name = input.required<FinishName>();
  // Each kind takes its own values only, and is found by their name.
  readonly kind = computed(() => FINISHES[this.name()] as FinishKind<unknown>);
  readonly panel = computed(() => this.kind().panel!);
  readonly value = computed(() => this.editing.finish()[this.name()] as Readonly<Record<string, unknown>> | undefined);
  readonly first = computed(() => this.panel().first(this.editing.extent()) as Readonly<Record<string, unknown>>);
  /** The first share of it. */
  readonly summary = computed(() => {
    const field = this.panel().fields.find(({ as }) => as === 'share');
    return field ? `${this.percent(this.value()?.[field.of])} %` : '';
  });

  percent(share: unknown): number {
    return Math.round(this.number(share) * 100);
  }

  number(value: unknown): number {
    return typeof value === 'number' ? value : 0;
  }

  /** The field says that it is one. */
  colour(value: unknown): Colour {
    return value as Colour;
  }

  toggle(on: boolean): void {
    this.editing.togglePart(this.name(), this.kind().name, on, this.first() as never);
  }

  set(of: string, value: unknown, how?: ChangeHow): void {
    this.editing.setPart(this.name(), this.kind().name, { [of]: value }, how);
  }
}
