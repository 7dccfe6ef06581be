import { ChangeDetectionStrategy, Component, computed, effect, inject, output, signal } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import { MatSnackBar } from '@angular/material/snack-bar';
import { insertItem, outlinePath, toPathData, newLettering, photosUsed, type Opening, type Point } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import { IconComponent } from '../../interface/icon.component';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { ShaperLoader } from '../../lettering/shaper-loader';
import { OwnOutlines } from '../../outlines/own-outlines';
import { PhotoLibrary, type LibraryPhoto } from '../../photos/photo-library';
import { fillEdit, layEdit } from '../commands/photo-edits';
import { RenameDialog } from '../../interface/rename.dialog';
import { EditorSession } from '../session';
import { TextCaret } from '../text/text-caret';
import { LETTERINGS, makeLettering, type LetteringSupply } from './lettering-supplies';
import { ShapePictureComponent } from './shape-picture.component';
import { findShapes, makeShape, ownShape, SHAPE_KINDS, SHAPES, type ShapeKind, type ShapeSupply } from './shape-supplies';
import { SupplyDrag } from './supply-drag';

type SuppliesTab = 'photos' | 'shapes' | 'lettering';

/** What can be put on the sheet: a click puts it into the selected opening or on the sheet, a drag anywhere. */
@Component({
  selector: 'ka-supplies-panel',
  imports: [RovingFocusDirective, ShapePictureComponent, IconComponent, MatMenuModule],
  templateUrl: './supplies-panel.component.html',
  styleUrl: './supplies-panel.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SuppliesPanelComponent {
  readonly session = inject(EditorSession);
  readonly library = inject(PhotoLibrary);
  readonly drag = inject(SupplyDrag);
  private readonly typing = inject(TextCaret);
  private readonly outlines = inject(OwnOutlines);
  private readonly faces = inject(ShaperLoader);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(MatSnackBar);
  readonly filesChosen = output<File[]>();
  /** An outline wants to be drawn on the sheet. */
  readonly drawWanted = output();
  /** An outline wants to be taken from a drawing. */
  readonly drawingWanted = output();
  readonly tabs = [
    { id: 'photos', name: 'Photos' },
    { id: 'shapes', name: 'Shapes' },
    { id: 'lettering', name: 'Lettering' },
  ] as const;
  readonly tab = signal<SuppliesTab>('photos');
  readonly search = signal('');
  readonly kinds = [{ id: '' as const, name: 'All' }, ...SHAPE_KINDS];
  readonly kind = signal<ShapeKind | ''>('');
  readonly shapes = computed(() => findShapes([...this.outlines.list().map(ownShape), ...SHAPES], this.kind(), this.search()));
  readonly searchWord = computed(() => (this.tab() === 'photos' ? 'Search photos' : 'Search shapes'));

  /** What shapes are shown filled with: the photo that is being worked with, else any of the sheet, else the newest. */
  readonly samplePhoto = computed(() => {
    const { fill } = this.session.selectedOpening() ?? {};
    const chosen = fill?.type === 'photo' ? fill.photoId : [...this.here()][0];
    return (chosen && this.library.find(chosen)?.thumbnail) || (this.library.photos()[0]?.thumbnail ?? null);
  });

  readonly photos = computed(() => {
    const words = this.search().toLowerCase().split(/\s+/).filter(Boolean);
    return this.library.photos().filter(({ photo }) => words.every((word) => photo.name.toLowerCase().includes(word)));
  });

  /** Photos that the sheet shows carry a mark. */
  readonly here = computed(() => {
    const project = this.session.shownProject();
    return project ? photosUsed(project) : new Set<string>();
  });

  readonly letterings = computed(() => {
    const shaper = this.session.shaper();
    if (!shaper) return [];
    return LETTERINGS.map((supply) => {
      const { text, face, axes } = supply;
      const { outline, box } = newLettering({ text, face, axes, size: 40 }, { x: 0, y: 0 }, { type: 'none' }, shaper);
      const path = toPathData(outlinePath(outline, box.width, box.height, shaper), 1);
      return { supply, path, viewBox: `0 0 ${box.width.toFixed(1)} ${box.height.toFixed(1)}` };
    });
  });

  constructor() {
    effect(() => {
      // Each style is shown in its face, which is fetched when it is first looked at.
      if (this.tab() === 'lettering') void this.faces.ensure(LETTERINGS.map(({ face }) => face)).catch(() => undefined);
    });
  }

  /** The name of a photo's button: what it is, its marks, and what a click would do. */
  photoLabel({ photo, uploading }: LibraryPhoto): string {
    const marks = [this.here().has(photo.id) ? ', here' : '', uploading === undefined ? '' : `, ${this.uploadWord(uploading)}`];
    return `${photo.name}${marks.join('')}: ${this.clickWord()}`;
  }

  uploadWord(share: number): string {
    return share < 1 ? `adding ${(share * 100).toFixed(0)} %` : 'storing';
  }

  private clickWord(): string {
    const opening = this.receiving();
    if (!opening) return 'lay on the sheet';
    return opening.fill.type === 'photo' ? `replace the photo in ${opening.name}` : `fill ${opening.name}`;
  }

  clickPhoto({ photo }: LibraryPhoto): void {
    const { project, sheet, shaper } = this.session.context();
    const opening = this.receiving();
    if (opening) return this.session.commit(fillEdit(project, sheet, opening, photo, shaper), opening.id);
    const edit = layEdit(project, sheet, photo, middleOf(sheet));
    const laid = edit.operations.find((operation) => operation.type === 'insert-item');
    this.session.commit(edit, laid?.item.id ?? null);
  }

  /** The selected opening, where it takes photos by a click: a loose picture is never swallowed by another. */
  private receiving(): Opening | null {
    const opening = this.session.selectedOpening();
    return opening?.kind === 'shaped' && !opening.locked ? opening : null;
  }

  beginPhoto(event: PointerEvent, { photo, thumbnail }: LibraryPhoto): void {
    this.drag.begin(event, { kind: 'photo', photo, thumbnail });
  }

  clickShape(shape: ShapeSupply): void {
    const { sheet } = this.session.context();
    this.add(makeShape(shape, sheet, middleOf(sheet)));
  }

  beginShape(event: PointerEvent, shape: ShapeSupply): void {
    this.drag.begin(event, { kind: 'item', name: shape.name, make: (at) => makeShape(shape, this.session.context().sheet, at) });
  }

  renameShape({ ownId, name }: ShapeSupply): void {
    const asked = this.dialogs.open<RenameDialog, string, string>(RenameDialog, { data: name });
    asked.afterClosed().subscribe((wanted) => {
      if (ownId && wanted) void this.outlines.rename(ownId, wanted).catch((error: unknown) => this.say(error));
    });
  }

  /** Openings on sheets keep their outline: only the supplies lose it. */
  async removeShape({ ownId, name, proportion, outline }: ShapeSupply): Promise<void> {
    const shape = outline(1);
    if (!ownId || shape.type !== 'path') return;
    try {
      await this.outlines.remove(ownId);
    } catch (error) {
      this.say(error);
      return;
    }
    const notice = this.notices.open(`${name} was removed from the supplies.`, 'Undo', {
      duration: 6000,
      panelClass: 'ka-notice',
    });
    notice.onAction().subscribe(() => {
      void this.outlines.add({ name, d: shape.d, proportion }).catch((error: unknown) => this.say(error));
    });
  }

  private say(error: unknown): void {
    this.notices.open(faultOf(error).message, 'Close', { duration: 15_000, panelClass: 'ka-notice' });
  }

  async clickLettering(supply: LetteringSupply): Promise<void> {
    await this.faces.ensure([supply.face]);
    const { sheet, shaper } = this.session.context();
    this.add(makeLettering(supply, sheet, middleOf(sheet), shaper));
  }

  beginLettering(event: PointerEvent, supply: LetteringSupply): void {
    void this.faces.ensure([supply.face]);
    const make = (at: Point): Opening => {
      const { sheet, shaper } = this.session.context();
      return makeLettering(supply, sheet, at, shaper);
    };
    this.drag.begin(event, { kind: 'item', name: supply.name, make });
  }

  chooseFiles(field: HTMLInputElement): void {
    const files = [...(field.files ?? [])];
    field.value = '';
    if (files.length > 0) this.filesChosen.emit(files);
  }

  private add(opening: Opening): void {
    this.session.commit(insertItem(this.session.context().sheet, opening, `Add ${opening.name}`), opening.id);
    // A new word wants its own text first.
    if (opening.outline.type === 'lettering') this.typing.begin(opening);
  }
}

function middleOf(sheet: { readonly width: number; readonly height: number }): Point {
  return { x: sheet.width / 2, y: sheet.height / 2 };
}
