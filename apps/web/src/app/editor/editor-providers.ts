import type { Provider } from '@angular/core';
import { COLOUR_SOURCE } from '../interface/colour-offers';
import { Arrivals } from './arrivals';
import { BreakoutChecks } from './breakout/breakout-checks';
import { BreakoutEditing } from './breakout/breakout-editing';
import { FindingsEngine } from './findings/findings-engine';
import { BreakoutFinder } from './breakout/breakout-finder';
import { CutLines } from './breakout/cut-lines';
import { FindSubject } from './breakout/find-subject';
import { HandPainting } from './breakout/hand-painting';
import { Cutting } from './cutting';
import { Passed } from './depth/passed';
import { EditorCommands } from './editor-commands';
import { ColourTaking } from './finish/colour-taking';
import { FinishEditing } from './finish/finish-editing';
import { OpenFolds } from './finish/open-folds';
import { PhotoColours } from './finish/photo-colours';
import { SheetPixels } from './finish/sheet-pixels';
import { FocusEditing } from './focus-editing';
import { ItemClipboard } from './item-clipboard';
import { StageModes } from './modes/stage-modes';
import { STAGE_MODE_PROVIDERS } from './modes/stage-mode-providers';
import { Notices } from './notices';
import { OutlinePen } from './pen/outline-pen';
import { PhotoPlacing } from './photo-placing';
import { PlacementCopy } from './placement-copy';
import { ProjectFaces } from './project-faces';
import { WordReading } from './readable/word-reading';
import { Regions } from './regions';
import { EditorSession } from './session';
import { CropGuides } from './sheet/crop-guides';
import { LevelLine } from './sheet/level-line';
import { SheetTrim } from './sheet/sheet-trim';
import { Snapping } from './sheet/snapping';
import { StagePointer } from './sheet/stage-pointer';
import { StageView } from './sheet/stage-view';
import { Viewport } from './sheet/viewport';
import { SupplyDrag } from './supplies/supply-drag';
import { TextCaret } from './text/text-caret';

/** What the parts of one open editor share. */
export const EDITOR_PROVIDERS: Provider[] = [
  EditorSession,
  Viewport,
  SupplyDrag,
  OutlinePen,
  TextCaret,
  Notices,
  Arrivals,
  PhotoPlacing,
  CropGuides,
  LevelLine,
  SheetTrim,
  Snapping,
  StagePointer,
  StageView,
  Passed,
  EditorCommands,
  ItemClipboard,
  ProjectFaces,
  FocusEditing,
  PlacementCopy,
  FinishEditing,
  OpenFolds,
  ColourTaking,
  PhotoColours,
  SheetPixels,
  FindingsEngine,
  WordReading,
  Cutting,
  BreakoutFinder,
  BreakoutEditing,
  FindSubject,
  CutLines,
  HandPainting,
  BreakoutChecks,
  StageModes,
  STAGE_MODE_PROVIDERS,
  Regions,
  { provide: COLOUR_SOURCE, useExisting: PhotoColours },
];
