import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { changeItem, type Colour, type Edit, type Opening } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import { EditorSession } from '../../session/session';

/** The colours of a piece of artwork, each exchanged by a swatch. */
@Component({
  selector: 'ka-drawing-colours',
  imports: [MatButtonModule, ColourFieldComponent],
  template: `
    @if (isMany()) {
      <div class="dots" role="group" aria-label="Colours of the drawing">
        @for (colour of colours(); track $index) {
          <button
            matButton
            [class.chosen]="$index === chosen()"
            [attr.aria-pressed]="$index === chosen()"
            [attr.aria-label]="'Colour ' + ($index + 1) + ', ' + session.colourOf(colour)"
            [style.background]="session.colourOf(colour)"
            (click)="chosen.set($index)"
          ></button>
        }
      </div>
    }
    @for (colour of colours(); track $index) {
      @if (!isMany() || $index === chosen()) {
        <ka-colour-field
          [label]="colours().length === 1 ? 'Colour' : 'Colour ' + ($index + 1)"
          [value]="colour"
          [swatches]="swatches()"
          (previewed)="session.preview(edit($index, $event))"
          (changed)="session.commit(edit($index, $event))"
        />
      }
    }
  `,
  styleUrls: ['../../parts/panel-section.scss', '../../../interface/swatch-dots.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DrawingColoursComponent {
  readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();
  readonly swatches = computed(() => this.session.project()?.swatches ?? []);
  readonly colours = computed(() => {
    const { fill } = this.opening();
    return fill.type === 'drawing' ? fill.colours : [];
  });
  /** More than can be shown each with all that can be chosen for it: one at a time is. */
  readonly isMany = computed(() => this.colours().length > 3);
  private readonly openingId = computed(() => this.opening().id);
  readonly chosen = linkedSignal({ source: this.openingId, computation: () => 0 });

  edit(index: number, colour: Colour): Edit {
    const opening = this.session.settledOpening() ?? this.opening();
    const { fill } = opening;
    const after = fill.type === 'drawing' ? { fill: { ...fill, colours: fill.colours.with(index, colour) } } : {};
    return changeItem(this.session.context().sheet, opening, after, `Colour ${opening.name}`);
  }
}
