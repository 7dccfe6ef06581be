import { inject, Injectable, signal } from '@angular/core';
import {
  changeOpening,
  placedPicture,
  placementLike,
  placePhoto,
  relativePlacement,
  type Opening,
  type RelativePlacement,
} from '@kadrosyn/core';
import { pictureWord } from '../commands/picture-word';
import { EditorSession } from './session';

/** How a photo lies in its opening, copied from one to others. */
@Injectable()
export class PlacementCopy {
  private readonly session = inject(EditorSession);
  private readonly kept = signal<{ readonly from: string; readonly like: RelativePlacement } | null>(null);
  /** The name of the opening it was copied from; null while nothing was. */
  readonly from = () => this.kept()?.from ?? null;

  copy(opening: Opening): void {
    const context = this.session.context();
    const placed = placedPicture(opening, context);
    if (!placed) return;
    const like = relativePlacement(opening, placed.placement, placed.picture, context.shaper);
    this.kept.set({ from: opening.name, like });
  }

  paste(opening: Opening): void {
    const [kept, context] = [this.kept(), this.session.context()];
    const placed = placedPicture(opening, context);
    if (!kept || !placed) return;
    const placement = placementLike(opening, kept.like, placed.picture, context.shaper);
    const after = placePhoto(opening, placement, context);
    this.session.commit(
      changeOpening(context.sheet, opening, after, `Place ${pictureWord(opening.fill)} in ${opening.name} as in ${kept.from}`),
    );
  }
}
