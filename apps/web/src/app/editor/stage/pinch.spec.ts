import { placementMatrix, apply, type Placement, type Point } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { between, pinchedPlacement } from './pinch';

const photo = { width: 800, height: 600 };
const placement: Placement = { x: 130, y: 90, scale: 0.4, turn: 12, flipX: false, flipY: true };

describe('two fingers', () => {
  it('say how far they have opened and turned', () => {
    const start: [Point, Point] = [
      { x: 10, y: 10 },
      { x: 110, y: 10 },
    ];
    expect(
      between(start, [
        { x: 0, y: 0 },
        { x: 200, y: 0 },
      ]),
    ).toEqual({ factor: 2, turned: 0 });
    const turned = between(start, [
      { x: 60, y: 0 },
      { x: 60, y: 50 },
    ]);
    expect(turned.factor).toBeCloseTo(0.5, 9);
    expect(turned.turned).toBeCloseTo(90, 9);
  });

  it('do not divide by nothing when they begin at one place', () => {
    const { factor } = between(
      [
        { x: 5, y: 5 },
        { x: 5, y: 5 },
      ],
      [
        { x: 0, y: 0 },
        { x: 30, y: 40 },
      ],
    );
    expect(factor).toBe(50);
  });

  it('keep the point of the photo that lies between them between them', () => {
    const about = { x: 70, y: 40 };
    const to = { x: 95, y: 33 };
    for (const [factor, turned] of [
      [1, 0],
      [1.7, 0],
      [0.6, 35],
      [2.2, -80],
    ] as const) {
      const next = pinchedPlacement(placement, about, to, factor, turned);
      expect(next.scale).toBeCloseTo(placement.scale * factor, 9);
      // The point of the photo that was at `about` before is at `to` now.
      const before = placementMatrix(placement, photo);
      const det = before.a * before.d - before.b * before.c;
      const [dx, dy] = [about.x - before.e, about.y - before.f];
      const onPhoto = { x: (before.d * dx - before.c * dy) / det, y: (before.a * dy - before.b * dx) / det };
      const now = apply(placementMatrix(next, photo), onPhoto);
      expect(now.x).toBeCloseTo(to.x, 6);
      expect(now.y).toBeCloseTo(to.y, 6);
    }
  });
});
