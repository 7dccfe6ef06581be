import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { changeOpening, normalTurn, setBoxByGrip, type Opening } from '@kadrosyn/core';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { OwnFaces } from '../../../lettering/own-faces';
import { resizeProperties } from '../../commands/item-edits';
import { EditorSession } from '../../session/session';
import { AlignSectionComponent } from '../../parts/align-section.component';
import { LengthFieldComponent } from '../../parts/length-field.component';
import { OutlineSectionComponent } from './outline-section.component';

/** Exact place, size and turn, in the sheet's unit. */
@Component({
  selector: 'ka-size-tab',
  imports: [MatCheckboxModule, NumberFieldComponent, LengthFieldComponent, OutlineSectionComponent, AlignSectionComponent],
  template: `
    <div>
      <h3>Place</h3>
      <div class="two">
        <ka-length-field label="From the left" [value]="opening().box.x" (changed)="setPlace('x', $event)" />
        <ka-length-field label="From the top" [value]="opening().box.y" (changed)="setPlace('y', $event)" />
      </div>
    </div>
    <ka-align-section [opening]="opening()" />
    <div>
      <h3>Size</h3>
      <div class="two">
        <ka-length-field label="Width" [least]="0.1" [value]="opening().box.width" (changed)="setSize('width', $event)" />
        <ka-length-field label="Height" [least]="0.1" [value]="opening().box.height" (changed)="setSize('height', $event)" />
      </div>
    </div>
    <mat-checkbox [checked]="proportional()" (change)="proportional.set($event.checked)"> Keep proportions </mat-checkbox>
    @if (isText() && !proportional()) {
      <p class="hint">Letters take the box by width and weight first, then by size.</p>
    }
    <div class="two">
      <ka-number-field label="Turn" unit="°" [decimals]="1" [value]="opening().box.turn" (changed)="setTurn($event)" />
    </div>
    @if (!isText()) {
      <ka-outline-section [opening]="opening()" />
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SizeTabComponent {
  private readonly session = inject(EditorSession);
  private readonly axesOf = inject(OwnFaces).axesOf;
  readonly opening = input.required<Opening>();
  readonly proportional = signal(true);
  readonly isText = computed(() => this.opening().outline.type === 'lettering');
  setPlace(axis: 'x' | 'y', px: number): void {
    const opening = this.opening();
    const box = { ...opening.box, [axis]: px };
    const { context, grip } = this.gripped();
    this.change(setBoxByGrip(opening, grip, box, context), 'Move');
  }

  /** The top left corner stays. */
  setSize(side: 'width' | 'height', wanted: number): void {
    const opening = this.opening();
    const px = Math.max(wanted, 0.5);
    const factor = px / opening.box[side];
    const { width, height } = opening.box;
    const [w, h] = this.proportional() ? [width * factor, height * factor] : side === 'width' ? [px, height] : [width, px];
    const { context, grip } = this.gripped();
    this.change(resizeProperties(context, opening, grip, { width: w, height: h, fixed: { x: 0, y: 0 } }, this.axesOf), 'Resize');
  }

  setTurn(turn: number): void {
    const opening = this.opening();
    const { context, grip } = this.gripped();
    this.change(setBoxByGrip(opening, grip, { ...opening.box, turn: normalTurn(turn) }, context), 'Turn');
  }

  /** Typed sizes are those of the opening: with the grip on the photo it stays where it is. */
  private gripped() {
    const grip = this.session.grip();
    return { context: this.session.context(), grip: grip === 'photo' ? ('opening' as const) : grip };
  }

  private change(after: Parameters<typeof changeOpening>[2], verb: string): void {
    const { sheet } = this.session.context();
    const opening = this.session.settledOpening() ?? this.opening();
    this.session.commitAgain(changeOpening(sheet, opening, after, `${verb} ${opening.name}`));
  }
}
