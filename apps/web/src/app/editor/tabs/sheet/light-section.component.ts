import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { LIGHT_ANGLE, lightAngle, shadowsByLight, turnLight } from '@kadrosyn/core';
import { SliderFieldComponent, type SliderChange } from '../../../interface/slider-field.component';
import { EditorSession } from '../../session/session';
import { FoldPartComponent } from '../../parts/fold-part.component';
import { OpenFolds } from '../../parts/open-folds';

/** The light of a sheet: one direction for all shadows that do not go their own way. */
@Component({
  selector: 'ka-light-section',
  imports: [FoldPartComponent, SliderFieldComponent],
  template: `
    <ka-fold-part name="Light" [summary]="angle() + '°'">
      @if (folds.isOpen('Light')) {
        <ka-slider-field
          label="Direction"
          unit="°"
          [least]="0"
          [most]="359"
          [value]="angle()"
          [start]="standard"
          (changed)="turn($event)"
        />
        <p class="hint">{{ words() }}</p>
      }
    </ka-fold-part>
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LightSectionComponent {
  private readonly session = inject(EditorSession);
  readonly folds = inject(OpenFolds);
  readonly standard = LIGHT_ANGLE;
  readonly angle = computed(() => (Math.round(lightAngle(this.session.shownSheet())) + 360) % 360);
  readonly words = computed(() => {
    const { following, own } = shadowsByLight(this.session.sheet()?.items ?? []);
    if (following + own === 0) return 'Nothing casts a shadow yet. All shadows will fall this way.';
    const follow = following === 1 ? 'One shadow falls this way' : `${following} shadows fall this way`;
    return own === 0 ? `${follow}.` : `${follow}; ${own === 1 ? 'one goes its own' : `${own} go their own`}.`;
  });

  turn({ value, how }: SliderChange): void {
    this.session.applyAs(how, turnLight(this.session.context().sheet, value));
  }
}
