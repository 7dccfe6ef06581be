import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { sheetSize } from '@kadrosyn/render';
import { NumberFieldComponent } from '../../interface/number-field.component';
import { ShownToggleDirective } from '../../interface/shown-toggle.directive';
import { Exporting } from './exporting';
import { FILE_WORDS, MOST_SCALE, scaleOf } from './export-request';
import type { PictureSettings } from './export-settings';
import { SizeCurveComponent } from './size-curve.component';

const SCALES = [0.5, 1, 2, 3] as const;
/** As many px as are drawn. */
const MOST_PIXELS = 200e6;
/** Of a file, where a limit is put on for the first time, KB. */
const USUAL_KB = 500;

/** Which pictures are made, how large, and of what quality. */
@Component({
  selector: 'ka-picture-part',
  imports: [MatButtonToggleModule, MatCheckboxModule, NumberFieldComponent, ShownToggleDirective, SizeCurveComponent],
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
  readonly scales = SCALES.map((scale) => ({ scale, words: scale >= 1 ? `${scale}:1` : `1:${1 / scale}` }));
  readonly usualKb = USUAL_KB;

  readonly scale = computed(() => {
    const sheet = this.sheet();
    return sheet ? scaleOf(this.chosen().size, sheet) : 1;
  });
  readonly size = computed(() => {
    const sheet = this.sheet();
    return sheet ? sheetSize(sheet, this.scale()) : { width: 0, height: 0 };
  });
  readonly mostSide = computed(() => {
    const sheet = this.sheet();
    return sheet ? { width: Math.floor(sheet.width * MOST_SCALE), height: Math.floor(sheet.height * MOST_SCALE) } : this.size();
  });

  /** Px that photos have not got are said, and what can not be drawn. */
  readonly says = computed(() => {
    const { width, height } = this.size();
    if (width * height > MOST_PIXELS) return `At most ${MOST_PIXELS / 1e6} million px can be drawn: choose fewer.`;
    const count = this.chosen().all ? this.pages().length : 1;
    const files = count > 1 ? `${count} pictures in one archive, each with the name of its sheet. ` : '';
    const clear = this.chosen().type === 'jpeg' ? 'What is clear becomes white.' : '';
    return `${files}${clear}`.trim();
  });
  readonly isTooLarge = computed(() => this.size().width * this.size().height > MOST_PIXELS);

  change(change: Partial<PictureSettings>): void {
    this.exporting.setPicture(this.purpose(), change);
  }
}
