import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { isNeutral } from '@kadrosyn/core';
import { PhotoLevels } from '../../../photos/photo-levels';
import { SmallPixels } from '../../../photos/small-pixels';
import { EffectsPartComponent, type EffectsChange } from './effects-part.component';
import { FinishEditing } from '../../finish/finish-editing';
import { FoldPartComponent } from '../../parts/fold-part.component';
import { LengthSliderComponent } from '../../parts/length-slider.component';
import { OpenFolds } from '../../parts/open-folds';
import { TonePartComponent, type ToneChange } from './tone-part.component';
import type { ChangeHow } from '../../../interface/slider-field.component';

/** How the photos of what is selected are developed: tone, blur, effects. */
@Component({
  selector: 'ka-photo-part',
  imports: [FoldPartComponent, TonePartComponent, EffectsPartComponent, LengthSliderComponent],
  template: `
    @let developing = editing.developing();
    <ka-fold-part name="Tone of the photo" [summary]="isToned() ? 'changed' : 'as taken'">
      @if (folds.isOpen('Tone of the photo')) {
        <ka-tone-part [tone]="developing.tone ?? {}" [pixels]="pixels()" (changed)="tone($event)" />
      }
    </ka-fold-part>
    <ka-fold-part name="Blur and effects" [summary]="effectWords()">
      @if (folds.isOpen('Blur and effects')) {
        <ka-length-slider label="Blur" [value]="developing.blur ?? 0" [share]="0.06" (changed)="blur($event.value, $event.how)" />
        <ka-effects-part [effects]="developing.effects ?? []" (changed)="effects($event)" />
      }
    </ka-fold-part>
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 9px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotoPartComponent {
  readonly editing = inject(FinishEditing);
  readonly folds = inject(OpenFolds);
  private readonly small = inject(SmallPixels);
  private readonly levels = inject(PhotoLevels);

  readonly pixels = computed(() => {
    this.levels.version();
    const fill = this.editing.photo();
    const photo = fill && this.editing.session.shownProject()?.photos[fill.photoId];
    return photo ? this.small.of(photo) : null;
  });
  readonly isToned = computed(() => !isNeutral(this.editing.developing().tone));
  readonly effectWords = computed(() => {
    const { blur, effects } = this.editing.developing();
    const count = (blur ? 1 : 0) + (effects?.length ?? 0);
    return count === 0 ? 'none' : String(count);
  });

  tone({ what, change, how }: ToneChange): void {
    this.editing.develop(
      what,
      (before) => {
        const { tone: _before, ...rest } = before;
        const tone = change(before.tone ?? {});
        return Object.keys(tone).length > 0 ? { ...rest, tone } : rest;
      },
      how,
    );
  }

  blur(px: number, how: ChangeHow): void {
    this.editing.develop('Blur', ({ blur: _before, ...rest }) => (px > 0 ? { ...rest, blur: px } : rest), how);
  }

  effects({ what, change, how }: EffectsChange): void {
    this.editing.develop(
      what,
      (before) => {
        const { effects: _before, ...rest } = before;
        const effects = change(before.effects ?? []);
        return effects.length > 0 ? { ...rest, effects } : rest;
      },
      how,
    );
  }
}
