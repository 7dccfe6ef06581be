import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatTooltipModule } from '@angular/material/tooltip';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { MatSliderModule } from '@angular/material/slider';
import {
  changeOpening,
  coverHull,
  effectiveResolution,
  fillKind,
  fitByRule,
  fitPhoto,
  gapShare,
  isBackground,
  isShared,
  leastCoveringScale,
  outlineKind,
  placedPicture,
  placePhoto,
  respectCover,
  seenPolygons,
  turnPhoto,
  type Edit,
  type FitRule,
  type ItemProperties,
  type Opening,
  type PictureFill,
  type Placement,
  layoutSize,
} from '@kadrosyn/core';
import { IconComponent } from '../../../interface/icon.component';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { pictureWord } from '../../commands/picture-word';
import { EditorSession } from '../../session/session';
import { PlacementCopy } from '../../session/placement-copy';
import { StageView } from '../../stage/stage-view';
import { AreasSectionComponent } from './areas-section.component';
import { fitChoices } from './fit-choices';
import { FocusSectionComponent } from './focus-section.component';
import { RegisterSectionComponent } from './register-section.component';
import { ScatterSectionComponent } from './scatter-section.component';
import { CoveredNoticeComponent } from './covered-notice.component';
import { CropSectionComponent } from './crop-section.component';
import { CutoutSectionComponent } from './cutout-section.component';
import { DrawingColoursComponent } from './drawing-colours.component';
import { LengthFieldComponent } from '../../parts/length-field.component';
import { PhotoMovesComponent } from './photo-moves.component';
import { PlainFillComponent } from '../../parts/plain-fill.component';
import { ShareSectionComponent } from './share-section.component';
import { ShownSheetComponent } from './shown-sheet.component';
import { SlotSectionComponent } from './slot-section.component';

/** Printed pictures look soft below this, dots per inch; screens have fewer. */
const GOOD_PRINT = 200;
/** The slider reaches up to so many times the least covering scale. */
const SLIDER_REACH = 5;

/** How the photo lies in its opening. */
@Component({
  selector: 'ka-fit-tab',
  imports: [
    MatTooltipModule,
    MatButtonModule,
    MatButtonToggleModule,
    MatCheckboxModule,
    ShownToggleDirective,
    MatSliderModule,
    NumberFieldComponent,
    LengthFieldComponent,
    PlainFillComponent,
    ShareSectionComponent,
    DrawingColoursComponent,
    PhotoMovesComponent,
    CropSectionComponent,
    ShownSheetComponent,
    SlotSectionComponent,
    IconComponent,
    CutoutSectionComponent,
    AreasSectionComponent,
    FocusSectionComponent,
    CoveredNoticeComponent,
    RegisterSectionComponent,
    ScatterSectionComponent,
  ],
  templateUrl: './fit-tab.component.html',
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FitTabComponent {
  readonly session = inject(EditorSession);
  readonly copies = inject(PlacementCopy);
  readonly view = inject(StageView);
  readonly opening = input.required<Opening>();

  readonly isDrawing = computed(() => this.opening().fill.type === 'drawing');
  /** A photo behind the sheet covers it: it is not cropped. */
  readonly isBehind = computed(() => isBackground(this.opening()));
  readonly canBeCropped = computed(() => outlineKind(this.opening().outline).canBeCropped === true);
  readonly isPlain = computed(() => fillKind(this.opening().fill).isPlain);

  /** The photo or sheet and what there is to say about how it lies; null without one. */
  readonly placed = computed(() => {
    const [opening, project] = [this.opening(), this.session.shownProject()];
    if (!project) return null;
    const context = { ...this.session.context(), ...project };
    const placed = placedPicture(opening, context);
    if (!placed) return null;
    const { fill, placement, picture } = placed;
    const { shaper, sheet } = context;
    const least = leastCoveringScale(coverHull(opening, sheet, shaper), picture, placement.turn);
    return {
      fill,
      placement,
      least,
      zoom: Math.round((placement.scale / least) * 100),
      uncovered: fill.keepCovered === false ? gapShare(opening, seenPolygons(sheet, opening, shaper), placement, picture) : 0,
      hasFocus: picture.focus !== undefined,
      picture,
      photo: fill.type === 'photo' ? project.photos[fill.photoId] : undefined,
      resolution: Math.round(effectiveResolution(placement, sheet)),
      coarse: project.unit === 'px' ? placement.scale > 1.01 : effectiveResolution(placement, sheet) < GOOD_PRINT,
      right: placement.x - layoutSize(opening).width / 2,
      down: placement.y - layoutSize(opening).height / 2,
    };
  });

  readonly mostZoom = SLIDER_REACH * 100;
  readonly fits = computed(() => fitChoices(this.opening()));

  fit(rule: FitRule): void {
    const placed = this.placed();
    if (!placed) return;
    const { shaper } = this.session.context();
    const { picture } = placed;
    const opening = this.settled();
    // In register the photo is fitted to all of its windows.
    const placement = isShared(opening.fill)
      ? fitByRule(rule, coverHull(opening, this.session.context().sheet, shaper), picture, placed.placement)
      : fitPhoto(rule, opening, picture, shaper, placed.placement);
    const { keepCovered: _before, ...rest } = placed.fill;
    const fill = { ...rest, fit: rule, placement, ...(rule === 'whole' ? { keepCovered: false } : {}) } as PictureFill;
    this.session.commit(this.edit({ fill }, `Fit ${this.word()} in ${this.opening().name}`));
  }

  setKeepCovered(on: boolean): void {
    const placed = this.placed();
    if (!placed) return;
    const { shaper } = this.session.context();
    const { keepCovered: _before, ...rest } = placed.fill;
    const fill: PictureFill = on ? rest : { ...rest, keepCovered: false };
    const hull = coverHull(this.opening(), this.session.context().sheet, shaper);
    const placement = respectCover(fill, placed.placement, hull, placed.picture);
    this.session.commit(this.edit({ fill: { ...fill, placement } }, on ? 'Keep covered' : 'Allow gaps'));
  }

  /** @param percent - of the least covering scale. */
  zoomEdit(percent: number): Edit | null {
    const placed = this.placed();
    const opening = this.session.settledOpening();
    if (!placed || !opening) return null;
    return this.placementEdit({ ...this.settledPlacement(), scale: (placed.least * percent) / 100 }, 'Scale');
  }

  previewZoom(percent: number): void {
    this.session.preview(this.zoomEdit(percent));
  }

  commitZoom(percent: number): void {
    const edit = this.zoomEdit(percent);
    if (edit) this.session.commit(edit);
  }

  typeZoom(percent: number): void {
    const edit = this.zoomEdit(percent);
    if (edit) this.session.commitAgain(edit);
  }

  setTurn(turn: number): void {
    const opening = this.settled();
    this.session.commitAgain(
      this.edit(turnPhoto(opening, turn, this.session.context()), `Turn ${this.word()} in ${opening.name}`),
    );
  }

  setShift(axis: 'x' | 'y', px: number): void {
    const { width, height } = layoutSize(this.opening());
    const middle = axis === 'x' ? width / 2 : height / 2;
    this.session.commitAgain(this.placementEdit({ ...this.settledPlacement(), [axis]: middle + px }, 'Move'));
  }

  mirror(): void {
    const placement = this.settledPlacement();
    this.session.commit(this.placementEdit({ ...placement, flipX: !placement.flipX }, 'Mirror'));
  }

  clearColour(): void {
    this.session.commit(this.edit({ fill: { type: 'none' } }, `Empty ${this.opening().name}`));
  }

  settled(): Opening {
    return this.session.settledOpening() ?? this.opening();
  }

  private word(): string {
    return pictureWord(this.opening().fill);
  }

  private settledPlacement(): Placement {
    return placedPicture(this.settled(), this.session.context())!.placement;
  }

  private placementEdit(placement: Placement, verb: string): Edit {
    const opening = this.settled();
    return this.edit(placePhoto(opening, placement, this.session.context()), `${verb} ${this.word()} in ${opening.name}`);
  }

  private edit(after: ItemProperties, name: string): Edit {
    return changeOpening(this.session.context().sheet, this.settled(), after, name);
  }
}
