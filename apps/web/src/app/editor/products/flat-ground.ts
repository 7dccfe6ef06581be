import { inject, Injectable } from '@angular/core';
import {
  clearFlat,
  findOpening,
  FLAT_TOLERANCE,
  flatGround,
  subjectPixels,
  type Opening,
  type Photo,
  type Pixels,
} from '@kadrosyn/core';
import { PhotoLevels } from '../../photos/photo-levels';
import { SmallPixels } from '../../photos/small-pixels';
import { Cutting } from '../session/cutting';
import { Notices } from '../session/notices';
import { EditorSession } from '../session/session';

/** Artwork that was drawn on a plain ground: printed with it, a product gets a patch. It is seen when it arrives, and can be cleared. */
@Injectable()
export class FlatGround {
  private readonly session = inject(EditorSession);
  private readonly cutting = inject(Cutting);
  private readonly levels = inject(PhotoLevels);
  private readonly small = inject(SmallPixels);
  private readonly notices = inject(Notices);

  /** The photo of artwork that has a plain ground all round, and what it looks like without; null for anything else, or while that is not known yet. */
  seen(artwork: Opening, photos: Readonly<Record<string, Photo>>): { readonly photo: Photo; readonly cleared: Pixels } | null {
    this.levels.version();
    const { fill } = artwork;
    const photo = fill.type === 'photo' && fill.show !== 'subject' ? photos[fill.photoId] : undefined;
    const small = photo && this.small.of(photo);
    if (!photo || !small || !flatGround(small)) return null;
    const matte = clearFlat(small, { tolerance: FLAT_TOLERANCE, everywhere: false });
    return { photo, cleared: subjectPixels(small, matte) };
  }

  /** Says of what was just printed that it has a plain ground. */
  say(sheetId: string, artworkId: string): void {
    const { project } = this.session.context();
    const artwork = this.artwork(sheetId, artworkId);
    const seen = artwork && this.seen(artwork, project.photos);
    if (!seen) return;
    this.notices.say(`${artwork.name} has a plain ground, which is printed with it.`, 'Clear it…', () =>
      this.clear(sheetId, artworkId),
    );
  }

  /** Shows it without its ground, where that can be looked at and taken. */
  clear(sheetId: string, artworkId: string): void {
    const artwork = this.artwork(sheetId, artworkId);
    const photo = artwork?.fill.type === 'photo' ? this.session.context().project.photos[artwork.fill.photoId] : undefined;
    if (artwork && photo) this.cutting.begin(photo, artwork, { clearsFlat: true, sheetId });
  }

  private artwork(sheetId: string, artworkId: string): Opening | null {
    const sheet = this.session.context().project.sheets.find(({ id }) => id === sheetId);
    return (sheet && findOpening(sheet, artworkId)) ?? null;
  }
}
