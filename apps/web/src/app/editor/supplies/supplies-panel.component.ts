import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { insertItem, outlinePath, toPathData, newLettering, photosUsed, type Opening, type Point } from '@kadrosyn/core';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { PhotoLibrary, type LibraryPhoto } from '../../photos/photo-library';
import { fillEdit, layEdit } from '../commands/photo-edits';
import { EditorSession } from '../session';
import { LETTERINGS, makeLettering, type LetteringSupply } from './lettering-supplies';
import { makeShape, SHAPES, type ShapeSupply } from './shape-supplies';
import { SupplyDrag } from './supply-drag';

type SuppliesTab = 'photos' | 'shapes' | 'lettering';

/** What can be put on the sheet: a click puts it into the selected opening or on the sheet, a drag anywhere. */
@Component({
  selector: 'ka-supplies-panel',
  imports: [RovingFocusDirective],
  templateUrl: './supplies-panel.component.html',
  styleUrl: './supplies-panel.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SuppliesPanelComponent {
  readonly session = inject(EditorSession);
  readonly library = inject(PhotoLibrary);
  readonly drag = inject(SupplyDrag);
  readonly filesChosen = output<File[]>();
  readonly tabs = [
    { id: 'photos', name: 'Photos' },
    { id: 'shapes', name: 'Shapes' },
    { id: 'lettering', name: 'Lettering' },
  ] as const;
  readonly tab = signal<SuppliesTab>('photos');
  readonly search = signal('');
  readonly shapes = SHAPES;

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

  clickLettering(supply: LetteringSupply): void {
    const { sheet, shaper } = this.session.context();
    this.add(makeLettering(supply, sheet, middleOf(sheet), shaper));
  }

  beginLettering(event: PointerEvent, supply: LetteringSupply): void {
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
  }
}

function middleOf(sheet: { readonly width: number; readonly height: number }): Point {
  return { x: sheet.width / 2, y: sheet.height / 2 };
}
