import { computed, inject, Injectable, signal } from '@angular/core';
import type { CutoutMark, Point } from '@kadrosyn/core';
import { holdAt } from './box-mark';
import { CutoutWork } from './cutout-work';
import { hasOpposite, MarkMaking, type BoxDrag } from './mark-making';
import { PhotoWindow } from './photo-window';
import { TracedPath } from './traced-path';

/** How near a side of the box has to be, CSS px. */
const REACH = 10;
/** Points of a stroke that are nearer to the one before are passed over, CSS px. */
const APART = 3;

interface Drag extends BoxDrag {
  readonly id: number;
  readonly isPan: boolean;
}

/** Draws marks by pointer or by keys, and moves the window over the photo. */
@Injectable()
export class CutoutPointer {
  private readonly work = inject(CutoutWork);
  private readonly making = inject(MarkMaking);
  readonly path = inject(TracedPath);
  readonly window = inject(PhotoWindow);
  /** The mark that is being drawn. */
  readonly drawn = signal<CutoutMark | null>(null);
  /** Where the pointer is, px of the photo. */
  readonly hover = signal<Point | null>(null);
  /** While a key is held the photo is shown as it was. */
  readonly showsOriginal = signal(false);
  /** Where keys draw, px of the photo; null while they were not used. */
  private readonly crossAt = signal<Point | null>(null);
  private readonly holdsSpace = signal(false);
  private drag: Drag | null = null;
  /** A finger that moves with another one zooms. */
  private readonly fingers = new Map<number, Point>();

  readonly box = computed(() => {
    const drawn = this.drawn();
    return drawn?.kind === 'box' ? drawn : (this.work.history.now().marks.findLast(({ kind }) => kind === 'box') ?? null);
  });
  readonly cross = computed(() => {
    const at = this.crossAt();
    return at && this.window.toWindow(at);
  });
  readonly cursor = computed(() => {
    if (this.holdsSpace()) return 'grab';
    const [tool, at, box] = [this.work.tool(), this.hover(), this.box()];
    if (tool !== 'box' || !at || !box) return tool === 'box' || tool === 'trace' ? 'crosshair' : 'none';
    const hold = holdAt(box, at, REACH / this.window.view().scale);
    if (!hold) return 'crosshair';
    if (hold.x === 0 && hold.y === 0) return 'move';
    if (hold.x === 0) return 'ns-resize';
    if (hold.y === 0) return 'ew-resize';
    return hold.x === hold.y ? 'nwse-resize' : 'nesw-resize';
  });

  down(event: PointerEvent): void {
    const element = event.currentTarget as HTMLElement;
    element.focus({ preventScroll: true });
    if (!this.work.begun() || this.work.progress() !== null) return;
    if (event.pointerType === 'touch') this.fingers.set(event.pointerId, { x: event.clientX, y: event.clientY });
    if (this.fingers.size > 1) {
      this.drawn.set(null);
      this.drag = null;
      return;
    }
    element.setPointerCapture(event.pointerId);
    const at = this.window.toPhoto({ x: event.offsetX, y: event.offsetY });
    const isPan = event.button === 1 || this.holdsSpace();
    const tool = this.work.tool();
    // The other button draws the opposite: what is left out while Keep is chosen, and the other way round.
    const isOpposite = event.button === 2 && hasOpposite(tool);
    if (event.button !== 0 && !isPan && !isOpposite) return;
    event.preventDefault();
    const box = tool === 'box' && !isPan ? this.box() : null;
    const hold = box && holdAt(box, at, REACH / this.window.view().scale);
    this.drag = { id: event.pointerId, from: isPan ? { x: event.clientX, y: event.clientY } : at, hold, box, isPan };
    this.crossAt.set(null);
    if (isPan || tool === 'box') return;
    if (tool === 'trace') void this.path.addCorner(this.making.inside(at));
    else this.drawn.set(this.making.stroke(this.making.inside(at), isOpposite));
  }

  move(event: PointerEvent): void {
    const at = this.window.toPhoto({ x: event.offsetX, y: event.offsetY });
    this.hover.set(at);
    if (this.fingers.has(event.pointerId) && this.fingers.size === 2) return this.pinch(event);
    const { drag } = this;
    if (drag?.id !== event.pointerId) return;
    if (drag.isPan) {
      this.window.move(event.clientX - drag.from.x, event.clientY - drag.from.y);
      this.drag = { ...drag, from: { x: event.clientX, y: event.clientY } };
    } else if (this.work.tool() === 'box') this.drawn.set(this.making.boxTo(drag, at));
    else this.extend(at);
  }

  up(event: PointerEvent): void {
    this.fingers.delete(event.pointerId);
    const { drag } = this;
    if (drag?.id !== event.pointerId) return;
    this.drag = null;
    const mark = this.drawn();
    this.drawn.set(null);
    if (mark && !drag.isPan && this.making.isWorthwhile(mark)) this.work.history.mark(mark);
  }

  cancel(): void {
    this.fingers.clear();
    this.drag = null;
    this.drawn.set(null);
  }

  /** Gives up what is being drawn. False when there was nothing. */
  giveUp(): boolean {
    const had = this.drawn() !== null || this.path.isBegun() || this.crossAt() !== null;
    this.cancel();
    this.path.giveUp();
    this.crossAt.set(null);
    return had;
  }

  holdSpace(on: boolean): void {
    this.holdsSpace.set(on);
  }

  /** Arrows move a cross over the photo, Enter begins and ends a mark there. */
  key(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const steps: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, -1],
      ArrowDown: [0, 1],
    };
    const step = steps[event.key];
    const photo = this.work.photo();
    if (!photo || !this.work.begun()) return;
    if (step) {
      event.preventDefault();
      const far = (event.shiftKey ? 10 : 40) / 1600;
      const side = Math.max(photo.width, photo.height);
      const at = this.crossAt() ?? { x: photo.width / 2, y: photo.height / 2 };
      const [x, y] = this.making.inside({ x: at.x + step[0] * far * side, y: at.y + step[1] * far * side });
      this.crossAt.set({ x: x, y: y });
      this.hover.set({ x: x, y: y });
      const drawn = this.drawn();
      if (drawn?.kind === 'box') this.drawn.set({ ...drawn, points: [drawn.points[0]!, drawn.points[1]!, x, y] });
      else if (drawn) this.drawn.set({ ...drawn, points: [...drawn.points, x, y] });
    } else if (event.key === 'Enter') {
      event.preventDefault();
      this.enter(photo);
    }
  }

  private enter(photo: { readonly width: number; readonly height: number }): void {
    const at = this.crossAt();
    if (this.work.tool() === 'trace' && !at) return this.path.close();
    const { x, y } = at ?? { x: photo.width / 2, y: photo.height / 2 };
    if (this.work.tool() === 'trace') {
      // Enter twice at one place closes the path.
      if (this.path.endsAt(x, y)) this.path.close();
      else void this.path.addCorner([x, y]);
      return;
    }
    const mark = this.drawn();
    if (!mark) {
      this.crossAt.set({ x, y });
      this.drawn.set(this.work.tool() === 'box' ? { kind: 'box', points: [x, y, x, y] } : this.making.stroke([x, y]));
      return;
    }
    this.drawn.set(null);
    if (this.making.isWorthwhile(mark)) this.work.history.mark(mark);
  }

  private extend(at: Point): void {
    const mark = this.drawn();
    if (!mark) return;
    const [x, y] = this.making.inside(at);
    const { points } = mark;
    if (Math.hypot(x - points.at(-2)!, y - points.at(-1)!) * this.window.view().scale < APART) return;
    this.drawn.set({ ...mark, points: [...points, x, y] });
  }

  private pinch(event: PointerEvent): void {
    const [other] = [...this.fingers].filter(([id]) => id !== event.pointerId).map(([, at]) => at);
    const before = this.fingers.get(event.pointerId)!;
    const now = { x: event.clientX, y: event.clientY };
    this.fingers.set(event.pointerId, now);
    if (!other) return;
    const apart = (p: Point): number => Math.max(1, Math.hypot(p.x - other.x, p.y - other.y));
    const frame = (event.currentTarget as HTMLElement).getBoundingClientRect();
    this.window.zoom(apart(now) / apart(before), { x: other.x - frame.left, y: other.y - frame.top });
    this.window.move((now.x - before.x) / 2, (now.y - before.y) / 2);
  }
}
