import { inject } from '@angular/core';
import {
  formHolds,
  isShared,
  likeliest,
  openingsAt,
  placedPhoto,
  sheetToPhoto,
  showsPicture,
  withHosted,
  type AreaForm,
  type Edit,
  type Item,
  type Opening,
  type Photo,
  type PhotoArea,
  type Point,
} from '@kadrosyn/core';
import type { EditorSession } from '../session/session';
import type { Viewport } from '../stage/viewport';
import { AreaEditing } from './area-editing';
import { AreaEngine } from './area-engine';
import { AreaLibrary } from './area-library';

/** The pointer stands still for so long, ms, and no further from where it stood than this, css px. */
const [HOLD, NEAR] = [500, 10];
/** Whether the photo has arrived is looked at so often, ms. */
const AGAIN = 100;
/** What is less sure is not offered: nobody asked for it. */
const SURE = 0.5;

/** What an offer is made with. */
export interface OfferParts {
  readonly session: EditorSession;
  readonly viewport: Viewport;
  readonly engine: AreaEngine;
  readonly library: AreaLibrary;
  readonly editing: AreaEditing;
}

/** Within an injection context. */
export function offerParts(session: EditorSession, viewport: Viewport): OfferParts {
  return { session, viewport, engine: inject(AreaEngine), library: inject(AreaLibrary), editing: inject(AreaEditing) };
}

export interface FramePlan {
  readonly edit: Edit;
  readonly select: string;
  /** Once it is done: the area is kept with its photo for every project. */
  readonly after: () => void;
}

/** What is laid in an area that was found. */
type Lay = (host: Opening, area: PhotoArea) => Pick<FramePlan, 'edit' | 'select'> | null;

/** Something with four corners that shows a picture can be hung elsewhere as it is. */
function isPrint({ kind, outline, fill }: Opening): boolean {
  return (
    kind === 'shaped' && (outline.type === 'rectangle' || outline.type === 'corners') && showsPicture(fill) && !isShared(fill)
  );
}

/** A photo that is held over an area of another for a moment is offered to be put into it. */
export class FrameOffer {
  private rest: Point | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private offer: { readonly host: Opening; readonly form: AreaForm; readonly plan: FramePlan } | null = null;

  /** @param again - called when there is something to offer, though the pointer has not moved. */
  constructor(
    private readonly parts: OfferParts,
    private readonly again: () => void,
  ) {}

  /**
   * What letting go would do, once there is an area under the pointer.
   * @param pointer - css px of the stage
   */
  plan(photo: Photo, pointer: Point): FramePlan | null {
    return this.planOf((host, area) => this.parts.editing.fillEdit(host, area, photo), pointer);
  }

  private planOf(lay: Lay, pointer: Point, moved?: Opening): FramePlan | null {
    const at = this.parts.viewport.toSheet(pointer);
    if (this.offer) {
      if (this.holds(this.offer.host, this.offer.form, at)) return this.offer.plan;
      this.offer = null;
    }
    if (!this.rest || Math.hypot(pointer.x - this.rest.x, pointer.y - this.rest.y) > NEAR) {
      this.rest = pointer;
      clearTimeout(this.timer);
      this.timer = setTimeout(() => void this.ask(lay, at, moved), HOLD);
    }
    return null;
  }

  /** The same for a loose photo or a print that is moved on the sheet. What lies in areas of it would be lost: then nothing is offered. */
  planMoved(item: Item, pointer: Point): FramePlan | null {
    const { sheet, photos } = this.parts.session.context();
    if (item.type !== 'opening' || withHosted(sheet, [item]).length > 1) return null;
    const { editing } = this.parts;
    if (isPrint(item)) return this.planOf((host, area) => editing.hangEdit(host, area, item), pointer, item);
    const photo = item.kind === 'loose' && item.fill.type === 'photo' ? photos[item.fill.photoId] : undefined;
    return photo ? this.planOf((host, area) => editing.fillEdit(host, area, photo, item), pointer, item) : null;
  }

  end(): void {
    clearTimeout(this.timer);
    this.rest = this.offer = null;
  }

  private async ask(lay: Lay, at: Point, moved?: Opening): Promise<void> {
    const { session, engine, library } = this.parts;
    const context = session.context();
    const host = openingsAt(context, at, context.shaper, { reach: 0 }).find(
      ({ id, fill }) => fill.type === 'photo' && id !== moved?.id,
    );
    const shown = host && placedPhoto(host, context)?.photo;
    const place = host && sheetToPhoto(host, at, context);
    if (!shown || !place) return;
    const rest = this.rest;
    library.ask(shown.id);
    const known = library.of(shown).find(({ form }) => this.holds(host, form, at));
    // A photo that lies small on the sheet has not been fetched as large as it takes.
    while (!known && !engine.hasPhoto(shown) && this.rest === rest) await new Promise((resolve) => setTimeout(resolve, AGAIN));
    if (this.rest !== rest) return;
    const found = known ? null : await engine.find(shown, [place]).catch(() => null);
    const best = found?.[likeliest(found)];
    const area =
      known ??
      (best && best.score >= SURE && best.form.type !== 'traced' ? this.parts.editing.foundArea(shown, best.form) : null);
    // The pointer has gone on, or the drag has ended.
    if (!area || this.rest !== rest || !rest) return;
    // Where it hangs already, it is taken off by being moved.
    const isOwn = moved?.host?.itemId === host.id && moved.host.areaId === area.id;
    const laid = isOwn ? null : lay(host, area);
    if (!laid) return;
    this.offer = {
      host,
      form: area.form,
      plan: { ...laid, after: () => this.parts.editing.laid(shown, area, laid.edit.name) },
    };
    this.again();
  }

  private holds(host: Opening, form: AreaForm, at: Point): boolean {
    const place = sheetToPhoto(host, at, this.parts.session.context());
    return place !== null && formHolds(form, place);
  }
}
