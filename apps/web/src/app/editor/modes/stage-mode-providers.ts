import { inject, Injectable, type Provider } from '@angular/core';
import { OutlinePen } from './pen/outline-pen';
import { OutlinePenComponent } from './pen/outline-pen.component';
import { TextCaret } from './text/text-caret';
import { TextCaretComponent } from './text/text-caret.component';
import { LevelLine } from './level/level-line';
import { LevelLineComponent } from './level/level-line.component';
import { FocusEditing } from './focus/focus-editing';
import { FocusBoxComponent } from './focus/focus-box.component';
import { SheetTrim } from './trim/sheet-trim';
import { SheetTrimComponent } from './trim/sheet-trim.component';
import { ColourTaking } from './colour/colour-taking';
import { ColourTakerComponent } from './colour/colour-taker.component';
import { HandPainting } from './painting/hand-painting';
import { HandPaintingComponent } from './painting/hand-painting.component';
import { CutLines } from './cut-lines/cut-lines';
import { AreaFinding } from './area/area-finding';
import { AreaFinderComponent } from './area/area-finder.component';
import { FrontMarking } from './front/front-marking';
import { FrontMarkingComponent } from './front/front-marking.component';
import { STAGE_MODES, type StageMode } from './stage-mode';

@Injectable()
class PenMode implements StageMode {
  private readonly pen = inject(OutlinePen);
  readonly overlay = OutlinePenComponent;
  readonly isOn = (): boolean => this.pen.drawing() !== null;
  readonly cancel = (): void => this.pen.cancel();
}

@Injectable()
class TextMode implements StageMode {
  private readonly text = inject(TextCaret);
  readonly overlay = TextCaretComponent;
  /** What is typed goes into a field; keys beside it mean what they always mean. */
  readonly sharesKeys = true;
  readonly isOn = (): boolean => this.text.opening() !== null;
  readonly cancel = (): void => this.text.end();
}

@Injectable()
class LevelMode implements StageMode {
  private readonly level = inject(LevelLine);
  readonly overlay = LevelLineComponent;
  readonly isOn = (): boolean => this.level.active();
  readonly cancel = (): void => this.level.end();
}

@Injectable()
class FocusMode implements StageMode {
  private readonly focus = inject(FocusEditing);
  readonly overlay = FocusBoxComponent;
  readonly isOn = (): boolean => this.focus.box() !== null;
  readonly cancel = (): void => this.focus.cancel();
}

@Injectable()
class AreaMode implements StageMode {
  private readonly finding = inject(AreaFinding);
  readonly overlay = AreaFinderComponent;
  readonly isOn = (): boolean => this.finding.active();
  readonly cancel = (): void => this.finding.cancel();
}

@Injectable()
class FrontMode implements StageMode {
  private readonly marking = inject(FrontMarking);
  readonly overlay = FrontMarkingComponent;
  readonly isOn = (): boolean => this.marking.active();
  readonly cancel = (): void => this.marking.end();
}

@Injectable()
class TrimMode implements StageMode {
  private readonly trim = inject(SheetTrim);
  readonly overlay = SheetTrimComponent;
  readonly isOn = (): boolean => this.trim.by() !== null;
  readonly cancel = (): void => this.trim.cancel();
}

@Injectable()
class ColourMode implements StageMode {
  private readonly colour = inject(ColourTaking);
  readonly overlay = ColourTakerComponent;
  readonly isOn = (): boolean => this.colour.active();
  readonly cancel = (): void => this.colour.end(null);
}

@Injectable()
class PaintingMode implements StageMode {
  private readonly painting = inject(HandPainting);
  readonly overlay = HandPaintingComponent;
  readonly isOn = (): boolean => this.painting.active();
  readonly cancel = (): void => this.painting.goBack();
}

@Injectable()
class CuttingMode implements StageMode {
  private readonly cutting = inject(CutLines);
  readonly overlay = null;
  readonly isOn = (): boolean => this.cutting.drawing() !== null;
  readonly cancel = (): void => this.cutting.end();
}

/** Every mode of the stage: one that is added stands here and nowhere else. */
export const STAGE_MODE_PROVIDERS: Provider[] = [
  LevelMode,
  FocusMode,
  AreaMode,
  FrontMode,
  TrimMode,
  PenMode,
  PaintingMode,
  CuttingMode,
  ColourMode,
  // Last: it shares its keys.
  TextMode,
].map((mode) => ({
  provide: STAGE_MODES,
  useClass: mode,
  multi: true,
}));
