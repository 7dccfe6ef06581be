import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { LIGHT_ANGLE, lightAngle, turnLight, type Shadow } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import { SliderFieldComponent, type ChangeHow } from '../../../interface/slider-field.component';
import { FinishEditing } from '../../finish/finish-editing';
import { LengthSliderComponent } from '../../parts/length-slider.component';

export interface ShadowChange {
  readonly change: Partial<Shadow>;
  readonly how: ChangeHow;
}

/** What a shadow is set to: by the sheet's light or its own direction, how far, how soft, how strong. */
@Component({
  selector: 'ka-shadow-controls',
  imports: [MatCheckboxModule, LengthSliderComponent, SliderFieldComponent, ColourFieldComponent],
  template: `
    @let cast = shadow();
    <mat-checkbox [checked]="follows()" (change)="followed.emit($event.checked)"> Follows the light of the sheet </mat-checkbox>
    <ka-slider-field
      label="Direction"
      unit="°"
      [least]="0"
      [most]="359"
      [value]="angle()"
      [start]="standard"
      (changed)="turn($event.value, $event.how)"
    />
    <ka-length-slider
      label="Distance"
      [value]="cast.distance"
      [share]="0.1"
      [start]="first().distance"
      (changed)="set({ distance: $event.value }, $event.how)"
    />
    <ka-length-slider
      label="Softness"
      [value]="cast.blur"
      [share]="0.12"
      [start]="first().blur"
      (changed)="set({ blur: $event.value }, $event.how)"
    />
    @if (spreads()) {
      <ka-length-slider
        label="Spread"
        [least]="-editing.side() * 0.02"
        [value]="cast.spread ?? 0"
        [share]="0.05"
        (changed)="set({ spread: $event.value }, $event.how)"
      />
    }
    <ka-slider-field
      label="Strength"
      unit="%"
      [value]="percent(cast.strength)"
      [start]="percent(first().strength)"
      (changed)="set({ strength: $event.value / 100 }, $event.how)"
    />
    <ka-colour-field
      bare
      label="Shadow colour"
      [value]="cast.colour ?? '#20272a'"
      [swatches]="editing.swatches()"
      (previewed)="set({ colour: $event }, 'preview')"
      (changed)="set({ colour: $event }, 'commit')"
    />
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShadowControlsComponent {
  readonly editing = inject(FinishEditing);
  readonly standard = LIGHT_ANGLE;
  readonly shadow = input.required<Shadow>();
  /** What a new one is like: where the values go back to. */
  readonly first = input.required<Shadow>();
  readonly spreads = input(true);
  readonly changed = output<ShadowChange>();
  /** By the light of the sheet from now on, or in its own direction. */
  readonly followed = output<boolean>();
  readonly follows = computed(() => this.shadow().angle === undefined);
  private readonly light = computed(() => lightAngle(this.editing.session.shownSheet()));
  readonly angle = computed(() => (Math.round(this.shadow().angle ?? this.light()) + 360) % 360);

  percent(share: number): number {
    return Math.round(share * 100);
  }

  set(change: Partial<Shadow>, how: ChangeHow): void {
    this.changed.emit({ change, how });
  }

  /** What follows the light turns the light, and with it all other shadows that follow it. */
  turn(angle: number, how: ChangeHow): void {
    if (!this.follows()) return this.set({ angle }, how);
    const { session } = this.editing;
    session.applyAs(how, turnLight(session.context().sheet, angle));
  }
}
