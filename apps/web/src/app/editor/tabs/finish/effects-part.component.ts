import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { EFFECTS, type Colour, type Effect, type EffectName } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import { SliderFieldComponent, type ChangeHow } from '../../../interface/slider-field.component';
import { FinishEditing } from '../../finish/finish-editing';

/** What becomes of the effects, and what the step is called. */
export interface EffectsChange {
  readonly what: string;
  readonly change: (effects: readonly Effect[]) => readonly Effect[];
  readonly how: ChangeHow;
}

const KINDS = Object.entries(EFFECTS).map(([id, { name }]) => ({ id: id as EffectName, name }));
const INK = '#20272a';

/** Effects, each by its strength: none at 0. */
@Component({
  selector: 'ka-effects-part',
  imports: [SliderFieldComponent, ColourFieldComponent],
  template: `
    @for (kind of kinds; track kind.id) {
      <ka-slider-field
        [label]="kind.name"
        unit="%"
        [value]="percent(kind.id)"
        (changed)="set(kind.id, kind.name, $event.value, $event.how)"
      />
    }
    @if (halftone(); as dots) {
      <ka-colour-field
        label="Ink of the dots"
        [value]="dots.ink ?? ink"
        [swatches]="editing.swatches()"
        (previewed)="setInk($event, 'preview')"
        (changed)="setInk($event, 'commit')"
      />
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 6px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EffectsPartComponent {
  readonly editing = inject(FinishEditing);
  readonly effects = input.required<readonly Effect[]>();
  readonly changed = output<EffectsChange>();
  readonly kinds = KINDS;
  readonly ink = INK;
  readonly halftone = computed(() => this.effects().find(({ kind }) => kind === 'halftone'));

  percent(kind: EffectName): number {
    return Math.round((this.effects().find((effect) => effect.kind === kind)?.strength ?? 0) * 100);
  }

  set(kind: EffectName, name: string, percent: number, how: ChangeHow): void {
    this.changed.emit({
      what: name,
      change: (effects) => {
        const before = effects.find((effect) => effect.kind === kind);
        const others = effects.filter((effect) => effect.kind !== kind);
        return percent === 0 ? others : [...others, { ...before, kind, strength: percent / 100 }];
      },
      how,
    });
  }

  setInk(ink: Colour, how: ChangeHow): void {
    this.changed.emit({
      what: 'Ink of the dots',
      change: (effects) => effects.map((effect) => (effect.kind === 'halftone' ? { ...effect, ink } : effect)),
      how,
    });
  }
}
