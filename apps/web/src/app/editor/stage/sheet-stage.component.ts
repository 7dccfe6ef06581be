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
import { resolvedIn, type Point } from '@kadrosyn/core';
import { PhotoLevels } from '../../photos/photo-levels';
import { OutlinePen } from '../modes/pen/outline-pen';
import { offerParts } from '../areas/frame-offer';
import { ImprintMarksComponent } from '../products/imprint-marks.component';
import { Printing } from '../products/printing';
import { EditorSession } from '../session/session';
import { selectIsMoving } from '../state/editor.selectors';
import { TextCaret } from '../modes/text/text-caret';
import { SupplyDrag, type Supply } from '../supplies/supply-drag';
import { FRAME_TRACE } from '../../trace/frame-trace';
import { CanvasPainter } from './canvas-painter';
import { CornerLoupeComponent } from './corner-loupe.component';
import { filesWord } from './files-word';
import { goFurther } from './go-further';
import { GapMarksComponent } from './gap-marks.component';
import { PhotoWheel } from './photo-wheel';
import { SelectionMarksComponent } from './selection-marks.component';
import { SnapLinesComponent } from './snap-lines.component';
import { SlotMarksComponent } from './slot-marks.component';
import { StagePointer } from './stage-pointer';
import { StageView } from './stage-view';
import { SupplyDrops } from './supply-drops';
import { TogetherMarksComponent } from './together-marks.component';
import { UnderHereComponent } from './under-here.component';
import { Viewport } from './viewport';

/** The sheet on its mat: drawing, selecting, moving, dropping. */
@Component({
  selector: 'ka-sheet-stage',
  imports: [
    GapMarksComponent,
    ImprintMarksComponent,
    SelectionMarksComponent,
    TogetherMarksComponent,
    SlotMarksComponent,
    SnapLinesComponent,
    CornerLoupeComponent,
    UnderHereComponent,
  ],
  templateUrl: './sheet-stage.component.html',
  styleUrl: './sheet-stage.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetStageComponent {
  readonly session = inject(EditorSession);
  readonly viewport = inject(Viewport);
  readonly stageView = inject(StageView);
  private readonly store = inject(Store);
  private readonly levels = inject(PhotoLevels);
  private readonly drag = inject(SupplyDrag);
  private readonly pen = inject(OutlinePen);
  private readonly typing = inject(TextCaret);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly surface = viewChild.required<ElementRef<HTMLElement>>('surface');
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly dots = viewChild.required<ElementRef<HTMLCanvasElement>>('dots');

  /** Files from the desktop, let go over the sheet or pasted. */
  readonly filesDropped = output<{ files: File[]; at: Point | null }>();

  readonly pointer = inject(StagePointer);
  readonly dropWord = signal<{ readonly word: string; readonly at: Point } | null>(null);
  private readonly isMoving = this.store.selectSignal(selectIsMoving);
  private readonly drops = new SupplyDrops(this.pointer, this.drag, offerParts(this.session, this.viewport), inject(Printing));
  private readonly wheel = new PhotoWheel(this.session, this.viewport);
  private readonly trace = inject(FRAME_TRACE);
  private painter: CanvasPainter | null = null;

  readonly sheetBox = computed(() => {
    const sheet = this.session.shownSheet();
    return sheet && this.viewport.boxOf(sheet);
  });

  readonly marked = computed(() => {
    const opening = this.session.selectedOpening();
    return opening && this.session.shaper() && !opening.hidden && this.showsSlots() ? opening : null;
  });

  /** Marks on the sheet are shown while nothing else is going on over it. */
  readonly showsSlots = computed(
    () => this.session.shaper() !== null && !this.pen.drawing() && !this.typing.opening() && !this.stageView.clean(),
  );

  readonly cursor = computed(() =>
    this.pointer.panning() || this.stageView.spaceHeld() ? 'grab' : this.pointer.overText() ? 'text' : 'default',
  );

  constructor() {
    const destroy = inject(DestroyRef);
    afterNextRender(() => {
      this.painter = new CanvasPainter(this.canvas().nativeElement, this.levels, this.trace);
      const observer = new ResizeObserver(([entry]) => {
        const { width, height } = entry!.contentRect;
        this.viewport.resize(width, height);
        this.requestFrame();
      });
      observer.observe(this.host.nativeElement);
      destroy.onDestroy(() => observer.disconnect());
    });
    effect(() => this.requestFrame());
    effect(() => this.pointer.dots.paint(this.dots().nativeElement, this.pointer.halftone(), this.session.selectedOpening()));
    this.drag.setSurface({
      over: (supply, client) => this.supplyOver(supply, client),
      drop: (supply, client) => {
        this.supplyDrop(supply, client);
        // Keys go on with what was dropped: Enter must not press its supply once more.
        this.takeFocus();
      },
      cancel: () => this.endDrop(),
    });
    this.pointer.onPress = (event) => this.onPointerDown(event);
    destroy.onDestroy(() => {
      this.pointer.onPress = null;
      this.drag.setSurface(null);
      this.painter?.stop();
    });
  }

  /** Keys are for the sheet from now on. */
  takeFocus(): void {
    this.host.nativeElement.focus({ preventScroll: true });
  }

  private requestFrame(): void {
    const [sheet, project, shaper] = [this.session.shownSheet(), this.session.shownProject(), this.session.shaper()];
    const { width, height } = this.viewport.size();
    const [view, version, moving, ratio] = [
      this.viewport.view(),
      // Both only grow: letters look different when a face has arrived.
      this.levels.version() + (shaper?.version ?? 0),
      this.isMoving() && this.stageView.heldBack() === null,
      this.viewport.pixelRatio(),
    ];
    if (!sheet || !project || !shaper || width === 0) return;
    const [w, h] = [Math.round(width * ratio), Math.round(height * ratio)];
    this.painter?.request({
      sheet: resolvedIn(project, this.stageView.drawn(sheet)),
      view,
      photos: project.photos,
      shaper,
      width: w,
      height: h,
      version,
      moving,
    });
  }

  // --- pointer ---

  onPointerDown(event: PointerEvent): void {
    // What is only looked at is not changed by a hand that slips.
    const pans = this.stageView.spaceHeld() || this.stageView.clean();
    const places = { host: this.host.nativeElement, surface: this.surface().nativeElement };
    this.pointer.down(event, this.stagePoint(event), places, pans);
  }

  onPointerMove(event: PointerEvent): void {
    this.pointer.move(event, this.stagePoint(event), this.host.nativeElement);
  }

  onDoubleClick(event: MouseEvent): void {
    if (!this.session.shaper() || !this.session.sheet() || this.stageView.clean()) return;
    goFurther(this.session, this.pen, this.viewport.toSheet(this.stagePoint(event)));
  }

  // --- wheel ---

  onWheel(event: WheelEvent): void {
    event.preventDefault();
    this.wheel.onWheel(event, this.stagePoint(event), !this.stageView.clean());
  }

  // --- drops ---

  private supplyOver(supply: Supply, client: Point): string | null {
    const at = this.stagePoint({ clientX: client.x, clientY: client.y });
    if (this.viewport.holds(at)) return this.drops.over(supply, at);
    this.endDrop();
    return null;
  }

  private supplyDrop(supply: Supply, { x: clientX, y: clientY }: Point): void {
    const at = this.stagePoint({ clientX, clientY });
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

  stagePoint(event: { readonly clientX: number; readonly clientY: number }): Point {
    const rect = this.host.nativeElement.getBoundingClientRect();
    return { x: event.clientX - rect.left, y: event.clientY - rect.top };
  }
}
