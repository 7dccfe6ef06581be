import type { Provider } from '@angular/core';
import { COLOUR_SOURCE } from '../interface/colour-offers';
import { Arrivals } from './session/arrivals';
import { BreakoutChecks } from './breakout/breakout-checks';
import { CUTOUT_PLACE } from '../cutout/cutout-place';
import { BreakoutEditing } from './breakout/breakout-editing';
import { FindingsEngine } from './findings/findings-engine';
import { BreakoutFinder } from './breakout/breakout-finder';
import { CutLines } from './modes/cut-lines/cut-lines';
import { FindSubject } from './breakout/find-subject';
import { HandPainting } from './modes/painting/hand-painting';
import { Cutting } from './session/cutting';
import { Passed } from './depth/passed';
import { EditorCommands } from './commands/editor-commands';
import { ColourTaking } from './modes/colour/colour-taking';
import { FinishEditing } from './finish/finish-editing';
import { OpenFolds } from './parts/open-folds';
import { PhotoColours } from './finish/photo-colours';
import { SheetPixels } from './finish/sheet-pixels';
import { AreaEditing } from './areas/area-editing';
import { AreaEngine } from './areas/area-engine';
import { AreaLibrary } from './areas/area-library';
import { AreaSurfaces } from './areas/area-surfaces';
import { FoldReading } from './areas/fold-reading';
import { FrontMarking } from './modes/front/front-marking';
import { AreaFinding } from './modes/area/area-finding';
import { FocusEditing } from './modes/focus/focus-editing';
import { ItemClipboard } from './session/item-clipboard';
import { StageModes } from './modes/stage-modes';
import { STAGE_MODE_PROVIDERS } from './modes/stage-mode-providers';
import { Exporting } from './export/exporting';
import { SizeForecast } from './export/size-forecast';
import { FlatGround } from './products/flat-ground';
import { ImprintEditing } from './products/imprint-editing';
import { MockupPictures } from './products/mockup-pictures';
import { Printing } from './products/printing';
import { Notices } from './session/notices';
import { OutlinePen } from './modes/pen/outline-pen';
import { PhotoPlacing } from './session/photo-placing';
import { PlacementCopy } from './session/placement-copy';
import { ProjectFaces } from './session/project-faces';
import { ProjectPhotos } from './session/project-photos';
import { WordReading } from './finish/word-reading';
import { Regions } from './session/regions';
import { EditorSession } from './session/session';
import { CropGuides } from './stage/crop-guides';
import { LevelLine } from './modes/level/level-line';
import { SheetTrim } from './modes/trim/sheet-trim';
import { HeldCorner } from './stage/held-corner';
import { SheetPictures } from './session/sheet-pictures';
import { Snapping } from './stage/snapping';
import { StagePointer } from './stage/stage-pointer';
import { StageView } from './stage/stage-view';
import { Viewport } from './stage/viewport';
import { SupplyDrag } from './supplies/supply-drag';
import { TextCaret } from './modes/text/text-caret';

/** What the parts of one open editor share. */
export const EDITOR_PROVIDERS: Provider[] = [
  EditorSession,
  Exporting,
  SizeForecast,
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
  HeldCorner,
  StagePointer,
  StageView,
  Passed,
  EditorCommands,
  ItemClipboard,
  ProjectFaces,
  ProjectPhotos,
  FocusEditing,
  AreaEngine,
  AreaLibrary,
  AreaEditing,
  AreaSurfaces,
  FoldReading,
  AreaFinding,
  FrontMarking,
  ImprintEditing,
  Printing,
  FlatGround,
  MockupPictures,
  PlacementCopy,
  FinishEditing,
  OpenFolds,
  ColourTaking,
  PhotoColours,
  SheetPixels,
  FindingsEngine,
  SheetPictures,
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
  { provide: CUTOUT_PLACE, useExisting: EditorSession },
  { provide: COLOUR_SOURCE, useExisting: PhotoColours },
];
