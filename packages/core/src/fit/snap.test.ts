import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lookedAt, testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import type { Opening } from '../document/item.js';
import type { Sheet } from '../document/project.js';
import type { Bounds } from '../geometry/bounds.js';
import { testShaper } from '../../testing/test-shaper.js';
import { itemBounds, outlineBounds } from './item-bounds.js';
import { snapBox, snapSides, snapTargets } from './snap.js';

const shaper = await testShaper();

const at = (id: string, x: number, y: number, width: number, height: number, change: Partial<Opening> = {}): Opening =>
  testOpening(id, { box: { x, y, width, height, turn: 0 }, ...change });
const sheetOf = (items: Sheet['items'], change: Partial<Sheet> = {}): Sheet => ({ ...testProject(items).sheets[0]!, ...change });
const NONE: ReadonlySet<string> = new Set();

function snapped(box: Bounds, sheet: Sheet, reach = 6) {
  const { by, lines } = snapBox(box, snapTargets(lookedAt(sheet).resolved, NONE), reach);
  return { by: [by.x, by.y], reasons: lines.map(({ axis, reason }) => `${axis} ${reason}`).sort() };
}

describe('snapping', () => {
  it('meets the edges, the centre and the margins of the sheet', () => {
    const sheet = sheetOf([], { margin: 50 });
    expect(snapped({ x: 4, y: 300, width: 90, height: 40 }, sheet)).toEqual({ by: [-4, 0], reasons: ['x sheet edge'] });
    expect(snapped({ x: 907, y: 703, width: 90, height: 93 }, sheet).by).toEqual([3, 4]);
    expect(snapped({ x: 453, y: 378, width: 100, height: 40 }, sheet)).toEqual({
      by: [-3, 2],
      reasons: ['x sheet centre', 'y sheet centre'],
    });
    expect(snapped({ x: 47, y: 300, width: 100, height: 20 }, sheet)).toEqual({ by: [3, 0], reasons: ['x margin'] });
  });

  it('meets guides and folds with any part, items with like parts', () => {
    const sheet = sheetOf([at('a', 200, 100, 100, 100)], {
      guides: [{ id: 'one', axis: 'vertical', at: 700 }],
      folds: [{ axis: 'horizontal', at: 600 }],
    });
    expect(snapped({ x: 648, y: 420, width: 100, height: 44 }, sheet)).toEqual({ by: [2, 0], reasons: ['x guide'] });
    expect(snapped({ x: 400, y: 602, width: 50, height: 44 }, sheet)).toEqual({ by: [0, -2], reasons: ['y fold'] });
    expect(snapped({ x: 203, y: 420, width: 60, height: 44 }, sheet)).toEqual({ by: [-3, 0], reasons: ['x edge'] });
    // A middle does not catch an edge.
    expect(snapped({ x: 170, y: 420, width: 56, height: 44 }, sheet).by).toEqual([0, 0]);
  });

  it('finds equal gaps, between and beside', () => {
    const row = sheetOf([at('a', 100, 100, 100, 80), at('b', 260, 100, 100, 80)]);
    expect(snapped({ x: 423, y: 110, width: 70, height: 41 }, row)).toMatchObject({ by: [-3, 0], reasons: ['x equal gap'] });
    const wide = sheetOf([at('a', 100, 100, 100, 80), at('b', 460, 100, 100, 80)]);
    expect(snapped({ x: 297, y: 110, width: 60, height: 41 }, wide)).toMatchObject({ by: [3, 0], reasons: ['x equal gap'] });
  });

  it('passes over what moves and what is hidden', () => {
    const sheet = sheetOf([at('me', 200, 100, 100, 100), at('hidden', 200, 300, 100, 100, { hidden: true })]);
    const { by } = snapBox({ x: 203, y: 444, width: 60, height: 44 }, snapTargets(lookedAt(sheet).resolved, new Set(['me'])), 6);
    expect(by.x).toBe(0);
  });

  it('gives lines that reach from what is met to the box', () => {
    const { lines } = snapBox(
      { x: 203, y: 420, width: 60, height: 44 },
      snapTargets(lookedAt(sheetOf([at('a', 200, 100, 100, 100)])).resolved, NONE),
      6,
    );
    expect(lines).toEqual([{ axis: 'x', at: 200, reason: 'edge', from: 100, to: 464 }]);
  });

  it('never moves farther than it reaches, and a second time not at all', () => {
    const sheet = sheetOf([at('a', 200, 100, 130, 90), at('b', 500, 140, 77, 300)], { margin: 33 });
    const targets = snapTargets(lookedAt(sheet).resolved, NONE);
    const number = (max: number) => fc.double({ min: 0, max, noNaN: true });
    fc.assert(
      fc.property(number(1000), number(800), number(300), number(300), number(20), (x, y, width, height, reach) => {
        const box = { x, y, width: width + 1, height: height + 1 };
        const { by } = snapBox(box, targets, reach);
        expect(Math.max(Math.abs(by.x), Math.abs(by.y))).toBeLessThanOrEqual(reach);
        const again = snapBox({ ...box, x: x + by.x, y: y + by.y }, targets, 0.001);
        expect(Math.max(Math.abs(again.by.x), Math.abs(again.by.y))).toBeLessThanOrEqual(0.001);
      }),
    );
  });

  it('knows the bounds of turned items and of groups', () => {
    expect(itemBounds(at('a', 0, 0, 100, 50, { box: { x: 0, y: 0, width: 100, height: 50, turn: 90 } }))).toMatchObject({
      width: 50,
      height: 100,
    });
    expect(itemBounds(testGroup('g', [at('a', 0, 0, 10, 10), at('b', 90, 40, 10, 10)]))).toEqual({
      x: 0,
      y: 0,
      width: 100,
      height: 50,
    });
    expect(itemBounds(testGroup('g', []))).toBeNull();
  });
});

describe('snapping of dragged sides', () => {
  const sheet = sheetOf([at('a', 200, 100, 100, 140), at('b', 600, 500, 80, 60)], { margin: 50 });
  const sides = (box: Bounds, x: -1 | 0 | 1, y: -1 | 0 | 1) => {
    const { by, lines } = snapSides(box, { x, y }, snapTargets(lookedAt(sheet).resolved, NONE), 6);
    return { by: [by.x, by.y], reasons: lines.map(({ axis, reason }) => `${axis} ${reason}`).sort() };
  };

  it('meets lines with the side that is dragged only', () => {
    expect(sides({ x: 46, y: 300, width: 151, height: 33 }, 1, 0)).toEqual({ by: [3, 0], reasons: ['x edge'] });
    expect(sides({ x: 46, y: 300, width: 133, height: 33 }, -1, 0)).toEqual({ by: [4, 0], reasons: ['x margin'] });
    expect(sides({ x: 46, y: 300, width: 133, height: 33 }, 0, 0)).toEqual({ by: [0, 0], reasons: [] });
  });

  it('makes sizes equal', () => {
    expect(sides({ x: 420, y: 330, width: 97, height: 33 }, 1, 0)).toEqual({ by: [3, 0], reasons: ['x equal width'] });
    expect(sides({ x: 420, y: 333, width: 77, height: 144 }, -1, -1)).toEqual({
      by: [-3, 4],
      reasons: ['x equal width', 'y equal height'],
    });
  });

  it('never moves a side by more than its reach (property)', () => {
    const number = fc.integer({ min: 0, max: 900 });
    const side = fc.constantFrom<-1 | 0 | 1>(-1, 0, 1);
    fc.assert(
      fc.property(number, number, fc.integer({ min: 1, max: 300 }), side, side, (x, y, size, sx, sy) => {
        const { by } = snapSides(
          { x, y, width: size, height: size / 2 },
          { x: sx, y: sy },
          snapTargets(lookedAt(sheet).resolved, NONE),
          6,
        );
        expect(Math.max(Math.abs(by.x), Math.abs(by.y))).toBeLessThanOrEqual(6);
        if (sx === 0) expect(by.x).toBe(0);
      }),
    );
  });
});

describe('what snapping meets', () => {
  it('is the true outline, not the box', () => {
    const turned = at('turned', 100, 100, 100, 100, {
      outline: { type: 'ellipse' },
      box: { x: 100, y: 100, width: 100, height: 100, turn: 45 },
    });
    const { boxes } = snapTargets(lookedAt(sheetOf([turned])).resolved, NONE, (item) => outlineBounds(item, shaper));
    expect(Math.abs(boxes[0]!.x - 100)).toBeLessThan(0.2);
    expect(snapTargets(lookedAt(sheetOf([turned])).resolved, NONE).boxes[0]!.x).toBeLessThan(90);
  });

  it('are the others in the group of what moves', () => {
    const group = testGroup('g', [at('a', 0, 0, 10, 10), at('b', 50, 0, 10, 10)]);
    expect(snapTargets(lookedAt(sheetOf([group])).resolved, new Set(['a'])).boxes).toEqual([
      { x: 50, y: 0, width: 10, height: 10 },
    ]);
  });
});
