import { openingsAt, type Carried, type Edit, type FaceAxes, type Grip, type Opening, type Point } from '@kadrosyn/core';
import type { EditorSession } from '../session';
import type { TextCaret } from '../text/text-caret';
import { formGesture, moveGesture, photoScaleGesture, resizeGesture, turnGesture } from './box-gestures';
import type { Gesture } from './gesture';
import { handlesOf, photoCorners } from './handles';
import { carriedTarget } from './carried-target';
import type { StageChip } from './stage-chip';
import type { Snapping } from './snapping';
import { TargetChips } from './target-chip';
import type { Viewport } from './viewport';

/** A press that moves less than this is a click, css px. */
export const CLICK_REACH = 3;

/** A pointer that is down. */
export interface Press {
  readonly id: number;
  readonly start: Point;
  readonly sheetStart: Point;
  readonly gesture: Gesture | null;
  readonly opening: Opening | null;
  /** What a click without movement selects. */
  readonly click: string | null | undefined;
  /** A lettering in whose middle the press is: a click without movement types there. */
  readonly types?: Opening;
  readonly pans: boolean;
  readonly movesPhoto: boolean;
  /** What can be let go on a target on the way; undefined for handles. */
  readonly carried?: Extract<Carried, { readonly item: unknown }>;
  readonly targets?: TargetChips;
  last: Point;
  moved: boolean;
}

/** Whether opening and photo part: the photo is moved, or its opening over it, as in cropping. */
export function partsPhoto({ movesPhoto, opening }: Press, grip: Grip): boolean {
  return movesPhoto || (opening?.fill.type === 'photo' && grip === 'opening');
}

/** What letting go would do now. */
export interface PressResult {
  readonly edit: Edit | null;
  readonly select?: string;
  readonly chip: StageChip | null;
}

/** Finds out what a press is meant for: a mark of the selected opening, an opening, or the sheet. */
export class Presses {
  constructor(
    private readonly session: EditorSession,
    private readonly viewport: Viewport,
    private readonly typing: TextCaret,
    private readonly axesOf: (face: string) => FaceAxes,
    private readonly snapping: Snapping,
  ) {}

  /** What a pointer that goes down at `start` (css px of the stage) begins. @param pans - it moves the sheet, whatever lies there. */
  at(event: PointerEvent, start: Point, pans: boolean): Press {
    const sheetStart = this.viewport.toSheet(start);
    const base = { id: event.pointerId, start, sheetStart, last: start, moved: false, opening: null, movesPhoto: false };
    const pan: Press = { ...base, gesture: null, click: undefined, pans: true };
    if (pans || !this.session.shaper()) return pan;
    const context = this.session.context();
    const selected = this.session.settledOpening();
    const grip = this.session.grip();
    if (selected && !selected.locked) {
      const gesture = this.handleGesture(event.target as Element, selected, sheetStart);
      if (gesture) return { ...base, ...gesture, opening: selected, click: undefined, pans: false };
    }
    const hits = openingsAt(context.sheet.items, sheetStart, context.shaper, { reach: CLICK_REACH / this.viewport.zoom() });
    const held = hits.find((hit) => hit.id === selected?.id);
    const opening = held ?? hits[0] ?? null;
    if (!opening) return { ...pan, click: null };
    if (!held) this.session.select(opening.id);
    const movesPhoto = grip === 'photo' && opening.fill.type === 'photo';
    this.snapping.begin(opening.id);
    return {
      ...base,
      gesture: moveGesture(opening, grip, sheetStart, context, (bounds) => this.snapping.by(bounds)),
      opening,
      click: hits[0]?.id,
      ...(hits[0] && this.typing.isInMiddle(hits[0], sheetStart, this.viewport.zoom()) ? { types: hits[0] } : {}),
      pans: false,
      movesPhoto,
      carried: { what: movesPhoto ? 'photo-of-opening' : 'item', item: opening },
      targets: new TargetChips(this.viewport),
    };
  }

  /** Whether a click at this point of the stage would type. */
  typesAt(stage: Point): boolean {
    const [shaper, sheet] = [this.session.shaper(), this.session.sheet()];
    if (!shaper || !sheet) return false;
    const at = this.viewport.toSheet(stage);
    const [hit] = openingsAt(sheet.items, at, shaper, { reach: 0 });
    return hit !== undefined && this.typing.isInMiddle(hit, at, this.viewport.zoom());
  }

  private handleGesture(target: Element, opening: Opening, from: Point): Pick<Press, 'gesture' | 'movesPhoto'> | null {
    const context = this.session.context();
    const grip = this.session.grip();
    const handle = target.closest('[data-handle]')?.getAttribute('data-handle');
    if (handle) {
      const chosen = handlesOf(opening)[Number(handle)]!;
      return { gesture: resizeGesture(opening, grip, chosen, from, context, this.axesOf), movesPhoto: false };
    }
    const bar = target.closest('[data-bar]')?.getAttribute('data-bar');
    if (bar) return { gesture: formGesture(opening, Number(bar), from, context), movesPhoto: false };
    if (target.closest('[data-turn]')) {
      const movesPhoto = grip === 'photo' && opening.fill.type === 'photo';
      return { gesture: turnGesture(opening, grip, from, context), movesPhoto };
    }
    const mark = target.closest('[data-mark]')?.getAttribute('data-mark');
    if (!mark) return null;
    const corners = photoCorners(opening, context);
    const [corner, opposite] = [corners[Number(mark)], corners[(Number(mark) + 2) % 4]];
    if (!corner || !opposite) return null;
    return { gesture: photoScaleGesture(opening, corner, opposite, context), movesPhoto: true };
  }

  /** @param at - where the pointer is, css px of the stage. */
  result(press: Press, at: Point): PressResult {
    const moved = (): Edit | null => press.gesture?.move(this.viewport.toSheet(at)) ?? null;
    const { carried, targets } = press;
    const target = carried && targets ? carriedTarget(this.session, this.viewport, targets, carried, at) : null;
    if (!target) return { edit: moved(), chip: null };
    const { chip, edit, select } = target;
    return edit ? { edit, chip, ...(select ? { select } : {}) } : { edit: moved(), chip };
  }
}
