import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../interface/shown-toggle.directive';
import { Exporting } from './exporting';

/** Whether the sheet that is shown is handed over, or every one. Nothing is asked where there is one. */
@Component({
  selector: 'ka-sheets-row',
  imports: [MatButtonToggleModule, ShownToggleDirective],
  template: `
    @if (pages().length > 1) {
      <div class="line">
        <span id="export-sheets">Sheets</span>
        <mat-button-toggle-group multiple class="one-line" aria-labelledby="export-sheets">
          <mat-button-toggle [kaOn]="!all()" (change)="changed.emit(false)">This sheet</mat-button-toggle>
          <mat-button-toggle [kaOn]="all()" (change)="changed.emit(true)">All {{ pages().length }}</mat-button-toggle>
        </mat-button-toggle-group>
      </div>
    }
  `,
  styleUrl: './export-part.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetsRowComponent {
  readonly pages = inject(Exporting).pages;
  readonly all = input.required<boolean>();
  readonly changed = output<boolean>();
}
