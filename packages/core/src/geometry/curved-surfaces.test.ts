import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clothOff, MUG, MUG_RADIUS, mugTruth, toteHandles, toteSurface, tubeOff } from '../../testing/product-truth.js';
import { FOLD_SIDE, riseAt } from './cloth-folds.js';
import { clothCorners, clothSurface, flatCloth } from './cloth-surface.js';
import { curvedLay, projectedLay, seenEdge } from './lay.js';
import { project, projectionTo } from './quad.js';
import { tubeSurface } from './tube-surface.js';

const share = fc.double({ min: 0, max: 1, noNaN: true });
const mug = tubeSurface(MUG)!;

describe('a rectangle round a tube', () => {
  it('lies as the wall of a mug does in its photo, within 1 px', () => {
    expect(tubeOff(MUG).rms).toBeLessThan(1);
    // With the distance of the camera known it is nearly exact.
    expect(tubeOff({ ...MUG, kappa: 4.2 / 77 }).rms).toBeLessThan(0.3);
    // A flat picture between the same corners is far off.
    const flat = project(projectionTo(MUG.corners, 1, 1)!, { x: 0.25, y: 0 });
    const truth = mugTruth(Math.asin(-0.5), 0);
    expect(Math.hypot(flat.x - truth.x, flat.y - truth.y)).toBeGreaterThan(20);
  });

  it('shows what is 80 mm wide as 80 mm of the wall, within 1 %', () => {
    const half = (80 / 2 / MUG_RADIUS) * (180 / Math.PI);
    const print = tubeSurface({ ...MUG, half })!;
    const [left, right] = [print.seen(0, 0.5)!, print.seen(1, 0.5)!];
    const [trueLeft, trueRight] = [mugTruth(-80 / 2 / MUG_RADIUS, 0.5), mugTruth(80 / 2 / MUG_RADIUS, 0.5)];
    expect(Math.abs((right.x - left.x) / (trueRight.x - trueLeft.x) - 1)).toBeLessThan(0.01);
  });

  it('is found again at each place where it is seen', () => {
    fc.assert(
      fc.property(share, share, fc.integer({ min: -40, max: 40 }), (u, v, turn) => {
        const turned = tubeSurface({ ...MUG, turn })!;
        const seen = turned.seen(u, v);
        if (!seen) return;
        const [backU, backV] = turned.at(seen.x, seen.y)!;
        expect(backU).toBeCloseTo(u, 3);
        expect(backV).toBeCloseTo(v, 4);
      }),
    );
  });

  it('is not seen where it is turned away, and nothing of it beside the tube', () => {
    const whole = tubeSurface({ ...MUG, half: 120 })!;
    expect(whole.seen(0, 0.5)).toBeNull();
    expect(whole.seen(0.5, 0.5)).not.toBeNull();
    // Of 240 degrees no more than half is turned to the eye.
    expect(whole.from).toBeGreaterThan(0.12);
    expect(whole.to).toBeLessThan(0.88);
    expect(whole.at(200, 900)).toBeNull();
    expect(whole.at(1500, 900)).toBeNull();
  });

  it('goes round when it is turned: what was in the middle lies to the right', () => {
    const turned = tubeSurface({ ...MUG, turn: 30 })!;
    expect(turned.seen(0.5, 0.5)!.x).toBeCloseTo(mugTruth(Math.PI / 6, 0.5).x, -0.5);
    expect(tubeSurface({ ...MUG, half: 0 })).toBeNull();
  });
});

describe('a rectangle on cloth', () => {
  it('goes through its sixteen places, and back', () => {
    const cloth = toteSurface();
    toteHandles().forEach((handle, i) => {
      const seen = cloth.seen((i % 4) / 3, Math.floor(i / 4) / 3)!;
      expect(Math.hypot(seen.x - handle.x, seen.y - handle.y)).toBeLessThan(1e-6);
    });
    fc.assert(
      fc.property(share, share, (u, v) => {
        const seen = cloth.seen(u, v)!;
        const [backU, backV] = cloth.at(seen.x, seen.y)!;
        expect(backU).toBeCloseTo(u, 4);
        expect(backV).toBeCloseTo(v, 4);
      }),
    );
  });

  it('goes there and back through folds, follows them by a share, and lies where it did without', () => {
    const rises = Array.from({ length: FOLD_SIDE ** 2 }, (_, i) => 0.006 * Math.sin(i / 3) * Math.cos(i / 40));
    const folds = { middle: { x: 1000, y: 1000 }, rises };
    const [bare, folded] = [toteSurface(), toteSurface(folds)];
    const [half, none] = [clothSurface(toteHandles(), folds, 0.5)!, clothSurface(toteHandles(), folds, 0)!];
    for (let u = 0.05; u < 1; u += 0.15) {
      for (let v = 0.05; v < 1; v += 0.15) {
        const [seen, even] = [folded.seen(u, v)!, bare.seen(u, v)!];
        const rise = riseAt(rises, u, v);
        expect(seen.x - even.x).toBeCloseTo(rise * (even.x - 1000), 9);
        expect(seen.y - even.y).toBeCloseTo(rise * (even.y - 1000), 9);
        expect(half.seen(u, v)!.x).toBeCloseTo((seen.x + even.x) / 2, 9);
        expect(none.seen(u, v)).toEqual(even);
        const [backU, backV] = folded.at(seen.x, seen.y)!;
        expect(backU).toBeCloseTo(u, 4);
        expect(backV).toBeCloseTo(v, 4);
      }
    }
  });

  it('lies as simulated cloth does, far nearer than four corners', () => {
    const [cloth, flat] = [clothOff(toteSurface()), clothOff(clothSurface(flatCloth(clothCorners(toteHandles())))!)];
    expect(cloth.rms).toBeLessThan(1.8);
    expect(flat.rms).toBeGreaterThan(5 * cloth.rms);
  });

  it('is four corners in perspective where nobody pulled at it', () => {
    const cloth = clothSurface(flatCloth(MUG.corners))!;
    const onto = projectionTo(MUG.corners, 1, 1)!;
    fc.assert(
      fc.property(share, share, (u, v) => {
        const [seen, even] = [cloth.seen(u, v)!, project(onto, { x: u, y: v })];
        expect(Math.hypot(seen.x - even.x, seen.y - even.y)).toBeLessThan(1e-6);
      }),
    );
  });
});

describe('how a rectangle lies', () => {
  it('has an edge that begins and ends at its corners, in many short lines where it is curved', () => {
    const lay = curvedLay(mug, { width: 160, height: 65 });
    const edge = seenEdge(lay, lay.sight);
    expect(edge.length).toBeGreaterThan(100);
    const [first] = edge;
    const corner = lay.onto({ x: lay.sight.x, y: 0 })!;
    expect(first).toEqual(corner);
    const flat = projectedLay(projectionTo(MUG.corners, 160, 65)!, { width: 160, height: 65 })!;
    const corners = seenEdge(flat, flat.sight);
    expect(corners).toHaveLength(4);
    corners.forEach((seen, i) => {
      expect(seen.x).toBeCloseTo(MUG.corners[i]!.x, 6);
      expect(seen.y).toBeCloseTo(MUG.corners[i]!.y, 6);
    });
  });
});
