import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { minCut, type CutGraph } from './min-cut.js';

function costOf({ subject, ground, pairs, ties }: CutGraph, side: ArrayLike<number>): number {
  let cost = 0;
  for (let i = 0; i < side.length; i++) cost += side[i] === 1 ? subject[i]! : ground[i]!;
  for (let i = 0; i < ties.length; i++) if (side[pairs[2 * i]!] !== side[pairs[2 * i + 1]!]) cost += ties[i]!;
  return cost;
}

const cost = fc.integer({ min: 0, max: 40 }).map((value) => value / 4);

describe('the cheapest cut', () => {
  it('is as cheap as the best of all ways', () => {
    const graph = fc.integer({ min: 1, max: 9 }).chain((nodes) =>
      fc.record({
        nodes: fc.constant(nodes),
        subject: fc.array(cost, { minLength: nodes, maxLength: nodes }),
        ground: fc.array(cost, { minLength: nodes, maxLength: nodes }),
        edges: fc.array(fc.tuple(fc.nat({ max: nodes - 1 }), fc.nat({ max: nodes - 1 }), cost), { maxLength: 16 }),
      }),
    );
    fc.assert(
      fc.property(graph, ({ nodes, subject, ground, edges }) => {
        const made: CutGraph = {
          nodes,
          subject: Float64Array.from(subject),
          ground: Float64Array.from(ground),
          pairs: Int32Array.from(edges.flatMap(([a, b]) => [a, b])),
          ties: Float64Array.from(edges.map(([, , tie]) => tie)),
        };
        let best = Infinity;
        for (let ways = 0; ways < 2 ** nodes; ways++)
          best = Math.min(
            best,
            costOf(
              made,
              Array.from({ length: nodes }, (_, i) => (ways >> i) & 1),
            ),
          );
        expect(costOf(made, minCut(made))).toBeCloseTo(best, 6);
      }),
      { numRuns: 300 },
    );
  });

  it('obeys what must be, whatever it costs', () => {
    const chain: CutGraph = {
      nodes: 4,
      subject: Float64Array.from([Infinity, 0, 0, 50]),
      ground: Float64Array.from([0, 9, 9, Infinity]),
      pairs: Int32Array.from([0, 1, 1, 2, 2, 3]),
      ties: Float64Array.from([100, 100, 100]),
    };
    const side = minCut(chain);
    expect(side[0]).toBe(0);
    expect(side[3]).toBe(1);
    expect(costOf({ ...chain, ground: Float64Array.from([0, 9, 9, 0]) }, side)).toBe(150);
  });

  it('refuses costs below nothing, and a node that may be nowhere', () => {
    const one = { nodes: 1, pairs: new Int32Array(0), ties: new Float64Array(0) };
    expect(() => minCut({ ...one, subject: Float64Array.of(-1), ground: Float64Array.of(1) })).toThrow(RangeError);
    expect(() => minCut({ ...one, subject: Float64Array.of(Infinity), ground: Float64Array.of(Infinity) })).toThrow(
      /neither side/,
    );
  });

  it('takes a grid of some thousand nodes', () => {
    const [width, height] = [90, 80];
    const nodes = width * height;
    const isSubject = (i: number): boolean => Math.hypot((i % width) - 45, Math.floor(i / width) - 40) < 25;
    // Every seventh node says the wrong thing; its neighbours know better.
    const says = (i: number): boolean => isSubject(i) !== (i % 7 === 0);
    const edges: number[] = [];
    for (let i = 0; i < nodes; i++) {
      if (i % width < width - 1) edges.push(i, i + 1);
      if (i + width < nodes) edges.push(i, i + width);
    }
    const side = minCut({
      nodes,
      subject: Float64Array.from({ length: nodes }, (_, i) => (says(i) ? 0 : 1)),
      ground: Float64Array.from({ length: nodes }, (_, i) => (says(i) ? 1 : 0)),
      pairs: Int32Array.from(edges),
      ties: new Float64Array(edges.length / 2).fill(0.6),
    });
    const wrong = Array.from(side).filter((value, i) => (value === 1) !== isSubject(i)).length;
    expect(wrong / nodes).toBeLessThan(0.01);
  });
});
