import { inject, Injectable, signal } from '@angular/core';
import {
  apply,
  boxMatrix,
  changeOpening,
  contoursPath,
  freePathOutline,
  insertItem,
  insertNode,
  invert,
  nearestOnContours,
  newShapedOpening,
  outlinePath,
  pathContours,
  reshape,
  transformPath,
  withHoles,
  type Contour,
  type Node,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import { EditorSession } from '../../session/session';

/** What is being drawn, in px of the sheet. */
export interface Drawing {
  readonly contours: readonly Contour[];
  /** The line that is not closed yet; null while points are edited. */
  readonly open: readonly Node[] | null;
}

/** A point of a closed line. */
export interface NodeId {
  readonly contour: number;
  readonly node: number;
}

/** Drawing an outline, and editing the points of one. Nothing of it is in the project before it is done. */
@Injectable()
export class OutlinePen {
  private readonly session = inject(EditorSession);
  private readonly state = signal<Drawing | null>(null);
  private readonly steps: Drawing[] = [];
  private target: Opening | null = null;
  /** Null while nothing is drawn. */
  readonly drawing = this.state.asReadonly();
  readonly chosen = signal<NodeId | null>(null);
  /** What is being edited; null for a new outline. */
  readonly name = signal<string | null>(null);

  begin(): void {
    this.start({ contours: [], open: [] }, null);
  }

  edit(opening: Opening): void {
    const { box, outline } = opening;
    const path = outlinePath(outline, box.width, box.height, this.session.context().shaper);
    this.start({ contours: pathContours(transformPath(boxMatrix(box), path)), open: null }, opening);
  }

  private start(drawing: Drawing, target: Opening | null): void {
    this.steps.length = 0;
    this.target = target;
    this.name.set(target?.name ?? null);
    this.chosen.set(null);
    this.state.set(drawing);
  }

  /** The next state; `step` makes it one that can be taken back. */
  set(drawing: Drawing, step = true): void {
    const before = this.state();
    if (step && before) this.steps.push(before);
    this.state.set(drawing);
  }

  /** Marks where a gesture begins: the next undo comes back to here. */
  mark(): void {
    const now = this.state();
    if (now) this.steps.push(now);
  }

  undo(): void {
    const before = this.steps.pop();
    if (before) {
      this.chosen.set(null);
      this.state.set(before);
    }
  }

  add(node: Node): void {
    const drawing = this.state();
    if (drawing?.open) this.set({ ...drawing, open: [...drawing.open, node] });
  }

  removeLast(): void {
    const drawing = this.state();
    if (drawing?.open && drawing.open.length > 0) this.set({ ...drawing, open: drawing.open.slice(0, -1) });
  }

  /** Another line inside: it becomes a hole. */
  addHole(): void {
    const drawing = this.state();
    if (drawing && !drawing.open) this.set({ ...drawing, open: [] });
  }

  canClose(): boolean {
    const open = this.state()?.open;
    return !!open && (open.length > 2 || (open.length === 2 && open.some(({ before, after }) => before ?? after)));
  }

  close(): void {
    const drawing = this.state();
    if (drawing?.open && this.canClose()) this.set({ contours: [...drawing.contours, drawing.open], open: null });
  }

  /** Adds a point to the line that passes nearest. @param reach - how near it has to pass, px of the sheet. @returns null where none does */
  insertNear(p: Point, reach: number): NodeId | null {
    const { contours } = this.state()!;
    const near = nearestOnContours(contours, p);
    if (!near || near.distance > reach) return null;
    this.change(near.contour, insertNode(contours[near.contour]!, near.side, near.t));
    return { contour: near.contour, node: near.side + 1 };
  }

  /** The contour of a point with something done to it. */
  change(index: number, to: Contour, step = true): void {
    const drawing = this.state();
    if (!drawing) return;
    const contours = drawing.contours.map((contour, at) => (at === index ? to : contour)).filter((contour) => contour.length > 1);
    this.set({ ...drawing, contours }, step);
  }

  cancel(): void {
    this.state.set(null);
  }

  /** Puts the outline on the sheet, or into what was edited. False where it has no area. */
  finish(): boolean {
    if (this.canClose()) this.close();
    const drawing = this.state();
    if (!drawing) return false;
    const path = contoursPath(withHoles(drawing.contours));
    const done = this.target ? this.reshapeTarget(this.target, path) : this.insert(path);
    if (done) this.state.set(null);
    return done;
  }

  private insert(path: ReturnType<typeof contoursPath>): boolean {
    const free = freePathOutline(path);
    if (!free) return false;
    const { x, y, width, height } = free.bounds;
    const opening = newShapedOpening('Drawn', free.outline, { x: x + width / 2, y: y + height / 2 }, width, height);
    this.session.commit(insertItem(this.session.context().sheet, opening, 'Draw an outline'), opening.id);
    return true;
  }

  private reshapeTarget(target: Opening, path: ReturnType<typeof contoursPath>): boolean {
    const context = this.session.context();
    const properties = reshape(target, transformPath(invert(boxMatrix(target.box)), path), context);
    if (!properties) return false;
    this.session.commit(changeOpening(context.sheet, target, properties, `Edit points of ${target.name}`), target.id);
    return true;
  }
}

/** A node as it is drawn: a press that is dragged pulls its handles out evenly. */
export function drawnNode(at: Point, pulled: Point): Node {
  if (Math.hypot(pulled.x - at.x, pulled.y - at.y) < 1e-6) return at;
  return { ...at, after: pulled, before: { x: 2 * at.x - pulled.x, y: 2 * at.y - pulled.y } };
}

/** `p` brought onto the nearest of eight directions from `from`. */
export function onEighth(from: Point, p: Point): Point {
  const [dx, dy] = [p.x - from.x, p.y - from.y];
  const angle = (Math.round(Math.atan2(dy, dx) / (Math.PI / 4)) * Math.PI) / 4;
  const reach = dx * Math.cos(angle) + dy * Math.sin(angle);
  return apply({ a: 1, b: 0, c: 0, d: 1, e: from.x, f: from.y }, { x: reach * Math.cos(angle), y: reach * Math.sin(angle) });
}

/** How far two points are apart. */
export function away(a: Point, b: Point): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
