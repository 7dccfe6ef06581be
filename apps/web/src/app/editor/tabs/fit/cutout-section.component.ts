import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import {
  changeOpening,
  disjoint,
  flatGround,
  isSubjectInSight,
  isWarped,
  keptBounds,
  letsOut,
  newestCutout,
  openingHull,
  openingPolygons,
  placedPhoto,
  placePhoto,
  revisionOf,
  showFocus,
  widenToHold,
  type ItemProperties,
  type Opening,
  type Photo,
  type PhotoFill,
  type Plane,
} from '@kadrosyn/core';
import { PhotoLevels } from '../../../photos/photo-levels';
import { PhotoLibrary } from '../../../photos/photo-library';
import { SmallPixels } from '../../../photos/small-pixels';
import { Cutting } from '../../session/cutting';
import { EditorSession } from '../../session/session';

/** Opens the cutout view, and chooses between the whole photo and its subject. */
@Component({
  selector: 'ka-cutout-section',
  imports: [MatButtonModule, MatButtonToggleModule, ShownToggleDirective],
  template: `
    @if (placed(); as photo) {
      @if (cutout()) {
        <mat-button-toggle-group multiple class="segments" aria-label="What is shown">
          <mat-button-toggle [kaOn]="photo.fill.show !== 'subject'" (change)="show('photo')"> Whole photo </mat-button-toggle>
          <mat-button-toggle [kaOn]="photo.fill.show === 'subject'" (change)="show('subject')"> Subject only </mat-button-toggle>
        </mat-button-toggle-group>
      }
      @if (missing(); as what) {
        <p class="news" role="status">
          {{
            what === 'nothing kept'
              ? 'This cutout keeps nothing of the photo: nothing is shown.'
              : 'The subject lies outside of what is shown: nothing of it is seen.'
          }}
        </p>
      }
      @if (isFlat()) {
        <p class="news">This picture lies on one flat colour.</p>
      }
      <div class="choices">
        @if (missing() === 'out of sight') {
          <button matButton="filled" (click)="bringIn()">
            {{ opening().kind === 'loose' ? 'Show all of the subject' : 'Bring the subject in' }}
          </button>
        }
        @if (isFlat()) {
          <button matButton="filled" [disabled]="isArriving()" (click)="cut(true)">Clear its background…</button>
        }
        <button matButton="outlined" [disabled]="isArriving()" (click)="cut()">
          {{ cutout() ? 'Change the cutout…' : 'Cut out the subject…' }}
        </button>
      </div>
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
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
    return (placed && newestCutout(placed.photo)) ?? null;
  });
  /** Artwork on a plain ground is rarely wanted with it. */
  readonly isFlat = computed(() => {
    this.levels.version();
    const photo = this.placed()?.photo;
    const small = photo && !this.cutout() ? this.small.of(photo) : null;
    return small !== null && flatGround(small) !== null;
  });

  private readonly matte = computed(() => {
    this.levels.version();
    const placed = this.placed();
    return placed?.fill.show === 'subject' ? this.matteOf(placed.photo, placed.fill) : null;
  });
  /** Why nothing is seen of an opening that shows the subject only; null where something is, or where that is not known yet. */
  readonly missing = computed<'nothing kept' | 'out of sight' | null>(() => {
    const [placed, matte, opening] = [this.placed(), this.matte(), this.opening()];
    if (!placed || !matte || isWarped(opening.outline)) return null;
    // What comes out of its edges is seen, wherever they are.
    if (opening.overhangs && letsOut(opening.overhangs)) return null;
    if (!keptBounds(matte, placed.photo)) return 'nothing kept';
    const polygons = openingPolygons(opening, this.session.context().shaper);
    return isSubjectInSight(matte, placed.placement, placed.photo, polygons) ? null : 'out of sight';
  });

  private matteOf(photo: Photo, { cutout }: PhotoFill): Plane | null {
    const revision = revisionOf(photo, cutout);
    return revision ? this.small.matteOf(photo, revision.matteSha256) : null;
  }

  /** A loose photo is widened to its subject; elsewhere the photo is moved. */
  bringIn(): void {
    const opening = this.session.settledOpening();
    const { project, ...context } = this.session.context();
    const placed = opening && placedPhoto(opening, { ...context, photos: project.photos });
    const matte = placed && this.matteOf(placed.photo, placed.fill);
    const focus = matte && keptBounds(matte, placed.photo);
    if (!focus) return;
    const { shaper } = context;
    const after =
      opening.kind === 'loose'
        ? widenToHold(opening, focus, context)
        : placePhoto(
            opening,
            showFocus(disjoint(openingPolygons(opening, shaper)), openingHull(opening, shaper), placed.placement, {
              ...placed.photo,
              focus,
            }),
            context,
          );
    this.session.commit(changeOpening(context.sheet, opening, after, `Bring the subject of ${opening.name} in`));
  }

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
    const after = { fill, ...(what === 'subject' ? this.inSight({ ...opening, fill }) : {}) };
    const name = what === 'subject' ? `Only the subject in ${opening.name}` : `Whole photo in ${opening.name}`;
    this.session.commit(changeOpening(this.session.context().sheet, opening, after, name));
  }

  /** A loose photo that was trimmed without its subject would be gone. */
  private inSight(opening: Opening & { readonly fill: PhotoFill }): ItemProperties {
    const { project, ...context } = this.session.context();
    const photo = project.photos[opening.fill.photoId];
    const matte = photo && opening.kind === 'loose' ? this.matteOf(photo, opening.fill) : null;
    const part = matte && keptBounds(matte, photo!);
    return part ? widenToHold(opening, part, { ...context, photos: project.photos }, 'out of sight') : {};
  }
}
