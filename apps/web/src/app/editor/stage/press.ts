import {
  isBackground,
  openingsAt,
  type Carried,
  type Edit,
  type Grip,
  type Item,
  type Opening,
  type Point,
  showsPicture,
} from '@kadrosyn/core';
import { ownerOf } from '../commands/hit-owner';
import { imprintIn } from '../commands/imprint-edits';
import type { EditorSession } from '../session/session';
import type { TextCaret } from '../modes/text/text-caret';
import { moveGesture } from './box-gestures';
import type { Gesture } from './gesture';
import type { MarkGestures } from './mark-gestures';
import { carriedTarget } from './carried-target';
import type { StageChip } from './stage-chip';
import type { Snapping } from './snapping';
import { TargetChips } from './target-chip';
import { movable, moveTogether, scaleTogether, turnTogether } from './together-gestures';
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
  /** What a click without movement adds to the selection, or takes out of it. */
  readonly toggles?: string;
  /** A lettering in whose middle the press is: a click without movement types there. */
  readonly types?: Opening;
  readonly pans: boolean;
  /** A drag draws a rectangle; what lies in it is selected, or added to the selection. */
  readonly draws?: 'selects' | 'adds';
  readonly movesPhoto: boolean;
  /** It is what is printed on a product. */
  readonly isPrinted?: boolean;
  /** Which of four corners is moved. */
  readonly corner?: number;
  /** What can be let go on a target on the way; undefined for handles. */
  readonly carried?: Extract<Carried, { readonly item: unknown }>;
  readonly targets?: TargetChips;
  last: Point;
  moved: boolean;
}

type Base = Pick<Press, 'id' | 'start' | 'sheetStart' | 'last' | 'moved' | 'opening' | 'movesPhoto'>;

/** Whether opening and photo part: the photo is moved, or its opening over it, as in cropping. */
export function partsPhoto({ movesPhoto, opening, isPrinted }: Press, grip: Grip): boolean {
  if (isPrinted) return false;
  return movesPhoto || (opening !== null && showsPicture(opening.fill) && grip === 'opening');
}

/** What letting go would do now. */
export interface PressResult {
  readonly edit: Edit | null;
  readonly select?: string;
  readonly chip: StageChip | null;
  /** What follows once it is done. */
  readonly after?: () => void;
}

/** Finds out what a press is meant for: a mark of what is selected, an opening, a group, or the sheet. */
export class Presses {
  constructor(
    private readonly session: EditorSession,
    private readonly viewport: Viewport,
    private readonly typing: TextCaret,
    private readonly marks: MarkGestures,
    private readonly snapping: Snapping,
  ) {}

  /** What a pointer that goes down at `start` (css px of the stage) begins. @param pans - it moves the sheet, whatever lies there. */
  at(event: PointerEvent, start: Point, pans: boolean): Press {
    const sheetStart = this.viewport.toSheet(start);
    const base: Base = { id: event.pointerId, start, sheetStart, last: start, moved: false, opening: null, movesPhoto: false };
    if (pans || !this.session.shaper()) return { ...base, gesture: null, click: undefined, pans: true };
    return this.onMark(event, base) ?? this.onItem(event, base);
  }

  /** A press on a mark of what is selected. */
  private onMark(event: PointerEvent, base: Base): Press | null {
    const target = event.target as Element;
    const selected = this.session.settledOpening();
    if (selected && (!selected.locked || isBackground(selected))) {
      const gesture = this.marks.gesture(target, selected, base.sheetStart);
      if (gesture) return { ...base, ...gesture, opening: selected, click: undefined, pans: false };
    }
    const gesture = this.togetherGesture(target, base.sheetStart);
    return gesture && { ...base, gesture, click: undefined, pans: false };
  }

  private onItem(event: PointerEvent, base: Base): Press {
    const { shaper, ...looked } = this.session.context();
    const { sheet } = looked;
    const hits = openingsAt(looked, base.sheetStart, shaper, { reach: CLICK_REACH / this.viewport.zoom() });
    const selected = this.session.selectedItems();
    const owners = hits.map(({ id }) => ownerOf(sheet, id, selected));
    const adds = event.shiftKey || this.session.selectsSeveral();
    const held = selected.find(({ id }) => owners.includes(id));
    if (adds && !held)
      return {
        ...base,
        gesture: null,
        click: undefined,
        pans: false,
        draws: 'adds',
        ...(owners[0] ? { toggles: owners[0] } : {}),
      };
    const owner = held?.id ?? owners[0];
    if (!owner) {
      // Where nothing lies, the photo behind it is moved, if that is what is worked on.
      const background = this.session.background();
      if (background) return { ...this.onOpening(base, background), click: null };
      // With a finger the sheet is moved; whoever wants to draw a rectangle says so first.
      const press = { ...base, gesture: null, click: null };
      return event.pointerType === 'touch' ? { ...press, pans: true } : { ...press, pans: false, draws: 'selects' };
    }
    if (!held) this.session.select(owner);
    this.marks.chooseArtwork(base.sheetStart);
    const together = this.session.settledTogether();
    const press =
      together.length > 0
        ? this.onTogether(base, together)
        : this.onOpening(
            base,
            hits.find(({ id }) => id === owner)!,
          );
    const click = adds ? { click: undefined, toggles: owner } : { click: owners[0] };
    const [front] = hits;
    const types =
      !adds && front && owners[0] === front.id && this.typing.isInMiddle(front, base.sheetStart, this.viewport.zoom());
    return { ...press, ...click, ...(types ? { types: front } : {}) };
  }

  /** Several items, or a group, are moved. */
  private onTogether(base: Base, together: readonly Item[]): Press {
    const items = movable(together);
    this.snapping.begin(items.map(({ id }) => id));
    const gesture = moveTogether(items, base.sheetStart, this.session.context(), (bounds) => this.snapping.by(bounds));
    return { ...base, gesture: items.length > 0 ? gesture : null, click: undefined, pans: false };
  }

  private onOpening(base: Base, opening: Opening): Press {
    const context = this.session.context();
    const grip = this.session.grip();
    const isImprint = imprintIn(context, opening) !== null;
    const movesPhoto = grip === 'photo' && !isImprint && showsPicture(opening.fill);
    this.snapping.begin([opening.id]);
    return {
      ...base,
      gesture: moveGesture(opening, grip, base.sheetStart, context, (bounds) => this.snapping.by(bounds)),
      opening,
      click: undefined,
      pans: false,
      movesPhoto,
      isPrinted: isImprint,
      // A sheet that is shown is moved in its opening only.
      ...(isImprint || (movesPhoto && opening.fill.type === 'sheet')
        ? {}
        : { carried: { what: movesPhoto ? 'photo-of-opening' : 'item', item: opening } }),
      targets: new TargetChips(this.viewport),
    };
  }

  /** Whether a click at this point of the stage would type. */
  typesAt(stage: Point): boolean {
    if (!this.session.shaper() || !this.session.sheet()) return false;
    const { shaper, ...looked } = this.session.context();
    const at = this.viewport.toSheet(stage);
    const [hit] = openingsAt(looked, at, shaper, { reach: 0 });
    if (!hit) return false;
    // A word in a group that was not entered is not typed in.
    if (ownerOf(looked.sheet, hit.id, this.session.selectedItems()) !== hit.id) return false;
    return this.typing.isInMiddle(hit, at, this.viewport.zoom());
  }

  private togetherGesture(target: Element, from: Point): Gesture | null {
    const items = movable(this.session.settledTogether());
    const peg = target.closest('[data-together-peg]')?.getAttribute('data-together-peg');
    if (items.length === 0) return null;
    if (target.closest('[data-together-turn]')) return turnTogether(items, from, this.session.context());
    if (!peg) return null;
    const [x, y] = peg.split(' ').map(Number) as [number, number];
    return scaleTogether(items, { x, y }, from, this.session.context());
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
