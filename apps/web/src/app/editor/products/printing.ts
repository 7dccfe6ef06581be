import { inject, Injectable } from '@angular/core';
import {
  addArtwork,
  emptyImprint,
  fittedArtwork,
  formHolds,
  imprintIn,
  imprintOf,
  isPrintedOn,
  landing,
  layEmpty,
  onImprint,
  openingsAt,
  openingsOf,
  photoArtwork,
  placedPhoto,
  sheetToPhoto,
  withPhoto,
  type Edit,
  type ImprintView,
  type Opening,
  type Photo,
  type PhotoArea,
  type Point,
} from '@kadrosyn/core';
import { AreaLibrary } from '../areas/area-library';
import { EditorSession } from '../session/session';
import { FlatGround } from './flat-ground';

/** What letting go of something over a product does. */
export interface PrintPlan {
  readonly edit: Edit;
  readonly select: string;
  /** Of the imprint. */
  readonly sheetId: string;
  readonly artworkId: string;
  readonly word: string;
  readonly area: PhotoArea;
  readonly photo: Photo;
}

/** Where something can be printed. */
interface Place {
  readonly host: Opening;
  readonly photo: Photo;
  readonly area: PhotoArea;
}

/** What is printed: a photo, or an item that may show one the project does not know. */
export type Printed =
  { readonly photo: Photo; readonly clear: boolean } | { readonly item: Opening; readonly itemPhoto?: Photo | undefined };

/** Prints what is let go over a product: on the imprint that lies there, or on a new one. */
@Injectable()
export class Printing {
  private readonly session = inject(EditorSession);
  private readonly library = inject(AreaLibrary);
  private readonly ground = inject(FlatGround);
  /** One imprint and one piece of artwork for all of a drag. */
  private kept: { readonly key: string; readonly plan: PrintPlan; readonly view: ImprintView } | null = null;

  /** What is printed on of a product, at a place of the sheet. */
  placeAt(at: Point): Place | null {
    const context = this.session.context();
    for (const hit of openingsAt(context, at, context.shaper, { reach: 0 })) {
      // Through an imprint one reaches what it lies on.
      if (imprintOf(context.project, hit)) continue;
      const photo = placedPhoto(hit, context)?.photo;
      const on = photo && sheetToPhoto(hit, at, context);
      const area = on && this.areasOf(photo).find((one) => isPrintedOn(one) && formHolds(one.form, on));
      return area ? { host: hit, photo, area } : null;
    }
    return null;
  }

  private areasOf(photo: Photo): readonly PhotoArea[] {
    this.library.ask(photo.id);
    return this.library.of(photo);
  }

  /** What printing at a place of the sheet comes to; null where no product is. */
  plan(printed: Printed, at: Point): PrintPlan | null {
    const place = this.placeAt(at);
    return place && this.on(place, printed, at);
  }

  /** On the middle of an imprint that is there. */
  inMiddle(view: ImprintView, printed: Printed): PrintPlan | null {
    const context = this.session.context();
    const host =
      context.sheet.items.length > 0
        ? [...openingsOf(context.sheet.items)].find(({ id }) => id === view.opening.host?.itemId)
        : undefined;
    const photo = host && placedPhoto(host, context)?.photo;
    const area = photo?.areas?.find(({ id }) => id === view.opening.host!.areaId);
    return host && photo && area ? this.on({ host, photo, area }, printed, null) : null;
  }

  /** @param at - null for the middle */
  private on(place: Place, printed: Printed, at: Point | null): PrintPlan | null {
    const context = this.session.context();
    const { project, sheet } = context;
    const { host, photo, area } = place;
    const known = imprintIn(project, sheet.items, host, area.id);
    const key = `${host.id}/${area.id}/${known?.sheet.id ?? ''}`;
    const around = { ...context, host, photo };
    const view = known ?? (this.kept?.key === key ? this.kept.view : emptyImprint(around, area, context));
    if (!view) return null;
    const onSheet = at && onImprint(view, at);
    const landed = landing(view, onSheet ?? { x: view.sheet.width / 2, y: view.sheet.height / 2 });
    const fresh = pieceOf(view, printed, landed);
    const piece = this.kept?.key === key && at ? { ...fresh, id: this.kept.plan.artworkId } : fresh;
    const base = known
      ? addArtwork(view, piece)
      : layEmpty(around, area, view, [piece], `Print ${piece.name} on ${area.name}`).edit;
    const shown = 'photo' in printed ? printed.photo : printed.itemPhoto;
    const edit = shown ? withPhoto(project, shown, base) : base;
    const word = `Print on ${area.name}`;
    const plan = { edit, select: view.opening.id, sheetId: view.sheet.id, artworkId: piece.id, word, area, photo };
    this.kept = { key, plan, view };
    return plan;
  }

  end(): void {
    this.kept = null;
  }

  /** Does it: what was printed is worked on next. */
  commit({ edit, select, sheetId, artworkId, area, photo }: PrintPlan): void {
    this.end();
    this.session.commit(edit, select);
    this.session.artworkId.set(artworkId);
    this.session.setGrip('photo');
    this.library.keep(photo, area);
    this.ground.say(sheetId, artworkId);
  }
}

function pieceOf(view: ImprintView, printed: Printed, at: Point): Opening {
  if ('item' in printed) return fittedArtwork(view, printed.item, at);
  const piece = photoArtwork(view, printed.photo, at);
  return printed.clear ? { ...piece, kind: 'artwork' } : piece;
}
