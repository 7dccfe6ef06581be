import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../interface/shown-toggle.directive';
import { changeItem, type Edit, type Fill, type GradientFill, type Opening } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../interface/colour-field.component';
import { EditorSession } from '../session/session';
import { GradientFieldComponent, type GradientChange } from './gradient-field.component';

const FIRST: GradientFill = {
  type: 'gradient',
  kind: 'linear',
  angle: 90,
  stops: [
    { at: 0, colour: '#d9a13f' },
    { at: 1, colour: '#cf4a22' },
  ],
};

/** A colour or a gradient as the fill of an opening. */
@Component({
  selector: 'ka-plain-fill',
  imports: [MatButtonToggleModule, ShownToggleDirective, ColourFieldComponent, GradientFieldComponent],
  template: `
    <mat-button-toggle-group multiple class="segments" aria-label="Fill">
      <mat-button-toggle [kaOn]="kind() === 'colour'" (change)="useColour()">Colour</mat-button-toggle>
      <mat-button-toggle [kaOn]="kind() === 'gradient'" (change)="useGradient()"> Gradient </mat-button-toggle>
    </mat-button-toggle-group>
    @if (gradient(); as fill) {
      <ka-gradient-field [fill]="fill" [swatches]="swatches()" (changed)="apply($event)" />
    } @else {
      <ka-colour-field
        label="Colour"
        [value]="colour()"
        [swatches]="swatches()"
        (previewed)="session.preview(edit({ type: 'colour', colour: $event }))"
        (changed)="session.commit(edit({ type: 'colour', colour: $event }))"
      />
    }
  `,
  styleUrl: './panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlainFillComponent {
  readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();
  readonly swatches = computed(() => this.session.project()?.swatches ?? []);
  readonly kind = computed(() => this.opening().fill.type);
  readonly gradient = computed(() => {
    const { fill } = this.opening();
    return fill.type === 'gradient' ? fill : null;
  });
  readonly colour = computed(() => {
    const { fill } = this.opening();
    return fill.type === 'colour' ? fill.colour : '';
  });

  useColour(): void {
    const [first] = this.gradient()?.stops ?? [];
    if (this.kind() !== 'colour') this.session.commit(this.edit({ type: 'colour', colour: first?.colour ?? { role: 'ink' } }));
  }

  useGradient(): void {
    if (this.kind() !== 'gradient') this.session.commit(this.edit(FIRST));
  }

  apply({ fill, how }: GradientChange): void {
    this.session.applyAs(how, this.edit(fill));
  }

  edit(fill: Fill): Edit {
    const opening = this.session.settledOpening() ?? this.opening();
    return changeItem(this.session.context().sheet, opening, { fill }, `Colour ${opening.name}`);
  }
}
