import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planeOf } from '../../testing/test-planes.js';
import type { Crossing } from '../document/crossing.js';
import type { Opening, Overhangs } from '../document/item.js';
import { newShapedOpening } from '../document/new-opening.js';
import { scaling } from '../geometry/matrix.js';
import { crossingZone } from './crossing-zone.js';
import { overhangPieces, type OverhangPieces } from './overhang.js';
import { KEPT_IN, letAll, letPair, letPiece, letRegion, letSide, saysNothing, standUpright } from './set-marks.js';

const SIZE = 100;
/** A subject that leaves its opening, from 30 to 70, by all four sides, and twice at the top. */
const inside = planeOf(SIZE, [30, 30, 40, 40]);
const subject = planeOf(SIZE, [32, 10, 8, 80], [58, 10, 8, 60], [10, 45, 80, 10]);

function found(overhangs: Overhangs): OverhangPieces {
  return overhangPieces({
    subject,
    inside,
    // The photo is twice as large as the planes.
    toPhoto: scaling(2),
    toBox: { a: 1 / 40, b: 0, c: 0, d: 1 / 40, e: -0.75, f: -0.75 },
    sheetArea: SIZE * SIZE,
    overhangs,
  });
}

const outs = (overhangs: Overhangs): boolean[] => found(overhangs).pieces.map(({ out }) => out);

describe('letting pieces out', () => {
  it('changes exactly the piece that is named, whatever was said before', () => {
    const count = found(KEPT_IN).pieces.length;
    expect(count).toBe(5);
    const clicks = fc.array(fc.tuple(fc.nat(count - 1), fc.boolean()), { maxLength: 12 });
    fc.assert(
      fc.property(clicks, fc.boolean(), (list, all) => {
        let overhangs = letAll(KEPT_IN, all);
        for (const [index, out] of list) {
          const before = outs(overhangs);
          const now = found(overhangs);
          overhangs = letPiece(overhangs, now, now.pieces[index]!.label, out);
          expect(outs(overhangs)).toEqual(before.with(index, out));
        }
        // Marks do not pile up.
        expect(overhangs.pieces.length).toBeLessThanOrEqual(count * 6);
      }),
    );
  });

  it('by a side holds for all that leaves there, marked or not, and for nothing else', () => {
    const { pieces } = found(KEPT_IN);
    const tops = pieces.map(({ side }) => side === 'top');
    expect(tops.filter(Boolean)).toHaveLength(2);
    let overhangs = letPiece(KEPT_IN, found(KEPT_IN), pieces[tops.indexOf(true)]!.label, false);
    const left = pieces.findIndex(({ side }) => side === 'left');
    overhangs = letPiece(overhangs, found(overhangs), pieces[left]!.label, true);
    overhangs = letSide(overhangs, found(overhangs), 'top', true);
    expect(outs(overhangs)).toEqual(tops.map((isTop, index) => isTop || index === left));
    expect(letSide(KEPT_IN, null, 'right', true).sides).toEqual({ top: false, right: true, bottom: false, left: false });
  });

  it('of all gives up what was said of single ones', () => {
    const { pieces } = found(KEPT_IN);
    const some = letPiece(letAll(KEPT_IN, true), found(KEPT_IN), pieces[0]!.label, false);
    expect(outs(some).every(Boolean)).toBe(false);
    expect(outs(letAll(some, true)).every(Boolean)).toBe(true);
    expect(() => letPiece(KEPT_IN, found(KEPT_IN), 99, true)).toThrow(RangeError);
  });

  it('makes a photo stand upright in four corners', () => {
    const square = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
      { x: 1, y: 1 },
      { x: 0, y: 1 },
    ] as const;
    const pane: Opening = newShapedOpening('Pane', { type: 'corners', points: square, warp: true }, { x: 0, y: 0 }, 10, 10);
    const upright = { type: 'corners', points: square, warp: false } as const;
    expect(standUpright(pane)).toEqual({ outline: upright });
    expect(standUpright({ ...pane, outline: upright })).toEqual({});
    expect(standUpright({ ...pane, outline: { type: 'ellipse' } })).toEqual({});
  });
});

const BARE: Crossing = {
  lower: { itemId: 'a', part: 'whole' },
  upper: { itemId: 'b', part: 'whole' },
  over: false,
  regions: [],
  cuts: [],
};

/** A bar across three stems. */
function zone(crossing: Crossing) {
  return crossingZone({
    lower: planeOf(SIZE, [0, 45, 100, 10]),
    upper: planeOf(SIZE, [10, 20, 10, 60], [45, 20, 10, 60], [80, 20, 10, 60]),
    between: null,
    crossing,
    lowerIsMarked: true,
    toPlane: scaling(0.5),
    sheetArea: SIZE * SIZE,
    shadowReach: { lower: 0, upper: 0 },
  });
}

describe('letting regions pass over', () => {
  it('changes exactly the region that is named', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(2), fc.boolean()), { maxLength: 9 }), fc.boolean(), (clicks, rule) => {
        let crossing: Crossing = { ...BARE, over: rule };
        for (const [index, over] of clicks) {
          const before = zone(crossing).regions.map((region) => region.over);
          const now = zone(crossing);
          crossing = letRegion(crossing, now, now.regions[index]!.label, over);
          expect(zone(crossing).regions.map((region) => region.over)).toEqual(before.with(index, over));
          expect(zone(crossing).hardCuts()).toEqual([]);
        }
      }),
    );
    expect(() => letRegion(BARE, zone(BARE), 9, true)).toThrow(RangeError);
  });

  it('of a pair holds everywhere, and one that says nothing is known', () => {
    const marked = letRegion(BARE, zone(BARE), 2, true);
    expect(saysNothing(BARE)).toBe(true);
    expect(saysNothing(marked)).toBe(false);
    const painted: Crossing = { ...marked, paint: [{ points: [{ x: 0, y: 0 }], width: 4, over: true }] };
    expect(letPair(painted, true)).toEqual({ ...BARE, over: true });
    expect(saysNothing(letPair(painted, false))).toBe(true);
    expect(saysNothing({ ...BARE, paint: painted.paint! })).toBe(false);
  });
});
