import { inject, Injectable } from '@angular/core';
import {
  applyEdit,
  findOpening,
  grownForm,
  hangIn,
  imprintIn,
  isPrintedOn,
  isSameForm,
  layImprint,
  newId,
  openingInArea,
  placedPhoto,
  printArea,
  putInsideEdit,
  removeArea,
  removeItem,
  renameArea,
  takeArea,
  type AreaForm,
  type Edit,
  type Opening,
  type Photo,
  type PhotoArea,
  type PrintedForm,
} from '@kadrosyn/core';
import { fillEdit } from '../commands/photo-edits';
import { Notices } from '../session/notices';
import { EditorSession } from '../session/session';
import { AreaLibrary } from './area-library';
import { AreaSurfaces } from './area-surfaces';

/** Decimals of a px that a form is kept with. */
const DIGITS = 100;
/** What was found from another level of the photo, or by another click, differs by less, px. */
const SAME = 2;
/** What lies in an area covers the px that its edge runs through: half of each is what was there. */
const FRINGE = 0.6;

/** Lays openings in areas, and keeps the list of a photo's areas. */
@Injectable()
export class AreaEditing {
  private readonly session = inject(EditorSession);
  private readonly library = inject(AreaLibrary);
  private readonly surfaces = inject(AreaSurfaces);
  private readonly notices = inject(Notices);

  /**
   * An area of the photo that an opening shows, and an empty opening in it, which is selected.
   * @param isFound - nobody has corrected it: where the same was found before, it is that area
   * @returns whether there is one
   */
  take(host: Opening, form: AreaForm, isFound: boolean): boolean {
    const photo = placedPhoto(host, this.session.context())?.photo;
    return photo !== undefined && this.layIn(host, isFound ? this.foundArea(photo, form) : this.newArea(photo, form));
  }

  /** The area that was found so before, or a new one. */
  foundArea(photo: Photo, form: AreaForm): PhotoArea {
    const covering = grownForm(form, FRINGE);
    return this.library.of(photo).find((area) => isSameForm(area.form, covering, SAME)) ?? this.newArea(photo, covering);
  }

  private newArea(photo: Photo, form: AreaForm): PhotoArea {
    return { id: newId('area'), name: this.nextName(photo), form: rounded(form) };
  }

  /**
   * An opening in an area of what a host shows, with a photo in it; null where the area is out of sight.
   * @param moved - the loose opening that the photo is taken from, and that goes
   */
  fillEdit(
    host: Opening,
    area: PhotoArea,
    photo: Photo,
    moved?: Opening,
  ): { readonly edit: Edit; readonly select: string } | null {
    const context = this.session.context();
    const { sheet, project } = context;
    const shown = placedPhoto(host, context)?.photo;
    const opening = shown && openingInArea(host, area, context);
    if (!opening) return null;
    const laid = takeArea({ project, sheet, host, photo: shown }, area, opening);
    const after = applyEdit(project, laid);
    const there = { ...context, project: after, photos: after.photos, sheet: after.sheets.find(({ id }) => id === sheet.id)! };
    const inside = findOpening(there.sheet, opening.id)!;
    const filled = moved ? putInsideEdit(there, moved, inside) : fillEdit(there, inside, photo);
    if (!filled) return null;
    return {
      edit: { name: `${photo.name} into ${area.name}`, operations: [...laid.operations, ...filled.operations] },
      select: opening.id,
    };
  }

  /** A print that lies on the sheet, hung in an area of what a host shows; null where the area is out of sight. */
  hangEdit(host: Opening, area: PhotoArea, print: Opening): { readonly edit: Edit; readonly select: string } | null {
    const context = this.session.context();
    const photo = placedPhoto(host, context)?.photo;
    const edit = photo && hangIn({ ...context, host, photo }, area, print, context);
    return edit ? { edit, select: print.id } : null;
  }

  /**
   * Makes an area one that is printed on, with an empty imprint; its handles are shown, to be put where they belong.
   * @param before - an empty opening in the area, which goes
   * @returns whether there is one
   */
  printOn(host: Opening, area: PhotoArea, as: PrintedForm, before?: Opening): boolean {
    const photo = placedPhoto(host, this.session.context())?.photo;
    const isLaid = photo !== undefined && this.layPrint(host, photo, printArea(photo, area, as), before);
    if (isLaid) this.session.setGrip('opening');
    return isLaid;
  }

  /** An empty imprint on an area. @param before - an empty opening in the area, which goes */
  private layPrint(host: Opening, photo: Photo, area: PhotoArea, before?: Opening): boolean {
    const context = this.session.context();
    const laid = layImprint({ ...context, host, photo }, area, () => [], context);
    if (!laid) return false;
    const { name, operations } = laid.edit;
    const gone = before
      ? removeItem(
          applyEdit(context.project, laid.edit).sheets.find(({ id }) => id === context.sheet.id)!,
          before.id,
          '',
        )
      : null;
    this.session.commit({ name, operations: [...operations, ...(gone?.operations ?? [])] }, laid.opening.id);
    this.laid(photo, area, name);
    return true;
  }

  /** An empty opening in a known area, or an imprint on one that is printed on; the imprint that is there already is chosen. @returns whether there is one */
  layIn(host: Opening, area: PhotoArea): boolean {
    const context = this.session.context();
    const { sheet, project } = context;
    const photo = placedPhoto(host, context)?.photo;
    const there = imprintIn(project, sheet.items, host, area.id);
    if (there) {
      this.session.select(there.opening.id);
      return true;
    }
    const opening = photo && openingInArea(host, area, context);
    if (!opening) {
      this.notices.say(`${area.name} lies out of sight here. Nothing was changed.`);
      return false;
    }
    if (isPrintedOn(area)) return this.layPrint(host, photo, area);
    const edit = takeArea({ project, sheet, host, photo }, area, opening);
    this.session.commit(edit, opening.id);
    this.laid(photo, area, edit.name);
    return true;
  }

  /** Something lies in an area now: it is kept with its photo, and looked at. @param step - in which that was done */
  laid(photo: Photo, area: PhotoArea, step: string): void {
    this.library.keep(photo, area);
    void this.surfaces.begin(photo, area, step);
  }

  rename(photo: Photo, area: PhotoArea, name: string): void {
    if (photo.areas?.some(({ id }) => id === area.id)) this.session.commit(renameArea(photo, area, name));
    this.library.keep(photo, { ...area, name });
  }

  remove(photo: Photo, area: PhotoArea): void {
    const isOwn = photo.areas?.some(({ id }) => id === area.id) ?? false;
    if (isOwn) this.session.commit(removeArea(photo, area.id));
    this.library.remove(photo, area);
    if (isOwn) this.notices.sayWithUndo(`${area.name} is removed. Openings that lie in it stay.`);
    else this.notices.say(`${area.name} is removed.`, 'Undo', () => this.library.keep(photo, area));
  }

  /** "Area 1", "Area 2"... */
  private nextName(photo: Photo): string {
    const names = new Set(this.library.of(photo).map(({ name }) => name));
    let number = 1;
    while (names.has(`Area ${number}`)) number++;
    return `Area ${number}`;
  }
}

function rounded(form: AreaForm): AreaForm {
  const short = (value: number): number => Math.round(value * DIGITS) / DIGITS;
  return JSON.parse(JSON.stringify(form), (_key, value: unknown) =>
    typeof value === 'number' ? short(value) : value,
  ) as AreaForm;
}
