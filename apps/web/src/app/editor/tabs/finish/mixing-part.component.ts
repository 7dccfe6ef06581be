import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import type { Blend } from '@kadrosyn/core';
import { SliderFieldComponent, type ChangeHow } from '../../../interface/slider-field.component';
import { FinishEditing } from '../../finish/finish-editing';

/** Blend modes by what they do, in groups. The words are those of CSS compositing. */
const BLENDS: readonly { readonly id: Blend; readonly name: string }[] = [
  { id: 'normal', name: 'Normal' },
  { id: 'multiply', name: 'Multiply' },
  { id: 'darken', name: 'Darken' },
  { id: 'color-burn', name: 'Colour burn' },
  { id: 'screen', name: 'Screen' },
  { id: 'lighten', name: 'Lighten' },
  { id: 'color-dodge', name: 'Colour dodge' },
  { id: 'overlay', name: 'Overlay' },
  { id: 'soft-light', name: 'Soft light' },
  { id: 'hard-light', name: 'Hard light' },
  { id: 'difference', name: 'Difference' },
  { id: 'exclusion', name: 'Exclusion' },
];

/** Opacity, and how colours mix with what lies below. */
@Component({
  selector: 'ka-mixing-part',
  imports: [MatButtonModule, SliderFieldComponent, MatMenuModule],
  template: `
    <ka-slider-field
      label="Opacity"
      unit="%"
      [value]="percent()"
      [start]="100"
      (changed)="setOpacity($event.value, $event.how)"
    />
    <div class="blend">
      <span aria-hidden="true">Blend</span>
      <button
        matButton="outlined"
        [matMenuTriggerFor]="blends"
        [attr.aria-label]="'Blend: ' + blendName()"
        (menuClosed)="editing.session.preview(null)"
      >
        {{ blendName() }}
      </button>
    </div>
    <mat-menu #blends="matMenu">
      @for (blend of modes; track blend.id) {
        <button
          mat-menu-item
          role="menuitemradio"
          [attr.aria-checked]="blend.id === mode()"
          (focus)="setBlend(blend.id, 'preview')"
          (click)="setBlend(blend.id, 'commit')"
        >
          {{ blend.name }}
        </button>
      }
    </mat-menu>
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 6px;
      padding-bottom: 9px;
      border-bottom: 1px solid var(--rule);
    }
    .blend {
      display: grid;
      grid-template-columns: 74px 1fr;
      align-items: center;
      gap: 6px;
    }
    .blend .mat-mdc-outlined-button {
      justify-content: flex-start;
      font-weight: 400;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MixingPartComponent {
  readonly editing = inject(FinishEditing);
  readonly modes = BLENDS;
  readonly percent = computed(() => Math.round((this.editing.finish().opacity ?? 1) * 100));
  readonly mode = computed(() => this.editing.finish().blend ?? 'normal');
  readonly blendName = computed(() => BLENDS.find(({ id }) => id === this.mode())?.name ?? 'Normal');

  setOpacity(percent: number, how: ChangeHow): void {
    this.editing.change(
      'Opacity',
      ({ opacity: _before, ...rest }) => (percent === 100 ? rest : { ...rest, opacity: percent / 100 }),
      how,
    );
  }

  setBlend(blend: Blend, how: ChangeHow): void {
    this.editing.change('Blend', ({ blend: _before, ...rest }) => (blend === 'normal' ? rest : { ...rest, blend }), how);
  }
}
