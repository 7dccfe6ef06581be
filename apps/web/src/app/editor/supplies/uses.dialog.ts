import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule } from '@angular/material/dialog';
import { RouterLink } from '@angular/router';
import { faultOf } from '../../api/fault';
import type { PhotoUses } from '@kadrosyn/contract';

/** A photo and where it is used, which is being asked for. */
export interface UsesRequest {
  readonly name: string;
  readonly uses: Promise<PhotoUses>;
}

/** Says where a photo is used. */
@Component({
  imports: [MatButtonModule, MatDialogModule, RouterLink],
  template: `
    <h2 mat-dialog-title>Where {{ request.name }} is used</h2>
    <mat-dialog-content aria-live="polite">
      @if (uses(); as found) {
        @for (project of found.projects; track project.id) {
          <p>
            <a [routerLink]="['/projects', project.id]" mat-dialog-close>{{ project.name }}</a>
          </p>
        }
        @for (name of found.templates; track name) {
          <p>Template {{ name }}</p>
        }
        @if (found.projects.length + found.templates.length === 0) {
          <p>Nowhere. It can be removed from the supplies without any change elsewhere.</p>
        }
      } @else {
        <p>{{ fault() ?? 'Looking…' }}</p>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton="outlined" mat-dialog-close cdkFocusInitial>Close</button>
    </mat-dialog-actions>
  `,
  styles: `
    p {
      margin: 0 0 8px;
      min-width: 280px;
    }
    mat-dialog-actions {
      padding: 12px 24px 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class UsesDialog {
  readonly request = inject<UsesRequest>(MAT_DIALOG_DATA);
  readonly uses = signal<PhotoUses | null>(null);
  readonly fault = signal<string | null>(null);

  constructor() {
    this.request.uses.then(
      (uses) => this.uses.set(uses),
      (error: unknown) => this.fault.set(faultOf(error).message),
    );
  }
}
