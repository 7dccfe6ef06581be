import type { Point } from './matrix.js';
import { flatten, PathBuilder, tracePath, type Path } from './path.js';
import { contains, signedArea } from './polygon.js';

/** A point of an outline that is drawn by hand. Handles are places, not offsets; a side without handles at both ends is straight. */
export interface Node {
  readonly x: number;
  readonly y: number;
  /** Towards the node before. */
  readonly before?: Point;
  /** Towards the node after. */
  readonly after?: Point;
}

/** One closed line. */
export type Contour = readonly Node[];

/** A place on a contour: between node `side` and the next, `t` from 0 to 1. */
export interface OnContour {
  readonly contour: number;
  readonly side: number;
  readonly t: number;
  readonly at: Point;
  readonly distance: number;
}

/** The path of contours; those of fewer than two nodes are left out. */
export function contoursPath(contours: readonly Contour[]): Path {
  const path = new PathBuilder();
  for (const contour of contours) {
    if (contour.length < 2) continue;
    path.moveTo(contour[0]!.x, contour[0]!.y);
    for (const [index, node] of contour.entries()) {
      const next = contour[(index + 1) % contour.length]!;
      if (node.after || next.before) {
        const [a, b] = [node.after ?? node, next.before ?? next];
        path.cubicTo(a.x, a.y, b.x, b.y, next.x, next.y);
      } else if (index < contour.length - 1) path.lineTo(next.x, next.y);
    }
    path.close();
  }
  return path.build();
}

/** The contours of a path, one for each closed subpath. Quadratic curves become cubics. */
export function pathContours(path: Path): Contour[] {
  const contours: Contour[] = [];
  let nodes: Node[] = [];
  const finish = (): void => {
    const [first, last] = [nodes[0], nodes.at(-1)];
    // A last side that runs back to the start brings its handle along.
    if (
      first &&
      last &&
      nodes.length > 1 &&
      Math.hypot(first.x - last.x, first.y - last.y) < 1e-9 * (1 + Math.abs(first.x) + Math.abs(first.y))
    ) {
      nodes = [{ ...first, ...(last.before ? { before: last.before } : {}) }, ...nodes.slice(1, -1)];
    }
    if (nodes.length > 1) contours.push(nodes);
    nodes = [];
  };
  const curve = (a: Point, b: Point, end: Point): void => {
    const last = nodes.pop()!;
    nodes.push({ ...last, after: a }, { ...end, before: b });
  };
  tracePath(path, {
    moveTo(x, y) {
      finish();
      nodes.push({ x, y });
    },
    lineTo(x, y) {
      nodes.push({ x, y });
    },
    quadraticCurveTo(x1, y1, x, y) {
      const from = nodes.at(-1)!;
      const third = (p: Point): Point => ({ x: p.x + (2 / 3) * (x1 - p.x), y: p.y + (2 / 3) * (y1 - p.y) });
      curve(third(from), third({ x, y }), { x, y });
    },
    // eslint-disable-next-line max-params -- a curve has three points, written as the path of a canvas has them
    bezierCurveTo(x1, y1, x2, y2, x, y) {
      curve({ x: x1, y: y1 }, { x: x2, y: y2 }, { x, y });
    },
    closePath: finish,
  });
  finish();
  return contours;
}

/** The place on any contour that is nearest to `p`; null without contours. */
export function nearestOnContours(contours: readonly Contour[], p: Point): OnContour | null {
  let best: OnContour | null = null;
  const steps = 24;
  for (const [index, contour] of contours.entries()) {
    for (let side = 0; side < contour.length; side++) {
      const distance = (t: number): number => {
        const at = pointOn(contour, side, t);
        return Math.hypot(at.x - p.x, at.y - p.y);
      };
      let nearest = 0;
      for (let i = 1; i <= steps; i++) if (distance(i / steps) < distance(nearest / steps)) nearest = i;
      // Between the neighbours of the nearest sample, by halving thirds.
      let [low, high] = [Math.max(0, nearest - 1) / steps, Math.min(steps, nearest + 1) / steps];
      for (let i = 0; i < 30; i++) {
        const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
        if (distance(a) < distance(b)) high = b;
        else low = a;
      }
      const t = (low + high) / 2;
      if (!best || distance(t) < best.distance)
        best = { contour: index, side, t, at: pointOn(contour, side, t), distance: distance(t) };
    }
  }
  return best;
}

function pointOn(contour: Contour, side: number, t: number): Point {
  return split(contour, side, t).at;
}

/** De Casteljau's subdivision of one side. */
function split(
  contour: Contour,
  side: number,
  t: number,
): { at: Point; first: [Point, Point]; second: [Point, Point]; straight: boolean } {
  const [from, to] = [contour[side]!, contour[(side + 1) % contour.length]!];
  const mix = (a: Point, b: Point): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });
  const straight = !from.after && !to.before;
  if (straight) return { at: mix(from, to), first: [from, from], second: [to, to], straight };
  const [a, b] = [from.after ?? from, to.before ?? to];
  const [p, q, r] = [mix(from, a), mix(a, b), mix(b, to)];
  const [u, v] = [mix(p, q), mix(q, r)];
  return { at: mix(u, v), first: [p, u], second: [v, r], straight };
}

/** The contour with a new node on one side; its form does not change. */
export function insertNode(contour: Contour, side: number, t: number): Contour {
  const { at, first, second, straight } = split(contour, side, t);
  const nodes = [...contour];
  const end = (side + 1) % contour.length;
  if (straight) nodes.splice(side + 1, 0, at);
  else {
    nodes[side] = { ...nodes[side]!, after: first[0] };
    nodes[end] = { ...nodes[end]!, before: second[1] };
    nodes.splice(side + 1, 0, { ...at, before: first[1], after: second[0] });
  }
  return nodes;
}

/** The contour without a node. */
export function removeNode(contour: Contour, index: number): Contour {
  return contour.filter((_, i) => i !== index);
}

/** The node moved, its handles along with it. */
export function moveNode(node: Node, by: Point): Node {
  const moved = (p: Point): Point => ({ x: p.x + by.x, y: p.y + by.y });
  return {
    ...moved(node),
    ...(node.before ? { before: moved(node.before) } : {}),
    ...(node.after ? { after: moved(node.after) } : {}),
  };
}

/** One handle at `p`. The other one turns along and keeps its length, so that the line stays smooth, unless `alone`. */
export function moveHandle(node: Node, which: 'before' | 'after', p: Point, alone = false): Node {
  const other = which === 'before' ? 'after' : 'before';
  const kept = node[other];
  if (alone || !kept) return { ...node, [which]: p };
  const [length, reach] = [Math.hypot(kept.x - node.x, kept.y - node.y), Math.hypot(p.x - node.x, p.y - node.y)];
  if (reach < 1e-9) return { ...node, [which]: p };
  const f = -length / reach;
  return { ...node, [which]: p, [other]: { x: node.x + (p.x - node.x) * f, y: node.y + (p.y - node.y) * f } };
}

/** Makes a corner of a curved node, and a smooth curve of a corner: along the line of its neighbours, a third of the way to each. */
export function toggleCurve(contour: Contour, index: number): Contour {
  const node = contour[index]!;
  const nodes = [...contour];
  if (node.before ?? node.after) {
    nodes[index] = { x: node.x, y: node.y };
    return nodes;
  }
  const [a, b] = [contour[(index + contour.length - 1) % contour.length]!, contour[(index + 1) % contour.length]!];
  const along = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const [dx, dy] = [(b.x - a.x) / along, (b.y - a.y) / along];
  const reach = (p: Point): number => Math.hypot(p.x - node.x, p.y - node.y) / 3;
  nodes[index] = {
    x: node.x,
    y: node.y,
    before: { x: node.x - dx * reach(a), y: node.y - dy * reach(a) },
    after: { x: node.x + dx * reach(b), y: node.y + dy * reach(b) },
  };
  return nodes;
}

/**
 * Contours turned so that the non-zero rule makes a hole of each that lies inside another, and an island of each inside a hole, whichever
 * way they were drawn.
 */
export function withHoles(contours: readonly Contour[]): Contour[] {
  const polygons = contours.map((contour) => flatten(contoursPath([contour]), 0.1));
  return contours.map((contour, index) => {
    const [own] = polygons[index]!;
    if (!own) return contour;
    const depth = polygons.filter((other, at) => at !== index && contains(other, { x: own[0]!, y: own[1]! })).length;
    const isForwards = signedArea(own) > 0;
    return isForwards === (depth % 2 === 0) ? contour : reversed(contour);
  });
}

function reversed(contour: Contour): Contour {
  return contour
    .toReversed()
    .map(({ x, y, before, after }) => ({ x, y, ...(after ? { before: after } : {}), ...(before ? { after: before } : {}) }));
}
