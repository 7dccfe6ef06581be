import { inject, Injectable, signal } from '@angular/core';
import { itemsWithin, type Bounds, type Edit, type Item, type Opening, type Point } from '@kadrosyn/core';
import { Store } from '@ngrx/store';
import { OwnFaces } from '../../lettering/own-faces';
import { PhotoLevels } from '../../photos/photo-levels';
import { EditorSession } from '../session/session';
import { ImprintEditing } from '../products/imprint-editing';
import { FrameOffer, offerParts } from '../areas/frame-offer';
import { selectPreview } from '../state/editor.selectors';
import { TextCaret } from '../modes/text/text-caret';
import type { Halftone } from './halftone';
import { HeldCorner } from './held-corner';
import { MarkGestures } from './mark-gestures';
import { PhotoDots } from './photo-dots';
import { Pinch } from './pinch';
import { CLICK_REACH, partsPhoto, Presses, type Press, type PressResult } from './press';
import { Snapping } from './snapping';
import type { StageChip } from './stage-chip';
import { Viewport } from './viewport';

/** What pointers do on the stage: select, move, draw a rectangle, pinch, pan. Points are css px of the stage. */
@Injectable()
export class StagePointer {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly typing = inject(TextCaret);
  private readonly snapping = inject(Snapping);
  private readonly heldCorner = inject(HeldCorner);
  private readonly previewed = inject(Store).selectSignal(selectPreview);
  readonly dots = new PhotoDots(this.session, this.viewport, inject(PhotoLevels));
  readonly chip = signal<StageChip | null>(null);
  readonly panning = signal(false);
  readonly halftone = signal<Halftone | null>(null);
  readonly overText = signal(false);
  /** The rectangle that is being drawn, px of the sheet. */
  readonly drawn = signal<Bounds | null>(null);
  /** What would be selected by it. */
  readonly caught = signal<readonly Item[]>([]);
  private readonly pointers = new Map<number, Point>();
  private readonly marks = new MarkGestures(this.session, inject(OwnFaces).axesOf, this.snapping, inject(ImprintEditing));
  private readonly presses = new Presses(this.session, this.viewport, this.typing, this.marks, this.snapping);
  private readonly frame = new FrameOffer(
    offerParts(this.session, this.viewport),
    () => this.press && this.session.preview(this.pressEdit(this.press, this.press.last).edit),
  );
  private press: Press | null = null;
  private pinch: Pinch | null = null;

  /** What presses on the sheet come to; set by the stage. */
  onPress: ((event: PointerEvent) => void) | null = null;

  /** A press that was heard by what lies over the sheet, and is for the sheet. */
  passOn(event: PointerEvent): void {
    this.onPress?.(event);
  }

  /**
   * @param surface - gets what the pointer does until it is let go.
   * @param pans - the sheet is moved, whatever lies there.
   */
  down(
    event: PointerEvent,
    at: Point,
    { host, surface }: { readonly host: HTMLElement; readonly surface: HTMLElement },
    pans: boolean,
  ): void {
    this.pointers.set(event.pointerId, at);
    host.focus({ preventScroll: true });
    if (this.pointers.size === 2) return this.beginPinch(host);
    if (this.press || this.pinch || (event.button !== 0 && event.button !== 1)) return;
    surface.setPointerCapture(event.pointerId);
    this.session.gripSwapped.set(event.altKey);
    this.press = this.presses.at(event, at, event.button === 1 || pans);
    if (this.press.pans) this.panning.set(true);
    this.heldCorner.index.set(this.press.corner ?? null);
  }

  move(event: PointerEvent, at: Point, host: HTMLElement): void {
    if (this.pointers.has(event.pointerId)) this.pointers.set(event.pointerId, at);
    if (this.pinch) return this.movePinch(this.pinch);
    const { press } = this;
    if (!press) this.overText.set(this.presses.typesAt(at));
    if (press?.id !== event.pointerId) return;
    if (!press.moved && Math.hypot(at.x - press.start.x, at.y - press.start.y) < CLICK_REACH) return;
    if (!press.moved && press.opening && partsPhoto(press, this.session.grip())) this.beginHalftone(press.opening, host);
    press.moved = true;
    if (press.pans) {
      this.viewport.panBy(at.x - press.last.x, at.y - press.last.y);
      press.last = at;
      return;
    }
    press.last = at;
    if (press.draws) return this.drawTo(press, at);
    this.snapping.suspended.set(event.ctrlKey || event.metaKey);
    this.session.preview(this.pressEdit(press, at).edit);
  }

  private drawTo(press: Press, at: Point): void {
    const [from, to] = [press.sheetStart, this.viewport.toSheet(at)];
    const area = {
      x: Math.min(from.x, to.x),
      y: Math.min(from.y, to.y),
      width: Math.abs(to.x - from.x),
      height: Math.abs(to.y - from.y),
    };
    this.drawn.set(area);
    this.caught.set(itemsWithin(this.session.context().sheet.items, area));
  }

  private pressEdit(press: Press, at: Point): PressResult {
    const framed = press.carried?.what === 'item' ? this.frame.planMoved(press.carried.item, at) : null;
    const result = framed ? { ...framed, chip: framedChip(at) } : this.presses.result(press, at);
    this.chip.set(result.chip);
    return result;
  }

  up(event: PointerEvent): void {
    this.pointers.delete(event.pointerId);
    if (this.pinch) return this.endPinch();
    const { press } = this;
    if (press?.id !== event.pointerId) return;
    this.press = null;
    this.panning.set(false);
    this.heldCorner.index.set(null);
    if (!press.moved) return this.click(press);
    if (press.pans) return;
    if (press.draws) return this.endDrawing(press.draws === 'adds');
    const { edit, select, after } = this.pressEdit(press, press.last);
    this.end(edit, select);
    after?.();
  }

  private click(press: Press): void {
    if (press.types) return this.typing.beginAt(press.types, press.sheetStart);
    if (press.toggles) this.session.toggle(press.toggles);
    else if (press.click !== undefined) this.session.select(press.click);
  }

  private endDrawing(adds: boolean): void {
    const ids = this.caught().map(({ id }) => id);
    const before = adds ? this.session.selectedItems().map(({ id }) => id) : [];
    this.drawn.set(null);
    this.caught.set([]);
    this.session.selectSeveral([...new Set([...before, ...ids])]);
  }

  cancelOf(pointerId: number): void {
    this.pointers.delete(pointerId);
    this.cancel();
  }

  private end(edit: Edit | null, select?: string): void {
    this.chip.set(null);
    this.halftone.set(null);
    this.snapping.end();
    this.frame.end();
    if (edit) this.session.commit(edit, select);
    else this.session.preview(null);
  }

  /** Ends whatever goes on with nothing changed. False when nothing went on. */
  cancel(): boolean {
    const going = this.press !== null || this.pinch !== null;
    this.press = null;
    this.pinch = null;
    this.panning.set(false);
    this.heldCorner.index.set(null);
    this.drawn.set(null);
    this.caught.set([]);
    this.end(null);
    return going;
  }

  private beginPinch(host: HTMLElement): void {
    const opening = this.press?.movesPhoto ? this.press.opening : null;
    this.cancel();
    const [[a, startA], [b, startB]] = [...this.pointers.entries()] as [[number, Point], [number, Point]];
    this.pinch = new Pinch(this.session, this.viewport, [a, b], [startA, startB], opening);
    if (opening) this.beginHalftone(opening, host);
  }

  private movePinch(pinch: Pinch): void {
    const [a, b] = pinch.fingers.map((finger) => this.pointers.get(finger));
    const edit = a && b ? pinch.move([a, b]) : null;
    if (edit) this.session.preview(edit);
  }

  private endPinch(): void {
    // The finger that was lifted is no longer among the pointers: what is shown is what is kept.
    const edit = this.pinch?.opening ? this.previewed() : null;
    this.pinch = null;
    this.end(edit);
  }

  /** What lies outside the opening shows as dots. */
  private beginHalftone(opening: Opening, host: HTMLElement): void {
    this.halftone.set(this.dots.make(opening, host));
  }
}

/** Beside the pointer, which is in the frame already. */
function framedChip({ x, y }: Point): StageChip {
  return { words: 'Into the frame', at: { x, y: y + 44 }, armed: true };
}
