import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { changeItem, type Colour, type Edit, type Opening } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../interface/colour-field.component';
import { EditorSession } from '../session';

/** The colours of a piece of artwork, each exchanged by a swatch. */
@Component({
  selector: 'ka-drawing-colours',
  imports: [ColourFieldComponent],
  template: `
    @for (colour of colours(); track $index) {
      <ka-colour-field
        [label]="colours().length === 1 ? 'Colour' : 'Colour ' + ($index + 1)"
        [value]="colour"
        [swatches]="swatches()"
        (previewed)="session.preview(edit($index, $event))"
        (changed)="session.commit(edit($index, $event))"
      />
    }
  `,
  styleUrl: './panel-section.scss',
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

  edit(index: number, colour: Colour): Edit {
    const opening = this.session.settledOpening() ?? this.opening();
    const { fill } = opening;
    const after = fill.type === 'drawing' ? { fill: { ...fill, colours: fill.colours.with(index, colour) } } : {};
    return changeItem(this.session.context().sheet, opening, after, `Colour ${opening.name}`);
  }
}
