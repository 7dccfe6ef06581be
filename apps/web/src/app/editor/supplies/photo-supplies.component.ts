import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  input,
  output,
  signal,
  untracked,
} from '@angular/core';
import { MatTooltipModule } from '@angular/material/tooltip';
import { MatProgressBarModule } from '@angular/material/progress-bar';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import { MatMenuModule } from '@angular/material/menu';
import { fillEmptyOpenings, referencesOf } from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { RecentlyUsed } from '../../interface/recently-used';
import { SteadyRowDirective } from '../../interface/steady-row.directive';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { PhotoLibrary, type LibraryPhoto } from '../../photos/photo-library';
import { Arrivals } from '../session/arrivals';
import { Notices } from '../session/notices';
import { PhotoPlacing } from '../session/photo-placing';
import { EditorSession } from '../session/session';
import { MoreMenuDirective } from '../../interface/more-menu.directive';
import { findPhotos, PHOTO_SORTS, type PhotoSort } from './find-photos';
import { Cutting } from '../session/cutting';
import { PhotoCare } from './photo-care';
import { resolutionWords } from './resolution-words';
import { SupplyDrag } from './supply-drag';

/** How long a photo is pointed at, ms. */
const POINTED = 3000;

/** The photos of one's own: a click fills what is selected, a drag goes anywhere, several can be chosen at once. */
@Component({
  selector: 'ka-photo-supplies',
  imports: [
    MatTooltipModule,
    MatProgressBarModule,
    MatButtonModule,
    MatInputModule,
    RovingFocusDirective,
    SteadyRowDirective,
    MoreMenuDirective,
    IconComponent,
    MatMenuModule,
  ],
  templateUrl: './photo-supplies.component.html',
  styleUrls: ['./supply-row.scss', './photo-supplies.component.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotoSuppliesComponent {
  readonly session = inject(EditorSession);
  readonly library = inject(PhotoLibrary);
  private readonly drag = inject(SupplyDrag);
  private readonly placing = inject(PhotoPlacing);
  private readonly recent = inject(RecentlyUsed);
  private readonly notices = inject(Notices);
  private readonly arrivals = inject(Arrivals);
  readonly care = inject(PhotoCare);
  readonly cutting = inject(Cutting);
  readonly search = input.required<string>();
  readonly filesChosen = output<File[]>();
  readonly libraryWanted = output();

  readonly sorts = PHOTO_SORTS;
  readonly sort = signal<PhotoSort>('newest');
  /** Whether clicks choose instead of placing. */
  readonly choosing = signal(false);
  /** Ids in the order in which they were chosen. */
  readonly chosen = signal<readonly string[]>([]);

  /** As it was when that order was chosen: what is used does not jump away. */
  private readonly usedLast = computed(() => (this.sort() === 'recent' ? untracked(() => this.recent.list('photo')) : []));
  readonly photos = computed(() => findPhotos(this.library.photos(), this.search(), this.sort(), this.usedLast()));
  /** A photo that was here already when it was added. */
  readonly pointedAt = signal<string | null>(null);

  constructor() {
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    afterRenderEffect(() => {
      const id = this.arrivals.foundAgain()?.id;
      if (!id || !this.photos().some(({ photo }) => photo.id === id)) return;
      host.querySelector(`[data-photo="${id}"]`)?.scrollIntoView({ block: 'nearest', inline: 'center' });
      this.pointedAt.set(id);
      this.arrivals.foundAgain.set(null);
      setTimeout(() => this.pointedAt.set(null), POINTED);
    });
  }

  /** Photos that the project shows carry a mark. */
  readonly here = computed(() => {
    const project = this.session.shownProject();
    return project ? referencesOf(project).photos : new Set<string>();
  });

  readonly chosenEntries = computed(() =>
    this.chosen()
      .map((id) => this.library.find(id))
      .filter((entry) => entry !== undefined),
  );

  /** The name of a photo's button: what it is, its marks, and what a click would do. */
  label(entry: LibraryPhoto): string {
    const { photo, uploading } = entry;
    const number = this.numberOf(photo.id);
    const marks = [this.here().has(photo.id) ? ', here' : '', uploading === undefined ? '' : `, ${this.uploadWord(uploading)}`];
    if (this.choosing()) return `${photo.name}${marks.join('')}: ${number ? `chosen as number ${number}` : 'choose'}`;
    return `${photo.name}${marks.join('')}: ${this.clickWord()}`;
  }

  /** Its place among those that are chosen, from 1; 0 where it is not. */
  numberOf(id: string): number {
    return this.chosen().indexOf(id) + 1;
  }

  /** Size, and how finely it would fill the sheet. */
  size(entry: LibraryPhoto): string {
    const [sheet, project] = [this.session.sheet(), this.session.project()];
    return sheet && project ? resolutionWords(entry.photo, sheet, project.unit) : '';
  }

  uploadWord(share: number): string {
    if (share < 0) return 'trying again';
    return share < 1 ? `adding ${(share * 100).toFixed(0)} %` : 'storing';
  }

  private clickWord(): string {
    const opening = this.placing.receiving();
    if (!opening) return 'lay on the sheet';
    return opening.fill.type === 'photo' ? `replace the photo in ${opening.name}` : `fill ${opening.name}`;
  }

  click(event: MouseEvent, { photo }: LibraryPhoto): void {
    if (event.ctrlKey || event.metaKey || event.shiftKey) this.choosing.set(true);
    if (!this.choosing()) return this.placing.intoSelected(photo);
    const upTo = event.shiftKey ? this.chosen().at(-1) : undefined;
    if (upTo) this.chooseUpTo(upTo, photo.id);
    else this.toggle(photo.id);
  }

  toggle(id: string): void {
    this.chosen.update((ids) => (ids.includes(id) ? ids.filter((other) => other !== id) : [...ids, id]));
  }

  /** All between the last one chosen and this one, as they stand in the row. */
  private chooseUpTo(from: string, to: string): void {
    const ids = this.photos().map(({ photo }) => photo.id);
    const [a, b] = [ids.indexOf(from), ids.indexOf(to)];
    const between = a <= b ? ids.slice(a, b + 1) : ids.slice(b, a + 1).toReversed();
    this.chosen.update((chosen) => [...chosen, ...between.filter((id) => !chosen.includes(id))]);
  }

  begin(event: PointerEvent, { photo, thumbnail, clear }: LibraryPhoto): void {
    this.drag.begin(event, () => {
      this.recent.use('photo', photo.id);
      return { kind: 'photo', photo: () => photo, thumbnail, clear };
    });
  }

  startChoosing(): void {
    this.choosing.set(true);
  }

  stopChoosing(): void {
    this.choosing.set(false);
    this.chosen.set([]);
  }

  /** Into the empty openings of the sheet, in the order in which they were chosen. */
  fillEmpty(): void {
    const photos = this.chosenEntries().map(({ photo }) => photo);
    const filled = fillEmptyOpenings(this.session.context(), photos);
    if (!filled) return this.notices.say('There is no empty opening on this sheet. Add a shape, or take a photo out first.');
    this.session.commit(filled.edit);
    this.stopChoosing();
    const left = photos.length - filled.count;
    const openings = filled.count === 1 ? 'One opening was' : `${filled.count} openings were`;
    this.notices.sayWithUndo(
      `${openings} filled.${left > 0 ? ` ${left === 1 ? 'One photo' : `${left} photos`} found no place.` : ''}`,
    );
  }

  async removeChosen(): Promise<void> {
    if (await this.care.remove(this.chosenEntries())) this.stopChoosing();
  }

  async tagChosen(): Promise<void> {
    await this.care.tag(this.chosenEntries());
  }

  chooseFiles(field: HTMLInputElement): void {
    const files = [...(field.files ?? [])];
    field.value = '';
    if (files.length > 0) this.filesChosen.emit(files);
  }
}
