import type { CdkDragDrop } from '@angular/cdk/drag-drop';
import { CdkDrag, CdkDropList } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import { changeItem, removeItem, reorderItem, type Item } from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { MoreMenuDirective } from '../../interface/more-menu.directive';
import { RenameDialog } from '../../interface/rename.dialog';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { removalWords } from '../commands/removal-words';
import { Notices } from '../notices';
import { EditorSession } from '../session';
import { ItemThumbnailComponent } from './item-thumbnail.component';

/** The order from front to back, seen from the side. */
@Component({
  selector: 'ka-depth-panel',
  imports: [CdkDropList, CdkDrag, ItemThumbnailComponent, RovingFocusDirective, MoreMenuDirective, IconComponent, MatMenuModule],
  templateUrl: './depth-panel.component.html',
  styleUrl: './depth-panel.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DepthPanelComponent {
  readonly session = inject(EditorSession);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(Notices);
  /** From front to back. */
  readonly slabs = computed(() => this.session.shownSheet()?.items.toReversed() ?? []);
  readonly sheets = computed(() => this.session.project()?.sheets ?? []);
  readonly background = computed(() => {
    const fill = this.session.shownSheet()?.background;
    return fill?.type === 'colour' ? fill.colour : null;
  });

  onDrop(event: CdkDragDrop<unknown>): void {
    const item = this.slabs()[event.previousIndex];
    if (item) this.bringTo(item, this.slabs().length - 1 - event.currentIndex);
  }

  /** Alt with an arrow key moves a slab one step. */
  onKey(event: KeyboardEvent, item: Item): void {
    const step = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (!event.altKey || step === 0) return;
    event.preventDefault();
    const items = this.session.context().sheet.items;
    this.bringTo(item, items.findIndex((other) => other.id === item.id) + step);
  }

  label(item: Item, index: number): string {
    const marks = [item.locked ? ', locked' : '', item.hidden ? ', hidden' : ''].join('');
    return `${item.name}${marks}, ${index + 1} of ${this.slabs().length} from the front`;
  }

  rename(item: Item): void {
    const asked = this.dialogs.open<RenameDialog, string, string>(RenameDialog, { data: item.name });
    asked.afterClosed().subscribe((name) => {
      if (name && name !== item.name)
        this.session.commit(changeItem(this.session.context().sheet, item, { name }, `Rename ${item.name}`));
    });
  }

  /** Locks or hides, or takes that back. */
  set(item: Item, { locked, hidden }: { readonly locked?: boolean; readonly hidden?: boolean }, verb: string): void {
    const after = locked === undefined ? { hidden: hidden ? true : null } : { locked: locked ? true : null };
    this.session.commit(changeItem(this.session.context().sheet, item, after, `${verb} ${item.name}`));
  }

  remove(item: Item): void {
    const { sheet } = this.session.context();
    this.session.commit(removeItem(sheet, item.id, `Remove ${item.name}`), null);
    this.notices.sayWithUndo(removalWords(sheet, item));
  }

  bringTo(item: Item, index: number): void {
    const { sheet } = this.session.context();
    const from = sheet.items.findIndex((other) => other.id === item.id);
    const edit = reorderItem(sheet, item.id, index, index > from ? `Bring ${item.name} forward` : `Send ${item.name} back`);
    if (edit) this.session.commit(edit);
  }
}
