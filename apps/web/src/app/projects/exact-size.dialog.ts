import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import { MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { toPx, type SheetSize, type Unit } from '@kadrosyn/core';
import { NumberFieldComponent } from '../interface/number-field.component';

const MOST_PX = 30_000;

/** Asks for the exact size of a new sheet. */
@Component({
  imports: [MatButtonModule, MatInputModule, MatDialogModule, NumberFieldComponent],
  template: `
    <h2 mat-dialog-title>Exact size</h2>
    <mat-dialog-content>
      <div class="fields">
        <ka-number-field label="Width" [value]="width()" [decimals]="2" [least]="0.1" (changed)="width.set($event)" />
        <ka-number-field label="Height" [value]="height()" [decimals]="2" [least]="0.1" (changed)="height.set($event)" />
        <label>
          <span>Unit</span>
          <mat-form-field>
            <select matNativeControl [value]="unit()" (change)="unit.set($any($event.target).value)">
              @for (choice of units; track choice) {
                <option [value]="choice" [selected]="choice === unit()">{{ choice }}</option>
              }
            </select>
          </mat-form-field>
        </label>
        @if (unit() !== 'px') {
          <ka-number-field label="Dots per inch" [value]="dpi()" [least]="36" [most]="1200" (changed)="dpi.set($event)" />
        }
      </div>
      @if (tooLarge()) {
        <p class="warning">A side may have at most {{ most }} px. Choose a smaller size or fewer dots per inch.</p>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton="outlined" mat-dialog-close>Cancel</button>
      <button matButton="filled" [disabled]="tooLarge()" (click)="finish()">New sheet</button>
    </mat-dialog-actions>
  `,
  styles: `
    .fields {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 12px;
      min-width: 300px;
    }
    label {
      display: grid;
      gap: 3px;
      font-size: 13px;
      color: var(--soft);
    }
    select {
      color: var(--ink);
    }
    .warning {
      color: var(--amber);
    }
    mat-dialog-actions {
      gap: 8px;
      padding: 12px 24px 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ExactSizeDialog {
  private readonly dialog = inject<MatDialogRef<ExactSizeDialog, SheetSize>>(MatDialogRef);
  readonly units: readonly Unit[] = ['px', 'mm', 'in'];
  readonly most = MOST_PX;
  readonly width = signal(1200);
  readonly height = signal(800);
  readonly unit = signal<Unit>('px');
  readonly dpi = signal(300);
  readonly tooLarge = computed(() => toPx(Math.max(this.width(), this.height()), this.unit(), this.dpi()) > MOST_PX);

  finish(): void {
    const [width, height, unit] = [this.width(), this.height(), this.unit()];
    this.dialog.close(unit === 'px' ? { width, height, unit } : { width, height, unit, dpi: this.dpi() });
  }
}
