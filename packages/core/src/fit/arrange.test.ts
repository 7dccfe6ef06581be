import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { boundsOfAll, distribute } from './arrange.js';
import { columnAt, columnsOf } from './columns.js';
import { itemsWithin } from './items-within.js';

const box = (x: number, y: number, width: number, height: number) => ({ x, y, width, height });

describe('distributing', () => {
  it('makes gaps equal; first and last stay', () => {
    const by = distribute([box(0, 0, 10, 10), box(90, 5, 10, 10), box(15, 0, 30, 10)], 'x');
    expect(by.map(({ x }) => x)).toEqual([0, 0, 20]);
    expect(distribute([box(0, 0, 10, 10), box(50, 0, 10, 10)], 'x')).toEqual([
      { x: 0, y: 0 },
      { x: 0, y: 0 },
    ]);
  });

  it('always gives one and the same gap (property)', () => {
    const side = fc.integer({ min: 1, max: 100 });
    const boxes = fc.array(fc.record({ x: fc.integer({ min: 0, max: 900 }), y: side, width: side, height: side }), {
      minLength: 3,
      maxLength: 8,
    });
    fc.assert(
      fc.property(boxes, (list) => {
        const by = distribute(list, 'x');
        const moved = list.map((b, i) => ({ ...b, x: b.x + by[i]!.x })).sort((a, b) => a.x + a.width / 2 - b.x - b.width / 2);
        const gaps = moved.slice(1).map((b, i) => b.x - moved[i]!.x - moved[i]!.width);
        for (const gap of gaps) expect(gap).toBeCloseTo(gaps[0]!, 6);
      }),
    );
  });

  it('knows what several take up together', () => {
    expect(boundsOfAll([box(5, 5, 10, 10), box(0, 8, 4, 20)])).toEqual(box(0, 5, 15, 23));
    expect(boundsOfAll([])).toBeNull();
  });
});

describe('columns', () => {
  const sheet = { ...testProject([]).sheets[0]!, margin: 50 };

  it('lie between margins, folds and guides', () => {
    const folded = {
      ...sheet,
      folds: [{ axis: 'vertical' as const, at: 500 }],
      guides: [
        { id: 'one', axis: 'vertical' as const, at: 700 },
        { id: 'two', axis: 'horizontal' as const, at: 9 },
      ],
    };
    expect(columnsOf(folded).map(({ x, width }) => [x, width])).toEqual([
      [50, 400],
      [550, 150],
      [700, 250],
    ]);
    expect([60, 500, 530, 990].map((x) => columnAt(folded, x).x)).toEqual([50, 50, 550, 700]);
  });

  it('are one where nothing divides the sheet', () => {
    expect(columnsOf(sheet)).toEqual([box(50, 50, 900, 700)]);
  });
});

describe('a rectangle drawn over items', () => {
  it('means those that lie in it by half, whole groups, and none that is locked or hidden', () => {
    const at = (id: string, x: number, change = {}) => testOpening(id, { box: { ...box(x, 100, 100, 100), turn: 0 }, ...change });
    const items = [
      at('a', 0),
      at('b', 150),
      at('c', 260),
      at('locked', 20, { locked: true }),
      at('hidden', 20, { hidden: true }),
      testGroup('g', [at('d', 0), at('e', 100)]),
    ];
    expect(itemsWithin(items, box(0, 90, 210, 200)).map(({ id }) => id)).toEqual(['a', 'b', 'g']);
    // Less than half of their height.
    expect(itemsWithin(items, box(0, 90, 205, 50))).toEqual([]);
  });
});
