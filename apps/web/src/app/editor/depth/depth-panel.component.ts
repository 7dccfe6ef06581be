import type { CdkDragDrop } from '@angular/cdk/drag-drop';
import { CdkDrag, CdkDropList } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { reorderItem, type Item } from '@kadrosyn/core';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { EditorSession } from '../session';
import { ItemThumbnailComponent } from './item-thumbnail.component';

/** The order from front to back, seen from the side. */
@Component({
  selector: 'ka-depth-panel',
  imports: [CdkDropList, CdkDrag, ItemThumbnailComponent, RovingFocusDirective],
  templateUrl: './depth-panel.component.html',
  styleUrl: './depth-panel.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DepthPanelComponent {
  readonly session = inject(EditorSession);
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

  private bringTo(item: Item, index: number): void {
    const { sheet } = this.session.context();
    const from = sheet.items.findIndex((other) => other.id === item.id);
    const edit = reorderItem(sheet, item.id, index, index > from ? `Bring ${item.name} forward` : `Send ${item.name} back`);
    if (edit) this.session.commit(edit);
  }
}
