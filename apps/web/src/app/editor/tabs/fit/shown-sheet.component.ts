import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { isBackground, wouldShowItself, type Opening, type Sheet } from '@kadrosyn/core';
import { sizeWords } from '../../../interface/sheet-words';
import { takeOutEdit } from '../../commands/photo-edits';
import { showSheetEdit } from '../../commands/sheet-edits';
import { EditorSession } from '../../session/session';

/** Shows another sheet of the project in the opening, live, and says which. */
@Component({
  selector: 'ka-shown-sheet',
  imports: [MatButtonModule, MatMenuModule],
  template: `
    @if (shown(); as sheet) {
      <p class="news">Shows the sheet {{ sheet.name }} as it is now.</p>
      <div class="choices">
        <button matButton="outlined" (click)="session.showSheet(sheet.id)">Go to {{ sheet.name }}</button>
        <button matButton="outlined" (click)="takeOut()">Take sheet out</button>
        @if (others().length > 1) {
          <button matButton="outlined" [matMenuTriggerFor]="sheets">Show another…</button>
        }
      </div>
    } @else if (isEmpty() && others().length > 0) {
      <div class="choices">
        <button matButton="outlined" [matMenuTriggerFor]="sheets">Show a sheet…</button>
      </div>
    }
    <mat-menu #sheets="matMenu">
      @for (other of others(); track other.sheet.id) {
        <button mat-menu-item [disabled]="other.isCycle" (click)="show(other.sheet)">
          {{ other.sheet.name }}
          <small>{{ other.isCycle ? 'shows this sheet itself' : other.size }}</small>
        </button>
      }
    </mat-menu>
  `,
  styles: `
    small {
      display: block;
      color: var(--quiet);
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShownSheetComponent {
  readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();

  readonly shown = computed<Sheet | undefined>(() => {
    const { fill } = this.opening();
    return fill.type === 'sheet' ? this.session.shownProject()?.sheets.find(({ id }) => id === fill.sheetId) : undefined;
  });
  /** A photo has to be taken out first; a sheet behind all others is no place for one. */
  readonly isEmpty = computed(() => this.opening().fill.type !== 'photo' && !isBackground(this.opening()));

  readonly others = computed(() => {
    const [project, own] = [this.session.project(), this.session.sheet()];
    if (!project || !own) return [];
    return project.sheets
      .filter(({ id }) => id !== own.id)
      .map((sheet) => ({
        sheet,
        isCycle: wouldShowItself(project, own.id, sheet.id),
        size: sizeWords(sheet, project.unit, sheet.dpi),
      }));
  });

  show(sheet: Sheet): void {
    this.session.commit(showSheetEdit(this.session.context(), this.settled(), sheet));
  }

  takeOut(): void {
    this.session.commit(takeOutEdit(this.session.context().sheet, this.settled()));
  }

  private settled(): Opening {
    return this.session.settledOpening() ?? this.opening();
  }
}
