import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import {
  addSheet,
  backgroundOf,
  changeSheet,
  copySheet,
  freeName,
  isImprint,
  moveSheet,
  newId,
  removeSheet,
  type Sheet,
} from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { MoreMenuDirective } from '../../interface/more-menu.directive';
import { RenameDialog } from '../../interface/rename.dialog';
import { sizeWords } from '../../interface/sheet-words';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { Notices } from '../session/notices';
import { whyKept } from '../commands/sheet-edits';
import { EditorSession } from '../session/session';

/** The sheets of the project in the order of pages. */
@Component({
  selector: 'ka-sheet-list',
  imports: [MatButtonModule, MatMenuModule, IconComponent, MoreMenuDirective, RovingFocusDirective],
  template: `
    <h2 class="sheets" id="sheets-name">
      Sheets <small>{{ sheets().length }}</small>
    </h2>
    <div class="pages" role="group" aria-labelledby="sheets-name" kaRovingFocus>
      @for (sheet of sheets(); track sheet.id) {
        <div class="cell" kaMoreMenu>
          <button
            matButton
            class="slab"
            data-stop
            [tabIndex]="isShown(sheet) ? 0 : -1"
            [attr.aria-pressed]="isShown(sheet)"
            [class.selected]="isShown(sheet)"
            [attr.aria-label]="$index + 1 + ' ' + sheet.name + ', page ' + ($index + 1) + ' of ' + sheets().length"
            (click)="session.showSheet(sheet.id)"
            (keydown)="onKey($event, sheet, $index)"
          >
            <span
              ><b>{{ $index + 1 }}</b> {{ sheet.name }}</span
            >
          </button>
          <button
            matButton
            class="more"
            tabindex="-1"
            [attr.aria-label]="'More for ' + sheet.name"
            [matMenuTriggerFor]="more"
            [matMenuTriggerData]="{ sheet, index: $index }"
          >
            <ka-icon name="ellipsis" />
          </button>
        </div>
      }
      <button matButton class="add" (click)="add()">Add a sheet</button>
    </div>
    @if (imprints().length > 0) {
      <h2 class="sheets" id="imprints-name">
        Imprints <small>{{ imprints().length }}</small>
      </h2>
      <div class="pages" role="group" aria-labelledby="imprints-name" kaRovingFocus>
        @for (sheet of imprints(); track sheet.id) {
          <div class="cell" kaMoreMenu>
            <button
              matButton
              class="slab"
              data-stop
              [tabIndex]="$first ? 0 : -1"
              [attr.aria-pressed]="isShown(sheet)"
              [class.selected]="isShown(sheet)"
              [attr.aria-label]="sheet.name + ' ' + sizeOf(sheet) + ', imprint'"
              (click)="session.showSheet(sheet.id)"
            >
              <span
                >{{ sheet.name }} <small class="size">{{ sizeOf(sheet) }}</small></span
              >
            </button>
          </div>
        }
      </div>
    }
    <mat-menu #more="matMenu">
      <ng-template matMenuContent let-sheet="sheet" let-index="index">
        <button mat-menu-item (click)="rename(sheet)">Rename…</button>
        <button mat-menu-item (click)="copy(sheet)">Copy</button>
        <button mat-menu-item [disabled]="index === 0" (click)="move(sheet, index - 1)">One page earlier</button>
        <button mat-menu-item [disabled]="index === sheets().length - 1" (click)="move(sheet, index + 1)">One page later</button>
        <button mat-menu-item [disabled]="sheets().length === 1" (click)="remove(sheet)">Remove</button>
      </ng-template>
    </mat-menu>
  `,
  styleUrl: './depth-panel.component.scss',
  styles: `
    :host {
      display: contents;
    }
    .slab b {
      margin-right: 5px;
    }
    .size {
      display: block;
      color: var(--soft);
    }
    .add {
      flex: none;
      min-height: 30px;
      font-size: 13px;
      --mat-button-text-label-text-color: var(--soft);
      text-align: left;
      background: none;
      border: 1px dashed var(--rule);
      border-radius: var(--radius);
      cursor: pointer;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetListComponent {
  readonly session = inject(EditorSession);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(Notices);
  private readonly all = computed(() => this.session.project()?.sheets ?? []);
  readonly sheets = computed(() => this.all().filter((sheet) => !isImprint(sheet)));
  readonly imprints = computed(() => this.all().filter(isImprint));

  /** True size, "180 × 65.5 mm". */
  sizeOf(sheet: Sheet): string {
    return sizeWords(sheet, 'mm', sheet.dpi);
  }

  isShown(sheet: Sheet): boolean {
    return sheet.id === this.session.sheet()?.id;
  }

  /** An empty sheet like the one that is shown, behind it. */
  add(): void {
    const { project, sheet } = this.session.context();
    const { veil: _veil, ...rest } = sheet;
    // Below a photo there may be nothing.
    const isBare = sheet.background.type === 'none' && backgroundOf(sheet);
    const background = isBare ? ({ type: 'colour', colour: '#ffffff' } as const) : sheet.background;
    const empty: Sheet = {
      ...rest,
      id: newId('sheet'),
      name: freeName(project, sheet.name),
      background,
      placements: {},
      items: [],
      crossings: [],
    };
    const index = project.sheets.findIndex(({ id }) => id === sheet.id) + 1;
    this.session.commit(addSheet(project, empty, index), null);
    this.session.showSheet(empty.id);
  }

  copy(sheet: Sheet): void {
    const { edit, id } = copySheet(this.session.context().project, sheet);
    this.session.commit(edit, null);
    this.session.showSheet(id);
  }

  move(sheet: Sheet, index: number): void {
    const edit = moveSheet(this.session.context().project, sheet.id, index);
    if (edit) this.session.commit(edit);
  }

  remove(sheet: Sheet): void {
    const { project } = this.session.context();
    const kept = whyKept(project, sheet);
    if (kept !== null) return this.notices.say(kept);
    const edit = removeSheet(project, sheet.id);
    if (!edit) return;
    const at = project.sheets.findIndex(({ id }) => id === sheet.id);
    const next = project.sheets[at + 1] ?? project.sheets[at - 1]!;
    if (this.isShown(sheet)) this.session.showSheet(next.id);
    this.session.commit(edit);
    this.notices.sayWithUndo(`${sheet.name} was removed with all that lies on it.`);
  }

  rename(sheet: Sheet): void {
    const asked = this.dialogs.open<RenameDialog, string, string>(RenameDialog, { data: sheet.name });
    asked.afterClosed().subscribe((name) => {
      if (name && name !== sheet.name) this.session.commit(changeSheet(sheet, { name }, `Rename ${sheet.name}`));
    });
  }

  /** Alt with an arrow key moves a sheet by one page. */
  onKey(event: KeyboardEvent, sheet: Sheet, index: number): void {
    const step = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (!event.altKey || step === 0) return;
    event.preventDefault();
    event.stopPropagation();
    this.move(sheet, index + step);
  }
}
