import { describe, expect, it } from 'vitest';
import { outlinePath } from '../kinds/outlines/outlines.js';
import { distanceToEdge, polygonBounds, signedArea } from './polygon.js';
import { flatten, PathBuilder, toPathData, transformPath } from './path.js';
import { testShaper } from '../../testing/test-shaper.js';

const shaper = await testShaper();

describe('flattening', () => {
  it('stays within the tolerance of a circle', () => {
    const path = outlinePath({ type: 'ellipse' }, 400, 400, shaper);
    for (const tolerance of [2, 0.25, 0.01]) {
      const [polygon] = flatten(path, tolerance);
      let worst = 0;
      for (let i = 0; i < polygon!.length; i += 2) {
        const j = (i + 2) % polygon!.length;
        const [mx, my] = [(polygon![i]! + polygon![j]!) / 2, (polygon![i + 1]! + polygon![j + 1]!) / 2];
        worst = Math.max(worst, 200 - Math.hypot(mx - 200, my - 200));
      }
      // The cubics themselves are up to 0.03 % off a circle.
      expect(worst).toBeLessThan(tolerance + 0.06);
    }
  });

  it('gives one polygon for each subpath and leaves lines alone', () => {
    const path = new PathBuilder()
      .moveTo(0, 0)
      .lineTo(10, 0)
      .lineTo(10, 10)
      .close()
      .moveTo(2, 2)
      .lineTo(4, 2)
      .lineTo(4, 4)
      .close()
      .build();
    expect(flatten(path).map((polygon) => [...polygon])).toEqual([
      [0, 0, 10, 0, 10, 10],
      [2, 2, 4, 2, 4, 4],
    ]);
  });

  it('follows quadratics', () => {
    const path = new PathBuilder().moveTo(0, 0).quadTo(50, 100, 100, 0).close().build();
    const polygons = flatten(path, 0.01);
    expect(distanceToEdge(polygons, { x: 50, y: 50 })).toBeLessThan(0.02);
  });
});

describe('outlines', () => {
  it('fill their box', () => {
    for (const type of ['ellipse', 'arch'] as const) {
      const bounds = polygonBounds(flatten(outlinePath({ type }, 300, 500, shaper)));
      expect(bounds.x).toBeCloseTo(0);
      expect(bounds.y).toBeCloseTo(0);
      expect(bounds.width).toBeCloseTo(300);
      expect(bounds.height).toBeCloseTo(500);
    }
  });

  it('have the area of the true shape', () => {
    const area = (outline: Parameters<typeof outlinePath>[0]) =>
      signedArea(flatten(outlinePath(outline, 200, 300, shaper), 0.01)[0]!);
    expect(area({ type: 'ellipse' })).toBeCloseTo(Math.PI * 100 * 150, -2);
    expect(area({ type: 'arch' })).toBeCloseTo((Math.PI * 100 ** 2) / 2 + 200 * 200, -2);
    expect(area({ type: 'rectangle', radii: [0, 0, 0, 0] })).toBeCloseTo(60_000);
    expect(area({ type: 'rectangle', radii: [40, 40, 40, 40] })).toBeCloseTo(60_000 - (4 - Math.PI) * 1600, -1);
  });

  it('shrink radii together where they are too large', () => {
    const path = outlinePath({ type: 'rectangle', radii: [300, 300, 300, 300] }, 100, 100, shaper);
    expect(signedArea(flatten(path, 0.01)[0]!)).toBeCloseTo(Math.PI * 2500, -2);
  });

  it('give an arch wider than high half an ellipse of its full height', () => {
    const polygons = flatten(outlinePath({ type: 'arch' }, 400, 100, shaper), 0.01);
    expect(signedArea(polygons[0]!)).toBeCloseTo((Math.PI * 200 * 100) / 2, -2);
  });
});

describe('path data', () => {
  it('is written and moved as it is', () => {
    const path = new PathBuilder().moveTo(0, 0).cubicTo(1, 2, 3, 4, 5.12349, 6).quadTo(1, 1, 2, 2).lineTo(0, 1).close().build();
    expect(toPathData(path)).toBe('M0 0C1 2 3 4 5.123 6Q1 1 2 2L0 1Z');
    expect(toPathData(transformPath({ a: 2, b: 0, c: 0, d: 2, e: 1, f: 0 }, path), 1)).toBe('M1 0C3 4 7 8 11.2 12Q3 2 5 4L1 2Z');
  });
});
