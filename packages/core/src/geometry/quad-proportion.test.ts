import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quadProportion, type SeenPicture } from './quad-proportion.js';
import { seenRectangle, seenThrough, CAMERAS } from '../../testing/seen-rectangle.js';
import { projectionTo, project } from './quad.js';

const picture: SeenPicture = { middle: { x: 800, y: 600 }, diagonal: 2000 };

describe('the proportion of a rectangle that was photographed', () => {
  it('is found from its four corners alone, within 1 %', () => {
    fc.assert(
      fc.property(CAMERAS, fc.double({ min: 0.3, max: 3, noNaN: true }), (camera, proportion) => {
        const quad = seenRectangle(camera, proportion, picture);
        fc.pre(quad !== null);
        expect(quadProportion(quad, picture)! / proportion).toBeGreaterThan(0.99);
        expect(quadProportion(quad, picture)! / proportion).toBeLessThan(1.01);
      }),
      { numRuns: 1000 },
    );
  });

  it('lays a board of squares so that each of them is as the camera saw it, within 1 % of its side', () => {
    fc.assert(
      fc.property(CAMERAS, fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 6 }), (camera, columns, rows) => {
        const quad = seenRectangle(camera, columns / rows, picture);
        fc.pre(quad !== null);
        const proportion = quadProportion(quad, picture)!;
        const toQuad = projectionTo(quad, proportion * rows, rows)!;
        // The square in the middle, laid by the proportion that was found, against the same one on the board.
        const [x, y] = [Math.floor(columns / 2), Math.floor(rows / 2)];
        const side = seenThrough(camera, { x: x + 0.5, y }, columns, rows, picture);
        const laid = project(toQuad, { x: x + 0.5, y });
        const next = seenThrough(camera, { x: x + 0.5, y: y + 1 }, columns, rows, picture);
        const most = 0.01 * columns * Math.hypot(next.x - side.x, next.y - side.y) + 0.5;
        expect(Math.hypot(laid.x - side.x, laid.y - side.y)).toBeLessThan(most);
      }),
    );
  });

  it('is that of its sides where it is seen straight on, and of a parallelogram too', () => {
    const straight = (width: number, height: number) =>
      [
        { x: 700, y: 500 },
        { x: 700 + width, y: 500 },
        { x: 700 + width, y: 500 + height },
        { x: 700, y: 500 + height },
      ] as const;
    expect(quadProportion(straight(300, 200), picture)).toBeCloseTo(1.5, 9);
    expect(quadProportion(straight(20, 200), picture)).toBeCloseTo(0.1, 9);
  });

  it('is none of corners on a line', () => {
    const line = [0, 1, 2, 3].map((i) => ({ x: 100 + i, y: 100 + i })) as unknown as Parameters<typeof quadProportion>[0];
    expect(quadProportion(line, picture)).toBeNull();
  });
});
