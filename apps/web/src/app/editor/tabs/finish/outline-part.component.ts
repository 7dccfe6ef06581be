import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import type { Finish, GradientFill, Sides } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import type { ChangeHow } from '../../../interface/slider-field.component';
import { GradientFieldComponent } from '../../parts/gradient-field.component';
import { LengthFieldComponent } from '../../parts/length-field.component';
import { FinishEditing } from '../../finish/finish-editing';
import { FinishPartComponent } from './finish-part.component';
import { LengthSliderComponent } from '../../parts/length-slider.component';

type Outline = NonNullable<Finish['outline']>;

const ALIGNS = [
  { id: 'inside', name: 'Inside' },
  { id: 'centre', name: 'Centre' },
  { id: 'outside', name: 'Outside' },
] as const;
const JOINS = [
  { id: 'miter', name: 'Sharp' },
  { id: 'round', name: 'Round' },
  { id: 'bevel', name: 'Cut' },
] as const;
/** What a new outline is wide, as a share of the extent. */
const FIRST_WIDTH = 0.008;

/** The outline: on which side of the edge, how wide, its corners, its colour or gradient. */
@Component({
  selector: 'ka-outline-part',
  imports: [
    MatButtonToggleModule,
    MatCheckboxModule,
    ShownToggleDirective,
    FinishPartComponent,
    LengthSliderComponent,
    LengthFieldComponent,
    ColourFieldComponent,
    GradientFieldComponent,
  ],
  template: `
    <ka-finish-part name="Outline" [on]="!!outline()" [summary]="summary()" (toggled)="toggle($event)">
      @if (outline(); as line) {
        <mat-button-toggle-group multiple class="segments" aria-label="Side of the outline">
          @for (choice of aligns; track choice.id) {
            <mat-button-toggle [kaOn]="line.align === choice.id" (change)="set({ align: choice.id })">
              {{ choice.name }}
            </mat-button-toggle>
          }
        </mat-button-toggle-group>
        <ka-length-slider
          label="Width"
          [value]="line.width"
          [share]="0.06"
          [start]="first()"
          (changed)="set({ width: $event.value }, $event.how)"
        />
        @if (isRectangle()) {
          <mat-checkbox [checked]="!!line.widths" (change)="setFour($event.checked)"> A width for each side </mat-checkbox>
          @if (line.widths; as widths) {
            <div class="two">
              @for (side of sides; track side) {
                <ka-length-field
                  [label]="'Outline ' + side"
                  [least]="0"
                  [value]="widths[side]"
                  (changed)="set({ widths: withSide(widths, side, $event) }, 'step')"
                />
              }
            </div>
          }
        }
        <mat-button-toggle-group multiple class="segments" aria-label="Corners of the outline">
          @for (choice of joins; track choice.id) {
            <mat-button-toggle [kaOn]="(line.join ?? 'miter') === choice.id" (change)="set({ join: choice.id })">
              {{ choice.name }}
            </mat-button-toggle>
          }
        </mat-button-toggle-group>
        <mat-button-toggle-group multiple class="segments" aria-label="Paint of the outline">
          <mat-button-toggle [kaOn]="!gradient()" (change)="useColour()">Colour</mat-button-toggle>
          <mat-button-toggle [kaOn]="!!gradient()" (change)="useGradient()">Gradient</mat-button-toggle>
        </mat-button-toggle-group>
        @if (gradient(); as fill) {
          <ka-gradient-field [fill]="fill" [swatches]="editing.swatches()" (changed)="set({ paint: $event.fill }, $event.how)" />
        } @else {
          <ka-colour-field
            bare
            label="Outline colour"
            [value]="colour()"
            [swatches]="editing.swatches()"
            (previewed)="set({ paint: $event }, 'preview')"
            (changed)="set({ paint: $event })"
          />
        }
      }
    </ka-finish-part>
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OutlinePartComponent {
  readonly editing = inject(FinishEditing);
  readonly aligns = ALIGNS;
  readonly joins = JOINS;
  readonly sides = ['top', 'right', 'bottom', 'left'] as const;
  readonly outline = computed(() => this.editing.finish().outline);
  readonly first = computed(() => Math.max(1, Math.round(this.editing.extent() * FIRST_WIDTH)));
  readonly gradient = computed(() => {
    const paint = this.outline()?.paint;
    return typeof paint === 'object' && 'type' in paint ? paint : null;
  });
  readonly colour = computed(() => {
    const paint = this.outline()?.paint;
    return paint === undefined || (typeof paint === 'object' && 'type' in paint) ? '' : paint;
  });
  readonly isRectangle = computed(() =>
    this.editing.items().every((item) => item.type === 'opening' && item.outline.type === 'rectangle'),
  );
  readonly summary = computed(() => {
    const outline = this.outline();
    const { factor, decimals, unit } = this.editing.length();
    return outline ? `${Number((outline.width * factor).toFixed(decimals))} ${unit} ${outline.align}` : '';
  });

  toggle(on: boolean): void {
    this.editing.togglePart('outline', 'Outline', on, { align: 'inside', width: this.first(), join: 'round', paint: '#ffffff' });
  }

  set(change: Partial<Outline>, how?: ChangeHow): void {
    this.editing.setPart('outline', 'Outline', change, how);
  }

  setFour(on: boolean): void {
    this.editing.change('Outline', (finish) => {
      if (!finish.outline) return finish;
      const { widths: _before, ...outline } = finish.outline;
      const { width } = outline;
      return {
        ...finish,
        outline: on ? { ...outline, widths: { top: width, right: width, bottom: width, left: width } } : outline,
      };
    });
  }

  withSide(widths: Sides<number>, side: keyof Sides<number>, px: number): Sides<number> {
    return { ...widths, [side]: px };
  }

  useColour(): void {
    const [first] = this.gradient()?.stops ?? [];
    if (first) this.set({ paint: first.colour });
  }

  useGradient(): void {
    const from = this.colour();
    if (!from) return;
    const stops = [
      { at: 0, colour: from },
      { at: 1, colour: from === '#cf4a22' ? '#20272a' : '#cf4a22' },
    ];
    const paint: GradientFill = { type: 'gradient', kind: 'linear', angle: 90, stops };
    this.set({ paint });
  }
}
