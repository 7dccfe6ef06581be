import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule } from '@angular/material/dialog';
import type { Bin } from '@kadrosyn/contract';

/** Asks before anything goes for good. */
@Component({
  imports: [MatButtonModule, MatDialogModule],
  template: `
    <h2 mat-dialog-title>Empty the bin?</h2>
    <mat-dialog-content>
      <p>{{ words }} will be gone for good. Photos that a project or template shows stay.</p>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton="outlined" cdkFocusInitial mat-dialog-close>Keep them</button>
      <button matButton="filled" [mat-dialog-close]="true">Empty the bin</button>
    </mat-dialog-actions>
  `,
  styles: `
    mat-dialog-actions {
      gap: 8px;
      padding: 12px 24px 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EmptyBinDialog {
  private readonly bin = inject<Bin>(MAT_DIALOG_DATA);
  readonly words = [amount(this.bin.projects.length, 'project'), amount(this.bin.photos.length, 'photo')]
    .filter(Boolean)
    .join(' and ');
}

function amount(count: number, what: string): string {
  return count === 0 ? '' : count === 1 ? `1 ${what}` : `${count} ${what}s`;
}
