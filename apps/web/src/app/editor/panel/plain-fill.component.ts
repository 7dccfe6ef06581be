import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { changeItem, type Edit, type Fill, type GradientFill, type Opening } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../interface/colour-field.component';
import { NumberFieldComponent } from '../../interface/number-field.component';
import { EditorSession } from '../session';

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
  imports: [ColourFieldComponent, NumberFieldComponent],
  template: `
    <div class="segments" role="group" aria-label="Fill">
      <button [class.on]="kind() === 'colour'" [attr.aria-pressed]="kind() === 'colour'" (click)="useColour()">Colour</button>
      <button [class.on]="kind() === 'gradient'" [attr.aria-pressed]="kind() === 'gradient'" (click)="useGradient()">
        Gradient
      </button>
    </div>
    @if (gradient(); as fill) {
      <ka-colour-field
        label="From"
        [value]="fill.stops[0]!.colour"
        [swatches]="swatches()"
        (previewed)="session.preview(stopEdit(0, $event))"
        (changed)="session.commit(stopEdit(0, $event))"
      />
      <ka-colour-field
        label="To"
        [value]="fill.stops.at(-1)!.colour"
        [swatches]="swatches()"
        (previewed)="session.preview(stopEdit(fill.stops.length - 1, $event))"
        (changed)="session.commit(stopEdit(fill.stops.length - 1, $event))"
      />
      <div class="two">
        @if (fill.kind === 'linear') {
          <ka-number-field label="Direction" unit="°" [value]="fill.angle ?? 90" (changed)="setAngle($event)" />
        }
        <label class="check">
          <input type="checkbox" [checked]="fill.kind === 'radial'" (change)="setRadial($any($event.target).checked)" />
          Round
        </label>
      </div>
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
    if (this.kind() !== 'colour') this.session.commit(this.edit({ type: 'colour', colour: first?.colour ?? '#20272a' }));
  }

  useGradient(): void {
    if (this.kind() !== 'gradient') this.session.commit(this.edit(FIRST));
  }

  stopEdit(index: number, colour: string): Edit {
    const fill = this.gradient() ?? FIRST;
    return this.edit({ ...fill, stops: fill.stops.map((stop, at) => (at === index ? { ...stop, colour } : stop)) });
  }

  setAngle(angle: number): void {
    this.session.commitAgain(this.edit({ ...(this.gradient() ?? FIRST), angle }));
  }

  setRadial(round: boolean): void {
    this.session.commit(this.edit({ ...(this.gradient() ?? FIRST), kind: round ? 'radial' : 'linear' }));
  }

  edit(fill: Fill): Edit {
    const opening = this.session.settledOpening() ?? this.opening();
    return changeItem(this.session.context().sheet, opening, { fill }, `Colour ${opening.name}`);
  }
}
