import type { Photo, ResolvedSheet, Shaper } from '@kadrosyn/core';
import { KernelRunner } from '../../photos/kernel-runner';
import { BROWSER_ENVIRONMENT, SheetPainter, type PhotoSource, type RenderResources, type SheetView } from '@kadrosyn/render';
import type { FrameTrace } from '../../trace/frame-trace';

/** What a frame shows. */
export interface Frame {
  readonly sheet: ResolvedSheet;
  readonly view: SheetView;
  readonly photos: Readonly<Record<string, Photo>>;
  readonly shaper: Shaper;
  readonly width: number;
  readonly height: number;
  /** Raised when a photo level arrived. */
  readonly version: number;
  /** A gesture is going on: frames may be put together from layers. */
  readonly moving: boolean;
}

/** A view that has not changed for so many ms is drawn exactly. */
const STILL = 120;

/** Paints the canvas of the stage at most once for each frame of the screen. */
export class CanvasPainter {
  private readonly painter: SheetPainter;
  /** What its worker has made is shown as soon as all of it is there. */
  private readonly kernels: KernelRunner;
  private readonly context: CanvasRenderingContext2D;
  private wanted: Frame | null = null;
  private scheduled = 0;
  private still: ReturnType<typeof setTimeout> | undefined;
  private view: SheetView | null = null;

  /** @throws Error when the browser gives no canvas. */
  constructor(
    private readonly canvas: HTMLCanvasElement,
    private readonly source: PhotoSource,
    private readonly trace: FrameTrace | null,
  ) {
    // Kept in main memory: only so are the pixels on the screen those of an export, whatever the graphics card.
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) throw new Error('The browser gave no canvas');
    this.context = context;
    this.painter = new SheetPainter(context);
    const show = (): void => {
      if (this.wanted) this.request(this.wanted);
    };
    this.kernels = new KernelRunner(show, undefined, trace ?? undefined);
  }

  request(frame: Frame): void {
    this.wanted = frame;
    this.scheduled ||= requestAnimationFrame(() => this.paint());
  }

  stop(): void {
    cancelAnimationFrame(this.scheduled);
    clearTimeout(this.still);
    this.kernels.stop();
    this.wanted = null;
  }

  private paint(): void {
    this.scheduled = 0;
    const frame = this.wanted;
    if (!frame) return;
    const { width, height } = frame;
    if (this.canvas.width !== width || this.canvas.height !== height) {
      this.canvas.width = width;
      this.canvas.height = height;
      this.painter.reset();
    }
    const draft = frame.moving || this.isViewMoving(frame.view);
    const resources: RenderResources = {
      environment: BROWSER_ENVIRONMENT,
      photos: frame.photos,
      source: this.source,
      shaper: frame.shaper,
      draft,
      kernels: this.kernels,
      ...(this.trace ? { trace: this.trace } : {}),
    };
    const from = performance.now();
    const how = this.painter.paint(frame.sheet, frame.view, frame.version, resources);
    const painted = performance.now();
    if (!draft) this.painter.settle(resources);
    const done = performance.now();
    this.trace?.frame({ how, draft, ms: done - from, settling: done - painted });
    // Benchmarks and tests wait for it.
    if (this.painter.isExact && this.kernels.pending === 0) performance.mark('kadrosyn:exact');
    if (how !== 'nothing') performance.measure(`kadrosyn:paint:${how}`, { start: from });
  }

  /** While the sheet is panned or zoomed, quick frames do; the exact one follows when it stands still. */
  private isViewMoving(view: SheetView): boolean {
    const { view: before } = this;
    this.view = view;
    const moved = before !== null && (before.scale !== view.scale || before.left !== view.left || before.top !== view.top);
    if (!moved) return false;
    clearTimeout(this.still);
    this.still = setTimeout(() => this.wanted && this.request(this.wanted), STILL);
    return true;
  }
}
