import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';

/** Asks for tags, separated by commas. */
@Component({
  imports: [MatButtonModule, MatInputModule, MatDialogModule],
  template: `
    <h2 mat-dialog-title>Tags</h2>
    <form (submit)="finish($event, field.value)">
      <mat-dialog-content>
        <label>
          <span>Words by which the photo is found, with commas between them</span>
          <mat-form-field>
            <input matInput #field maxlength="1000" [value]="tags.join(', ')" cdkFocusInitial />
          </mat-form-field>
        </label>
      </mat-dialog-content>
      <mat-dialog-actions align="end">
        <button matButton="outlined" type="button" mat-dialog-close>Cancel</button>
        <button matButton="filled">Keep tags</button>
      </mat-dialog-actions>
    </form>
  `,
  styles: `
    label {
      display: grid;
      gap: 8px;
      min-width: 340px;
      color: var(--soft);
    }
    mat-dialog-actions {
      gap: 8px;
      padding: 12px 24px 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TagsDialog {
  readonly tags = inject<readonly string[]>(MAT_DIALOG_DATA);
  private readonly dialog = inject<MatDialogRef<TagsDialog, readonly string[]>>(MatDialogRef);

  finish(event: Event, text: string): void {
    event.preventDefault();
    this.dialog.close(tagsOf(text));
  }
}

/** The tags of a line: trimmed, in small letters, each once, at most 40 of 40 letters. */
export function tagsOf(text: string): string[] {
  const words = text.split(',').map((word) => word.trim().toLowerCase().slice(0, 40));
  return [...new Set(words.filter(Boolean))].slice(0, 40);
}
