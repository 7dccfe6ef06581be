import {
  apply,
  boxMatrix,
  changeOpening,
  invert,
  isBackground,
  openingsAt,
  scalePhoto,
  transformArtwork,
  type Edit,
  type Opening,
  type Point,
  showsPicture,
} from '@kadrosyn/core';
import { chosenArtwork, imprintIn } from '../commands/imprint-edits';
import { pictureWord } from '../commands/picture-word';
import type { EditorSession } from '../session/session';
import type { Viewport } from './viewport';

/** Wheel steps that follow each other within so many ms are one undo step. */
const PAUSE = 260;

/** Scales the photo of an opening by the wheel. */
export class PhotoWheel {
  private going: {
    readonly edit: Edit;
    readonly timer: ReturnType<typeof setTimeout>;
    readonly opening: Opening;
    readonly factor: number;
    readonly about: Point;
  } | null = null;

  constructor(
    private readonly session: EditorSession,
    private readonly viewport: Viewport,
  ) {}

  /**
   * Scales the photo under the pointer, zooms with Control, else moves the sheet.
   * @param at - css px of the stage. @param scalesPhotos - otherwise the photo is left as it is.
   */
  onWheel(event: WheelEvent, at: Point, scalesPhotos: boolean): void {
    const zooms = event.ctrlKey || event.metaKey;
    const factor = Math.exp(-event.deltaY * (event.deltaMode === 1 ? 0.03 : 0.0015) * (event.ctrlKey ? 3 : 1));
    const onSheet = this.viewport.toSheet(at);
    const opening = zooms || !scalesPhotos ? null : this.openingAt(onSheet);
    if (opening) this.turn(opening, factor, onSheet);
    else if (zooms) this.viewport.zoomTo(this.viewport.zoom() * factor, at);
    else if (event.shiftKey) this.viewport.panBy(-event.deltaY - event.deltaX, 0);
    else this.viewport.panBy(-event.deltaX, -event.deltaY);
  }

  /** The selected opening, when the grip is on its photo and the point of the sheet on the opening. */
  private openingAt(at: Point): Opening | null {
    const opening = this.session.settledOpening();
    const isBehind = opening !== null && isBackground(opening);
    if (!opening || (opening.locked && !isBehind) || this.session.grip() !== 'photo' || !showsPicture(opening.fill)) return null;
    const { shaper, ...looked } = this.session.context();
    return isBehind || openingsAt(looked, at, shaper, { reach: 0 }).some(({ id }) => id === opening.id) ? opening : null;
  }

  /** @param at - stays where it is on the photo, px of the sheet. */
  private turn(opening: Opening, factor: number, at: Point): void {
    const { session, going } = this;
    const context = session.context();
    const about = going?.about ?? apply(invert(boxMatrix(opening.box)), at);
    const whole = (going?.factor ?? 1) * factor;
    const start = going?.opening ?? opening;
    const view = imprintIn(context, start);
    const piece = view && chosenArtwork(view, context.artworkId);
    // On a product artwork is scaled, never the sheet that it lies on: its sizes are true.
    const edit = view
      ? piece && transformArtwork(view, piece, whole, 0)
      : changeOpening(
          context.sheet,
          start,
          scalePhoto(start, whole, about, context),
          `Scale ${pictureWord(start.fill)} in ${start.name}`,
        );
    if (!edit) return;
    if (going) clearTimeout(going.timer);
    session.preview(edit);
    const timer = setTimeout(() => {
      if (this.going) session.commit(this.going.edit);
      this.going = null;
    }, PAUSE);
    this.going = { edit, timer, opening: start, factor: whole, about };
  }
}
