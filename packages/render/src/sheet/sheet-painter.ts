import { intersect, isBackground, type Bounds, type ResolvedSheet } from '@kadrosyn/core';
import { composeItems } from '../compose/compose.js';
import { clearCanvas, clipToSheet, drawingOf, drawPlainSheet, drawVeil, type SheetView } from './draw-sheet.js';
import type { Drawing } from '../canvas/drawing.js';
import type { Context2D, RenderEnvironment, Surface } from '../canvas/environment.js';
import { SurfacePool } from '../canvas/surface-pool.js';
import { hidesAll } from '../opening/hides-all.js';
import { Memo } from '../kept/memo.js';
import { copyInMood, hasMood } from '../finish/mood.js';
import { itemBounds } from '../compose/paints.js';
import type { RenderResources } from '../canvas/resources.js';
import { uniteBounds } from '../subject/subject.js';
import { isOnlyMood, onlyChange, sameView, type Frame } from './frame.js';
import { buildLayers, canBeLayered, copyPart, type KeptLayers } from './kept-layers.js';

/** How a frame was made; shown by benchmarks and tests. */
export type Painted = 'nothing' | 'part' | 'whole';

/** Bytes of layers that are kept while something is dragged. */
const LAYER_BUDGET = 192 * 2 ** 20;

/**
 * Keeps a canvas in step with a sheet. While one item changes from frame to frame, only the rectangle that it left and
 * the one that it now takes are redrawn, over cached layers; `settle` draws the exact picture when the gesture is over.
 */
export class SheetPainter {
  private last: Frame | null = null;
  private layers: KeptLayers | null = null;
  private approximate = false;
  private readonly cache = new Memo('layers', LAYER_BUDGET);

  /** What lies below the sheet's mood, where it has one. */
  private plain: Surface | null = null;
  /** Kernel results that the last whole picture had to do without; then what is below the mood is not exact either. */
  private isPlainExact = false;
  /** The place of the item that was changed last; null when more than that was. */
  private changed: number | null = null;
  /** For this frame kernels were asked. */
  private asked: Frame | null = null;
  private pool: { readonly source: RenderEnvironment; readonly surfaces: SurfacePool } | null = null;

  /** @param context - of the canvas that is shown, kept in main memory. */
  constructor(private readonly shown: Context2D) {}

  /** What is painted on: the canvas itself, or what lies below the mood. */
  private get context(): Context2D {
    return this.plain?.context ?? this.shown;
  }

  /** Brings the canvas up to date. Unchanged sheets cost a comparison. */
  paint(sheet: ResolvedSheet, view: SheetView, version: number, given: RenderResources): Painted {
    const resources = this.pooled(given);
    const next: Frame = { sheet, view, version };
    const last = this.last;
    const isSame = last !== null && sameView(last, next) && (this.plain !== null) === hasMood(sheet);
    this.last = next;
    if (last && isSame) {
      if (last.sheet === sheet) return 'nothing';
      if (isOnlyMood(last.sheet, sheet)) return this.paintMood(next, resources);
      const index = onlyChange(last.sheet, sheet);
      if (index !== null && this.paintPart(last, next, index, resources)) return 'part';
    }
    this.paintWhole(next, resources);
    return 'whole';
  }

  /** Whether what is shown is the exact picture. */
  get isExact(): boolean {
    return this.last !== null && !this.approximate;
  }

  /** Replaces what was put together from layers by the exact picture. Call it when a gesture ends, and when kernels have brought something. */
  settle(given: RenderResources): void {
    const resources = this.pooled(given);
    if (this.last && this.approximate && this.isReady(this.last, resources)) this.paintWhole(this.last, resources);
    if (!this.approximate) this.layers = null;
  }

  /** The same resources, with canvases that are used again from frame to frame. */
  private pooled(resources: RenderResources): RenderResources {
    const source = resources.environment;
    if (source.giveBack) return resources;
    if (this.pool?.source !== source) this.pool = { source, surfaces: new SurfacePool(source) };
    return { ...resources, environment: this.pool.surfaces };
  }

  /**
   * Whether what kernels have to do for the item that was changed last is done. Asking them for that item alone, before all of the sheet is drawn,
   * spares a whole picture that would have to be drawn again when they answer.
   */
  private isReady(frame: Frame, resources: RenderResources): boolean {
    const { kernels } = resources;
    const { changed } = this;
    if (!kernels || changed === null) return true;
    if (kernels.pending > 0) return false;
    if (this.asked === frame) return true;
    this.asked = frame;
    const item = frame.sheet.items[changed];
    const drawing = item && drawingOf(this.context, frame.sheet, frame.view, { ...resources, version: frame.version });
    const bounds = drawing && itemBounds(item, drawing);
    if (!bounds) return true;
    const scratch = resources.environment.createSurface(bounds.width, bounds.height);
    const exact = composeItems({ context: scratch.context, x: bounds.x, y: bounds.y }, [item], drawing, null);
    resources.environment.giveBack?.(scratch);
    return exact;
  }

  /** Forgets everything, for example when the canvas was resized. */
  reset(): void {
    this.last = null;
    this.layers = null;
    this.plain = null;
  }

  private paintWhole(frame: Frame, resources: RenderResources): void {
    this.layers = null;
    this.changed = null;
    this.approximate = resources.draft ?? false;
    this.makePlain(frame.sheet, resources);
    clearCanvas(this.context);
    const exact = drawPlainSheet(this.context, frame.sheet, frame.view, { ...resources, version: frame.version });
    this.isPlainExact = !this.approximate && exact;
    if (!this.isPlainExact) this.approximate = true;
    if (this.plain) {
      clearCanvas(this.shown);
      this.paintMood(frame, resources);
    }
  }

  /** A canvas of its own below the mood, as long as there is one. */
  private makePlain(sheet: ResolvedSheet, { environment }: RenderResources): void {
    const { width, height } = this.shown.canvas;
    if (!hasMood(sheet)) this.plain = null;
    else if (this.plain?.context.canvas.width !== width || this.plain.context.canvas.height !== height)
      this.plain = environment.createSurface(width, height);
  }

  /** What was painted, in the mood of the sheet. @param part - px of the canvas; all of it when absent. */
  private paintMood({ sheet, view, version }: Frame, resources: RenderResources, part?: Bounds): Painted {
    const drawing = drawingOf(this.shown, sheet, view, { ...resources, version, layers: this.cache });
    if (!this.plain || !drawing) return 'nothing';
    const { items, background, veil, placements, crossings, light, width, height } = sheet;
    const inputs = { items, background, veil, placements, crossings, light, width, height, version };
    const isExact = copyInMood(this.shown, this.plain, part ?? drawing.clip, drawing, this.isPlainExact ? inputs : null);
    if (!isExact) this.approximate = true;
    return 'part';
  }

  private paintPart(last: Frame, next: Frame, index: number, resources: RenderResources): boolean {
    const { context } = this;
    const draft: RenderResources = { ...resources, draft: true, layers: this.cache, version: next.version };
    const [before, now] = [last, next].map(({ sheet }) => drawingOf(context, sheet, next.view, draft));
    if (!before || !now) return true;
    const bounds = uniteBounds(itemBounds(last.sheet.items[index]!, before), itemBounds(next.sheet.items[index]!, now));
    const dirty = bounds && intersect(bounds, now.clip);
    if (!dirty) return true;
    this.approximate = true;
    this.changed = index;
    this.isPlainExact = false;
    context.save();
    clipToSheet(context, next.sheet, next.view);
    context.beginPath();
    context.rect(dirty.x, dirty.y, dirty.width, dirty.height);
    context.clip();
    if (canBeLayered(next.sheet, index)) this.paintLayered(now, index, dirty);
    else {
      context.clearRect(dirty.x, dirty.y, dirty.width, dirty.height);
      drawPlainSheet(context, next.sheet, next.view, draft, dirty);
    }
    context.restore();
    if (this.plain) this.paintMood(next, draft, dirty);
    return true;
  }

  /** Below, the item itself, above: the first and the last from cached layers. */
  private paintLayered(drawing: Drawing, index: number, dirty: Bounds): void {
    const { context } = this;
    if (this.layers?.index !== index) this.layers = buildLayers(drawing, index, context.canvas);
    const { below, above } = this.layers;
    // Replaces what was there, which saves clearing it first.
    const item = drawing.sheet.items[index]!;
    if (!hidesAll(item, dirty, drawing)) {
      context.globalCompositeOperation = 'copy';
      copyPart(context, below, dirty);
      context.globalCompositeOperation = 'source-over';
    }
    composeItems({ context, x: 0, y: 0 }, [item], drawing, null, dirty);
    if (isBackground(item)) drawVeil({ context, x: 0, y: 0 }, drawing);
    const covered = above && intersect(above.bounds, dirty);
    if (!covered) return;
    context.setTransform(1, 0, 0, 1, 0, 0);
    copyPart(context, above.surface, covered);
  }
}
