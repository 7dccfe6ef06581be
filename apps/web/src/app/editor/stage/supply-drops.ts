import { acceptAt, insertItem, withPhoto, type Edit, type Opening, type Photo, type Point } from '@kadrosyn/core';
import { FrameOffer, type FramePlan, type OfferParts } from '../areas/frame-offer';
import type { PrintPlan, Printing } from '../products/printing';
import type { EditorSession } from '../session/session';
import type { Supply, SupplyDrag } from '../supplies/supply-drag';
import { dropWord, PhotoDrop, type PhotoDropPlan } from './photo-drop';
import type { StagePointer } from './stage-pointer';
import type { Viewport } from './viewport';

type PhotoSupply = Extract<Supply, { kind: 'photo' }>;

type DropPlan = Pick<PhotoDropPlan, 'edit' | 'select'> & Partial<Pick<FramePlan, 'after'>>;

/** What is dragged from the supplies over the stage: shown as it would be, and put there when it is let go. */
export class SupplyDrops {
  private drop: { readonly photo: Photo; readonly plan: PhotoDrop } | null = null;
  private readonly session: EditorSession;
  private readonly viewport: Viewport;
  private readonly frame: FrameOffer;
  /** Where what is dragged was last. */
  private last: { readonly supply: Supply; readonly at: Point } | null = null;
  private made: { readonly supply: Supply; readonly opening: Opening } | null = null;

  /** @param pointer, drag - show what letting go would do. */
  constructor(
    private readonly pointer: Pick<StagePointer, 'chip'>,
    drag: SupplyDrag,
    offers: OfferParts,
    private readonly printing: Printing,
  ) {
    [this.session, this.viewport] = [offers.session, offers.viewport];
    this.frame = new FrameOffer(offers, () => this.last && drag.say(this.over(this.last.supply, this.last.at)));
  }

  /** Shows the result of letting go at a point of the stage, and says it. */
  over(supply: Supply, at: Point): string {
    const printed = this.printPlan(supply, at);
    if (printed) {
      this.pointer.chip.set(null);
      this.session.preview(printed.edit);
      return printed.word;
    }
    if (supply.kind === 'item') {
      this.session.preview(this.itemEdit(supply, at).edit);
      return `Lay ${supply.name} on top`;
    }
    if (!supply.photo()) return this.wordBefore(at);
    this.last = { supply, at };
    const plan = this.photoPlan(supply, at);
    this.pointer.chip.set(plan.chip);
    this.session.preview(plan.edit);
    return plan.word;
  }

  /** @param isInside - whether the point is on the stage; elsewhere nothing happens. */
  letGo(supply: Supply, at: Point, isInside: boolean): void {
    if (supply.kind === 'photo' && !supply.photo()) {
      this.end();
      // It is on its way from the picture library: it is put there when it has come.
      if (isInside) void supply.coming?.then((photo) => photo && this.letGo({ ...supply, photo: () => photo }, at, true));
      return;
    }
    const printed = isInside ? this.printPlan(supply, at) : null;
    if (printed) {
      this.end();
      this.made = null;
      return this.printing.commit(printed);
    }
    const plan: DropPlan = supply.kind === 'item' ? this.itemEdit(supply, at) : this.photoPlan(supply, at);
    const { edit, select, after } = plan;
    this.end();
    this.made = null;
    if (!isInside) return;
    this.session.commit(edit, select);
    after?.();
  }

  end(): void {
    this.last = null;
    this.frame.end();
    this.printing.end();
    this.drop = null;
    this.pointer.chip.set(null);
    this.session.preview(null);
  }

  /** What would happen with a photo that is not here yet. */
  private wordBefore(at: Point): string {
    const { shaper, ...looked } = this.session.context();
    const { act, opening } = acceptAt({ what: 'photo' }, looked, this.viewport.toSheet(at), shaper);
    return dropWord(act, opening);
  }

  /** Over a product it is printed there; a product itself is not. */
  private printPlan(supply: Supply, at: Point): PrintPlan | null {
    const place = this.viewport.toSheet(at);
    if (supply.kind === 'photo') {
      const photo = supply.photo();
      return photo && this.printing.plan({ photo, clear: supply.clear }, place);
    }
    if (supply.photo?.areas) return null;
    if (this.made?.supply !== supply) this.made = { supply, opening: supply.make(place) };
    return this.printing.plan({ item: this.made.opening, itemPhoto: supply.photo }, place);
  }

  private itemEdit(supply: Extract<Supply, { kind: 'item' }>, at: Point): { edit: Edit; select: string } {
    const { sheet, project } = this.session.context();
    const fresh = supply.make(this.viewport.toSheet(at));
    // The same item all through one drag.
    if (this.made?.supply !== supply) this.made = { supply, opening: fresh };
    const opening = { ...fresh, id: this.made.opening.id };
    const edit = insertItem(sheet, opening, `Add ${opening.name}`);
    return { edit: supply.photo ? withPhoto(project, supply.photo, edit) : edit, select: opening.id };
  }

  private photoPlan(supply: PhotoSupply, at: Point): PhotoDropPlan & DropPlan {
    const photo = supply.photo()!;
    if (this.drop?.photo !== photo) {
      this.drop = { photo, plan: new PhotoDrop(this.session, this.viewport, photo, supply.clear ? 'artwork' : 'loose') };
    }
    const framed = this.frame.plan(photo, at);
    return framed ? { ...framed, word: 'Into the frame', chip: null } : this.drop.plan.plan(at);
  }
}
