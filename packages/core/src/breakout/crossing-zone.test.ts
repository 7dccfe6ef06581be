import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planeOf } from '../../testing/test-planes.js';
import type { Plane } from '../finish/plane.js';
import { scaling, type Point } from '../geometry/matrix.js';
import { crossingZone, type CrossingInput } from './crossing-zone.js';

const SIZE = 120;

/** A bar across two posts. */
const bar = planeOf(SIZE, [10, 50, 100, 20]);
const posts = planeOf(SIZE, [30, 10, 16, 100], [74, 10, 16, 100]);

function zone(change: Partial<CrossingInput['crossing']> = {}, input: Partial<CrossingInput> = {}) {
  return crossingZone({
    lower: bar,
    upper: posts,
    between: null,
    crossing: { over: false, regions: [], cuts: [], ...change },
    lowerIsMarked: true,
    toPlane: scaling(1),
    sheetArea: SIZE * SIZE,
    shadowReach: { lower: 0, upper: 0 },
    ...input,
  });
}

const value = ({ mask }: { mask: Plane | null }, x: number, y: number): number => mask?.data[y * SIZE + x] ?? 0;
const length = (line: Point[]) => Math.hypot(line[1]!.x - line[0]!.x, line[1]!.y - line[0]!.y);

describe('the zone of a crossing', () => {
  it('is nowhere when the depth order holds everywhere', () => {
    const { mask, regions } = zone();
    expect(mask).toBeNull();
    expect(regions.map(({ area, over, marked }) => ({ area, over, marked }))).toEqual([
      { area: 320, over: false, marked: false },
      { area: 320, over: false, marked: false },
    ]);
  });

  it('covers the regions that are over, by the rule for the pair or by a mark of their own', () => {
    const all = zone({ over: true });
    expect([value(all, 38, 60), value(all, 82, 60)]).toEqual([255, 255]);
    const one = zone({ regions: [{ at: { x: 80, y: 60 }, over: true }] });
    expect([value(one, 38, 60), value(one, 82, 60)]).toEqual([0, 255]);
    const other = zone({ over: true, regions: [{ at: { x: 80, y: 60 }, over: false }] });
    expect([value(other, 38, 60), value(other, 82, 60)]).toEqual([255, 0]);
  });

  it('reaches three px beyond the region where only one of the two is, and not into the other region', () => {
    const one = zone({ regions: [{ at: { x: 38, y: 60 }, over: true }] });
    expect(value(one, 27, 60)).toBe(255);
    expect(value(one, 24, 60)).toBe(0);
    const { labels } = one.parts;
    const other = labels[60 * SIZE + 82];
    for (let i = 0; i < labels.length; i++) if (labels[i] === other) expect(one.mask!.data[i]).toBe(0);
  });

  it('goes along the upper one as far as the shadow of the lower one, and fades there', () => {
    const cast = zone({ over: true }, { shadowReach: { lower: 24, upper: 0 } });
    expect(value(cast, 38, 72)).toBe(255);
    expect(value(cast, 38, 93)).toBe(255);
    expect(value(cast, 38, 97)).toBeGreaterThan(0);
    expect(value(cast, 38, 97)).toBeLessThan(255);
    expect(value(cast, 38, 101)).toBe(0);
    // On the bar itself no shadow of the bar falls.
    expect(value(cast, 60, 60)).toBe(0);
  });

  it('does not grow where another item lies on the lower one in between', () => {
    const between = planeOf(SIZE, [18, 45, 11, 30]);
    const kept = zone({ over: true }, { between });
    expect(value(kept, 28, 60)).toBe(0);
    expect(value(kept, 48, 60)).toBe(255);
  });

  it('takes painted strokes pixel by pixel, within the regions', () => {
    const paint = [
      {
        points: [
          { x: 30, y: 55 },
          { x: 46, y: 55 },
        ],
        width: 6,
        over: true,
      },
    ];
    const painted = zone({ paint });
    expect(value(painted, 38, 55)).toBe(255);
    expect(value(painted, 38, 66)).toBe(0);
    expect(value(painted, 82, 55)).toBe(0);
  });

  it('counts marks that hit nothing', () => {
    expect(zone({ regions: [{ at: { x: 5, y: 5 }, over: true }] }).lost).toBe(1);
  });
});

describe('the hard cut', () => {
  it('is 0 where whole regions are chosen, and the length of the line within both where a cut divides one', () => {
    const line = [
      { x: 20, y: 58 },
      { x: 60, y: 64 },
    ];
    expect(zone({ over: true }).hardCuts()).toEqual([]);
    const same = zone({ over: true, cuts: [line] });
    expect(same.hardCuts()).toEqual([{ length: 0, at: null }]);
    const [cut] = zone({ cuts: [line], regions: [{ at: { x: 38, y: 52 }, over: true }] }).hardCuts();
    const within = 16 / ((line[1]!.x - line[0]!.x) / length(line));
    expect(Math.abs(cut!.length - within)).toBeLessThan(1.5);
    expect(cut!.at!.x).toBeGreaterThan(28);
    expect(cut!.at!.x).toBeLessThan(33);
  });

  it('says the same for any slant of the line', () => {
    fc.assert(
      fc.property(fc.double({ min: 54, max: 66, noNaN: true }), fc.double({ min: 54, max: 66, noNaN: true }), (left, right) => {
        const line = [
          { x: 24, y: left },
          { x: 52, y: right },
        ];
        const found = zone({ cuts: [line], regions: [{ at: { x: 38, y: 50.5 }, over: true }] });
        const [cut] = found.hardCuts();
        expect(Math.abs(cut!.length - (16 / 28) * length(line))).toBeLessThan(2.6);
      }),
      { numRuns: 60 },
    );
  });
});
