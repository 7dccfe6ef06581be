import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { Store } from '@ngrx/store';
import {
  artworkSize,
  changeItem,
  diameterOf,
  fromPx,
  measuredSize,
  removeItem,
  sizeArea,
  sizeArtwork,
  type Item,
  type Opening,
} from '@kadrosyn/core';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { SliderFieldComponent, type SliderChange } from '../../../interface/slider-field.component';
import { AreaLibrary } from '../../areas/area-library';
import { AreaSurfaces } from '../../areas/area-surfaces';
import { lyingOf } from '../../areas/lying';
import { ImprintEditing } from '../../products/imprint-editing';
import { LyingSectionComponent } from '../fit/lying-section.component';
import { CornerButtonsComponent } from '../../parts/corner-buttons.component';
import { imprintFindings } from '../../products/imprint-findings';
import { sizeOnProduct } from '../../products/size-on-product';
import { EditorSession } from '../../session/session';
import { EditorActions } from '../../state/editor.actions';
import { FlatGroundComponent } from './flat-ground.component';

/** What is printed on a product: its ink, its true size, and its file for the printer. */
@Component({
  selector: 'ka-product-tab',
  imports: [
    CornerButtonsComponent,
    FlatGroundComponent,
    LyingSectionComponent,
    MatButtonModule,
    NumberFieldComponent,
    SliderFieldComponent,
  ],
  templateUrl: './product-tab.component.html',
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    section {
      display: flex;
      flex-direction: column;
      gap: 8px;
    }
    .sizes {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 8px;
    }
    .pieces {
      display: grid;
      gap: 4px;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    .pieces button {
      width: 100%;
      text-align: left;
    }
    .pieces small {
      float: right;
      color: var(--soft);
    }
    .pieces .on small {
      color: inherit;
    }
    .finding {
      color: var(--amber);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProductTabComponent {
  readonly session = inject(EditorSession);
  readonly imprints = inject(ImprintEditing);
  private readonly store = inject(Store);
  private readonly library = inject(AreaLibrary);
  private readonly surfaces = inject(AreaSurfaces);
  readonly opening = input.required<Opening>();
  readonly lying = computed(() => lyingOf(this.opening(), this.session.context()));
  readonly opaque = computed(() => Math.round(100 * (this.opening().host?.opaque ?? 0)));
  readonly turn = computed(() => {
    const { outline } = this.opening();
    return outline.type === 'tube' ? Math.round(outline.turn) : null;
  });
  /** Percent; null where no folds are known. */
  readonly follows = computed(() => {
    const { outline } = this.opening();
    return outline.type === 'cloth' && outline.folds ? Math.round(100 * (outline.follows ?? 1)) : null;
  });
  /** Cloth of which nobody has read the folds. */
  readonly isUnread = computed(() => {
    const form = this.lying()?.area.form;
    return form?.type === 'cloth' && !form.folds;
  });
  readonly pieces = computed(() => {
    const view = this.imprints.view();
    if (!view) return [];
    return view.sheet.items.toReversed().map((item) => {
      const size = artworkSize(view.sheet, item);
      return { item, words: size ? `${sizeOnProduct(size.width)} × ${sizeOnProduct(size.height)} mm` : '' };
    });
  });
  /** The chosen piece, where it is one that may show a photo. */
  readonly artworkPhoto = computed(() => {
    const artwork = this.imprints.artwork();
    return artwork?.type === 'opening' ? artwork : null;
  });
  /** Of the file for the printer. */
  readonly sheetWords = computed(() => {
    const sheet = this.imprints.view()?.sheet;
    const mm = (px: number): string => sizeOnProduct(fromPx(px, 'mm', sheet!.dpi));
    return sheet ? `${mm(sheet.width)} × ${mm(sheet.height)} mm, ${Math.round(sheet.dpi)} dpi` : '';
  });
  readonly findings = computed(() => {
    const view = this.imprints.view();
    return view ? imprintFindings(view, this.session.shownProject()?.photos ?? {}) : [];
  });

  setOpaque({ value, how }: SliderChange): void {
    const opening = this.session.settledOpening();
    if (!opening?.host) return;
    const { sheet } = this.session.context();
    const host = { ...opening.host, opaque: value / 100 };
    this.session.applyAs(how, changeItem(sheet, opening, { host }, `Ink of ${opening.name}`));
  }

  setTurn({ value, how }: SliderChange): void {
    const opening = this.session.settledOpening();
    if (opening?.outline.type !== 'tube') return;
    const { sheet } = this.session.context();
    const outline = { ...opening.outline, turn: value };
    this.session.applyAs(how, changeItem(sheet, opening, { outline }, `Turn ${opening.name} round the product`));
  }

  setFollows({ value, how }: SliderChange): void {
    const opening = this.session.settledOpening();
    if (opening?.outline.type !== 'cloth') return;
    const { follows: _before, ...rest } = opening.outline;
    const outline = value === 100 ? rest : { ...rest, follows: value / 100 };
    const { sheet } = this.session.context();
    this.session.applyAs(how, changeItem(sheet, opening, { outline }, `Folds of ${opening.name}`));
  }

  readFolds(): void {
    const lying = this.lying();
    if (lying) void this.surfaces.sayFolds(lying.photo, lying.area);
  }

  choose(item: Item): void {
    this.session.artworkId.set(item.id);
  }

  /** @param width - mm on the product */
  setWidth(width: number): void {
    const settled = this.imprints.settled();
    const edit = settled?.artwork && sizeArtwork(settled.view.sheet, settled.artwork, width);
    if (edit) this.session.commit(edit);
  }

  /** @param height - mm on the product; the proportions stay */
  setHeight(height: number): void {
    const size = this.imprints.size();
    if (size) this.setWidth((size.width * height) / size.height);
  }

  /** What is measured of the area: the diameter of what is round, else its width; mm. */
  readonly measured = computed(() => {
    const area = this.lying()?.area;
    const sheet = this.imprints.view()?.sheet;
    if (!area || !sheet) return null;
    const size = area.size ?? { width: fromPx(sheet.width, 'mm', sheet.dpi), height: fromPx(sheet.height, 'mm', sheet.dpi) };
    const diameter = diameterOf({ ...area, size });
    return { label: diameter === null ? 'Width' : 'Diameter', across: diameter ?? size.width, height: size.height };
  });

  /** The true size of the area, mm. */
  setArea(across: number, height: number): void {
    const [lying, settled] = [this.lying(), this.imprints.settled()];
    if (!lying || !settled || !(across > 0) || !(height > 0)) return;
    const size = measuredSize(lying.area, across, height);
    this.session.commit(sizeArea(this.session.context().project, lying.photo, lying.area, settled.view, size));
    this.library.keep(lying.photo, { ...lying.area, size });
  }

  remove(): void {
    const settled = this.imprints.settled();
    if (!settled?.artwork) return;
    const { view, artwork } = settled;
    this.session.commit(removeItem(view.sheet, artwork.id, `Remove ${artwork.name} from ${view.opening.name}`));
  }

  /** The imprint by itself, at its true size. */
  exportFor(type: 'png' | 'pdf'): void {
    const view = this.imprints.view();
    if (!view) return;
    const { id, dpi } = view.sheet;
    const file = type === 'png' ? { type, scale: 1 } : { type, dpi, quality: 95 };
    this.store.dispatch(EditorActions.exportWanted({ sheetIds: [id], file }));
  }

  openFlat(): void {
    const view = this.imprints.view();
    if (view) this.session.showSheet(view.sheet.id);
  }
}
