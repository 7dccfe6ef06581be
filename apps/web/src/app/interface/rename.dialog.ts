import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';

/** Asks for another name. */
@Component({
  imports: [MatButtonModule, MatInputModule, MatDialogModule],
  template: `
    <h2 mat-dialog-title>Rename</h2>
    <form (submit)="finish($event, field.value)">
      <mat-dialog-content>
        <mat-form-field>
          <input matInput #field aria-label="Name" maxlength="200" [value]="name" cdkFocusInitial (focus)="field.select()" />
        </mat-form-field>
      </mat-dialog-content>
      <mat-dialog-actions align="end">
        <button matButton="outlined" type="button" mat-dialog-close>Cancel</button>
        <button matButton="filled">Rename</button>
      </mat-dialog-actions>
    </form>
  `,
  styles: `
    input {
      min-width: 300px;
    }
    mat-dialog-actions {
      gap: 8px;
      padding: 12px 24px 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RenameDialog {
  readonly name = inject<string>(MAT_DIALOG_DATA);
  private readonly dialog = inject<MatDialogRef<RenameDialog, string>>(MatDialogRef);

  finish(event: Event, name: string): void {
    event.preventDefault();
    if (name.trim()) this.dialog.close(name.trim());
  }
}
