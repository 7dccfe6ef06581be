import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { changeSheet, newId, type Edit, type Fold, type Guide, type Sheet } from '@kadrosyn/core';
import { EditorSession } from '../../session/session';
import { StageView } from '../../stage/stage-view';
import { LengthFieldComponent } from '../../parts/length-field.component';

type LineKind = 'guides' | 'folds';

/** Margin, folds and guides: what things are lined up by. */
@Component({
  selector: 'ka-sheet-lines',
  imports: [MatButtonModule, MatCheckboxModule, LengthFieldComponent],
  template: `
    @if (sheet(); as sheet) {
      <h3>Margin, folds and guides</h3>
      <div class="two">
        <ka-length-field label="Margin" [least]="0" [value]="sheet.margin" (changed)="setMargin($event)" />
        <mat-checkbox [checked]="view.rulers()" (change)="view.toggleRulers()"> Rulers </mat-checkbox>
      </div>
      @for (line of lines(); track $index) {
        <div class="line">
          <ka-length-field [label]="line.name" [value]="line.at" (changed)="move(line.kind, line.index, $event)" />
          <button matButton="outlined" [attr.aria-label]="'Remove: ' + line.name" (click)="remove(line.kind, line.index)">
            Remove
          </button>
        </div>
      }
      <div class="choices">
        <button matButton="outlined" (click)="add('guides', 'vertical')">Upright guide</button>
        <button matButton="outlined" (click)="add('guides', 'horizontal')">Level guide</button>
        <button matButton="outlined" (click)="add('folds', 'vertical')">Fold</button>
      </div>
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 8px;
    }
    h3 {
      margin: 0;
    }
    .two .check {
      align-self: end;
      min-height: 32px;
    }
    .line {
      display: grid;
      grid-template-columns: 1fr auto;
      align-items: end;
      gap: 9px;
    }
    .choices .mat-mdc-outlined-button {
      padding: 0 9px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetLinesComponent {
  private readonly session = inject(EditorSession);
  readonly view = inject(StageView);
  readonly sheet = this.session.shownSheet;

  readonly lines = computed(() => {
    const sheet = this.sheet();
    return sheet ? [...rowsOf(sheet, 'folds'), ...rowsOf(sheet, 'guides')] : [];
  });

  setMargin(px: number): void {
    const { sheet } = this.session.context();
    const margin = Math.min(Math.max(0, px), Math.min(sheet.width, sheet.height) / 2 - 1);
    this.session.commitAgain(changeSheet(sheet, { margin }, 'Margin of the sheet'));
  }

  add(kind: LineKind, axis: Guide['axis']): void {
    const { sheet } = this.session.context();
    const at = (axis === 'vertical' ? sheet.width : sheet.height) / 2;
    const edit =
      kind === 'folds'
        ? changeSheet(sheet, { folds: [...(sheet.folds ?? []), { axis, at }] }, 'Add a fold')
        : changeSheet(sheet, { guides: [...sheet.guides, { id: newId('guide'), axis, at }] }, 'Add a guide');
    this.session.commit(edit);
  }

  move(kind: LineKind, index: number, at: number): void {
    const name = kind === 'folds' ? 'Move a fold' : 'Move a guide';
    this.session.commitAgain(this.edit(kind, (lines) => lines.with(index, { ...lines[index]!, at }), name));
  }

  remove(kind: LineKind, index: number): void {
    const name = kind === 'folds' ? 'Remove a fold' : 'Remove a guide';
    this.session.commit(this.edit(kind, (lines) => lines.toSpliced(index, 1), name));
  }

  private edit(kind: LineKind, change: <T extends Fold>(lines: readonly T[]) => readonly T[], name: string): Edit {
    const { sheet } = this.session.context();
    const after = kind === 'folds' ? { folds: change(sheet.folds ?? []) } : { guides: change(sheet.guides) };
    return changeSheet(sheet, after, name);
  }
}

function rowsOf(sheet: Sheet, kind: LineKind) {
  const word = kind === 'folds' ? 'Fold' : 'Guide';
  return (sheet[kind] ?? []).map(({ axis, at }, index) => ({
    kind,
    index,
    at,
    name: `${word} ${index + 1}, from the ${axis === 'vertical' ? 'left' : 'top'}`,
  }));
}
