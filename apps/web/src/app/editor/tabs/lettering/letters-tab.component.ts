import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { MatInputModule } from '@angular/material/input';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { MatSliderModule } from '@angular/material/slider';
import {
  changeItem,
  fillWidth,
  findFace,
  FALLBACK_FACE,
  isFaceMissing,
  joinWord,
  lettersOfWord,
  letteringText,
  missingLetters,
  splitWord,
  withFace,
  withWholeText,
  type Edit,
  type LetteringOutline,
  type LetteringRun,
  type Opening,
  letteringProperties,
} from '@kadrosyn/core';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { OwnFaces } from '../../../lettering/own-faces';
import { ShaperLoader } from '../../../lettering/shaper-loader';
import { letteringEdit, textEdit, withRuns } from '../../commands/lettering-edits';
import { Notices } from '../../session/notices';
import { EditorSession } from '../../session/session';
import { LengthFieldComponent } from '../../parts/length-field.component';
import { CircleSectionComponent } from './circle-section.component';
import { FaceListComponent, type FaceChoice } from '../../parts/face-list.component';
import { PlainFillComponent } from '../../parts/plain-fill.component';

const AXIS_NAMES: Readonly<Record<string, string>> = { wght: 'Weight', wdth: 'Width' };
const ALIGNS = [
  { id: 'left', name: 'Left' },
  { id: 'centre', name: 'Centre' },
  { id: 'right', name: 'Right' },
] as const;
const CASES = [
  { id: undefined, name: 'As typed' },
  { id: 'upper', name: 'CAPITALS' },
  { id: 'lower', name: 'small' },
] as const;
/** A word that fills the sheet keeps this share of it free on each side, where the sheet has no margin. */
const AIR = 0.06;

/** The text of a lettering, its face, and how it is set. */
@Component({
  selector: 'ka-letters-tab',
  imports: [
    MatButtonModule,
    MatButtonToggleModule,
    MatCheckboxModule,
    MatInputModule,
    ShownToggleDirective,
    MatSliderModule,
    NumberFieldComponent,
    LengthFieldComponent,
    FaceListComponent,
    CircleSectionComponent,
    PlainFillComponent,
  ],
  templateUrl: './letters-tab.component.html',
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LettersTabComponent {
  readonly session = inject(EditorSession);
  private readonly loader = inject(ShaperLoader);
  private readonly ownFaces = inject(OwnFaces);
  private readonly notices = inject(Notices);
  readonly opening = input.required<Opening>();
  readonly aligns = ALIGNS;
  readonly cases = CASES;
  readonly outline = computed(() => this.opening().outline as LetteringOutline);
  readonly run = computed<LetteringRun>(() => this.outline().runs[0]!);
  readonly textValue = computed(() => letteringText(this.outline()));
  readonly rows = computed(() => Math.min(4, this.textValue().split('\n').length));
  readonly axes = computed(() =>
    Object.entries(this.ownFaces.axesOf(this.run().face))
      .filter(([tag]) => tag in AXIS_NAMES)
      .map(([tag, limits]) => ({ tag, ...limits, name: AXIS_NAMES[tag]!, value: this.run().axes[tag] ?? limits.default })),
  );
  readonly missing = computed(() => missingLetters(this.outline(), this.session.context().shaper).join(' '));

  /** Said where a face is gone: what is shown instead. */
  readonly goneFace = computed(() => {
    const outline = this.outline();
    if (!isFaceMissing(outline, this.session.context().shaper)) return null;
    const { face, faceName, standIn } = outline.runs.find((run) => !findFace(run.face)) ?? this.run();
    const name = faceName ?? face;
    const stands = (findFace(standIn ?? FALLBACK_FACE) ?? findFace(FALLBACK_FACE)!).name;
    return outline.kept
      ? `The face ${name} is not here. Its letters are kept as they were; what you type will be set in ${stands}.`
      : `The face ${name} is not here. ${stands} stands in for it.`;
  });

  readonly stretched = computed(() => {
    const { stretch } = this.outline();
    return stretch
      ? `Letters are stretched to ${percent(stretch.x)} of their width and ${percent(stretch.y)} of their height.`
      : null;
  });

  readonly canSplit = computed(() => this.textValue().replace(/\s/g, '').length > 1);
  readonly canJoin = computed(() => {
    const sheet = this.session.sheet();
    return sheet !== null && lettersOfWord(sheet, this.opening()).length > 1;
  });

  setText(text: string): void {
    const opening = this.settled();
    const outline = withWholeText(opening.outline as LetteringOutline, text.replace(/\r\n?/g, '\n'));
    this.session.commitAgain(textEdit(this.session.context(), opening, outline));
  }

  async setFace({ face, role }: FaceChoice): Promise<void> {
    await this.loader.ensure([face], this.textValue());
    const chosen = { ...this.ownFaces.chosen(face), ...(role && { role }) };
    this.session.commit(this.edit(withFace(this.settledOutline(), chosen, this.ownFaces.axesOf), 'Change face'));
  }

  axisEdit(tag: string, value: number): Edit {
    const outline = this.settledOutline();
    const runs = outline.runs.map((run) => ({ ...run, axes: { ...run.axes, [tag]: value } }));
    return this.edit({ ...outline, runs }, `Change ${(AXIS_NAMES[tag] ?? tag).toLowerCase()}`);
  }

  /** All runs keep their sizes to one another. */
  setSize(px: number): void {
    const outline = this.settledOutline();
    const factor = px / outline.runs[0]!.size;
    const runs = outline.runs.map((run) => ({ ...run, size: run.size * factor }));
    this.session.commitAgain(this.edit({ ...outline, runs }, 'Change letter size'));
  }

  setTracking(tracking: number): void {
    this.session.commitAgain(this.edit(withRuns(this.settledOutline(), { tracking }), 'Change tracking'));
  }

  setLeading(share: number): void {
    this.session.commitAgain(this.edit({ ...this.settledOutline(), leading: share / 100 }, 'Change line spacing'));
  }

  setAlign(align: LetteringOutline['align']): void {
    this.session.commit(this.edit({ ...this.settledOutline(), align }, 'Align text'));
  }

  setCase(letterCase: LetteringRun['letterCase']): void {
    const outline = this.settledOutline();
    const runs = outline.runs.map(({ letterCase: _before, ...run }) => (letterCase ? { ...run, letterCase } : run));
    this.session.commit(this.edit({ ...outline, runs }, 'Change case'));
  }

  /** As wide as the sheet has room for. */
  fillSheet(): void {
    const { sheet, shaper } = this.session.context();
    const margin = Math.max(sheet.margin, AIR * Math.min(sheet.width, sheet.height));
    const opening = this.settled();
    const [width, height] = [sheet.width - 2 * margin, sheet.height - 2 * margin];
    const outline = fillWidth(this.settledOutline(), width, height, this.ownFaces.axesOf, shaper);
    const { project: _project, ...context } = this.session.context();
    const after = letteringProperties(context, opening, outline);
    const box = after.box!;
    const place = {
      x: (sheet.width - box.width) / 2,
      y: Math.min(Math.max(box.y, margin), sheet.height - margin - box.height),
    };
    this.session.commit(changeItem(sheet, opening, { ...after, box: { ...box, ...place } }, 'Fill the sheet'));
  }

  setStretching(on: boolean): void {
    const { stretch: _before, ...rest } = this.settledOutline();
    this.session.commit(
      this.edit(on ? { ...rest, stretch: { x: 1, y: 1 } } : rest, on ? 'Stretch letters' : 'Unstretch letters'),
    );
  }

  split(): void {
    const split = splitWord(this.settled(), this.session.context());
    if (!split) return;
    this.session.commit(split.edit, split.first);
    this.notices.sayWithUndo('Each letter is an opening of its own now: fill and move them one by one.');
  }

  join(): void {
    const { project, ...context } = this.session.context();
    const join = joinWord(this.settled(), project, context);
    if (join) this.session.commit(join.edit, join.id);
  }

  outlineEdit = (outline: LetteringOutline, name: string): Edit => this.edit(outline, name);

  private settled(): Opening {
    return this.session.settledOpening() ?? this.opening();
  }

  private settledOutline(): LetteringOutline {
    return this.settled().outline as LetteringOutline;
  }

  private edit(outline: LetteringOutline, name: string): Edit {
    return letteringEdit(this.session.context(), this.settled(), outline, name);
  }
}

function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}
