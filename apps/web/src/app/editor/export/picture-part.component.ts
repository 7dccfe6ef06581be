import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { NumberFieldComponent } from '../../interface/number-field.component';
import { ShownToggleDirective } from '../../interface/shown-toggle.directive';
import { Exporting } from './exporting';
import { FILE_WORDS, scaleOf } from './export-request';
import type { PictureSettings } from './export-settings';
import { PictureSizeComponent } from './picture-size.component';
import { SheetsRowComponent } from './sheets-row.component';
import { SizeCurveComponent } from './size-curve.component';

/** Of a file, where a limit is put on for the first time, KB. */
const USUAL_KB = 500;

/** Which pictures are made, how large, and of what quality. */
@Component({
  selector: 'ka-picture-part',
  imports: [
    MatButtonToggleModule,
    MatCheckboxModule,
    NumberFieldComponent,
    PictureSizeComponent,
    SheetsRowComponent,
    ShownToggleDirective,
    SizeCurveComponent,
  ],
  templateUrl: './picture-part.component.html',
  styleUrl: './export-part.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PicturePartComponent {
  private readonly exporting = inject(Exporting);
  readonly purpose = input.required<'screen' | 'shop'>();
  readonly chosen = computed(() => this.exporting.settings()[this.purpose()]);
  readonly pages = this.exporting.pages;
  readonly sheet = computed(() => this.exporting.shown()?.sheet ?? null);
  readonly types = Object.entries(FILE_WORDS) as [PictureSettings['type'], string][];
  readonly usualKb = USUAL_KB;

  readonly scale = computed(() => {
    const sheet = this.sheet();
    return sheet ? scaleOf(this.chosen().size, sheet) : 1;
  });
  /** What comes of several, and of what is clear. */
  readonly says = computed(() => {
    const count = this.chosen().all ? this.pages().length : 1;
    const files = count > 1 ? `${count} pictures in one archive, each with the name of its sheet. ` : '';
    const clear = this.chosen().type === 'jpeg' ? 'What is clear becomes white.' : '';
    return `${files}${clear}`.trim();
  });

  change(change: Partial<PictureSettings>): void {
    this.exporting.setPicture(this.purpose(), change);
  }
}
