import { afterNextRender, ChangeDetectionStrategy, Component, computed, ElementRef, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import {
  apply,
  contoursPath,
  moveHandle,
  moveNode,
  nearestOnContours,
  toPathData,
  transformPath,
  withHoles,
  type Node,
  type Point,
} from '@kadrosyn/core';
import { isTyping } from '../../../interface/field-keys';
import { Notices } from '../../session/notices';
import type { StageOverlay } from '../stage-mode';
import { Viewport } from '../../stage/viewport';
import { ChosenNode } from './chosen-node';
import { away, drawnNode, onEighth, OutlinePen, type NodeId } from './outline-pen';
import { nodeId, openData, shownNodes } from './shown-nodes';

/** The pointer takes hold of a line or a point from so far away, css px. */
const REACH = 9;

/** What the pointer does between press and release. */
type PenGesture =
  | { readonly kind: 'draw'; readonly at: Point }
  | { readonly kind: 'node'; readonly id: NodeId; readonly from: Point; readonly node: Node; started: boolean }
  | { readonly kind: 'handle'; readonly id: NodeId; readonly which: 'before' | 'after'; started: boolean };

/** Over the sheet: draws an outline point by point, and moves its points. */
@Component({
  selector: 'ka-outline-pen',
  imports: [MatButtonModule],
  providers: [ChosenNode],
  templateUrl: './outline-pen.component.html',
  styleUrl: './outline-pen.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OutlinePenComponent implements StageOverlay {
  readonly pen = inject(OutlinePen);
  readonly chosen = inject(ChosenNode);
  private readonly viewport = inject(Viewport);
  private readonly notices = inject(Notices);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  gesture: PenGesture | null = null;
  /** Where the pointer is, px of the sheet; null outside. */
  readonly cursor = signal<Point | null>(null);
  /** The place that arrow keys move; null until one is pressed. */
  private readonly keyed = signal<Point | null>(null);

  constructor() {
    afterNextRender(() => this.host.nativeElement.querySelector<SVGElement>('.drawing')?.focus({ preventScroll: true }));
  }

  readonly words = computed(() => {
    const { open, contours } = this.pen.drawing() ?? { open: null, contours: [] };
    const name = this.pen.name();
    if (!open) return name ? `Points of ${name}: drag them, press the line to add one` : 'Drag points, press the line to add one';
    if (open.length === 0)
      return contours.length > 0 ? 'Click the first point of the hole' : 'Click for a corner, drag for a curve';
    return this.pen.canClose() ? 'Click the first point to close' : 'Click for a corner, drag for a curve';
  });

  readonly line = computed(() => {
    const drawing = this.pen.drawing();
    if (!drawing) return '';
    const closed = toPathData(transformPath(this.viewport.matrix(), contoursPath(drawing.contours)), 1);
    return closed + (drawing.open ? openData(drawing.open, this.shown) : '');
  });

  readonly area = computed(() => {
    const contours = withHoles(this.pen.drawing()?.contours ?? []);
    return toPathData(transformPath(this.viewport.matrix(), contoursPath(contours)), 1);
  });

  /** From the last point to the pointer. */
  readonly band = computed(() => {
    const [open, to] = [this.pen.drawing()?.open, this.keyed() ?? this.cursor()];
    const last = open?.at(-1);
    if (!last || !to) return null;
    const next = last.after ? drawnNode(to, to) : to;
    return openData([last, next], this.shown);
  });

  readonly nodes = computed(() => shownNodes(this.pen.drawing(), this.pen.chosen(), this.pen.canClose(), this.shown));

  readonly handles = computed(() => {
    const node = this.chosen.at()?.node ?? this.pen.drawing()?.open?.at(-1);
    if (!node) return [];
    return (['before', 'after'] as const).flatMap((which) => {
      const place = node[which];
      if (!place) return [];
      const [at, from] = [this.shown(place), this.shown(node)];
      return [{ which, at, arm: `M${from.x} ${from.y}L${at.x} ${at.y}` }];
    });
  });

  /** Where a press would add a point to the line. */
  readonly ghost = computed(() => {
    const [drawing, p] = [this.pen.drawing(), this.cursor()];
    if (!drawing || drawing.open || !p || this.gesture) return null;
    const near = nearestOnContours(drawing.contours, p);
    const reach = this.reach();
    if (!near || near.distance > reach || drawing.contours.flat().some((node) => away(node, p) < 1.5 * reach)) return null;
    return this.shown(near.at);
  });

  readonly cross = computed(() => {
    const at = this.keyed();
    return at && this.shown(at);
  });

  /** How near the pointer has to be, px of the sheet. */
  private readonly reach = computed(() => REACH / this.viewport.zoom());

  private readonly shown = (p: Point): Point => apply(this.viewport.matrix(), p);

  // --- pointer ---

  onDown(event: PointerEvent): void {
    const drawing = this.pen.drawing();
    if (!drawing || event.button !== 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.keyed.set(null);
    const p = this.at(event);
    const target = event.target as Element;
    if (drawing.open) {
      if (this.pen.canClose() && away(drawing.open[0]!, p) * this.viewport.zoom() < REACH + 3) return this.pen.close();
      const last = drawing.open.at(-1);
      const at = event.shiftKey && last ? onEighth(last, p) : p;
      this.pen.add(at);
      this.gesture = { kind: 'draw', at };
      return;
    }
    const which = target.closest('[data-handle]')?.getAttribute('data-handle') as 'before' | 'after' | null;
    const chosen = this.pen.chosen();
    if (which && chosen) return void (this.gesture = { kind: 'handle', id: chosen, which, started: false });
    const key = target.closest('[data-node]')?.getAttribute('data-node');
    const id = key ? nodeId(key) : this.pen.insertNear(p, this.reach());
    this.pen.chosen.set(id);
    if (!id) return;
    const node = this.pen.drawing()!.contours[id.contour]![id.node]!;
    this.gesture = { kind: 'node', id, from: p, node, started: !key };
  }

  onMove(event: PointerEvent): void {
    const p = this.at(event);
    this.cursor.set(p);
    const { gesture } = this;
    const drawing = this.pen.drawing();
    if (!gesture || !drawing) return;
    if (gesture.kind === 'draw') {
      if (away(gesture.at, p) * this.viewport.zoom() < 4 || !drawing.open) return;
      this.pen.set({ ...drawing, open: [...drawing.open.slice(0, -1), drawnNode(gesture.at, p)] }, false);
      return;
    }
    if (!gesture.started) this.pen.mark();
    gesture.started = true;
    const contour = drawing.contours[gesture.id.contour]!;
    const moved =
      gesture.kind === 'node'
        ? moveNode(gesture.node, { x: p.x - gesture.from.x, y: p.y - gesture.from.y })
        : moveHandle(contour[gesture.id.node]!, gesture.which, p, event.altKey);
    this.pen.change(
      gesture.id.contour,
      contour.map((node, n) => (n === gesture.id.node ? moved : node)),
      false,
    );
  }

  onUp(event: PointerEvent): void {
    this.gesture = null;
    this.cursor.set(this.at(event));
  }

  onWheel(event: WheelEvent): void {
    event.preventDefault();
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    const about = { x: event.clientX - left, y: event.clientY - top };
    if (event.ctrlKey || event.metaKey) this.viewport.zoomTo(this.viewport.zoom() * Math.exp(-event.deltaY * 0.0045), about);
    else this.viewport.panBy(-event.deltaX, -event.deltaY);
  }

  // --- keys and buttons ---

  onModeKey(event: KeyboardEvent): boolean {
    return !isTyping(event.target) && this.run(event);
  }

  private run(event: KeyboardEvent): boolean {
    const { key } = event;
    const onButton = event.target instanceof HTMLButtonElement;
    if ((event.ctrlKey || event.metaKey) && key.toLowerCase() === 'z') this.pen.undo();
    else if (event.ctrlKey || event.metaKey || event.altKey || (onButton && (key === 'Enter' || key === ' '))) return false;
    else if (key === 'Escape') this.pen.cancel();
    else if (key === 'Enter') this.done();
    else if (key.startsWith('Arrow')) this.arrow(key, event.shiftKey ? 10 : 1);
    else if (key === ' ') this.putPoint();
    else if (key === 'Backspace' || key === 'Delete') {
      if (this.pen.drawing()?.open) this.pen.removeLast();
      else this.chosen.remove();
    } else if (key.toLowerCase() === 'c') this.chosen.toggleCurve();
    else return false;
    return true;
  }

  /** Arrows move the chosen point, or the place where the space bar puts one. */
  private arrow(key: string, step: number): void {
    const by = {
      x: key === 'ArrowLeft' ? -step : key === 'ArrowRight' ? step : 0,
      y: key === 'ArrowUp' ? -step : key === 'ArrowDown' ? step : 0,
    };
    if (this.chosen.moveBy(by)) return;
    const { width, height } = this.viewport.size();
    const from = this.keyed() ?? this.viewport.toSheet({ x: width / 2, y: height / 2 });
    this.keyed.set({ x: from.x + by.x, y: from.y + by.y });
  }

  private putPoint(): void {
    const at = this.keyed();
    if (at && this.pen.drawing()?.open) this.pen.add(at);
    else if (at) this.pen.chosen.set(this.pen.insertNear(at, this.reach()));
  }

  done(): void {
    if (!this.pen.finish()) this.notices.say('An outline needs at least three points, or two and a curve.');
  }

  private at(event: PointerEvent): Point {
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    return this.viewport.toSheet({ x: event.clientX - left, y: event.clientY - top });
  }
}
