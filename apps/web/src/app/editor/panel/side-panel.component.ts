import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatTabsModule } from '@angular/material/tabs';
import { MatInputModule } from '@angular/material/input';
import { Store } from '@ngrx/store';
import { changeItem, imprintOf, isBackground } from '@kadrosyn/core';
import { sizeWords } from '../../interface/sheet-words';
import { BreakoutTabComponent } from '../tabs/breakout/breakout-tab.component';
import { FinishEditing } from '../finish/finish-editing';
import { FinishTabComponent } from '../tabs/finish/finish-tab.component';
import { ItemThumbnailComponent } from '../depth/item-thumbnail.component';
import { EditorSession } from '../session/session';
import { EditorActions } from '../state/editor.actions';
import { selectTab } from '../state/editor.selectors';
import type { PanelTab } from '../state/editor.state';
import { FitTabComponent } from '../tabs/fit/fit-tab.component';
import { LettersTabComponent } from '../tabs/lettering/letters-tab.component';
import { outlineWord, tabsFor } from './panel-tabs';
import { SheetTabComponent } from '../tabs/sheet/sheet-tab.component';
import { ProductTabComponent } from '../tabs/product/product-tab.component';
import { TogetherPanelComponent } from '../tabs/together/together-panel.component';
import { SizeTabComponent } from '../tabs/size/size-tab.component';

/** What applies to what is selected; with nothing selected, the sheet. */
@Component({
  selector: 'ka-side-panel',
  imports: [
    MatTabsModule,
    MatInputModule,
    NgTemplateOutlet,
    BreakoutTabComponent,
    FinishTabComponent,
    FitTabComponent,
    SizeTabComponent,
    LettersTabComponent,
    ProductTabComponent,
    SheetTabComponent,
    TogetherPanelComponent,
    ItemThumbnailComponent,
  ],
  templateUrl: './side-panel.component.html',
  styleUrl: './side-panel.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SidePanelComponent {
  readonly session = inject(EditorSession);
  readonly editing = inject(FinishEditing);
  private readonly store = inject(Store);
  private readonly wanted = this.store.selectSignal(selectTab);
  readonly tabs = computed(() => tabsFor(this.session.selected(), this.session.isOnProduct()));
  /** On a product one begins with what is particular to it, whatever was looked at elsewhere. */
  private readonly wantedOnProduct = signal<PanelTab>('product');
  readonly tab = computed(() => {
    const wanted = this.session.isOnProduct() ? this.wantedOnProduct() : this.wanted();
    return this.tabs().find(({ id }) => id === wanted)?.id ?? this.tabs()[0]?.id;
  });

  readonly words = computed(() => {
    const [item, sheet, project] = [this.session.selected(), this.session.shownSheet(), this.session.shownProject()];
    if (!item || !sheet || !project || item.type === 'group') return '';
    const { fill } = item;
    const imprint = imprintOf(project, item);
    if (imprint) return `Imprint, ${sizeWords(imprint.sheet, 'mm', imprint.sheet.dpi)}`;
    const photo = fill.type === 'photo' ? project.photos[fill.photoId] : undefined;
    const shown = fill.type === 'sheet' ? project.sheets.find(({ id }) => id === fill.sheetId) : photo;
    const size = isBackground(item) ? '' : `, ${sizeWords(item.box, project.unit, sheet.dpi)}`;
    return `${outlineWord(item)}${size}${shown ? ` · ${shown.name}` : ''}`;
  });

  choose(tab: PanelTab): void {
    if (this.session.isOnProduct()) this.wantedOnProduct.set(tab);
    else this.store.dispatch(EditorActions.setTab({ tab }));
  }

  rename(field: HTMLInputElement): void {
    const item = this.session.selected();
    const name = field.value.trim();
    if (item && name && name !== item.name) {
      this.session.commit(changeItem(this.session.context().sheet, item, { name }, `Rename ${item.name}`));
    } else if (item) field.value = item.name;
  }
}
