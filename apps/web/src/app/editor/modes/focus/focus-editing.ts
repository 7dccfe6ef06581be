import { inject, Injectable, signal } from '@angular/core';
import {
  changeOpeningOperations,
  fitPhoto,
  isShared,
  openingsOf,
  placedPhoto,
  type Bounds,
  type Edit,
  type Operation,
  type Photo,
} from '@kadrosyn/core';
import { faultOf } from '../../../api/fault';
import { PhotoLibrary } from '../../../photos/photo-library';
import { Notices } from '../../session/notices';
import { EditorSession } from '../../session/session';

/** Correcting which part of a photo every fit keeps in sight. */
@Injectable()
export class FocusEditing {
  private readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  private readonly notices = inject(Notices);
  /** The box as it stands, px of the photo; null while none is corrected. */
  readonly box = signal<Bounds | null>(null);

  /** Begins with the focus that is known, else with the middle of the photo. */
  begin(photo: Photo): void {
    const { width, height } = photo;
    this.box.set(photo.focus ?? { x: width / 4, y: height / 4, width: width / 2, height: height / 2 });
  }

  cancel(): void {
    this.box.set(null);
  }

  /** Another box, kept inside the photo and never smaller than a fiftieth of it. */
  set(box: Bounds, photo: Photo): void {
    const width = Math.min(Math.max(box.width, photo.width / 50), photo.width);
    const height = Math.min(Math.max(box.height, photo.height / 50), photo.height);
    this.box.set({
      x: Math.min(Math.max(box.x, 0), photo.width - width),
      y: Math.min(Math.max(box.y, 0), photo.height - height),
      width,
      height,
    });
  }

  /** The box is remembered with the photo, here and in the supplies; photos that were fitted by their focus are fitted again. */
  finish(): void {
    const opening = this.session.settledOpening();
    const box = this.box();
    this.box.set(null);
    const placed = opening && placedPhoto(opening, this.session.context());
    if (!box || !placed) return;
    const round = (value: number): number => Math.round(value * 10) / 10;
    const focus = { x: round(box.x), y: round(box.y), width: round(box.width), height: round(box.height) };
    this.session.commit(this.edit({ ...placed.photo, focus }));
    this.library.change(placed.photo.id, { focus }).catch((error: unknown) => {
      this.notices.say(`The focus holds in this project only. ${faultOf(error).message}`);
    });
  }

  private edit(photo: Photo): Edit {
    const context = this.session.context();
    const { sheet, shaper, project } = context;
    const before = { focus: project.photos[photo.id]!.focus ?? null };
    const operations: Operation[] = [{ type: 'change-photo', photoId: photo.id, before, after: { focus: photo.focus ?? null } }];
    for (const opening of openingsOf(sheet.items)) {
      const placed = placedPhoto(opening, context);
      if (placed?.photo.id !== photo.id || placed.fill.fit !== 'subject' || isShared(opening.fill)) continue;
      const placement = fitPhoto('subject', opening, photo, shaper, placed.placement);
      operations.push(...changeOpeningOperations(sheet, opening, { fill: { ...placed.fill, placement } }));
    }
    return { name: `Focus of ${photo.name}`, operations };
  }
}
