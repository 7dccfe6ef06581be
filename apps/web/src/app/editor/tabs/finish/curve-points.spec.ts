import { describe, expect, it } from 'vitest';
import { movedPoint, STRAIGHT, withoutPoint, withPoint } from './curve-points';

describe('points of a curve', () => {
  it('lie in their order, and not on each other', () => {
    const added = withPoint(STRAIGHT, 0.4, 0.6)!;
    expect(added).toEqual({ curve: [STRAIGHT[0], { x: 0.4, y: 0.6 }, STRAIGHT[1]], index: 1 });
    expect(withPoint(added.curve, 0.41, 0.9)).toBeNull();
  });

  it('do not pass their neighbours, nor leave the square', () => {
    const { curve } = withPoint(STRAIGHT, 0.5, 0.5)!;
    expect(movedPoint(curve, 1, 2, 2)[1]).toEqual({ x: 0.98, y: 1 });
    expect(movedPoint(curve, 1, -1, -1)[1]).toEqual({ x: 0.02, y: 0 });
    expect(movedPoint(curve, 0, 0.9, 0.3)[0]).toEqual({ x: 0.48, y: 0.3 });
  });

  it('are taken away, but for the ends', () => {
    const { curve } = withPoint(STRAIGHT, 0.5, 0.2)!;
    expect(withoutPoint(curve, 1)).toEqual(STRAIGHT);
    expect(withoutPoint(curve, 0)).toBe(curve);
    expect(withoutPoint(curve, 2)).toBe(curve);
  });

  it('are a dozen at most', () => {
    let curve = STRAIGHT;
    for (let i = 1; i < 30; i++) curve = withPoint(curve, i / 30, i / 30)?.curve ?? curve;
    expect(curve).toHaveLength(12);
  });
});
