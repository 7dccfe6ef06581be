import { inject, Injectable, signal } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { insertItem, newArtwork, newShapedOpening, withdrawPhoto, type Photo, type Point } from '@kadrosyn/core';
import { firstValueFrom } from 'rxjs';
import { faultOf } from '../../api/fault';
import { OwnFaces } from '../../lettering/own-faces';
import { OwnOutlines } from '../../outlines/own-outlines';
import { PhotoLibrary } from '../../photos/photo-library';
import { PhotoUploads } from '../../photos/photo-uploads';
import { Notices } from './notices';
import { PhotoPlacing } from './photo-placing';
import { EditorSession } from './session';
import { DrawingDialog, type DrawingChoice, type DrawingRequest } from '../supplies/drawing.dialog';

/**
 * Where files go besides the supplies: the first one onto the sheet at a point, or into what is selected, or on top in the middle, as when
 * it is pasted.
 */
type Arrival = { readonly at: Point } | 'pasted';

/** Files from outside: photos go onto the sheet and into the supplies, drawings become outlines. */
@Injectable()
export class Arrivals {
  private readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  private readonly uploads = inject(PhotoUploads);
  private readonly outlines = inject(OwnOutlines);
  private readonly faces = inject(OwnFaces);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(Notices);
  private readonly placing = inject(PhotoPlacing);
  /** A photo that was added although it is in the supplies: there it is to be shown. */
  readonly foundAgain = signal<Photo | null>(null);

  add(files: readonly File[], place?: Arrival): void {
    const drawing = files.find(isDrawing);
    if (drawing) void this.takeDrawing({ file: drawing }, typeof place === 'object' ? place.at : undefined);
    const fonts = files.filter(isFont);
    if (fonts.length > 0) void this.addFaces(fonts);
    this.addPhotos(
      files.filter((file) => !isDrawing(file) && !isFont(file)),
      place,
    );
  }

  private async addFaces(files: readonly File[]): Promise<void> {
    const results = await this.faces.add(files);
    const words = results.map(({ fileName, face, fault }) =>
      face ? `The face ${face.name} was added: it is in the list of faces.` : `${fileName}: ${fault}`,
    );
    this.notices.say(words.join('\n'));
  }

  private addPhotos(files: readonly File[], place?: Arrival): void {
    if (files.length === 0) return;
    const first = files[0];
    void this.uploads
      .add(files, (photo, file) => {
        if (place && file === first) this.placePhoto(photo, place);
      })
      .then((results) => {
        const faults = results.filter(({ fault }) => fault);
        for (const { photo } of faults) if (photo) this.withdraw(photo);
        // What was put on the sheet is seen there.
        if (!place)
          this.sayFoundAgain(results.flatMap(({ photo, wasHere, fault }) => (photo && wasHere && !fault ? [photo] : [])));
        if (faults.length > 0) this.notices.say(faults.map(({ fileName, fault }) => `${fileName}: ${fault}`).join('\n'));
      });
  }

  private sayFoundAgain(photos: readonly Photo[]): void {
    const [first] = photos;
    if (!first) return;
    // The one that is here may have another name than the file.
    const name = this.library.find(first.id)?.photo.name ?? first.name;
    this.foundAgain.set(first);
    this.notices.say(
      photos.length === 1
        ? `This photo is in the supplies already: ${name}.`
        : `${photos.length} of these photos are in the supplies already: ${name} is one of them.`,
    );
  }

  private placePhoto(photo: Photo, place: Arrival): void {
    if (!this.session.shaper()) return;
    if (place !== 'pasted') return this.placing.at(photo, place.at);
    const opening = this.placing.receiving();
    // What is pasted never replaces anything unless that is selected, and then it is said.
    if (!opening) return this.placing.layInMiddle(photo);
    const wasFilled = opening.fill.type === 'photo';
    this.placing.fill(opening, photo);
    if (wasFilled) this.notices.sayWithUndo(`The pasted photo replaced the one in ${opening.name}.`);
  }

  /** Files for the supplies as they are: an SVG is no outline here, but a picture with a clear ground. */
  addArtwork(files: readonly File[], at?: Point): void {
    this.addPhotos(files, at && { at });
  }

  /** A photo that could not be stored is taken out again: what can not be kept must not look kept. */
  private withdraw(photo: Photo): void {
    const edit = withdrawPhoto(this.session.context().project, photo.id);
    if (edit) this.session.commit(edit);
  }

  /** Asks for a drawing and puts its outline on the sheet, its middle at `at`. */
  async takeDrawing(request: DrawingRequest, at?: Point): Promise<void> {
    const asked = this.dialogs.open<DrawingDialog, DrawingRequest, DrawingChoice>(DrawingDialog, { data: request });
    const choice = await firstValueFrom(asked.afterClosed());
    if (!choice) return;
    if (choice.use === 'picture') {
      this.addArtwork([choice.file], at ?? this.middle());
      return;
    }
    const { sheet } = this.session.context();
    if (choice.use === 'artwork') {
      const item = newArtwork({ ...choice.piece, name: choice.name }, sheet, at ?? this.middle());
      this.session.commit(insertItem(sheet, item, `Add ${choice.name}`), item.id);
      return;
    }
    const { name, d, proportion } = choice;
    const height = Math.min(sheet.height * 0.6, (sheet.width * 0.6) / proportion);
    const middle = at ?? this.middle();
    const opening = newShapedOpening(name, { type: 'path', d }, middle, height * proportion, height);
    this.session.commit(insertItem(sheet, opening, `Add ${name}`), opening.id);
    if (choice.keep) await this.keepOutline(name, d, proportion);
  }

  private middle(): Point {
    const { sheet } = this.session.context();
    return { x: sheet.width / 2, y: sheet.height / 2 };
  }

  /** Keeps an outline in the supplies. */
  async keepOutline(name: string, d: string, proportion: number): Promise<boolean> {
    try {
      await this.outlines.add({ name, d, proportion });
      return true;
    } catch (error) {
      this.notices.say(`${name} could not be kept in the supplies. ${faultOf(error).message} It is on the sheet.`);
      return false;
    }
  }
}

function isFont(file: File): boolean {
  return /\.(ttf|otf|woff2?)$/i.test(file.name);
}

function isDrawing(file: File): boolean {
  return file.type === 'image/svg+xml' || /\.svg$/i.test(file.name);
}
