import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { alignBy, itemBounds, withinMargins, type Alignment, type Opening } from '@kadrosyn/core';
import { moveEdit } from '../commands/item-edits';
import { EditorSession } from '../session';

const PLACES: readonly { readonly id: Alignment; readonly name: string }[] = [
  { id: 'left', name: 'Left' },
  { id: 'centre', name: 'Centre' },
  { id: 'right', name: 'Right' },
  { id: 'top', name: 'Top' },
  { id: 'middle', name: 'Middle' },
  { id: 'bottom', name: 'Bottom' },
];

/** Aligns what is selected on the sheet, within its margins. */
@Component({
  selector: 'ka-align-section',
  template: `
    <h3 id="align-name">On the sheet</h3>
    <div class="places" role="group" aria-labelledby="align-name">
      @for (place of places; track place.id) {
        <button class="ka-button" (click)="align(place.id, place.name)">{{ place.name }}</button>
      }
    </div>
  `,
  styleUrl: './panel-section.scss',
  styles: `
    :host {
      gap: 0;
    }
    .places {
      display: grid;
      grid-template-columns: repeat(3, 1fr);
      gap: 6px;
    }
    .places .ka-button {
      min-width: 0;
      justify-content: center;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AlignSectionComponent {
  private readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();
  readonly places = PLACES;

  /** The photo goes along, or stays, as the grip says; with the grip on the photo, opening and photo move. */
  align(where: Alignment, name: string): void {
    const context = this.session.context();
    const opening = this.session.settledOpening() ?? this.opening();
    const by = alignBy(itemBounds(opening)!, withinMargins(context.sheet), where);
    if (by.x === 0 && by.y === 0) return;
    const grip = this.session.grip();
    const edit = moveEdit(context, opening, grip === 'photo' ? 'both' : grip, by);
    this.session.commit({ ...edit, name: `${name} on the sheet: ${opening.name}` });
  }
}
