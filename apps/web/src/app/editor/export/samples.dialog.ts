import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import type { Opening } from '@kadrosyn/core';

/** What was chosen: to export as it is, or to go to one of the samples. */
export type SamplesChoice = 'export' | { readonly goTo: Opening };

/** Lists what still shows a sample, before it is exported. */
@Component({
  imports: [MatButtonModule, MatDialogModule],
  template: `
    <h2 mat-dialog-title>{{ samples.length === 1 ? 'One sample is' : samples.length + ' samples are' }} still in place</h2>
    <mat-dialog-content>
      <p>They would be exported as if they were yours.</p>
      <ul>
        @for (opening of samples; track opening.id) {
          <li>
            <span
              >{{ opening.slot!.hint }} <small>{{ opening.name }}</small></span
            >
            <button matButton="outlined" [attr.aria-label]="'Go to it: ' + opening.name" (click)="goTo(opening)">Go to it</button>
          </li>
        }
      </ul>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton="outlined" mat-dialog-close cdkFocusInitial>Not yet</button>
      <button matButton="filled" (click)="exportAll()">Export all the same</button>
    </mat-dialog-actions>
  `,
  styles: `
    ul {
      display: grid;
      gap: 6px;
      max-height: 320px;
      margin: 0;
      padding: 0;
      list-style: none;
      overflow-y: auto;
    }
    li {
      display: flex;
      align-items: center;
      justify-content: space-between;
      gap: 16px;
      min-width: 380px;
    }
    small {
      color: var(--soft);
    }
    mat-dialog-actions {
      gap: 8px;
      padding: 12px 24px 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SamplesDialog {
  readonly samples = inject<readonly Opening[]>(MAT_DIALOG_DATA);
  private readonly dialog = inject<MatDialogRef<SamplesDialog, SamplesChoice>>(MatDialogRef);

  goTo(opening: Opening): void {
    this.dialog.close({ goTo: opening });
  }

  exportAll(): void {
    this.dialog.close('export');
  }
}
