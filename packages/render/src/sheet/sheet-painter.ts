import { intersect, isBackground, withoutBackground, type Bounds, type Item, type ResolvedSheet } from '@kadrosyn/core';
import { composeItems } from '../compose/compose.js';
import {
  clearCanvas,
  clipToSheet,
  drawBackdrop,
  drawGround,
  drawingOf,
  drawPlainSheet,
  drawVeil,
  type SheetView,
} from './draw-sheet.js';
import type { Drawing } from '../canvas/drawing.js';
import type { Context2D, RenderEnvironment, Surface } from '../canvas/environment.js';
import { SurfacePool } from '../canvas/surface-pool.js';
import { hidesAll } from '../opening/hides-all.js';
import { Memo } from '../kept/memo.js';
import { copyInMood, hasMood } from '../finish/mood.js';
import { itemBounds } from '../compose/paints.js';
import type { RenderResources } from '../canvas/resources.js';
import { uniteBounds } from '../subject/subject.js';

/** How a frame was made; shown by benchmarks and tests. */
export type Painted = 'nothing' | 'part' | 'whole';

interface Frame {
  readonly sheet: ResolvedSheet;
  readonly view: SheetView;
  /** Raised whenever a photo level or the size of the canvas changed. */
  readonly version: number;
}

/** Bytes of layers that are kept while something is dragged. */
const LAYER_BUDGET = 192 * 2 ** 20;

/** What lies below and above the item that is being changed, each drawn once. */
interface Layers {
  readonly index: number;
  readonly below: Surface;
  readonly above: { readonly surface: Surface; readonly bounds: Bounds } | null;
}

/**
 * Keeps a canvas in step with a sheet. While one item changes from frame to frame, only the rectangle that it left and
 * the one that it now takes are redrawn, over cached layers; `settle` draws the exact picture when the gesture is over.
 */
export class SheetPainter {
  private last: Frame | null = null;
  private layers: Layers | null = null;
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
    if (this.layers?.index !== index) this.layers = this.buildLayers(drawing, index);
    const { below, above } = this.layers;
    // Replaces what was there, which saves clearing it first.
    const item = drawing.sheet.items[index]!;
    if (!hidesAll(item, dirty, drawing)) {
      context.globalCompositeOperation = 'copy';
      copy(context, below, dirty);
      context.globalCompositeOperation = 'source-over';
    }
    composeItems({ context, x: 0, y: 0 }, [item], drawing, null, dirty);
    if (isBackground(item)) drawVeil({ context, x: 0, y: 0 }, drawing);
    const covered = above && intersect(above.bounds, dirty);
    if (!covered) return;
    context.setTransform(1, 0, 0, 1, 0, 0);
    copy(context, above.surface, covered);
  }

  private buildLayers(drawing: Drawing, index: number): Layers {
    const { sheet, resources, clip } = drawing;
    const { width, height } = this.context.canvas;
    const exact: Drawing = { ...drawing, resources: { ...resources, draft: false } };
    const onto = (surface: Surface) => {
      surface.context.beginPath();
      surface.context.rect(clip.x, clip.y, clip.width, clip.height);
      surface.context.clip();
      return { context: surface.context, x: 0, y: 0 };
    };
    const below = resources.environment.createSurface(width, height);
    const backdrop = isBackground(sheet.items[index]!) ? drawGround : drawBackdrop;
    composeItems(onto(below), withoutBackground(sheet.items.slice(0, index)), exact, (target) => backdrop(target, exact));
    const upper = sheet.items.slice(index + 1);
    const bounds = upper.map((item) => itemBounds(item, exact)).reduce(uniteBounds, null);
    if (!bounds) return { index, below, above: null };
    const surface = resources.environment.createSurface(width, height);
    composeItems(onto(surface), upper, exact, null);
    return { index, below, above: { surface, bounds } };
  }
}

/**
 * Whether an item can be drawn between layers of what lies below and above it: nothing above may mix with what it lies on, and no
 * crossing may reach across.
 */
function canBeLayered({ items, crossings }: ResolvedSheet, index: number): boolean {
  if (items.slice(index + 1).some(mixes)) return false;
  const depth = (id: string): number => items.findIndex((item) => item.id === id);
  return crossings.every(({ lower, upper }) => {
    const [a, b] = [depth(lower.itemId), depth(upper.itemId)];
    return a < 0 || b < 0 || Math.max(a, b) < index || Math.min(a, b) > index;
  });
}

function copy(context: Context2D, layer: Surface, part: Bounds): void {
  context.drawImage(layer.image, part.x, part.y, part.width, part.height, part.x, part.y, part.width, part.height);
}

function sameView(a: Frame, b: Frame): boolean {
  return (
    a.version === b.version &&
    a.view.scale === b.view.scale &&
    a.view.left === b.view.left &&
    a.view.top === b.view.top &&
    a.sheet.id === b.sheet.id
  );
}

/** Whether two states of a sheet differ in their mood alone. */
function isOnlyMood(before: ResolvedSheet, now: ResolvedSheet): boolean {
  const keys = new Set([...Object.keys(before), ...Object.keys(now)] as (keyof ResolvedSheet)[]);
  return [...keys].every((key) => key === 'mood' || before[key] === now[key]);
}

/** The place of the one item in which two states of a sheet differ; null when more than that differs. */
function onlyChange(before: ResolvedSheet, now: ResolvedSheet): number | null {
  const { items: old, ...rest } = before;
  const { items, ...restNow } = now;
  if (old.length !== items.length) return null;
  for (const key of Object.keys(rest) as (keyof typeof rest)[]) if (rest[key] !== restNow[key]) return null;
  if (Object.keys(rest).length !== Object.keys(restNow).length) return null;
  let found: number | null = null;
  for (let i = 0; i < items.length; i++) {
    if (old[i] === items[i]) continue;
    if (found !== null || old[i]!.id !== items[i]!.id) return null;
    found = i;
  }
  return found;
}

function mixes(item: Item): boolean {
  if (item.type === 'group') return (item.blend ?? 'normal') !== 'normal' || item.items.some(mixes);
  return (item.finish.blend ?? 'normal') !== 'normal';
}
