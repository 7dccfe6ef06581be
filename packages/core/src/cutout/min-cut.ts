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
function enough({ subject, ground, ties }: CutGraph): number {
  const finite = (sum: number, cost: number): number => (Number.isFinite(cost) ? sum + cost : sum);
  return subject.reduce(finite, 0) + ground.reduce(finite, 0) + ties.reduce(finite, 0) + 1;
}

/**
 * The cheapest way to part the nodes: 1 for those on the side of the subject. Found as a greatest flow (E. Dinitz, 1970), in levels from the
 * source with a memory of where each node was left; exact up to rounding.
 * @throws RangeError when a cost is below 0 or a node may be on neither side.
 */
export function minCut(graph: CutGraph): Uint8Array {
  const { nodes, subject, ground, pairs, ties } = graph;
  const most = enough(graph);
  const [source, sink] = [nodes, nodes + 1];
  const edges = nodes * 2 + ties.length;
  // Every edge has its way back beside it: the edge at e and the one at e ^ 1.
  const to = new Int32Array(edges * 2);
  const room = new Float64Array(edges * 2);
  const next = new Int32Array(edges * 2);
  const first = new Int32Array(nodes + 2).fill(-1);
  let count = 0;
  const join = (a: number, b: number, there: number, back: number): void => {
    if (!(there >= 0 && back >= 0)) throw new RangeError('Costs of a cut are at least 0');
    for (const [from, end, capacity] of [
      [a, b, there],
      [b, a, back],
    ] as const) {
      to[count] = end;
      room[count] = capacity;
      next[count] = first[from]!;
      first[from] = count++;
    }
  };
  for (let i = 0; i < nodes; i++) {
    if (subject[i] === Infinity && ground[i] === Infinity) throw new RangeError(`Node ${i} may be on neither side`);
    // A node that stays with the source is the subject: cutting it off costs what the ground costs.
    join(source, i, Math.min(most, ground[i]!), 0);
    join(i, sink, Math.min(most, subject[i]!), 0);
  }
  for (let i = 0; i < ties.length; i++) join(pairs[2 * i]!, pairs[2 * i + 1]!, ties[i]!, ties[i]!);
  return flow({ to, room, next, first }, source, sink);
}

interface Residual {
  readonly to: Int32Array;
  readonly room: Float64Array;
  readonly next: Int32Array;
  readonly first: Int32Array;
}

/** Less room than this is none: what rounding leaves. */
const NOTHING = 1e-9;

function flow({ to, room, next, first }: Residual, source: number, sink: number): Uint8Array {
  const total = first.length;
  const level = new Int32Array(total);
  const at = new Int32Array(total);
  const queue = new Int32Array(total);
  const path = new Int32Array(total);
  const rank = (): boolean => {
    level.fill(-1);
    level[source] = 0;
    let [head, tail] = [0, 1];
    queue[0] = source;
    while (head < tail) {
      const node = queue[head++]!;
      for (let e = first[node]!; e !== -1; e = next[e]!) {
        const end = to[e]!;
        if (level[end] !== -1 || room[e]! <= NOTHING) continue;
        level[end] = level[node]! + 1;
        queue[tail++] = end;
      }
    }
    return level[sink] !== -1;
  };
  while (rank()) {
    at.set(first);
    // Walks forward along edges with room, one level at a time; goes back where there are none.
    let [node, depth] = [source, 0];
    for (;;) {
      if (node === sink) {
        let least = Infinity;
        for (let d = 0; d < depth; d++) least = Math.min(least, room[path[d]!]!);
        let back = 0;
        for (let d = depth - 1; d >= 0; d--) {
          const e = path[d]!;
          room[e] = room[e]! - least;
          room[e ^ 1] = room[e ^ 1]! + least;
          if (room[e] <= NOTHING) back = d;
        }
        depth = back;
        node = to[path[depth]! ^ 1]!;
        continue;
      }
      let e = at[node]!;
      while (e !== -1 && (room[e]! <= NOTHING || level[to[e]!] !== level[node]! + 1)) e = next[e]!;
      at[node] = e;
      if (e !== -1) {
        path[depth++] = e;
        node = to[e]!;
      } else if (depth === 0) break;
      else {
        node = to[path[--depth]! ^ 1]!;
        at[node] = next[at[node]!]!;
      }
    }
  }
  return Uint8Array.from({ length: total - 2 }, (_, i) => (level[i] === -1 ? 0 : 1));
}
