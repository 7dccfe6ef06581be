import { inject, Injectable } from '@angular/core';
import { acceptAt, imprintOf, type Opening, type Photo, type Point } from '@kadrosyn/core';
import { RecentlyUsed } from '../../interface/recently-used';
import { PhotoLibrary } from '../../photos/photo-library';
import { fillEdit, laidBy, layEdit } from '../commands/photo-edits';
import { Printing } from '../products/printing';
import { EditorSession } from './session';

/** Puts photos on the sheet without a drag: by a click, a paste, or a file let go. */
@Injectable()
export class PhotoPlacing {
  private readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  private readonly recent = inject(RecentlyUsed);
  private readonly printing = inject(Printing);

  /** The selected opening, where it takes photos by a click, or the photo behind the sheet: a loose picture is never swallowed by another. */
  receiving(): Opening | null {
    const [opening, background] = [this.session.selectedOpening(), this.session.background()];
    if (background) return background;
    return opening?.kind === 'shaped' && !opening.locked ? opening : null;
  }

  /** Into the selected opening; without one, on top in the middle of the sheet. */
  intoSelected(photo: Photo): void {
    if (this.print(photo)) return;
    const opening = this.receiving();
    if (opening) this.fill(opening, photo);
    else this.layInMiddle(photo);
  }

  /** With an imprint selected, onto that. */
  private print(photo: Photo): boolean {
    const view = imprintOf(this.session.context().project, this.session.settledOpening());
    const plan = view && this.printing.inMiddle(view, { photo, clear: this.library.find(photo.id)?.clear ?? false });
    if (!plan) return false;
    this.recent.use('photo', photo.id);
    this.printing.commit(plan);
    return true;
  }

  /** By the same rule as a drag that ends there. */
  at(photo: Photo, at: Point): void {
    const printed = this.printing.plan({ photo, clear: this.library.find(photo.id)?.clear ?? false }, at);
    if (printed) return this.printing.commit(printed);
    const { shaper, ...looked } = this.session.context();
    const { opening } = acceptAt({ what: 'file' }, looked, at, shaper);
    if (opening) this.fill(opening, photo);
    else this.lay(photo, at);
  }

  /** On top, whatever lies there. */
  layInMiddle(photo: Photo): void {
    const { sheet } = this.session.context();
    this.lay(photo, { x: sheet.width / 2, y: sheet.height / 2 });
  }

  fill(opening: Opening, photo: Photo): void {
    this.recent.use('photo', photo.id);
    this.session.commit(fillEdit(this.session.context(), opening, photo), opening.id);
  }

  private lay(photo: Photo, at: Point): void {
    this.recent.use('photo', photo.id);
    const kind = this.library.find(photo.id)?.clear ? 'artwork' : 'loose';
    const edit = layEdit(this.session.context(), photo, at, { kind });
    this.session.commit(edit, laidBy(edit));
  }
}
