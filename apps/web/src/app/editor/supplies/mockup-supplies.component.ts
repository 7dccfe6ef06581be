import { ChangeDetectionStrategy, Component, computed, effect, inject, input, untracked } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatTooltipModule } from '@angular/material/tooltip';
import { loosePhoto, photoAt, type Opening, type Photo, type Point } from '@kadrosyn/core';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { SteadyRowDirective } from '../../interface/steady-row.directive';
import { MockupList, type ShownMockup } from '../products/mockup-list';
import { MockupPictures } from '../products/mockup-pictures';
import { sizeOnProduct } from '../products/size-on-product';
import { EditorSession } from '../session/session';
import { ItemAdder } from './item-adder';
import { MockupPictureComponent } from './mockup-picture.component';

/** Photos of products: a click or a drag lays one on the sheet; what is dropped onto it there is printed on it. */
@Component({
  selector: 'ka-mockup-supplies',
  imports: [MatButtonModule, MatTooltipModule, MockupPictureComponent, RovingFocusDirective, SteadyRowDirective],
  template: `
    <div class="row" kaSteadyRow kaRovingFocus role="group" aria-label="Mockups">
      @for (mockup of mockups(); track mockup.entry.photo.id) {
        <button
          matButton
          class="photo"
          data-stop
          [tabIndex]="$first ? 0 : -1"
          [class.here]="here().has(mockup.entry.photo.id)"
          [attr.aria-label]="mockup.name + ', ' + sizes(mockup) + ': lay on the sheet'"
          [matTooltip]="mockup.name + ' · ' + sizes(mockup)"
          (pointerdown)="begin($event, mockup)"
          (click)="click(mockup)"
        >
          <ka-mockup-picture [mockup]="mockup" />
          @if (here().has(mockup.entry.photo.id)) {
            <span class="mark">here</span>
          }
        </button>
      } @empty {
        <p>
          @if (list.fault(); as message) {
            {{ message }} <button matButton="outlined" (click)="list.load()">Try again</button>
          } @else if (search()) {
            No mockup is called that.
          } @else if (list.loaded()) {
            No mockups yet.
          }
        </p>
      }
    </div>
  `,
  styleUrl: './supply-row.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MockupSuppliesComponent {
  private readonly session = inject(EditorSession);
  private readonly adder = inject(ItemAdder);
  private readonly pictures = inject(MockupPictures);
  readonly list = inject(MockupList);
  readonly search = input.required<string>();

  readonly mockups = computed(() => {
    const words = this.search().trim().toLowerCase().split(/\s+/).filter(Boolean);
    return this.list.mockups().filter(({ name, entry }) => {
      const all = `${name} ${entry.photo.name} ${entry.tags.join(' ')}`.toLowerCase();
      return words.every((word) => all.includes(word));
    });
  });

  readonly here = computed(() => new Set(Object.keys(this.session.shownProject()?.photos ?? {})));

  constructor() {
    void this.list.load();
    effect(() => {
      const [mockups, artwork] = [this.list.mockups(), this.pictures.artwork()];
      untracked(() => void this.pictures.draw(mockups.map(withAreas), artwork));
    });
  }

  /** "180 × 65.5 mm" of all its areas that have one. */
  sizes({ areas }: ShownMockup): string {
    return areas
      .flatMap(({ size }) => (size ? [`${sizeOnProduct(size.width)} × ${sizeOnProduct(size.height)} mm`] : []))
      .join(', ');
  }

  click(mockup: ShownMockup): void {
    const photo = withAreas(mockup);
    this.adder.add('mockup', photo.id, this.maker(photo), photo);
  }

  begin(event: PointerEvent, mockup: ShownMockup): void {
    const photo = withAreas(mockup);
    this.adder.begin(event, { kind: 'mockup', id: photo.id, name: mockup.name, make: this.maker(photo), photo });
  }

  /** As large as the sheet allows where nothing lies on it yet, and called by what it is. */
  private maker(photo: Photo): (at: Point) => Opening {
    return (at) => {
      const { sheet } = this.session.context();
      if (sheet.items.length > 0) return loosePhoto(photo, sheet, at);
      const scale = Math.min(sheet.width / photo.width, sheet.height / photo.height);
      return photoAt(photo, { x: sheet.width / 2, y: sheet.height / 2 }, scale);
    };
  }
}

function withAreas({ entry, areas }: ShownMockup): Photo {
  return { ...entry.photo, areas };
}
