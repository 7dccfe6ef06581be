import { inject, Injectable } from '@angular/core';
import { CutLines } from './breakout/cut-lines';
import { HandPainting } from './breakout/hand-painting';
import { Cutting } from './cutting';
import { FocusEditing } from './focus-editing';
import { OutlinePen } from './pen/outline-pen';
import { LevelLine } from './sheet/level-line';
import { SheetTrim } from './sheet/sheet-trim';

/** Whether keys belong to something that lies over the sheet, such as a line that is being drawn. */
@Injectable()
export class KeyOwner {
  private readonly pen = inject(OutlinePen);
  private readonly level = inject(LevelLine);
  private readonly trim = inject(SheetTrim);
  private readonly focus = inject(FocusEditing);
  private readonly cutting = inject(Cutting);
  private readonly lines = inject(CutLines);
  private readonly painting = inject(HandPainting);

  isElsewhere(): boolean {
    const drawn = this.pen.drawing() ?? this.lines.drawing() ?? this.trim.by() ?? this.focus.box() ?? this.cutting.request();
    return Boolean(drawn) || this.level.active() || this.painting.active();
  }
}
