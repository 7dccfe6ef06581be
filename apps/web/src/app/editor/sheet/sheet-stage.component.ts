import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  ElementRef,
  inject,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { openingsAt, type Edit, type Opening, type Point } from '@kadrosyn/core';
import { OwnFaces } from '../../lettering/own-faces';
import { PhotoLevels } from '../../photos/photo-levels';
import { OutlinePen } from '../pen/outline-pen';
import { EditorSession } from '../session';
import { selectIsMoving, selectPreview } from '../state/editor.selectors';
import { TextCaret } from '../text/text-caret';
import { SupplyDrag, type Supply } from '../supplies/supply-drag';
import { CanvasPainter } from './canvas-painter';
import { filesWord } from './files-word';
import type { Halftone } from './halftone';
import { PhotoDots } from './photo-dots';
import { Pinch } from './pinch';
import { CLICK_REACH, partsPhoto, Presses, type Press, type PressResult } from './press';
import { PhotoWheel } from './photo-wheel';
import { SelectionMarksComponent } from './selection-marks.component';
import { SnapLinesComponent } from './snap-lines.component';
import { Snapping } from './snapping';
import { SlotMarksComponent } from './slot-marks.component';
import type { StageChip } from './stage-chip';
import { SupplyDrops } from './supply-drops';
import { UnderHereComponent } from './under-here.component';
import { Viewport } from './viewport';

/** The sheet on its mat: drawing, selecting, moving, dropping. */
@Component({
  selector: 'ka-sheet-stage',
  imports: [SelectionMarksComponent, SlotMarksComponent, SnapLinesComponent, UnderHereComponent],
  templateUrl: './sheet-stage.component.html',
  styleUrl: './sheet-stage.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetStageComponent {
  readonly session = inject(EditorSession);
  readonly viewport = inject(Viewport);
  private readonly store = inject(Store);
  private readonly levels = inject(PhotoLevels);
  private readonly drag = inject(SupplyDrag);
  private readonly pen = inject(OutlinePen);
  private readonly typing = inject(TextCaret);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly dots = viewChild.required<ElementRef<HTMLCanvasElement>>('dots');

  /** Files from the desktop, let go over the sheet or pasted. */
  readonly filesDropped = output<{ files: File[]; at: Point | null }>();

  readonly chip = signal<StageChip | null>(null);
  readonly dropWord = signal<{ readonly word: string; readonly at: Point } | null>(null);
  readonly panning = signal(false);
  private readonly isMoving = this.store.selectSignal(selectIsMoving);
  private readonly previewed = this.store.selectSignal(selectPreview);
  private readonly spaceHeld = signal(false);
  private readonly photoDots = new PhotoDots(this.session, this.viewport, this.levels);
  private readonly halftone = signal<Halftone | null>(null);
  private readonly pointers = new Map<number, Point>();
  private readonly snapping = inject(Snapping);
  private readonly presses = new Presses(this.session, this.viewport, this.typing, inject(OwnFaces).axesOf, this.snapping);
  private press: Press | null = null;
  private pinch: Pinch | null = null;
  private readonly drops = new SupplyDrops(this.session, this.viewport, (chip) => this.chip.set(chip));
  private readonly wheel = new PhotoWheel(this.session, this.viewport);
  private painter: CanvasPainter | null = null;

  readonly sheetBox = computed(() => {
    const sheet = this.session.shownSheet();
    return sheet && this.viewport.boxOf(sheet);
  });

  readonly marked = computed(() => {
    const opening = this.session.selectedOpening();
    return opening && this.session.shaper() && !opening.hidden && !this.pen.drawing() && !this.typing.opening() ? opening : null;
  });

  readonly showsSlots = computed(() => this.session.shaper() !== null && !this.pen.drawing() && !this.typing.opening());

  private readonly overText = signal(false);
  readonly cursor = computed(() => (this.panning() || this.spaceHeld() ? 'grab' : this.overText() ? 'text' : 'default'));

  constructor() {
    const destroy = inject(DestroyRef);
    afterNextRender(() => {
      this.painter = new CanvasPainter(this.canvas().nativeElement, this.levels);
      const observer = new ResizeObserver(([entry]) => {
        const { width, height } = entry!.contentRect;
        this.viewport.resize(width, height);
        this.requestFrame();
      });
      observer.observe(this.host.nativeElement);
      destroy.onDestroy(() => observer.disconnect());
    });
    effect(() => this.requestFrame());
    effect(() => this.photoDots.paint(this.dots().nativeElement, this.halftone(), this.session.selectedOpening()));
    this.drag.setSurface({
      over: (supply, client) => this.supplyOver(supply, client),
      drop: (supply, client) => this.supplyDrop(supply, client),
      cancel: () => this.endDrop(),
    });
    destroy.onDestroy(() => {
      this.drag.setSurface(null);
      this.painter?.stop();
    });
  }

  private requestFrame(): void {
    const [sheet, project, shaper] = [this.session.shownSheet(), this.session.shownProject(), this.session.shaper()];
    const { width, height } = this.viewport.size();
    const [view, version, moving, ratio] = [
      this.viewport.view(),
      // Both only grow: letters look different when a face has arrived.
      this.levels.version() + (shaper?.version ?? 0),
      this.isMoving(),
      this.viewport.pixelRatio(),
    ];
    if (!sheet || !project || !shaper || width === 0) return;
    const [w, h] = [Math.round(width * ratio), Math.round(height * ratio)];
    this.painter?.request({ sheet, view, photos: project.photos, shaper, width: w, height: h, version, moving });
  }

  // --- pointer ---

  onPointerDown(event: PointerEvent): void {
    const at = this.stagePoint(event);
    this.pointers.set(event.pointerId, at);
    this.host.nativeElement.focus({ preventScroll: true });
    if (this.pointers.size === 2) return this.beginPinch();
    if (this.press || this.pinch || (event.button !== 0 && event.button !== 1)) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.press = this.presses.at(event, at, event.button === 1 || this.spaceHeld());
    if (this.press.pans) this.panning.set(true);
  }

  onPointerMove(event: PointerEvent): void {
    const at = this.stagePoint(event);
    if (this.pointers.has(event.pointerId)) this.pointers.set(event.pointerId, at);
    if (this.pinch) return this.movePinch(this.pinch);
    const { press } = this;
    if (!press) this.overText.set(this.presses.typesAt(at));
    if (press?.id !== event.pointerId) return;
    if (!press.moved && Math.hypot(at.x - press.start.x, at.y - press.start.y) < CLICK_REACH) return;
    if (!press.moved && press.opening && partsPhoto(press, this.session.grip())) this.beginHalftone(press.opening);
    press.moved = true;
    if (press.pans) {
      this.viewport.panBy(at.x - press.last.x, at.y - press.last.y);
      press.last = at;
      return;
    }
    press.last = at;
    this.snapping.suspended.set(event.ctrlKey || event.metaKey);
    this.session.preview(this.pressEdit(press, at).edit);
  }

  private pressEdit(press: Press, at: Point): PressResult {
    const result = this.presses.result(press, at);
    this.chip.set(result.chip);
    return result;
  }

  onPointerUp(event: PointerEvent): void {
    this.pointers.delete(event.pointerId);
    if (this.pinch) return this.endPinch();
    const { press } = this;
    if (press?.id !== event.pointerId) return;
    this.press = null;
    this.panning.set(false);
    if (!press.moved) {
      if (press.types) return this.typing.beginAt(press.types, press.sheetStart);
      if (press.click !== undefined) this.session.select(press.click);
      return;
    }
    if (press.pans) return;
    const { edit, select } = this.pressEdit(press, press.last);
    this.endGesture(edit, select);
  }

  onPointerCancel(event: PointerEvent): void {
    this.pointers.delete(event.pointerId);
    this.cancelGesture();
  }

  private endGesture(edit: Edit | null, select?: string): void {
    this.chip.set(null);
    this.halftone.set(null);
    this.snapping.end();
    if (edit) this.session.commit(edit, select);
    else this.session.preview(null);
  }

  /** Ends whatever goes on with nothing changed. False when nothing went on. */
  cancelGesture(): boolean {
    const going = this.press !== null || this.pinch !== null;
    this.press = null;
    this.pinch = null;
    this.panning.set(false);
    this.endGesture(null);
    return going;
  }

  onDoubleClick(event: MouseEvent): void {
    const shaper = this.session.shaper();
    const sheet = this.session.sheet();
    if (!shaper || !sheet) return;
    const [hit] = openingsAt(sheet.items, this.viewport.toSheet(this.stagePoint(event)), shaper, { reach: 2 });
    if (hit?.outline.type === 'path') this.pen.edit(hit);
  }

  // --- wheel and pinch ---

  onWheel(event: WheelEvent): void {
    event.preventDefault();
    this.wheel.onWheel(event, this.stagePoint(event));
  }

  private beginPinch(): void {
    const opening = this.press?.movesPhoto ? this.press.opening : null;
    this.cancelGesture();
    const [[a, startA], [b, startB]] = [...this.pointers.entries()] as [[number, Point], [number, Point]];
    this.pinch = new Pinch(this.session, this.viewport, [a, b], [startA, startB], opening);
    if (opening) this.beginHalftone(opening);
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
    this.endGesture(edit);
  }

  /** What lies outside the opening shows as dots. */
  private beginHalftone(opening: Opening): void {
    this.halftone.set(this.photoDots.make(opening, this.host.nativeElement));
  }

  // --- drops ---

  private supplyOver(supply: Supply, client: Point): string | null {
    const at = this.stagePoint({ clientX: client.x, clientY: client.y });
    if (this.viewport.holds(at)) return this.drops.over(supply, at);
    this.endDrop();
    return null;
  }

  private supplyDrop(supply: Supply, client: Point): void {
    const at = this.stagePoint({ clientX: client.x, clientY: client.y });
    this.dropWord.set(null);
    this.drops.letGo(supply, at, this.viewport.holds(at));
  }

  private endDrop(): void {
    this.dropWord.set(null);
    this.drops.end();
  }

  onFilesOver(event: DragEvent): void {
    const at = this.stagePoint(event);
    const word = filesWord(event, this.session, this.viewport.toSheet(at));
    if (word) this.dropWord.set({ word, at });
  }

  onFilesLeave(event: DragEvent): void {
    if (!this.host.nativeElement.contains(event.relatedTarget as Node | null)) this.dropWord.set(null);
  }

  onFilesDrop(event: DragEvent): void {
    const files = [...(event.dataTransfer?.files ?? [])];
    if (files.length === 0) return;
    event.preventDefault();
    this.dropWord.set(null);
    this.filesDropped.emit({ files, at: this.viewport.toSheet(this.stagePoint(event)) });
  }

  holdSpace(held: boolean): void {
    this.spaceHeld.set(held);
  }

  stagePoint(event: { readonly clientX: number; readonly clientY: number }): Point {
    const rect = this.host.nativeElement.getBoundingClientRect();
    return { x: event.clientX - rect.left, y: event.clientY - rect.top };
  }
}
