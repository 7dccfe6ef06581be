import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { changeOpening, flatGround, placedPhoto, type Opening, type PhotoFill } from '@kadrosyn/core';
import { PhotoLevels } from '../../photos/photo-levels';
import { PhotoLibrary } from '../../photos/photo-library';
import { SmallPixels } from '../../photos/small-pixels';
import { Cutting } from '../cutting';
import { EditorSession } from '../session';

/** Opens the cutout view, and chooses between the whole photo and its subject. */
@Component({
  selector: 'ka-cutout-section',
  template: `
    @if (placed(); as photo) {
      @if (cutout()) {
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
      @if (isFlat()) {
        <p class="news">This picture lies on one flat colour.</p>
      }
      <div class="choices">
        @if (isFlat()) {
          <button class="ka-button next" [disabled]="isArriving()" (click)="cut(true)">Clear its background…</button>
        }
        <button class="ka-button" [disabled]="isArriving()" (click)="cut()">
          {{ cutout() ? 'Change the cutout…' : 'Cut out the subject…' }}
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
  private readonly levels = inject(PhotoLevels);
  private readonly small = inject(SmallPixels);
  readonly opening = input.required<Opening>();
  readonly placed = computed(() =>
    placedPhoto(this.opening(), { ...this.session.context(), photos: this.session.shownProject()!.photos }),
  );
  /** A matte belongs to the stored photo. */
  readonly isArriving = computed(() => this.library.uploadingIds().has(this.placed()?.photo.id ?? ''));

  /** The cutout that the opening has, or else the newest one of its photo. */
  readonly cutout = computed<PhotoFill['cutout'] | null>(() => {
    const placed = this.placed();
    if (placed?.fill.cutout) return placed.fill.cutout;
    const newest = placed?.photo.cutouts?.at(-1);
    return newest ? { id: newest.id, revision: newest.revisions.length - 1 } : null;
  });
  /** Artwork on a plain ground is rarely wanted with it. */
  readonly isFlat = computed(() => {
    this.levels.version();
    const photo = this.placed()?.photo;
    const small = photo && !this.cutout() ? this.small.of(photo) : null;
    return small !== null && flatGround(small) !== null;
  });

  cut(clearsFlat = false): void {
    const { photo } = this.placed()!;
    this.cutting.begin(photo, this.opening(), { clearsFlat });
  }

  show(what: NonNullable<PhotoFill['show']>): void {
    const opening = this.session.settledOpening();
    if (opening?.fill.type !== 'photo') return;
    const { show: _before, ...rest } = opening.fill;
    const cutout = this.cutout();
    const fill: PhotoFill = what === 'subject' && cutout ? { ...rest, cutout, show: what } : rest;
    const name = what === 'subject' ? `Only the subject in ${opening.name}` : `Whole photo in ${opening.name}`;
    this.session.commit(changeOpening(this.session.context().sheet, opening, { fill }, name));
  }
}
