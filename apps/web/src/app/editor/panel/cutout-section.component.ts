import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { changeOpening, placedPhoto, type Opening, type PhotoFill } from '@kadrosyn/core';
import { PhotoLibrary } from '../../photos/photo-library';
import { Cutting } from '../cutting';
import { EditorSession } from '../session';

/** Opens the cutout view, and chooses between the whole photo and its subject. */
@Component({
  selector: 'ka-cutout-section',
  template: `
    @if (placed(); as photo) {
      @if (photo.fill.cutout) {
        <div class="segments" role="group" aria-label="What is shown">
          <button
            [class.on]="photo.fill.show !== 'subject'"
            [attr.aria-pressed]="photo.fill.show !== 'subject'"
            (click)="show('photo')"
          >
            Whole photo
          </button>
          <button
            [class.on]="photo.fill.show === 'subject'"
            [attr.aria-pressed]="photo.fill.show === 'subject'"
            (click)="show('subject')"
          >
            Subject only
          </button>
        </div>
      }
      <div class="choices">
        <button class="ka-button" [disabled]="isArriving()" (click)="cut()">
          {{ photo.fill.cutout ? 'Change the cutout…' : 'Cut out the subject…' }}
        </button>
      </div>
    }
  `,
  styleUrl: './panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CutoutSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly cutting = inject(Cutting);
  private readonly library = inject(PhotoLibrary);
  readonly opening = input.required<Opening>();
  readonly placed = computed(() =>
    placedPhoto(this.opening(), { ...this.session.context(), photos: this.session.shownProject()!.photos }),
  );
  /** A matte belongs to the stored photo. */
  readonly isArriving = computed(() => this.library.uploadingIds().has(this.placed()?.photo.id ?? ''));

  cut(): void {
    const { photo } = this.placed()!;
    this.cutting.begin(photo, this.opening());
  }

  show(what: NonNullable<PhotoFill['show']>): void {
    const opening = this.session.settledOpening();
    if (opening?.fill.type !== 'photo') return;
    const { show: _before, ...rest } = opening.fill;
    const fill: PhotoFill = what === 'subject' ? { ...rest, show: what } : rest;
    const name = what === 'subject' ? `Only the subject in ${opening.name}` : `Whole photo in ${opening.name}`;
    this.session.commit(changeOpening(this.session.context().sheet, opening, { fill }, name));
  }
}
