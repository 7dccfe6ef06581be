import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chain, rectanglePath, rotation, scaling, translation, type Matrix, type Path } from '@kadrosyn/core';
import { fillPathAt, keepInside, takeOut } from './fill-path.js';
import { NODE_ENVIRONMENT } from '../node/index.js';

const SIZE = 160;
const drop: Path = {
  commands: ['M', 'C', 'C', 'L', 'Z'],
  coords: [0, 30, 0, 13, 13, 0, 30, 0, 47, 0, 60, 13, 60, 30, 25, 63],
};
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const matrices = fc
  .tuple(number(-180, 180), number(0.5, 1.2), number(70, 90), number(70, 90))
  .map(([turn, scale, x, y]) => chain(translation(x, y), rotation(turn), scaling(scale), translation(-30, -30)));

/** Coverage of what is drawn on a canvas of its own. */
function drawn(size: number, run: (context: ReturnType<typeof NODE_ENVIRONMENT.createSurface>['context']) => void): Uint8Array {
  const { context } = NODE_ENVIRONMENT.createSurface(size, size);
  context.fillStyle = '#000000';
  run(context);
  return context.getImageData(0, 0, size, size).data.filter((_, i) => i % 4 === 3) as unknown as Uint8Array;
}

describe('filling paths', () => {
  it('gives the very same pixels on another canvas, moved by whole px', () => {
    fc.assert(
      fc.property(matrices, fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 40 }), (m, dx, dy) => {
        const here = drawn(SIZE, (context) => fillPathAt(context, m, drop));
        const there = drawn(SIZE + 50, (context) => fillPathAt(context, chain(translation(dx, dy), m), drop));
        let different = 0;
        for (let y = 0; y < SIZE; y++)
          for (let x = 0; x < SIZE; x++) if (here[y * SIZE + x] !== there[(y + dy) * (SIZE + 50) + x + dx]) different++;
        expect(different).toBe(0);
      }),
      { numRuns: 150 },
    );
  });

  it('keeps what is inside and takes out what is inside, whatever the transform', () => {
    const whole = (context: Parameters<typeof fillPathAt>[0]): void => context.fillRect(0, 0, SIZE, SIZE);
    const wide: fc.Arbitrary<Matrix> = fc
      .tuple(number(-180, 180), number(0.3, 3), number(-400, 200), number(-400, 200))
      .map(([turn, scale, x, y]) => chain(translation(x, y), rotation(turn), scaling(scale)));
    fc.assert(
      fc.property(wide, number(20, 900), number(20, 900), (m, width, height) => {
        const path = rectanglePath(width, height);
        const covered = drawn(SIZE, (context) => fillPathAt(context, m, path));
        const kept = drawn(SIZE, (context) => {
          whole(context);
          keepInside(context, m, path);
        });
        const left = drawn(SIZE, (context) => {
          whole(context);
          takeOut(context, m, path);
        });
        let farthest = 0;
        for (let i = 0; i < covered.length; i++) {
          farthest = Math.max(farthest, Math.abs(kept[i]! - covered[i]!), Math.abs(left[i]! - (255 - covered[i]!)));
        }
        expect(farthest).toBeLessThanOrEqual(1);
      }),
      { numRuns: 60 },
    );
  });
});
