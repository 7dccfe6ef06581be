import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatSliderModule } from '@angular/material/slider';
import {
  changeItem,
  changeLettering,
  FACES,
  findFace,
  fromPx,
  letteringText,
  withText,
  toPx,
  UNIT_DECIMALS,
  type Edit,
  type ItemProperties,
  type LetteringOutline,
  type LetteringRun,
  type Opening,
} from '@kadrosyn/core';
import { ColourFieldComponent } from '../../interface/colour-field.component';
import { NumberFieldComponent } from '../../interface/number-field.component';
import { EditorSession } from '../session';

const AXIS_NAMES: Readonly<Record<string, string>> = { wght: 'Weight', wdth: 'Width' };

/** The text of a lettering, its face and its size. */
@Component({
  selector: 'ka-letters-tab',
  imports: [MatSliderModule, NumberFieldComponent, ColourFieldComponent],
  templateUrl: './letters-tab.component.html',
  styleUrl: './panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LettersTabComponent {
  readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();
  readonly faces = FACES;
  readonly swatches = computed(() => this.session.project()?.swatches ?? []);
  readonly unit = computed(() => this.session.project()?.unit ?? 'px');
  readonly decimals = computed(() => UNIT_DECIMALS[this.unit()]);

  readonly run = computed<LetteringRun>(() => this.outline().runs[0]!);
  readonly textValue = computed(() => letteringText(this.outline()));
  readonly size = computed(() => fromPx(this.run().size, this.unit(), this.session.context().sheet.dpi));
  readonly axes = computed(() => {
    const axes = findFace(this.run().face)?.axes ?? {};
    return Object.entries(axes).map(([tag, limits]) => ({
      tag,
      ...limits,
      name: AXIS_NAMES[tag] ?? tag,
      value: this.run().axes[tag] ?? limits.default,
    }));
  });
  readonly missing = computed(() => [...new Set(this.session.context().shaper.shapeLine(this.run()).missing)].join(''));
  readonly colour = computed(() => {
    const { fill } = this.opening();
    return fill.type === 'colour' ? fill.colour : '';
  });

  setText(text: string): void {
    const { name } = this.settled();
    const line = text.replace(/[\r\n]+/g, ' ');
    const before = letteringText(this.settledOutline());
    // The name follows the text until it was chosen by hand.
    const named = name === before || name === before.slice(0, 40) ? { name: line.slice(0, 40) || 'Lettering' } : {};
    const [first] = this.settledOutline().runs;
    this.session.commitAgain(this.edit(withText(first!, line), 'Edit text', named));
  }

  setFace(face: string): void {
    const axes = findFace(face)?.axes ?? {};
    const kept = Object.fromEntries(Object.entries(this.run().axes).filter(([tag]) => tag in axes));
    this.session.commit(this.edit({ face, axes: kept }, 'Change face'));
  }

  axisEdit(tag: string, value: number): Edit {
    return this.edit({ axes: { ...this.run().axes, [tag]: value } }, `Change ${(AXIS_NAMES[tag] ?? tag).toLowerCase()}`);
  }

  setSize(size: number): void {
    this.session.commitAgain(
      this.edit({ size: toPx(size, this.unit(), this.session.context().sheet.dpi) }, 'Change letter size'),
    );
  }

  setTracking(tracking: number): void {
    this.session.commitAgain(this.edit({ tracking }, 'Change tracking'));
  }

  colourEdit(colour: string): Edit {
    const opening = this.settled();
    return changeItem(this.session.context().sheet, opening, { fill: { type: 'colour', colour } }, `Colour ${opening.name}`);
  }

  private outline(): LetteringOutline {
    return this.opening().outline as LetteringOutline;
  }

  private settled(): Opening {
    return this.session.settledOpening() ?? this.opening();
  }

  private settledOutline(): LetteringOutline {
    return this.settled().outline as LetteringOutline;
  }

  private edit(change: Partial<LetteringRun>, name: string, extra: ItemProperties = {}): Edit {
    const { sheet, shaper } = this.session.context();
    const outline = this.settledOutline();
    const [first, ...others] = outline.runs;
    const next = { ...outline, runs: [{ ...first!, ...change }, ...('text' in change ? [] : others)] };
    return changeItem(sheet, this.settled(), { ...changeLettering(this.settled(), next, shaper), ...extra }, name);
  }
}
