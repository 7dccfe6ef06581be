import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatTooltipModule } from '@angular/material/tooltip';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import {
  ARTWORK_KINDS,
  findArtwork,
  loosePhoto,
  newArtwork,
  type Artwork,
  type ArtworkKind,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { lastUsed, RecentlyUsed } from '../../interface/recently-used';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { SteadyRowDirective } from '../../interface/steady-row.directive';
import { PhotoLibrary, type LibraryPhoto } from '../../photos/photo-library';
import { EditorSession } from '../session/session';
import { ArtworkPictureComponent } from './artwork-picture.component';
import { MoreMenuDirective } from '../../interface/more-menu.directive';
import { findPhotos } from './find-photos';
import { ItemAdder } from './item-adder';
import { PhotoCare } from './photo-care';
import { SupplyKindsComponent } from './supply-kinds.component';

/** Ready-made pieces with a clear ground, and pictures of one's own that have one. They always lie on top. */
@Component({
  selector: 'ka-artwork-supplies',
  imports: [
    MatTooltipModule,
    MatButtonModule,
    NgTemplateOutlet,
    RovingFocusDirective,
    SteadyRowDirective,
    MoreMenuDirective,
    ArtworkPictureComponent,
    SupplyKindsComponent,
    IconComponent,
    MatMenuModule,
  ],
  templateUrl: './artwork-supplies.component.html',
  styleUrl: './supply-row.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ArtworkSuppliesComponent {
  private readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  private readonly adder = inject(ItemAdder);
  readonly care = inject(PhotoCare);
  readonly search = input.required<string>();
  readonly filesChosen = output<File[]>();

  readonly kinds = [...ARTWORK_KINDS, { id: 'own', name: 'My own' }];
  readonly kind = signal<ArtworkKind | 'own' | ''>('');
  private readonly recent = inject(RecentlyUsed).list('artwork');

  readonly own = computed<readonly LibraryPhoto[]>(() => {
    if (this.kind() !== 'own' && this.kind() !== '') return [];
    const clear = this.library.photos().filter((photo) => photo.clear);
    return findPhotos(clear, this.search(), 'newest', []);
  });

  readonly pieces = computed<readonly Artwork[]>(() => {
    const kind = this.kind();
    return kind === 'own' ? [] : findArtwork(kind, this.search());
  });
  readonly lastUsed = computed(() =>
    this.kind() || this.search() ? [] : lastUsed(findArtwork('', ''), this.recent, ({ id }) => id),
  );

  click(piece: Artwork): void {
    this.adder.add('artwork', piece.id, this.maker(piece));
  }

  begin(event: PointerEvent, piece: Artwork): void {
    this.adder.begin(event, { kind: 'artwork', id: piece.id, name: piece.name, make: this.maker(piece) });
  }

  clickOwn({ photo }: LibraryPhoto): void {
    this.adder.add('artwork', photo.id, this.ownMaker(photo), photo);
  }

  beginOwn(event: PointerEvent, { photo }: LibraryPhoto): void {
    this.adder.begin(event, { kind: 'artwork', id: photo.id, name: photo.name, make: this.ownMaker(photo), photo });
  }

  chooseFiles(field: HTMLInputElement): void {
    const files = [...(field.files ?? [])];
    field.value = '';
    if (files.length > 0) this.filesChosen.emit(files);
  }

  private maker(piece: Artwork): (at: Point) => Opening {
    return (at) => newArtwork(piece, this.session.context().sheet, at);
  }

  private ownMaker(photo: LibraryPhoto['photo']): (at: Point) => Opening {
    return (at) => ({ ...loosePhoto(photo, this.session.context().sheet, at), kind: 'artwork' });
  }
}
