import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sampleWarped } from '../photo/sample-warped.js';
import { asProjection, invertProjection, multiplyProjections, project, projectionTo, type Quad } from './quad.js';

const near = (x: number, y: number) =>
  fc.record({ x: fc.double({ min: x - 70, max: x + 70, noNaN: true }), y: fc.double({ min: y - 70, max: y + 70, noNaN: true }) });
const quads = fc.tuple(near(100, 100), near(500, 100), near(500, 400), near(100, 400)) as fc.Arbitrary<Quad>;

describe('projections', () => {
  it('take the corners of the rectangle to those of the quad, and back', () => {
    fc.assert(
      fc.property(
        quads,
        fc.double({ min: 0, max: 320, noNaN: true }),
        fc.double({ min: 0, max: 240, noNaN: true }),
        (quad, x, y) => {
          const m = projectionTo(quad, 320, 240)!;
          const corners = [
            { x: 0, y: 0 },
            { x: 320, y: 0 },
            { x: 320, y: 240 },
            { x: 0, y: 240 },
          ];
          corners.forEach((corner, i) => {
            expect(project(m, corner).x).toBeCloseTo(quad[i]!.x, 6);
            expect(project(m, corner).y).toBeCloseTo(quad[i]!.y, 6);
          });
          const back = project(invertProjection(m)!, project(m, { x, y }));
          expect(back.x).toBeCloseTo(x, 5);
          expect(back.y).toBeCloseTo(y, 5);
        },
      ),
    );
  });

  it('keep straight lines straight', () => {
    fc.assert(
      fc.property(quads, (quad) => {
        const m = projectionTo(quad, 100, 100)!;
        const [a, b, c] = [0, 0.37, 1].map((t) => project(m, { x: 10 + 80 * t, y: 20 + 50 * t })) as [Quad[0], Quad[0], Quad[0]];
        expect(Math.abs((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x))).toBeLessThan(1e-5);
      }),
    );
  });

  it('follow one another', () => {
    const shift = asProjection({ a: 1, b: 0, c: 0, d: 1, e: 5, f: -3 });
    const m = projectionTo(
      [
        { x: 0, y: 0 },
        { x: 90, y: 10 },
        { x: 100, y: 80 },
        { x: -5, y: 70 },
      ],
      10,
      10,
    )!;
    const [p, q] = [project(multiplyProjections(shift, m), { x: 4, y: 7 }), project(m, { x: 4, y: 7 })];
    expect(p.x).toBeCloseTo(q.x + 5, 9);
    expect(p.y).toBeCloseTo(q.y - 3, 9);
  });

  it('say when the corners are of no use', () => {
    const line: Quad = [
      { x: 0, y: 0 },
      { x: 1, y: 1 },
      { x: 2, y: 2 },
      { x: 3, y: 3 },
    ];
    expect(projectionTo(line, 10, 10)).toBeNull();
    expect(invertProjection([0, 0, 0, 0, 0, 0, 0, 0, 1])).toBeNull();
  });

  it('warp a chequered board so that its edges lie within half a px of where perspective puts them', () => {
    const [squares, side] = [8, 40];
    const size = squares * side;
    const board = { width: size, height: size, data: new Uint8ClampedArray(size * size * 4).fill(255) };
    for (let i = 0; i < size * size; i++) {
      const isDark = (Math.floor((i % size) / side) + Math.floor(i / size / side)) % 2 === 0;
      if (isDark) board.data.set([0, 0, 0], i * 4);
    }
    const quad: Quad = [
      { x: 40, y: 30 },
      { x: 360, y: 70 },
      { x: 330, y: 380 },
      { x: 70, y: 300 },
    ];
    const toQuad = projectionTo(quad, size, size)!;
    const { data } = sampleWarped(board, invertProjection(toQuad)!, 400, 400);
    // Along the middle of each row of squares the borders of the columns are found by where grey crosses the middle.
    let most = 0;
    for (let row = 0; row < squares; row++) {
      for (let column = 1; column < squares; column++) {
        const wanted = project(toQuad, { x: column * side, y: (row + 0.5) * side });
        const y = Math.floor(wanted.y);
        const exact = borderOn(toQuad, column * side, y + 0.5);
        let found = NaN;
        for (let x = Math.floor(exact) - 5; x < exact + 5; x++) {
          const [p, q] = [data[(y * 400 + x) * 4]!, data[(y * 400 + x + 1) * 4]!];
          if ((p - 127.5) * (q - 127.5) <= 0 && p !== q) found = x + 0.5 + (127.5 - p) / (q - p);
        }
        most = Math.max(most, Math.abs(found - exact));
      }
    }
    expect(most).toBeLessThan(0.5);
  });
});

/** Where the image of the line x = `column` crosses the row y. */
function borderOn(m: Parameters<typeof project>[0], column: number, y: number): number {
  const [a, b] = [project(m, { x: column, y: 0 }), project(m, { x: column, y: 320 })];
  return a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x);
}
