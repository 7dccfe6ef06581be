import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatTooltipModule } from '@angular/material/tooltip';
import { MatProgressBarModule } from '@angular/material/progress-bar';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { crossingKey, followLight, isWarped, placedPhoto, type Item, type Opening, type Shadow } from '@kadrosyn/core';
import type { SeenPiece } from '@kadrosyn/render';
import { MatMenuModule } from '@angular/material/menu';
import { faultOf } from '../../../api/fault';
import { IconComponent } from '../../../interface/icon.component';
import { SliderFieldComponent } from '../../../interface/slider-field.component';
import { LengthSliderComponent } from '../../parts/length-slider.component';
import { PhotoLibrary } from '../../../photos/photo-library';
import { Cutting } from '../../session/cutting';
import { FinishEditing } from '../../finish/finish-editing';
import { FinishPartComponent } from '../finish/finish-part.component';
import { firstShadow } from '../../finish/first-shadow';
import { ShadowControlsComponent } from '../finish/shadow-controls.component';
import { Notices } from '../../session/notices';
import { CornersChoiceComponent } from '../../parts/corners-choice.component';
import { outlineWord } from '../../panel/panel-tabs';
import { EditorSession } from '../../session/session';
import { BreakoutEditing, SIDES, type Side } from '../../breakout/breakout-editing';
import { BreakoutFinder, linkedFill } from '../../breakout/breakout-finder';
import type { NamedRegion } from '../../breakout/breakout-words';
import { BreakoutChecks } from '../../breakout/breakout-checks';
import { CutLines } from '../../modes/cut-lines/cut-lines';
import { HandPainting } from '../../modes/painting/hand-painting';
import { FindSubject } from '../../breakout/find-subject';

/** What comes out of the opening, what it passes over and under, and the shadow that holds it together. */
@Component({
  selector: 'ka-breakout-tab',
  imports: [
    MatTooltipModule,
    MatProgressBarModule,
    MatButtonModule,
    MatButtonToggleModule,
    ShownToggleDirective,
    CornersChoiceComponent,
    FinishPartComponent,
    ShadowControlsComponent,
    LengthSliderComponent,
    SliderFieldComponent,
    IconComponent,
    MatMenuModule,
  ],
  templateUrl: './breakout-tab.component.html',
  styleUrls: ['../../parts/panel-section.scss', './breakout-tab.component.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BreakoutTabComponent {
  private readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  private readonly notices = inject(Notices);
  private readonly finish = inject(FinishEditing);
  readonly cutting = inject(Cutting);
  readonly finder = inject(BreakoutFinder);
  readonly editing = inject(BreakoutEditing);
  readonly finding = inject(FindSubject);
  readonly lines = inject(CutLines);
  readonly checks = inject(BreakoutChecks);
  private readonly painting = inject(HandPainting);
  readonly item = input.required<Item>();
  readonly sides = SIDES;

  readonly opening = computed<Opening | null>(() => {
    const item = this.item();
    return item.type === 'opening' ? item : null;
  });
  readonly placed = computed(() => {
    const [opening, project] = [this.opening(), this.session.shownProject()];
    return opening && project ? placedPhoto(opening, { ...this.session.context(), photos: project.photos }) : null;
  });
  readonly hasCutout = computed(() => {
    const [placed, opening, project] = [this.placed(), this.opening(), this.session.shownProject()];
    return !!placed && opening !== null && project !== null && (!!placed.fill.cutout || linkedFill(project, opening) !== null);
  });
  /** It has no edge of its own to come out of. */
  readonly isLoose = computed(() => this.opening()?.kind === 'loose');
  /** It follows the perspective of its four corners. */
  readonly isLying = computed(() => isWarped(this.opening()?.outline ?? { type: 'ellipse' }));
  readonly cutoutName = computed(() => {
    const { photo, fill } = this.placed()!;
    const cutouts = photo.cutouts ?? [];
    return (cutouts.find(({ id }) => id === fill.cutout?.id) ?? cutouts.at(-1))?.name ?? 'Subject';
  });
  readonly isArriving = computed(() => this.library.uploadingIds().has(this.placed()?.photo.id ?? ''));
  readonly word = computed(() => {
    const item = this.item();
    return item.type === 'opening' && item.outline.type === 'lettering' ? 'letters' : outlineWord(item).toLowerCase();
  });

  readonly groups = computed(() => {
    const groups = new Map<unknown, { readonly key: string; readonly regions: NamedRegion[] }>();
    for (const region of this.editing.regions()) {
      const group = groups.get(region.survey.crossing) ?? { key: region.key, regions: [] };
      group.regions.push(region);
      groups.set(region.survey.crossing, group);
    }
    return [...groups.values()];
  });

  /** Of a photo whose subject alone is shown, the shadow is that of its finish. */
  readonly castsShadow = computed(() => this.hasCutout() && !(this.isLoose() && this.placed()?.fill.show === 'subject'));
  readonly shadow = computed(() => this.editing.overhangs().shadow);
  readonly contact = computed(() => this.editing.overhangs().contact);
  readonly firstContact = computed(() => ({ blur: Math.round(this.finish.side() * 0.014 * 10) / 10, strength: 0.55 }));
  /** Something is out or crosses, and none of it is cut. */
  readonly isClean = computed(() => {
    const found = this.finder.findings();
    return (
      found !== null && (this.editing.pieces().some(({ out }) => out) || this.editing.regions().some(({ isOver }) => isOver))
    );
  });
  readonly firstShadow = computed(() => firstShadow(this.finish.extent()));

  isAll(out: boolean): boolean {
    const { sides, pieces } = this.editing.overhangs();
    return SIDES.every((side) => sides[side] === out) && pieces.every((piece) => piece.out === out);
  }

  sideName(side: Side): string {
    return side[0]!.toUpperCase() + side.slice(1);
  }

  pieceName({ side }: SeenPiece): string {
    return `${this.sideName(side)} piece`;
  }

  /** Finds the subject and lets it out; where none stands out by itself, it is cut out by hand first. */
  async letOut(): Promise<void> {
    const opening = this.session.settledOpening();
    const photo = this.placed()?.photo;
    if (!opening || !photo) return;
    try {
      const found = await this.finding.find(photo);
      if (found) this.cutting.letOut(photo, opening.id, found.cutout, found.focus);
      else if (this.session.selected()?.id === opening.id) this.cutting.begin(photo, opening, { letsOut: true });
    } catch (error) {
      this.notices.say(`The subject could not be looked for. ${faultOf(error).message}`);
    }
  }

  toggleContact(on: boolean): void {
    this.editing.setContact(on ? this.firstContact() : null);
  }

  divide({ survey }: NamedRegion): void {
    this.lines.begin({ pair: crossingKey(survey.crossing) });
  }

  paint({ survey }: NamedRegion): void {
    this.painting.begin(crossingKey(survey.crossing));
  }

  round(value: number): number {
    return Math.round(value);
  }

  toggleShadow(on: boolean): void {
    this.editing.setShadow(on ? this.firstShadow() : null, on ? 'Shadow of the overhang' : 'No shadow of the overhang');
  }

  merged(shadow: Shadow, change: Partial<Shadow>): Shadow {
    return { ...shadow, ...change };
  }

  follow(shadow: Shadow, on: boolean): void {
    this.editing.setShadow(followLight(shadow, this.session.context().sheet, on), 'Light of the shadow of the overhang');
  }
}
