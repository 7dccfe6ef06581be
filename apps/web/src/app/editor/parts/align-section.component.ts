import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import {
  alignBy,
  changeOpening,
  columnAt,
  columnsOf,
  itemBounds,
  withinMargins,
  type Alignment,
  type Bounds,
  type Opening,
} from '@kadrosyn/core';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { OwnFaces } from '../../lettering/own-faces';
import { moveEdit, resizeProperties } from '../commands/item-edits';
import { EditorSession } from '../session/session';

/** Where in an area something is to lie. */
export const PLACES: readonly { readonly id: Alignment; readonly name: string }[] = [
  { id: 'left', name: 'Left' },
  { id: 'centre', name: 'Centre' },
  { id: 'right', name: 'Right' },
  { id: 'top', name: 'Top' },
  { id: 'middle', name: 'Middle' },
  { id: 'bottom', name: 'Bottom' },
];

type Area = 'margins' | 'column' | 'sheet';

const WORDS: Readonly<Record<Area, string>> = {
  margins: 'within the margins',
  column: 'within its column',
  sheet: 'on the sheet',
};

/** Aligns what is selected within the margins, its column or the sheet, and makes it as wide or as high as that. */
@Component({
  selector: 'ka-align-section',
  imports: [MatButtonModule, MatInputModule, RovingFocusDirective],
  template: `
    <h3 id="align-name">Place it</h3>
    <mat-form-field>
      <select matNativeControl aria-label="Within" [value]="within()" (change)="chosen.set($any($event.target).value)">
        @for (area of areas(); track area) {
          <option [value]="area" [selected]="area === within()">{{ words[area] }}</option>
        }
      </select>
    </mat-form-field>
    <div class="places" role="group" aria-labelledby="align-name" kaRovingFocus>
      @for (place of places; track place.id) {
        <button matButton="outlined" data-stop [tabIndex]="$first ? 0 : -1" (click)="align(place.id, place.name)">
          {{ place.name }}
        </button>
      }
    </div>
    <div class="places wide">
      <button matButton="outlined" (click)="fit('width')">Fit its width</button>
      <button matButton="outlined" (click)="fit('height')">Fit its height</button>
    </div>
  `,
  styleUrl: './panel-section.scss',
  styles: `
    :host {
      gap: 6px;
    }
    h3 {
      margin: 0;
    }
    .places {
      display: grid;
      grid-template-columns: repeat(3, 1fr);
      gap: 6px;
    }
    .wide {
      grid-template-columns: repeat(2, 1fr);
    }
    .places .mat-mdc-outlined-button {
      min-width: 0;
      justify-content: center;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AlignSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly axesOf = inject(OwnFaces).axesOf;
  readonly opening = input.required<Opening>();
  readonly places = PLACES;
  readonly words = WORDS;
  readonly chosen = signal<Area | null>(null);

  private readonly hasColumns = computed(() => {
    const sheet = this.session.shownSheet();
    return sheet !== null && columnsOf(sheet).length > 1;
  });
  readonly areas = computed<readonly Area[]>(() => (this.hasColumns() ? ['column', 'margins', 'sheet'] : ['margins', 'sheet']));
  readonly within = computed<Area>(() => {
    const chosen = this.chosen();
    return chosen && this.areas().includes(chosen) ? chosen : this.areas()[0]!;
  });

  private area(bounds: Bounds): Bounds {
    const { sheet } = this.session.context();
    if (this.within() === 'column') return columnAt(sheet, bounds.x + bounds.width / 2);
    return this.within() === 'margins' ? withinMargins(sheet) : { x: 0, y: 0, width: sheet.width, height: sheet.height };
  }

  /** The photo goes along, or stays, as the grip says; with the grip on the photo, opening and photo move. */
  align(where: Alignment, name: string): void {
    const context = this.session.context();
    const opening = this.settled();
    const bounds = itemBounds(opening)!;
    const by = alignBy(bounds, this.area(bounds), where);
    if (by.x === 0 && by.y === 0) return;
    const edit = moveEdit(context, opening, this.grip(), by);
    this.session.commit({ ...edit, name: `${name} ${WORDS[this.within()]}: ${opening.name}` });
  }

  /** As wide or as high as the area, proportions kept, and inside it along that axis. */
  fit(side: 'width' | 'height'): void {
    const context = this.session.context();
    const opening = this.settled();
    const bounds = itemBounds(opening)!;
    const area = this.area(bounds);
    const factor = area[side] / bounds[side];
    const { width, height } = opening.box;
    const size = { width: width * factor, height: height * factor, fixed: { x: 0.5, y: 0.5 } };
    const sized = resizeProperties(context, opening, this.grip(), size, this.axesOf);
    const resized = { ...opening, ...sized } as Opening;
    const after = itemBounds(resized)!;
    const by = alignBy(after, area, side === 'width' ? 'centre' : 'middle');
    const box = { ...resized.box, x: resized.box.x + by.x, y: resized.box.y + by.y };
    this.session.commit(
      changeOpening(context.sheet, opening, { ...sized, box }, `Fit ${opening.name} to ${side} ${WORDS[this.within()]}`),
    );
  }

  private grip() {
    const grip = this.session.grip();
    return grip === 'photo' ? ('both' as const) : grip;
  }

  private settled(): Opening {
    return this.session.settledOpening() ?? this.opening();
  }
}
