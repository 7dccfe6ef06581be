import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatCheckboxModule } from '@angular/material/checkbox';
import type { Colour, GradientFill } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../interface/colour-field.component';
import { NumberFieldComponent } from '../../interface/number-field.component';

/** More colours than this are hard to tell apart. */
const MOST = 8;

/** A change of a gradient: `step` changes that follow each other (a field being typed) are one undo step. */
export interface GradientChange {
  readonly fill: GradientFill;
  readonly how: 'preview' | 'commit' | 'step';
}

/** The colours of a gradient, where each lies, and how it runs. */
@Component({
  selector: 'ka-gradient-field',
  imports: [MatButtonModule, MatCheckboxModule, ColourFieldComponent, NumberFieldComponent],
  template: `
    @for (stop of fill().stops; track $index) {
      <ka-colour-field
        [label]="$first ? 'From' : $last ? 'To' : 'Colour ' + ($index + 1)"
        [value]="stop.colour"
        [swatches]="swatches()"
        (previewed)="setColour($index, $event, 'preview')"
        (changed)="setColour($index, $event, 'commit')"
      />
      <div class="two">
        <ka-number-field label="At" unit="%" [least]="0" [most]="100" [value]="stop.at * 100" (changed)="move($index, $event)" />
        @if (fill().stops.length > 2) {
          <button matButton="outlined" (click)="remove($index)">Remove</button>
        }
      </div>
    }
    <div class="two">
      @if (fill().kind === 'linear') {
        <ka-number-field label="Direction" unit="°" [value]="fill().angle ?? 90" (changed)="emit({ angle: $event }, 'step')" />
      }
      <mat-checkbox
        [checked]="fill().kind === 'radial'"
        (change)="emit({ kind: $event.checked ? 'radial' : 'linear' }, 'commit')"
      >
        Round
      </mat-checkbox>
    </div>
    @if (fill().stops.length < most) {
      <div class="choices"><button matButton="outlined" (click)="add()">Add a colour</button></div>
    }
  `,
  styleUrl: './panel-section.scss',
  styles: `
    :host {
      gap: 9px;
    }
    .two .mat-mdc-outlined-button {
      align-self: end;
      justify-content: center;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GradientFieldComponent {
  readonly fill = input.required<GradientFill>();
  readonly swatches = input.required<readonly string[]>();
  readonly changed = output<GradientChange>();
  readonly most = MOST;

  setColour(index: number, colour: Colour, how: GradientChange['how']): void {
    this.emit({ stops: this.fill().stops.map((stop, at) => (at === index ? { ...stop, colour } : stop)) }, how);
  }

  move(index: number, percent: number): void {
    const at = percent / 100;
    this.emit({ stops: this.fill().stops.map((stop, i) => (i === index ? { ...stop, at } : stop)) }, 'step');
  }

  /** A colour in the middle of the widest gap, like the one before it. */
  add(): void {
    const sorted = [...this.fill().stops].sort((a, b) => a.at - b.at);
    const gaps = sorted.slice(1).map((stop, i) => ({ from: sorted[i]!, size: stop.at - sorted[i]!.at }));
    const [widest] = gaps.sort((a, b) => b.size - a.size);
    if (!widest) return;
    const { from, size } = widest;
    this.emit({ stops: [...sorted, { at: from.at + size / 2, colour: from.colour }].sort((a, b) => a.at - b.at) }, 'commit');
  }

  remove(index: number): void {
    this.emit({ stops: this.fill().stops.toSpliced(index, 1) }, 'commit');
  }

  emit(change: Partial<GradientFill>, how: GradientChange['how']): void {
    this.changed.emit({ fill: { ...this.fill(), ...change }, how });
  }
}
