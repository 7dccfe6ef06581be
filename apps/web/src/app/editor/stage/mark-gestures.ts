import { showsPicture, type FaceAxes, type Opening, type Point } from '@kadrosyn/core';
import type { ImprintEditing } from '../products/imprint-editing';
import type { EditorSession } from '../session/session';
import { formGesture, photoScaleGesture, resizeGesture, turnGesture } from './box-gestures';
import type { Gesture } from './gesture';
import { handlesOf, photoCorners } from './handles';
import type { Snapping } from './snapping';

/** What a press on a mark of what is selected begins. */
interface MarkPress {
  readonly gesture: Gesture | null;
  readonly movesPhoto: boolean;
  /** Which of four corners is moved. */
  readonly corner?: number;
}

/** Finds out what a press on a mark of the selected opening, or of artwork on a product, is meant for. */
export class MarkGestures {
  constructor(
    private readonly session: EditorSession,
    private readonly axesOf: (face: string) => FaceAxes,
    private readonly snapping: Snapping,
    private readonly imprints: ImprintEditing,
  ) {}

  /** @param from - where it was taken hold of, px of the sheet; null where no mark is. */
  gesture(target: Element, opening: Opening, from: Point): MarkPress | null {
    return this.artworkGesture(target, from) ?? this.handleGesture(target, opening, from);
  }

  /** On a product the artwork under the pointer is worked on next. */
  chooseArtwork(at: Point): void {
    this.imprints.choose(at);
  }

  /** A press on a mark of artwork on a product. */
  private artworkGesture(target: Element, from: Point): MarkPress | null {
    const turns = target.closest('[data-artwork-turn]') !== null;
    if (!turns && !target.closest('[data-artwork-peg]')) return null;
    const gesture = turns ? this.imprints.turnGesture(from) : this.imprints.scaleGesture(from);
    return gesture && { gesture, movesPhoto: false };
  }

  private handleGesture(target: Element, opening: Opening, from: Point): MarkPress | null {
    const context = this.session.context();
    const grip = this.session.grip();
    const handle = target.closest('[data-handle]')?.getAttribute('data-handle');
    if (handle) {
      const chosen = handlesOf(opening)[Number(handle)]!;
      this.snapping.begin([opening.id]);
      const snap = this.snapping.sides;
      return {
        gesture: resizeGesture(opening, grip, { handle: chosen, from }, snap, { ...context, axesOf: this.axesOf }),
        movesPhoto: false,
      };
    }
    const bar = target.closest('[data-bar]')?.getAttribute('data-bar');
    if (bar) {
      const corner = opening.outline.type === 'corners' ? { corner: Number(bar) } : {};
      return { gesture: formGesture(opening, Number(bar), from, context), movesPhoto: false, ...corner };
    }
    if (target.closest('[data-turn]')) {
      const movesPhoto = grip === 'photo' && showsPicture(opening.fill);
      return { gesture: turnGesture(opening, grip, from, context), movesPhoto };
    }
    const mark = target.closest('[data-mark]')?.getAttribute('data-mark');
    if (!mark) return null;
    const corners = photoCorners(opening, context);
    const [corner, opposite] = [corners[Number(mark)], corners[(Number(mark) + 2) % 4]];
    if (!corner || !opposite) return null;
    return { gesture: photoScaleGesture(opening, corner, opposite, context), movesPhoto: true };
  }
}
