import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convexHull } from '../geometry/polygon.js';
import { fillOpening, keepCovered } from './cover.js';
import { disjoint, shareVisible, showFocus } from './share-visible.js';

const square = (x: number, y: number, w: number, h: number) => Float64Array.from([x, y, x + w, y, x + w, y + h, x, y + h]);
const photo = {
  id: 'photo_1',
  sha256: '0'.repeat(64),
  name: 'mug',
  width: 400,
  height: 200,
  focus: { x: 300, y: 60, width: 60, height: 60 },
};
/** Two stems with a gap between them, as in a word. */
const stems = [square(0, 0, 80, 200), square(160, 0, 80, 200)];
const hull = convexHull(stems);

describe('the share that is seen', () => {
  it('is measured by area, overlaps counted once', () => {
    const placement = { x: 200, y: 100, scale: 1, turn: 0, flipX: false, flipY: false };
    expect(shareVisible([square(0, 0, 200, 200)], placement, photo).photo).toBeCloseTo(0.5, 4);
    expect(shareVisible(disjoint([square(0, 0, 200, 200), square(100, 0, 100, 200)]), placement, photo).photo).toBeCloseTo(
      0.5,
      4,
    );
    expect(shareVisible([square(300, 60, 30, 60)], placement, photo).focus).toBeCloseTo(0.5, 4);
    const { focus: _none, ...plain } = photo;
    expect(shareVisible(stems, placement, plain)).not.toHaveProperty('focus');
  });

  it('grows when the photo is placed by its focus, and no gap comes of it', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 2.2, noNaN: true }), fc.double({ min: -60, max: 60, noNaN: true }), (zoom, turn) => {
        const cover = fillOpening(hull, photo, turn, { flipX: false, flipY: false });
        const start = keepCovered({ ...cover, scale: cover.scale * zoom }, hull, photo);
        const placed = showFocus(stems, hull, start, photo);
        expect(shareVisible(stems, placed, photo).focus).toBeGreaterThanOrEqual(shareVisible(stems, start, photo).focus! - 1e-6);
        expect(placed.scale).toBe(start.scale);
        expect(placed.turn).toBe(start.turn);
        const kept = keepCovered(placed, hull, photo);
        expect(Math.hypot(kept.x - placed.x, kept.y - placed.y)).toBeLessThan(1e-6);
      }),
      { numRuns: 30 },
    );
  });

  it('brings the focus onto a letter, not into the gap between two', () => {
    const start = fillOpening(hull, { ...photo, width: 4000, height: 200 }, 0, { flipX: false, flipY: false });
    const wide = { ...photo, width: 4000, height: 200, focus: { x: 2000, y: 60, width: 60, height: 60 } };
    expect(shareVisible(stems, showFocus(stems, hull, start, wide), wide).focus).toBeGreaterThan(0.99);
  });
});
