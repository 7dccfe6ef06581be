import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldedPairs, layPapers } from './lay-papers.js';
import { PAPERS, type Paper } from './paper.js';

const A5 = { width: 148.5, height: 210 };
const CARD = { width: 85, height: 55 };
const PLAIN = { bleed: 0, marks: false };

/** Whether no two sheets of a paper print over one another. */
function isApart({ places }: Paper): boolean {
  return places.every(({ seen: a }, i) =>
    places.every(
      ({ seen: b }, j) =>
        i >= j ||
        a.x + a.width <= b.x + 1e-6 ||
        b.x + b.width <= a.x + 1e-6 ||
        a.y + a.height <= b.y + 1e-6 ||
        b.y + b.height <= a.y + 1e-6,
    ),
  );
}

describe('a sheet on its own', () => {
  it('is all of its paper, without anything round it', () => {
    const [paper, ...more] = layPapers([CARD], { kind: 'pages' }, PLAIN);
    expect(more).toEqual([]);
    expect(paper).toMatchObject({ ...CARD, trim: { x: 0, y: 0, ...CARD }, lines: [] });
    expect(paper!.places).toEqual([{ sheet: 0, at: { x: 0, y: 0 }, seen: { x: 0, y: 0, ...CARD } }]);
  });

  it('has so much bleed round it, and room for marks that begin beyond it', () => {
    const [paper] = layPapers([CARD], { kind: 'pages' }, { bleed: 4, marks: true });
    expect(paper!.trim).toEqual({ x: 10, y: 10, ...CARD });
    expect(paper!.bleed).toEqual({ x: 6, y: 6, width: 93, height: 63 });
    expect([paper!.width, paper!.height]).toEqual([105, 75]);
    expect(paper!.lines).toHaveLength(8);
    for (const { kind, from, to } of paper!.lines) {
      expect(kind).toBe('cut');
      // Each lies on the line of a cut, and none on what is printed.
      expect([from.x, from.y].some((at) => [10, 95, 65].includes(at))).toBe(true);
      for (const { x, y } of [from, to]) {
        expect(x >= 6 && x <= 99 && y >= 6 && y <= 69 && !(x === 6 || x === 99 || y === 6 || y === 69)).toBe(false);
        expect(x >= 0 && x <= 105 && y >= 0 && y <= 75).toBe(true);
      }
    }
  });

  it('has marks where it is folded', () => {
    const folds = [{ axis: 'vertical', at: 40 }] as const;
    const [paper] = layPapers([{ ...CARD, folds }], { kind: 'pages' }, { bleed: 3, marks: true });
    const marks = paper!.lines.filter(({ kind }) => kind === 'fold');
    expect(marks.map(({ from, to }) => [from.x - paper!.trim.x, to.x - paper!.trim.x])).toEqual([
      [40, 40],
      [40, 40],
    ]);
  });
});

describe('folded sheets', () => {
  it('hold four pages as 4 and 1, 2 and 3; eight from the outermost inwards', () => {
    expect(foldedPairs(4)).toEqual([
      [3, 0],
      [1, 2],
    ]);
    expect(foldedPairs(8)).toEqual([
      [7, 0],
      [1, 6],
      [5, 2],
      [3, 4],
    ]);
    expect(foldedPairs(3)).toEqual([
      [null, 0],
      [1, 2],
    ]);
  });

  it('hold every page once, its neighbours on the other side of the same paper', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), (count) => {
        const pairs = foldedPairs(count);
        const seen = pairs.flat().filter((page) => page !== null);
        expect([...seen].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i));
        const all = 4 * Math.ceil(count / 4);
        expect(pairs).toHaveLength(all / 2);
        // Page numbers of a side add up to one more than there are.
        for (const [left, right] of pairs) if (left !== null && right !== null) expect(left + right).toBe(all - 1);
      }),
    );
  });

  it('are two sheets wide with a mark at the fold, and nothing is printed over the fold', () => {
    const papers = layPapers([A5, A5, A5, A5], { kind: 'folded' }, { bleed: 3, marks: true });
    expect(papers).toHaveLength(2);
    const [outer] = papers;
    expect(outer!.trim).toMatchObject({ width: 297, height: 210 });
    const [left, right] = outer!.places;
    expect([left!.sheet, right!.sheet]).toEqual([3, 0]);
    expect(left!.seen.x + left!.seen.width).toBeCloseTo(right!.at.x, 6);
    expect(right!.seen.x).toBe(right!.at.x);
    const folds = outer!.lines.filter(({ kind }) => kind === 'fold');
    expect(folds.map(({ from }) => from.x)).toEqual([outer!.trim.x + 148.5, outer!.trim.x + 148.5]);
  });

  it('are refused for sheets of several sizes', () => {
    expect(() => layPapers([A5, CARD], { kind: 'folded' }, PLAIN)).toThrow(/several sizes/);
  });
});

describe('many on one', () => {
  it('are as many as have room, on the paper turned the better way', () => {
    const [paper, ...more] = layPapers([CARD], { kind: 'many', paper: 'a4', gap: 0 }, PLAIN);
    expect(more).toEqual([]);
    expect([paper!.width, paper!.height]).toEqual([210, 297]);
    expect(paper!.places).toHaveLength(10);
    // Upright 3 x 6, lying 4 x 4 of these; upright 1 x 3, lying 2 x 2 of those.
    const [label] = layPapers([{ width: 60, height: 40 }], { kind: 'many', paper: 'a4', gap: 4 }, PLAIN);
    expect([label!.width, label!.places.length]).toEqual([210, 18]);
    const [small] = layPapers([CARD], { kind: 'many', paper: 'a5', gap: 0 }, PLAIN);
    expect([small!.width, small!.places.length]).toEqual([210, 4]);
  });

  it('go on in order, and fill the last paper from the first again', () => {
    const papers = layPapers(
      Array.from({ length: 3 }, () => CARD),
      { kind: 'many', paper: 'a5', gap: 0 },
      PLAIN,
    );
    expect(papers.map(({ places }) => places.map(({ sheet }) => sheet))).toEqual([[0, 1, 2, 0]]);
    const two = layPapers(
      Array.from({ length: 6 }, () => CARD),
      { kind: 'many', paper: 'a5', gap: 0 },
      PLAIN,
    );
    expect(two.map(({ places }) => places.map(({ sheet }) => sheet))).toEqual([
      [0, 1, 2, 3],
      [4, 5, 0, 1],
    ]);
  });

  it('never lie on one another or beyond the paper, whatever their sizes, and all are there', () => {
    const side = fc.double({ min: 15, max: 130, noNaN: true });
    const sheets = fc.array(fc.record({ width: side, height: side }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(sheets, fc.double({ min: 0, max: 6, noNaN: true }), fc.boolean(), (given, bleed, marks) => {
        const papers = layPapers(given, { kind: 'many', paper: 'a4', gap: 2 }, { bleed, marks });
        const used = new Set(papers.flatMap(({ places }) => places.map(({ sheet }) => sheet)));
        expect(used.size).toBe(given.length);
        for (const paper of papers) {
          expect(isApart(paper)).toBe(true);
          for (const { seen } of paper.places) {
            expect(Math.min(seen.x, seen.y)).toBeGreaterThanOrEqual(0);
            expect(seen.x + seen.width).toBeLessThanOrEqual(paper.width);
            expect(seen.y + seen.height).toBeLessThanOrEqual(paper.height);
          }
          for (const { from, to } of paper.lines)
            for (const { x, y } of [from, to]) expect(x >= 0 && y >= 0 && x <= paper.width && y <= paper.height).toBe(true);
        }
      }),
    );
  });

  it('are refused where not even one has room', () => {
    expect(() => layPapers([PAPERS.a3], { kind: 'many', paper: 'a4', gap: 0 }, PLAIN)).toThrow(/smaller than the sheet/);
    expect(() => layPapers([], { kind: 'pages' }, PLAIN)).toThrow(/at least one/);
  });
});
