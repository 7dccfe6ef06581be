import { inject, Injectable, signal } from '@angular/core';
import type { CuttingRequest } from '../../cutout/cutting-request';
import {
  applyEdit,
  changeCutout,
  changeItem,
  changeOpeningOperations,
  changeSheet,
  crossingsOver,
  findOpening,
  findSheet,
  fitPhoto,
  isShared,
  KEPT_IN,
  letAll,
  newestRevision,
  openingsOf,
  photoMatrix,
  placedPhoto,
  standUpright,
  transformBounds,
  widenToHold,
  withPhoto,
  type Bounds,
  type Cutout,
  type Edit,
  type ItemProperties,
  type Opening,
  type Operation,
  type Photo,
  type PhotoFill,
  type Project,
  type Sheet,
  laidAnew,
} from '@kadrosyn/core';
import { PhotoLibrary } from '../../photos/photo-library';
import { EditorSession } from './session';

/** How a cutout is used. */
interface Use {
  readonly cutout: Cutout;
  readonly show: NonNullable<PhotoFill['show']>;
  readonly focus: Bounds | undefined;
  readonly letsOut: boolean;
}

/** Opens the cutout view over the editor, and puts what comes of it into the project. */
@Injectable()
export class Cutting {
  private readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  readonly request = signal<CuttingRequest | null>(null);
  /** What had the focus before the view was opened. */
  private before: Element | null = null;

  /** @param opening - that shows the photo, on the sheet that is seen or on the one that is said; null for a photo of the supplies. */
  begin(
    photo: Photo,
    opening: Opening | null,
    { clearsFlat = false, letsOut = false, sheetId = this.session.sheet()?.id } = {},
  ): void {
    this.before = document.activeElement;
    const known = this.session.project()?.photos[photo.id] ?? photo;
    this.request.set({ photo: known, openingId: opening?.id ?? null, sheetId: sheetId ?? null, clearsFlat, letsOut });
  }

  end(): void {
    this.request.set(null);
    if (this.before instanceof HTMLElement) this.before.focus();
  }

  /** The opening as it is now; null where the photo came from the supplies. */
  opening(): Opening | null {
    const request = this.request();
    const [project, seen] = [this.session.project(), this.session.sheet()];
    const sheet = (project && request?.sheetId && findSheet(project, request.sheetId)) || seen;
    return (sheet && findOpening(sheet, request?.openingId)) ?? null;
  }

  /** As the session has it, but on the sheet that the opening lies on: artwork of a product lies on a sheet of its own. */
  private context(): ReturnType<EditorSession['context']> {
    const context = this.session.context();
    const { sheetId } = this.request() ?? {};
    const sheet = sheetId && findSheet(context.project, sheetId);
    return sheet ? { ...context, sheet } : context;
  }

  /**
   * Uses the newest revision of a cutout where the view was opened from, in one step.
   * @param show - what that opening shows from now on.
   * @param focus - what the subject fills: every fit on the subject goes by it.
   */
  use(photo: Photo, cutout: Cutout, show: NonNullable<PhotoFill['show']>, focus: Bounds | undefined): void {
    const { project } = this.session.context();
    const opening = this.opening();
    // A photo of the supplies brings its cutout along when it is laid down.
    if (!(photo.id in project.photos) && !opening) return this.library.keepCutout(photo.id, cutout);
    this.session.commit(this.edit(project, photo, { cutout, show, focus, letsOut: this.request()?.letsOut ?? false }, opening));
    if (focus) void this.library.change(photo.id, { focus }).catch(() => undefined);
  }

  /** Uses a cutout that was just made in an opening, and lets all of the subject out of it, in one step. */
  letOut(photo: Photo, openingId: string, cutout: Cutout, focus: Bounds | undefined): void {
    const { project, sheet } = this.session.context();
    const opening = findOpening(sheet, openingId);
    if (!opening) return;
    const show = opening.fill.type === 'photo' ? (opening.fill.show ?? 'photo') : 'photo';
    this.session.commit(this.edit(project, photo, { cutout, show, focus, letsOut: true }, opening));
    if (focus) void this.library.change(photo.id, { focus }).catch(() => undefined);
  }

  private edit(project: Project, photo: Photo, { cutout, show, focus, letsOut }: Use, opening: Opening | null): Edit {
    const context = this.context();
    const known = project.photos[photo.id] ?? photo;
    const others = (known.cutouts ?? []).filter(({ id }) => id !== cutout.id);
    const after = { cutouts: [...others, cutout], ...(focus ? { focus } : {}) };
    const before = { cutouts: known.cutouts ?? null, ...(focus ? { focus: known.focus ?? null } : {}) };
    const operations: Operation[] = [{ type: 'change-photo', photoId: photo.id, before, after }];
    const changed: Photo = { ...known, ...after };
    const used = newestRevision(cutout)!;
    for (const each of openingsOf(context.sheet.items)) {
      const placed = placedPhoto(each, context);
      if (placed?.photo.id !== photo.id) continue;
      const isHere = each.id === opening?.id;
      const refits = placed.fill.fit === 'subject' && focus !== undefined && !isShared(each.fill);
      if (!isHere && !refits) continue;
      // The button that led here says that the photo stands upright for it.
      const upright = isHere && letsOut ? standUpright(each) : {};
      const stood = { ...each, ...upright };
      const placement = refits
        ? fitPhoto('subject', stood, changed, context.shaper, placed.placement)
        : upright.outline && !isShared(each.fill)
          ? laidAnew(each, stood, placed, context)
          : placed.fill.placement;
      const { show: _shown, ...rest } = placed.fill;
      const shown: PhotoFill = { ...rest, cutout: used, ...(show === 'subject' ? { show } : {}) };
      const fill: PhotoFill = { ...(isHere ? shown : placed.fill), placement };
      const out = isHere && letsOut ? { overhangs: letAll(each.overhangs ?? KEPT_IN, true), ...upright } : {};
      operations.push(...changeOpeningOperations(context.sheet, each, { fill, ...out }));
      // What was marked on its box before there was a cutout is marked on the photo from now on.
      const before = { fill: { ...fill, placement: placed.fill.placement } };
      if (isHere) operations.push(...changeCutout(context.sheet, each, before, context.photos).slice(1));
    }
    const where = opening ? ` in ${opening.name}` : '';
    const edit = withPhoto(project, known, { name: `Cut out ${photo.name}${where}`, operations });
    if (opening?.kind !== 'loose') return edit;
    return letsOut ? this.letOver(project, edit, opening) : show === 'subject' ? this.keptInSight(project, edit, opening) : edit;
  }

  /** A subject that lies in a part that was trimmed off is brought back: the photo would be gone from the sheet. */
  private keptInSight(project: Project, edit: Edit, { id }: Opening): Edit {
    const { sheet: before, shaper } = this.context();
    const after = applyEdit(project, edit);
    const sheet = findSheet(after, before.id)!;
    const opening = findOpening(sheet, id)!;
    const { focus } = after.photos[(opening.fill as PhotoFill).photoId]!;
    const wide = focus ? widenToHold(opening, focus, { ...after, sheet, shaper }, 'out of sight') : {};
    return { name: edit.name, operations: [...edit.operations, ...changeItem(sheet, opening, wide, '').operations] };
  }

  /** Its subject only, all of it: trimmed to a part without the subject, the photo would be gone. */
  private shownAlone(opening: Opening, photo: Photo, sheet: Sheet): ItemProperties {
    const { shaper } = this.context();
    const wide = photo.focus
      ? widenToHold(opening, photo.focus, { sheet, sheets: [], photos: { [photo.id]: photo }, shaper })
      : {};
    const fill = (wide.fill ?? opening.fill) as PhotoFill;
    return { ...wide, fill: { ...fill, show: 'subject' } };
  }

  /** A loose photo has no edge to come out of: its subject passes over all that lies on it. Where nothing does, it is shown alone. */
  private letOver(project: Project, edit: Edit, { id }: Opening): Edit {
    const { sheet: before, shaper } = this.context();
    const after = applyEdit(project, edit);
    const sheet = findSheet(after, before.id)!;
    const opening = findOpening(sheet, id)!;
    const fill = opening.fill as PhotoFill;
    const photo = after.photos[fill.photoId]!;
    const toSheet = photoMatrix(opening, fill, sheet, after.photos)!;
    const seen = transformBounds(toSheet, photo.focus ?? { x: 0, y: 0, width: photo.width, height: photo.height });
    const over = crossingsOver(sheet, id, seen, shaper);
    const more =
      over.length > 0
        ? changeSheet(sheet, { crossings: [...sheet.crossings, ...over] }, '')
        : changeItem(sheet, opening, this.shownAlone(opening, photo, sheet), '');
    return { name: edit.name, operations: [...edit.operations, ...more.operations] };
  }
}
