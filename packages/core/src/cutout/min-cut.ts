/** A graph to be cut in two. Nodes are numbered from 0. */
export interface CutGraph {
  readonly nodes: number;
  /** What it costs to put each node on the side of the subject, and on the other side: both at least 0, Infinity where that must not be. */
  readonly subject: Float64Array;
  readonly ground: Float64Array;
  /** Pairs of neighbours: the nodes of pair i are at 2i and 2i + 1. */
  readonly pairs: Int32Array;
  /** What it costs to part each pair, at least 0. */
  readonly ties: Float64Array;
}

/** In place of Infinity: more than all that can be cut. */
function enough(costs: readonly Float64Array[]): number {
  let sum = 1;
  for (const some of costs) for (const cost of some) if (cost < Infinity) sum += cost;
  return sum;
}

/** Less room than this is none: what rounding leaves. */
const NOTHING = 1e-9;
/** Whose tree a node is in. */
const [FREE, OF_SOURCE, OF_SINK] = [0, 1, 2] as const;
/** In place of the edge to a node's parent: it has none, it hangs on its terminal, it has just lost its parent. */
const [NO_PARENT, TERMINAL, ORPHAN] = [-1, -2, -3] as const;

/**
 * The cheapest way to part the nodes: 1 for those on the side of the subject. Found as a greatest flow by two trees that grow towards each other
 * and are mended after each path (Y. Boykov, V. Kolmogorov, 2004); exact up to rounding.
 * @throws RangeError when a cost is below 0 or a node may be on neither side.
 */
export function minCut(graph: CutGraph): Uint8Array {
  const { nodes, subject, ground, pairs, ties } = graph;
  const most = enough([subject, ground, ties]);
  // What a node can still take from the source (above 0) or give to the sink (below 0): the lesser of both flows through it at once.
  const terminal = new Float64Array(nodes);
  for (let i = 0; i < nodes; i++) {
    if (!(subject[i]! >= 0 && ground[i]! >= 0)) throw new RangeError('Costs of a cut are at least 0');
    if (subject[i] === Infinity && ground[i] === Infinity) throw new RangeError(`Node ${i} may be on neither side`);
    terminal[i] = Math.min(most, ground[i]!) - Math.min(most, subject[i]!);
  }
  // Every edge has its way back beside it: the edge at e and the one at e ^ 1.
  const to = new Int32Array(ties.length * 2);
  const room = new Float64Array(ties.length * 2);
  const next = new Int32Array(ties.length * 2);
  const first = new Int32Array(nodes).fill(-1);
  for (let i = 0, e = 0; i < ties.length; i++, e += 2) {
    const tie = ties[i]!;
    if (!(tie >= 0)) throw new RangeError('Costs of a cut are at least 0');
    const p = pairs[2 * i]!;
    const q = pairs[2 * i + 1]!;
    to[e] = q;
    to[e + 1] = p;
    room[e] = tie;
    room[e + 1] = tie;
    next[e] = first[p]!;
    first[p] = e;
    next[e + 1] = first[q]!;
    first[q] = e + 1;
  }
  const tree = growTrees(terminal, { to, room, next, first });
  for (let i = 0; i < nodes; i++) tree[i] = tree[i] === OF_SOURCE ? 1 : 0;
  return tree;
}

interface Residual {
  readonly to: Int32Array;
  readonly room: Float64Array;
  readonly next: Int32Array;
  readonly first: Int32Array;
}

function growTrees(terminal: Float64Array, { to, room, next, first }: Residual): Uint8Array {
  const nodes = terminal.length;
  const tree = new Uint8Array(nodes);
  // The edge from a node to its parent.
  const parent = new Int32Array(nodes).fill(NO_PARENT);
  // How far from the terminal, and in which round that was seen.
  const far = new Int32Array(nodes);
  const seen = new Int32Array(nodes);
  const active = new Int32Array(nodes + 1);
  const waits = new Uint8Array(nodes);
  let [head, tail, round] = [0, 0, 0];
  const orphans: number[] = [];
  const wake = (node: number): void => {
    if (waits[node] === 1) return;
    waits[node] = 1;
    active[tail] = node;
    tail = tail === nodes ? 0 : tail + 1;
  };
  for (let i = 0; i < nodes; i++) {
    if (Math.abs(terminal[i]!) <= NOTHING) continue;
    tree[i] = terminal[i]! > 0 ? OF_SOURCE : OF_SINK;
    parent[i] = TERMINAL;
    far[i] = 1;
    wake(i);
  }
  /** Room of edge e in the direction in which the node's tree sends flow. */
  const outward = (owner: number, e: number): number => (owner === OF_SOURCE ? room[e]! : room[e ^ 1]!);

  /** The edge from the tree of the source to that of the sink where a node can go on growing; -1 when there is none. */
  const grow = (node: number): number => {
    for (let e = first[node]!; e !== -1; e = next[e]!) {
      if (outward(tree[node]!, e) <= NOTHING) continue;
      const other = to[e]!;
      if (tree[other] === FREE) {
        tree[other] = tree[node]!;
        parent[other] = e ^ 1;
        far[other] = far[node]! + 1;
        seen[other] = seen[node]!;
        wake(other);
      } else if (tree[other] !== tree[node]) return tree[node] === OF_SOURCE ? e : e ^ 1;
      else if (seen[other]! <= seen[node]! && far[other]! > far[node]!) {
        // A shorter way to the terminal.
        parent[other] = e ^ 1;
        far[other] = far[node]! + 1;
        seen[other] = seen[node]!;
      }
    }
    return -1;
  };

  const cutOff = (node: number): void => {
    parent[node] = ORPHAN;
    orphans.push(node);
  };

  /** Sends as much as goes along the path through an edge between the trees. */
  const send = (bridge: number): void => {
    let least = room[bridge]!;
    for (const [start, back] of [
      [to[bridge ^ 1]!, 1],
      [to[bridge]!, 0],
    ] as const) {
      let node = start;
      for (; parent[node] !== TERMINAL; node = to[parent[node]!]!) least = Math.min(least, room[parent[node]! ^ back]!);
      least = Math.min(least, Math.abs(terminal[node]!));
    }
    room[bridge] = room[bridge]! - least;
    room[bridge ^ 1] = room[bridge ^ 1]! + least;
    for (const [start, back] of [
      [to[bridge ^ 1]!, 1],
      [to[bridge]!, 0],
    ] as const) {
      let node = start;
      while (parent[node] !== TERMINAL) {
        const e = parent[node]!;
        room[e ^ back] = room[e ^ back]! - least;
        room[e ^ back ^ 1] = room[e ^ back ^ 1]! + least;
        const above = to[e]!;
        if (room[e ^ back]! <= NOTHING) cutOff(node);
        node = above;
      }
      terminal[node] = terminal[node]! + (back === 1 ? -least : least);
      if (Math.abs(terminal[node]!) <= NOTHING) cutOff(node);
    }
  };

  /** How far a node is from its terminal by way of its parents; Infinity where they lead nowhere. */
  const distance = (node: number): number => {
    let [steps, at] = [0, node];
    for (;;) {
      if (seen[at] === round) {
        steps += far[at]!;
        break;
      }
      steps++;
      if (parent[at] === TERMINAL) {
        seen[at] = round;
        far[at] = 1;
        break;
      }
      if (parent[at]! < 0) return Infinity;
      at = to[parent[at]!]!;
    }
    for (let [d, i] = [steps, node]; seen[i] !== round; i = to[parent[i]!]!) {
      seen[i] = round;
      far[i] = d--;
    }
    return steps;
  };

  const adopt = (node: number): void => {
    let [best, found] = [Infinity, NO_PARENT as number];
    for (let e = first[node]!; e !== -1; e = next[e]!) {
      if (tree[to[e]!] !== tree[node] || outward(tree[node]!, e ^ 1) <= NOTHING || parent[to[e]!] === NO_PARENT) continue;
      const steps = distance(to[e]!);
      if (steps < best) {
        best = steps;
        found = e;
      }
    }
    if (found !== NO_PARENT) {
      parent[node] = found;
      seen[node] = round;
      far[node] = best + 1;
      return;
    }
    for (let e = first[node]!; e !== -1; e = next[e]!) {
      const other = to[e]!;
      if (tree[other] !== tree[node]) continue;
      if (outward(tree[node]!, e ^ 1) > NOTHING) wake(other);
      if (parent[other]! >= 0 && to[parent[other]!] === node) cutOff(other);
    }
    tree[node] = FREE;
    parent[node] = NO_PARENT;
  };

  while (head !== tail) {
    const node = active[head]!;
    if (tree[node] !== FREE) {
      const bridge = grow(node);
      if (bridge >= 0) {
        round++;
        send(bridge);
        while (orphans.length > 0) adopt(orphans.pop()!);
        // It may have more to give, so it stays at the head.
        continue;
      }
    }
    waits[node] = 0;
    head = head === nodes ? 0 : head + 1;
  }
  return tree;
}
