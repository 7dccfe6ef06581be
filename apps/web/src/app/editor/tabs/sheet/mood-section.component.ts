import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { changeSheet, isDeveloped, type Mood } from '@kadrosyn/core';
import { HoldDirective } from '../../../interface/hold.directive';
import type { ChangeHow } from '../../../interface/slider-field.component';
import { EditorSession } from '../../session/session';
import { StageView } from '../../stage/stage-view';
import { EffectsPartComponent, type EffectsChange } from '../finish/effects-part.component';
import { FoldPartComponent } from '../../parts/fold-part.component';
import { OpenFolds } from '../../parts/open-folds';
import { SheetPixels } from '../../finish/sheet-pixels';
import { TonePartComponent, type ToneChange } from '../finish/tone-part.component';

/** The mood of a sheet: tone and effects over everything. */
@Component({
  selector: 'ka-mood-section',
  imports: [MatButtonModule, FoldPartComponent, TonePartComponent, EffectsPartComponent, HoldDirective],
  template: `
    <ka-fold-part name="Mood" [summary]="isSet() ? 'over everything' : 'none'">
      @if (folds.isOpen('Mood')) {
        <ka-tone-part [tone]="mood().tone ?? {}" [pixels]="pixels()" (changed)="tone($event)" />
        <ka-effects-part [effects]="mood().effects ?? []" (changed)="effects($event)" />
        @if (isSet()) {
          <div class="choices">
            <button matButton="outlined" kaHold (held)="view.moodless.set($event)">Hold to see it without</button>
            <button matButton="outlined" (click)="set(null, 'No mood', 'commit')">Take the mood away</button>
          </div>
        }
      }
    </ka-fold-part>
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MoodSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly sheetPixels = inject(SheetPixels);
  readonly view = inject(StageView);
  readonly folds = inject(OpenFolds);
  readonly mood = computed<Mood>(() => this.session.shownSheet()?.mood ?? {});
  readonly isSet = computed(() => isDeveloped(this.mood()));
  readonly pixels = computed(() => (this.folds.isOpen('Mood') ? this.sheetPixels.small() : null));

  tone({ what, change, how }: ToneChange): void {
    const { tone: before, ...rest } = this.settled();
    const tone = change(before ?? {});
    this.set(Object.keys(tone).length > 0 ? { ...rest, tone } : rest, `${what} of the mood`, how);
  }

  effects({ what, change, how }: EffectsChange): void {
    const { effects: before, ...rest } = this.settled();
    const effects = change(before ?? []);
    this.set(effects.length > 0 ? { ...rest, effects } : rest, `${what} of the mood`, how);
  }

  set(mood: Mood | null, name: string, how: ChangeHow): void {
    const isEmpty = mood === null || Object.keys(mood).length === 0;
    this.session.applyAs(how, changeSheet(this.session.context().sheet, { mood: isEmpty ? null : mood }, name));
  }

  private settled(): Mood {
    return this.session.sheet()?.mood ?? {};
  }
}
