import type { CdkDragDrop } from '@angular/cdk/drag-drop';
import { CdkDrag, CdkDropList } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import {
  changeItem,
  imprintOf,
  indexOf,
  isBackground,
  listAround,
  placeOf,
  removeItem,
  takeOutOfGroup,
  type Item,
} from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { MoreMenuDirective } from '../../interface/more-menu.directive';
import { RenameDialog } from '../../interface/rename.dialog';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { BreakoutEditing } from '../breakout/breakout-editing';
import { BreakoutFinder } from '../breakout/breakout-finder';
import { removalWords } from '../commands/removal-words';
import { bringTo, changeDepth, ungroup } from '../commands/run-on-selected';
import { ImprintEditing } from '../products/imprint-editing';
import { Notices } from '../session/notices';
import { EditorSession } from '../session/session';
import { ItemThumbnailComponent } from './item-thumbnail.component';
import { Passed } from './passed';
import { SheetListComponent } from './sheet-list.component';
import { groupsHolding, slabRows, tonguesOf, type SlabRow } from './slab-rows';
import { tonguePath } from './tongue-path';

/** The order from front to back, seen from the side. */
@Component({
  selector: 'ka-depth-panel',
  imports: [
    MatButtonModule,
    CdkDropList,
    CdkDrag,
    ItemThumbnailComponent,
    RovingFocusDirective,
    MoreMenuDirective,
    IconComponent,
    MatMenuModule,
    SheetListComponent,
  ],
  templateUrl: './depth-panel.component.html',
  styleUrl: './depth-panel.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DepthPanelComponent {
  readonly session = inject(EditorSession);
  readonly passed = inject(Passed);
  private readonly finder = inject(BreakoutFinder);
  private readonly editing = inject(BreakoutEditing);
  private readonly imprints = inject(ImprintEditing);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(Notices);
  private readonly say = { passed: (words: string) => this.passed.say(words) };
  /** Groups that were opened or closed by hand; the others are open while they, or something in them, are selected. */
  private readonly chosen = signal<ReadonlyMap<string, boolean>>(new Map());

  readonly open = computed<ReadonlySet<string>>(() => {
    const sheet = this.session.shownSheet();
    const selected = this.session.selectedItems();
    const open = new Set(selected.filter(({ type }) => type === 'group').map(({ id }) => id));
    for (const [id, isOpen] of this.chosen()) {
      if (isOpen) open.add(id);
      else open.delete(id);
    }
    // What is selected is in sight.
    for (const id of sheet ? groupsHolding(sheet, selected) : []) open.add(id);
    return open;
  });
  /** From front to back. */
  readonly rows = computed(() => {
    const project = this.session.shownProject();
    const piecesOf = (item: Item): readonly Item[] =>
      (project && item.type === 'opening' && imprintOf(project, item)?.sheet.items) || [];
    return slabRows(this.session.shownSheet()?.items ?? [], this.open(), piecesOf);
  });
  readonly count = computed(() => this.session.shownSheet()?.items.length ?? 0);
  readonly selectedIds = computed(() => new Set(this.session.selectedItems().map(({ id }) => id)));
  /** From the middle of a slab up to the middles of those that it passes. */
  readonly tongues = computed(() => {
    const sheet = this.session.shownSheet();
    const found = this.finder.findings();
    const places = this.editing.regions().map(({ survey: { crossing }, isOver }) => ({
      otherId: crossing.lower.itemId === found?.itemId ? crossing.upper.itemId : crossing.lower.itemId,
      isOver,
    }));
    const tongues = sheet ? tonguesOf(sheet, this.rows(), found && { itemId: found.itemId, places }) : [];
    return tongues.map(tonguePath);
  });
  /** Slabs make room for them. */
  readonly gutter = computed(() => (this.tongues().length === 0 ? 0 : this.tongues().length === 1 ? 26 : 38));
  readonly background = computed(() => {
    const fill = this.session.shownSheet()?.background;
    return fill?.type === 'colour' ? this.session.colourOf(fill.colour) : null;
  });

  readonly groundName = computed(() => {
    return this.session.shownSheet()?.background.type === 'gradient' ? 'Sheet gradient' : 'Sheet colour';
  });

  readonly isBehind = isBackground;

  /** The slab that Tab reaches. */
  isStop(row: SlabRow, index: number): boolean {
    const selected = this.selectedIds();
    const first = this.rows().findIndex(({ item }) => selected.has(item.id));
    return index === Math.max(0, first);
  }

  /** Of an imprint that is worked on, the piece that was chosen is marked too. */
  isSelected({ item, imprint }: SlabRow): boolean {
    if (!imprint) return this.selectedIds().has(item.id);
    return this.selectedIds().has(imprint.id) && this.imprints.artwork()?.id === item.id;
  }

  choose(event: MouseEvent, { item, imprint }: SlabRow): void {
    if (imprint) {
      this.session.select(imprint.id);
      this.session.artworkId.set(item.id);
      this.session.setGrip('photo');
    } else if (event.shiftKey || event.ctrlKey || event.metaKey || this.session.selectsSeveral()) this.session.toggle(item.id);
    else this.session.select(item.id);
  }

  toggleOpen(item: Item): void {
    const isOpen = this.open().has(item.id);
    this.chosen.update((chosen) => new Map(chosen).set(item.id, !isOpen));
    // What is inside can not be selected and out of sight.
    if (isOpen) this.session.select(item.id);
  }

  /** A slab is let go among those of its own list; elsewhere it goes back. */
  onDrop(event: CdkDragDrop<unknown>): void {
    const rows = this.rows();
    const [from, to] = [rows[event.previousIndex], rows[event.currentIndex]];
    if (!from || !to || from === to || from.imprint || to.imprint) return;
    const { sheet } = this.session.context();
    if (placeOf(sheet, from.item.id).groupId !== placeOf(sheet, to.item.id).groupId) return;
    this.bring(from.item, indexOf(sheet, to.item.id));
  }

  /** Alt with an arrow key moves a slab one step, with Shift all the way; Right and Left open and close a group. */
  onKey(event: KeyboardEvent, { item, imprint }: SlabRow): void {
    if (imprint) return;
    const isForward = event.key === 'ArrowUp';
    if (event.altKey && (isForward || event.key === 'ArrowDown')) {
      const how = event.shiftKey ? (isForward ? 'to-front' : 'to-back') : isForward ? 'forward' : 'back';
      changeDepth(how, this.session, item, this.say);
    } else if (item.type === 'group' && (event.key === 'ArrowRight' || event.key === 'ArrowLeft')) {
      if (this.open().has(item.id) !== (event.key === 'ArrowRight')) this.toggleOpen(item);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  }

  label({ item, imprint, isInGroup, place, count }: SlabRow): string {
    if (imprint) return `${item.name}, printed on ${imprint.name}, ${place + 1} of ${count} from the front`;
    const marks = [item.locked ? ', locked' : '', item.hidden ? ', hidden' : ''].join('');
    const kind = item.type === 'group' ? `, group of ${item.items.length}` : '';
    return `${item.name}${kind}${marks}, ${place + 1} of ${count} from the front${isInGroup ? ' of its group' : ''}`;
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

  step(item: Item, how: Parameters<typeof changeDepth>[0]): void {
    changeDepth(how, this.session, item, this.say);
  }

  private bring(item: Item, index: number): void {
    const { sheet } = this.session.context();
    const from = listAround(sheet, item.id).findIndex(({ id }) => id === item.id);
    const name = index > from ? `Bring ${item.name} forward` : `Send ${item.name} back`;
    bringTo(this.session, item, index, name, this.say);
  }

  isInGroup(item: Item): boolean {
    const sheet = this.session.sheet();
    return sheet !== null && placeOf(sheet, item.id).groupId !== null;
  }

  takeOut(item: Item): void {
    const edit = takeOutOfGroup(this.session.context().sheet, item.id);
    if (edit) this.session.commit(edit, item.id);
  }

  ungroup(item: Item): void {
    ungroup(this.session, item);
  }
}
