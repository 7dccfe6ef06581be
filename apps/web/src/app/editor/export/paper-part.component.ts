import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { findSheet, laySheets, type Paper } from '@kadrosyn/core';
import { NumberFieldComponent } from '../../interface/number-field.component';
import { ShownToggleDirective } from '../../interface/shown-toggle.directive';
import { SliderFieldComponent } from '../../interface/slider-field.component';
import { Exporting } from './exporting';
import { bleedOf, hasMarks, isOfAll } from './export-request';
import type { PaperSettings } from './export-settings';
import { PaperPictureComponent } from './paper-picture.component';
import { SheetParts } from './sheet-parts';
import { SheetsRowComponent } from './sheets-row.component';

const ARRANGEMENTS = [
  { id: 'pages', words: 'One each' },
  { id: 'folded', words: 'Folded' },
  { id: 'many', words: 'Many on one' },
] as const;
const PAPERS = [
  { id: 'a5', words: 'A5' },
  { id: 'a4', words: 'A4' },
  { id: 'a3', words: 'A3' },
  { id: 'letter', words: 'Letter' },
] as const;

/** How sheets are put onto paper, and what is printed beyond their edges. */
@Component({
  selector: 'ka-paper-part',
  imports: [
    MatButtonToggleModule,
    MatCheckboxModule,
    NumberFieldComponent,
    ShownToggleDirective,
    SliderFieldComponent,
    PaperPictureComponent,
    SheetsRowComponent,
  ],
  providers: [SheetParts],
  templateUrl: './paper-part.component.html',
  styleUrl: './export-part.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PaperPartComponent {
  private readonly exporting = inject(Exporting);
  private readonly parts = inject(SheetParts);
  readonly chosen = computed(() => this.exporting.settings().paper);
  readonly arrangements = ARRANGEMENTS;
  readonly papers = PAPERS;
  readonly bleed = computed(() => {
    const shown = this.exporting.shown();
    return shown ? bleedOf(this.chosen(), shown.sheet) : 0;
  });

  readonly isAll = computed(() => isOfAll(this.chosen()));
  readonly marks = computed(() => {
    const shown = this.exporting.shown();
    return shown !== null && hasMarks(this.chosen(), shown.sheet);
  });

  /** The sides of paper that come of it; null where the sheets have no room on it. */
  readonly laid = computed<readonly Paper[] | null>(() => {
    const [shown, request] = [this.exporting.shown(), this.exporting.request()];
    if (!shown || request?.file.type !== 'pdf') return null;
    try {
      const sheets = request.sheetIds.map((id) => findSheet(shown.project, id)!);
      return laySheets(sheets, request.file);
    } catch (error) {
      if (error instanceof RangeError) return null;
      throw error;
    }
  });

  /** What comes of it, in words. */
  readonly says = computed(() => {
    const laid = this.laid();
    if (!laid) {
      return this.chosen().arrange === 'folded'
        ? 'These sheets have several sizes, so they can not be folded into one another.'
        : 'The paper has no room for this sheet. Choose a larger one.';
    }
    const [first] = laid;
    const side = (mm: number): string => String(Math.round(mm * 10) / 10);
    const paper = `${laid.length === 1 ? 'One page' : `${laid.length} pages`} of ${side(first!.width)} × ${side(first!.height)} mm`;
    const on = this.chosen().arrange === 'many' ? `, ${first!.places.length} on ${laid.length === 1 ? 'it' : 'each'}` : '';
    return `${paper}${on}.`;
  });
  /** What stays sharp at any size, and what becomes pictures. */
  readonly partWords = computed(() => this.parts.words(this.exporting.request()?.sheetIds ?? []));

  change(change: Partial<PaperSettings>): void {
    this.exporting.setPaper(change);
  }
}
