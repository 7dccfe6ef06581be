import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { RIM_PRESETS, type Colour, type Finish, type Item, type RimPreset, type Sides } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import type { ChangeHow } from '../../../interface/slider-field.component';
import { LengthFieldComponent } from '../../parts/length-field.component';
import { FinishEditing } from '../../finish/finish-editing';
import { FinishPartComponent } from './finish-part.component';
import { LengthSliderComponent } from '../../parts/length-slider.component';

type Rim = NonNullable<Finish['rim']>;

/** The rim inside the edge, as a card or a print has it: by name, even, or with four widths of its own. */
@Component({
  selector: 'ka-rim-part',
  imports: [MatButtonModule, FinishPartComponent, LengthSliderComponent, LengthFieldComponent, ColourFieldComponent],
  template: `
    <ka-finish-part name="Rim" [on]="!!rim()" [summary]="summary()" (toggled)="toggle($event)">
      @if (rim(); as edge) {
        <div class="presets" role="group" aria-label="Kinds of rim">
          @for (preset of presets; track preset.id) {
            <button matButton="outlined" (click)="take(preset)">
              <span class="card" [style.border-width]="previewOf(preset)" aria-hidden="true"></span>
              {{ preset.name }}
            </button>
          }
        </div>
        <ka-length-slider label="All sides" [value]="edge.top" [share]="0.15" (changed)="setAll($event.value, $event.how)" />
        <div class="two">
          @for (side of sides; track side.id) {
            <ka-length-field
              [label]="'Rim ' + side.id"
              [least]="0"
              [value]="edge[side.id]"
              (changed)="setSide(side.id, $event)"
            />
          }
        </div>
        <ka-colour-field
          bare
          label="Rim colour"
          [value]="edge.colour"
          [swatches]="editing.swatches()"
          (previewed)="setColour($event, 'preview')"
          (changed)="setColour($event)"
        />
      }
    </ka-finish-part>
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    .presets {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 7px;
    }
    .presets .mat-mdc-outlined-button {
      justify-content: flex-start;
      padding: 0 8px;
      font-weight: 400;
    }
    .card {
      box-sizing: border-box;
      flex: none;
      width: 22px;
      height: 22px;
      background: var(--spruce);
      border: solid #fff;
      outline: 1px solid color-mix(in srgb, var(--ink) 45%, transparent);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RimPartComponent {
  readonly editing = inject(FinishEditing);
  readonly presets = RIM_PRESETS;
  readonly sides = [{ id: 'top' }, { id: 'right' }, { id: 'bottom' }, { id: 'left' }] as const;
  readonly rim = computed(() => this.editing.finish().rim);
  readonly summary = computed(() => {
    const rim = this.rim();
    if (!rim) return '';
    const { factor, decimals, unit } = this.editing.length();
    const words = [rim.top, rim.right, rim.bottom, rim.left].map((px) => Number((px * factor).toFixed(decimals)));
    return `${new Set(words).size === 1 ? words[0] : words.join(' ')} ${unit}`;
  });

  previewOf({ widths }: RimPreset): string {
    const { top, right, bottom, left } = widths({ width: 42, height: 42 });
    return [top, right, bottom, left].map((px) => `${px}px`).join(' ');
  }

  toggle(on: boolean): void {
    const [card] = RIM_PRESETS;
    this.editing.change(on ? 'Rim' : 'No rim', ({ rim: _before, ...rest }, item) =>
      on && canHaveRim(item) ? { ...rest, rim: { ...card!.widths(item.box), colour: '#ffffff' } } : rest,
    );
  }

  take(preset: RimPreset): void {
    this.change((rim, item) => ({ ...preset.widths(item.box), colour: rim.colour }));
  }

  setAll(px: number, how: ChangeHow): void {
    this.change(({ colour }) => ({ top: px, right: px, bottom: px, left: px, colour }), how);
  }

  setSide(side: keyof Sides<number>, px: number): void {
    this.change((rim) => ({ ...rim, [side]: px }), 'step');
  }

  setColour(colour: Colour, how?: ChangeHow): void {
    this.change((rim) => ({ ...rim, colour }), how);
  }

  private change(change: (rim: Rim, item: RimHost) => Rim, how?: ChangeHow): void {
    const shown = this.rim();
    if (!shown) return;
    this.editing.change(
      'Rim',
      (finish, item) => (canHaveRim(item) ? { ...finish, rim: change(finish.rim ?? shown, item) } : finish),
      how,
    );
  }
}

type RimHost = Extract<Item, { type: 'opening' }>;

/** Letters have no inner frame that a rim could leave. */
function canHaveRim(item: Item): item is RimHost {
  return item.type === 'opening' && item.outline.type !== 'lettering';
}
