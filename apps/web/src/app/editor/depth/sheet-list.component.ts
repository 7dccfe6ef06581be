import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { addSheet, backgroundOf, copySheet, freeName, moveSheet, newId, pagesOf, type Sheet } from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { MoreMenuDirective } from '../../interface/more-menu.directive';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { EditorSession } from '../session/session';
import { ImprintListComponent } from './imprint-list.component';
import { SheetCare } from './sheet-care';

/** The sheets of the project in the order of pages. */
@Component({
  selector: 'ka-sheet-list',
  imports: [MatButtonModule, MatMenuModule, IconComponent, MoreMenuDirective, RovingFocusDirective, ImprintListComponent],
  providers: [SheetCare],
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
    <ka-imprint-list />
    <mat-menu #more="matMenu">
      <ng-template matMenuContent let-sheet="sheet" let-index="index">
        <button mat-menu-item (click)="care.rename(sheet)">Rename…</button>
        <button mat-menu-item (click)="copy(sheet)">Copy</button>
        <button mat-menu-item [disabled]="index === 0" (click)="move(sheet, index - 1)">One page earlier</button>
        <button mat-menu-item [disabled]="index === sheets().length - 1" (click)="move(sheet, index + 1)">One page later</button>
        <button mat-menu-item [disabled]="sheets().length === 1" (click)="care.remove(sheet)">Remove</button>
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
  readonly care = inject(SheetCare);
  readonly sheets = computed(() => pagesOf(this.session.project() ?? { sheets: [] }));

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

  /** Alt with an arrow key moves a sheet by one page. */
  onKey(event: KeyboardEvent, sheet: Sheet, index: number): void {
    const step = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (!event.altKey || step === 0) return;
    event.preventDefault();
    event.stopPropagation();
    this.move(sheet, index + step);
  }
}
