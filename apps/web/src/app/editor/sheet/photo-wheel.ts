import {
  apply,
  boxMatrix,
  changeItem,
  invert,
  openingsAt,
  scalePhoto,
  type Edit,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import type { EditorSession } from '../session';

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

  constructor(private readonly session: EditorSession) {}

  /** The selected opening, when the grip is on its photo and the point of the sheet on the opening. */
  openingAt(at: Point): Opening | null {
    const opening = this.session.settledOpening();
    if (!opening || opening.locked || this.session.grip() !== 'photo' || opening.fill.type !== 'photo') return null;
    const { sheet, shaper } = this.session.context();
    return openingsAt(sheet.items, at, shaper, { reach: 0 }).some(({ id }) => id === opening.id) ? opening : null;
  }

  /** @param at - stays where it is on the photo, px of the sheet. */
  turn(opening: Opening, factor: number, at: Point): void {
    const { session, going } = this;
    const context = session.context();
    const about = going?.about ?? apply(invert(boxMatrix(opening.box)), at);
    const whole = (going?.factor ?? 1) * factor;
    const start = going?.opening ?? opening;
    const edit = changeItem(context.sheet, start, scalePhoto(start, whole, about, context), `Scale photo in ${start.name}`);
    if (going) clearTimeout(going.timer);
    session.preview(edit);
    const timer = setTimeout(() => {
      if (this.going) session.commit(this.going.edit);
      this.going = null;
    }, PAUSE);
    this.going = { edit, timer, opening: start, factor: whole, about };
  }
}
