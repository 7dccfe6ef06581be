import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { sheetSize } from '@kadrosyn/render';
import { NumberFieldComponent } from '../../interface/number-field.component';
import { ShownToggleDirective } from '../../interface/shown-toggle.directive';
import { Exporting } from './exporting';
import { MOST_SCALE, scaleOf } from './export-request';
import type { PictureSize } from './export-settings';

const SCALES = [0.5, 1, 2, 3] as const;
/** As many px as are drawn. */
const MOST_PIXELS = 200e6;

/** How large a picture of the sheet that is shown is, by one of its sides or by the px of the sheet. */
@Component({
  selector: 'ka-picture-size',
  imports: [MatButtonToggleModule, NumberFieldComponent, ShownToggleDirective],
  templateUrl: './picture-size.component.html',
  styleUrl: './export-part.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PictureSizeComponent {
  private readonly exporting = inject(Exporting);
  readonly size = input.required<PictureSize>();
  readonly changed = output<PictureSize>();
  readonly scales = SCALES.map((scale) => ({ scale, words: scale >= 1 ? `${scale}:1` : `1:${1 / scale}` }));
  readonly most = MOST_PIXELS / 1e6;
  private readonly sheet = computed(() => this.exporting.shown()?.sheet ?? null);

  readonly scale = computed(() => {
    const sheet = this.sheet();
    return sheet ? scaleOf(this.size(), sheet) : 1;
  });
  readonly pixels = computed(() => {
    const sheet = this.sheet();
    return sheet ? sheetSize(sheet, this.scale()) : { width: 0, height: 0 };
  });
  readonly mostSide = computed(() => {
    const sheet = this.sheet();
    return sheet ? { width: Math.floor(sheet.width * MOST_SCALE), height: Math.floor(sheet.height * MOST_SCALE) } : this.pixels();
  });
  readonly isTooLarge = computed(() => this.pixels().width * this.pixels().height > MOST_PIXELS);
}
