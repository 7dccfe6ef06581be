import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatTooltipModule } from '@angular/material/tooltip';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import { changeOpening, changeOutline, cropTo, type Opening } from '@kadrosyn/core';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { RovingFocusDirective } from '../../../interface/roving-focus.directive';
import { CropGuides, CROP_GUIDES } from '../../stage/crop-guides';
import { LevelLine } from '../../modes/level/level-line';
import { EditorSession } from '../../session/session';

/** Proportions as people know them, width to height. */
const PROPORTIONS = [
  { name: '1:1', value: 1 },
  { name: '4:5', value: 4 / 5 },
  { name: '3:2', value: 3 / 2 },
  { name: '16:9', value: 16 / 9 },
  { name: 'A series', value: Math.SQRT2 },
] as const;

/** Cropping: proportions, a circle, lines to compose by, and straightening. The photo stays where it is. */
@Component({
  selector: 'ka-crop-section',
  imports: [MatTooltipModule, MatButtonModule, MatInputModule, NumberFieldComponent, RovingFocusDirective],
  template: `
    <h3>Crop</h3>
    <div class="choices" role="group" aria-label="Proportions" kaRovingFocus>
      @for (choice of proportions; track choice.name) {
        <button
          matButton="outlined"
          data-stop
          [tabIndex]="$first ? 0 : -1"
          [class.on]="isNow(choice.value)"
          [attr.aria-pressed]="isNow(choice.value)"
          (click)="crop(choice.value, choice.name)"
        >
          {{ choice.name }}
        </button>
      }
      <button
        matButton="outlined"
        data-stop
        tabindex="-1"
        matTooltip="Upright instead of lying, or the other way round"
        (click)="crop(1 / now(), 'turned')"
      >
        Turn
      </button>
      <button matButton="outlined" data-stop tabindex="-1" (click)="circle()">Circle</button>
    </div>
    <div class="own">
      <ka-number-field
        label="Width to"
        [decimals]="2"
        [least]="0.01"
        [most]="1000"
        [value]="own().width"
        (changed)="setOwn({ width: $event })"
      />
      <ka-number-field
        label="height"
        [decimals]="2"
        [least]="0.01"
        [most]="1000"
        [value]="own().height"
        (changed)="setOwn({ height: $event })"
      />
    </div>
    <div class="choices">
      <label class="lines">
        Lines
        <mat-form-field>
          <select matNativeControl [value]="guides.shown()" (change)="guides.shown.set($any($event.target).value)">
            @for (choice of lines; track choice.id) {
              <option [value]="choice.id" [selected]="choice.id === guides.shown()">{{ choice.name }}</option>
            }
          </select>
        </mat-form-field>
      </label>
      <button matButton="outlined" (click)="level.begin()">Straighten…</button>
    </div>
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 8px;
    }
    .own {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 9px;
    }
    .lines {
      display: flex;
      align-items: center;
      gap: 8px;
    }
    .lines select {
      width: auto;
    }
    .choices .mat-mdc-outlined-button {
      min-width: 0;
      padding: 0 9px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CropSectionComponent {
  private readonly session = inject(EditorSession);
  readonly guides = inject(CropGuides);
  readonly level = inject(LevelLine);
  readonly opening = input.required<Opening>();
  readonly proportions = PROPORTIONS;
  readonly lines = CROP_GUIDES;
  readonly now = computed(() => this.opening().box.width / this.opening().box.height);
  private readonly typed = signal<{ readonly width: number; readonly height: number } | null>(null);
  /** What was typed, as long as the opening has that proportion. */
  readonly own = computed(() => {
    const typed = this.typed();
    return typed && this.isNow(typed.width / typed.height) ? typed : { width: Math.round(this.now() * 100) / 100, height: 1 };
  });

  isNow(proportion: number): boolean {
    return Math.abs(this.now() - proportion) < 0.005 * proportion;
  }

  /** A proportion that is wider than high lies where the opening lies, and stands where it stands. */
  crop(proportion: number, name: string): void {
    const opening = this.settled();
    this.commit(opening, cropTo(opening, proportion, this.session.context()), `Crop ${opening.name}, ${name}`);
  }

  setOwn(change: { readonly width?: number; readonly height?: number }): void {
    const own = { ...this.own(), ...change };
    this.typed.set(own);
    this.crop(own.width / own.height, 'own proportion');
  }

  /** Square first, and then round; it takes photos like any shape from then on. */
  circle(): void {
    const opening = this.settled();
    const context = this.session.context();
    const square = { ...opening, ...cropTo(opening, 1, context) } as Opening;
    const round = changeOutline(square, { type: 'ellipse' }, context);
    const { box, fill } = { ...square, ...round } as Opening;
    this.commit(opening, { box, fill, outline: { type: 'ellipse' }, kind: 'shaped' }, `Crop ${opening.name} to a circle`);
  }

  private settled(): Opening {
    return this.session.settledOpening() ?? this.opening();
  }

  private commit(opening: Opening, after: Parameters<typeof changeOpening>[2], name: string): void {
    this.session.commit(changeOpening(this.session.context().sheet, opening, after, name));
  }
}
