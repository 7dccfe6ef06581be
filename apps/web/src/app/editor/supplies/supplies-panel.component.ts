import { ChangeDetectionStrategy, Component, computed, effect, inject, output, signal } from '@angular/core';
import { MatTabsModule } from '@angular/material/tabs';
import { MatInputModule } from '@angular/material/input';
import type { Sheet } from '@kadrosyn/core';
import { Arrivals } from '../session/arrivals';
import { EditorSession } from '../session/session';
import { ArtworkSuppliesComponent } from './artwork-supplies.component';
import { ItemAdder } from './item-adder';
import { LetteringSuppliesComponent } from './lettering-supplies.component';
import { LibrarySuppliesComponent } from './library-supplies.component';
import { MockupSuppliesComponent } from './mockup-supplies.component';
import { PhotoCare } from './photo-care';
import { PhotoSuppliesComponent } from './photo-supplies.component';
import { ShapeSuppliesComponent } from './shape-supplies.component';

const TABS = [
  { id: 'photos', name: 'Photos', search: 'Search photos' },
  { id: 'shapes', name: 'Shapes', search: 'Search shapes' },
  { id: 'lettering', name: 'Lettering', search: '' },
  { id: 'artwork', name: 'Artwork', search: 'Search artwork' },
  { id: 'mockups', name: 'Mockups', search: 'Search mockups' },
] as const;

type SuppliesTab = (typeof TABS)[number]['id'];

/** What can be put on the sheet: a click puts it into the selected opening or on the sheet, a drag anywhere. */
@Component({
  selector: 'ka-supplies-panel',
  imports: [
    MatTabsModule,
    MatInputModule,
    PhotoSuppliesComponent,
    LibrarySuppliesComponent,
    ShapeSuppliesComponent,
    LetteringSuppliesComponent,
    ArtworkSuppliesComponent,
    MockupSuppliesComponent,
  ],
  providers: [ItemAdder, PhotoCare],
  templateUrl: './supplies-panel.component.html',
  styleUrl: './supplies-panel.component.scss',
  // A click beside the supplies is one in them.
  host: { tabindex: '-1', '(pointerdown)': 'onPress()', '(click)': 'onClick($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SuppliesPanelComponent {
  private readonly session = inject(EditorSession);
  private readonly arrivals = inject(Arrivals);
  private before: Sheet | null = null;
  /** Files for the supplies. */
  readonly filesChosen = output<File[]>();
  readonly artworkChosen = output<File[]>();
  readonly drawWanted = output();
  readonly drawingWanted = output();
  /** Something of them was put on the sheet by the pointer: what comes next is for it. */
  readonly used = output();
  readonly tabs = TABS;
  readonly tab = signal<SuppliesTab>('photos');
  /** The photos tab shows the picture library instead of one's own photos. */
  readonly inLibrary = signal(false);
  readonly search = signal('');
  readonly searchWord = computed(() =>
    this.tab() === 'photos' && this.inLibrary() ? 'Search the library' : TABS.find(({ id }) => id === this.tab())!.search,
  );

  constructor() {
    // Where a photo was added that is here already, it is shown.
    effect(() => {
      if (!this.arrivals.foundAgain()) return;
      this.tab.set('photos');
      this.inLibrary.set(false);
      this.search.set('');
    });
  }

  onPress(): void {
    this.before = this.session.sheet();
  }

  /** Keys, whose clicks have no count, stay where they are: one goes on from there. */
  onClick({ detail }: MouseEvent): void {
    if (detail > 0 && this.session.sheet() !== this.before) this.used.emit();
  }

  show(tab: SuppliesTab): void {
    if (tab === this.tab()) return;
    this.tab.set(tab);
    // What is looked for in one kind means nothing in another.
    this.search.set('');
  }

  showLibrary(shown: boolean): void {
    this.inLibrary.set(shown);
    this.search.set('');
  }
}
