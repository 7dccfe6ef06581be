import { insertItem, type Edit, type Opening, type Photo, type Point } from '@kadrosyn/core';
import type { EditorSession } from '../session';
import type { Supply } from '../supplies/supply-drag';
import { PhotoDrop, type PhotoDropPlan } from './photo-drop';
import type { StageChip } from './stage-chip';
import type { Viewport } from './viewport';

/** What is dragged from the supplies over the stage: shown as it would be, and put there when it is let go. */
export class SupplyDrops {
  private drop: { readonly photo: Photo; readonly plan: PhotoDrop } | null = null;
  private made: { readonly supply: Supply; readonly opening: Opening } | null = null;

  /** @param showChip - shows what a photo could do where it is, or hides it. */
  constructor(
    private readonly session: EditorSession,
    private readonly viewport: Viewport,
    private readonly showChip: (chip: StageChip | null) => void,
  ) {}

  /** Shows the result of letting go at a point of the stage, and says it. */
  over(supply: Supply, at: Point): string {
    if (supply.kind === 'item') {
      this.session.preview(this.itemEdit(supply, at).edit);
      return `Lay ${supply.name} here`;
    }
    const plan = this.photoPlan(supply.photo, at);
    this.showChip(plan.chip);
    this.session.preview(plan.edit);
    return plan.word;
  }

  /** @param isInside - whether the point is on the stage; elsewhere nothing happens. */
  letGo(supply: Supply, at: Point, isInside: boolean): void {
    const { edit, select } = supply.kind === 'item' ? this.itemEdit(supply, at) : this.photoPlan(supply.photo, at);
    this.end();
    this.made = null;
    if (isInside) this.session.commit(edit, select);
  }

  end(): void {
    this.drop = null;
    this.showChip(null);
    this.session.preview(null);
  }

  private itemEdit(supply: Extract<Supply, { kind: 'item' }>, at: Point): { edit: Edit; select: string } {
    const { sheet } = this.session.context();
    const fresh = supply.make(this.viewport.toSheet(at));
    // The same item all through one drag.
    if (this.made?.supply !== supply) this.made = { supply, opening: fresh };
    const opening = { ...fresh, id: this.made.opening.id };
    return { edit: insertItem(sheet, opening, `Add ${opening.name}`), select: opening.id };
  }

  private photoPlan(photo: Photo, at: Point): PhotoDropPlan {
    if (this.drop?.photo !== photo) this.drop = { photo, plan: new PhotoDrop(this.session, photo) };
    return this.drop.plan.plan(this.viewport.toSheet(at), at, this.viewport.matrix());
  }
}
