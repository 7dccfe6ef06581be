import { inject, Injectable } from '@angular/core';
import { imprintOf, insertItem, withPhoto, type Opening, type Photo, type Point } from '@kadrosyn/core';
import { RecentlyUsed, type SupplyKind } from '../../interface/recently-used';
import { Printing } from '../products/printing';
import { EditorSession } from '../session/session';
import { TextCaret } from '../modes/text/text-caret';
import { SupplyDrag } from './supply-drag';

/** What is dragged out of the supplies. */
export interface DraggedSupply {
  readonly kind: SupplyKind;
  /** By which it is found among those used last. */
  readonly id: string;
  readonly name: string;
  readonly make: (at: Point) => Opening;
  /** What the item shows, for the project to know. */
  readonly photo?: Photo;
}

/** Lays new items on the sheet: by a click in its middle, by a drag where they are let go. */
@Injectable()
export class ItemAdder {
  private readonly session = inject(EditorSession);
  private readonly typing = inject(TextCaret);
  private readonly drag = inject(SupplyDrag);
  private readonly recent = inject(RecentlyUsed);
  private readonly printing = inject(Printing);

  /** @param photo - what the item shows, for the project to know. */
  add(kind: SupplyKind, id: string, make: (at: Point) => Opening, photo?: Photo): void {
    this.recent.use(kind, id);
    const { sheet, project } = this.session.context();
    const opening = make({ x: sheet.width / 2, y: sheet.height / 2 });
    // With an imprint selected it is printed; a product is laid on the sheet.
    const view = photo?.areas ? null : imprintOf(project, this.session.settledOpening());
    const printed = view && this.printing.inMiddle(view, { item: opening, itemPhoto: photo });
    if (printed) return this.printing.commit(printed);
    const edit = insertItem(sheet, opening, `Add ${opening.name}`);
    this.session.commit(photo ? withPhoto(project, photo, edit) : edit, opening.id);
    // A new word wants its own text first.
    if (opening.outline.type === 'lettering') this.typing.begin(opening);
  }

  begin(event: PointerEvent, { kind, id, ...item }: DraggedSupply): void {
    this.drag.begin(event, () => {
      this.recent.use(kind, id);
      return { kind: 'item', ...item };
    });
  }
}
