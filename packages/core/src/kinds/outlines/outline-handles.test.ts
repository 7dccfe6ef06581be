import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Outline } from './outlines.js';
import { outlineHandles } from './outlines.js';

const OUTLINES: readonly Outline[] = [
  { type: 'trapezoid', slant: 0.3 },
  { type: 'star', points: 5, depth: 0.5 },
  { type: 'ring', hole: 0.4 },
  { type: 'ticket', notch: 0.15 },
  { type: 'speech', tail: 0.3, reach: 0.2 },
  { type: 'rectangle', radii: [10, 10, 10, 10] },
  {
    type: 'corners',
    points: [
      { x: 0.1, y: 0 },
      { x: 1, y: 0.1 },
      { x: 0.9, y: 1 },
      { x: 0, y: 0.8 },
    ],
    warp: true,
  },
];

describe('handles of outlines', () => {
  it('stay under the pointer that drags them, as far as the form allows', () => {
    const size = fc.double({ min: 40, max: 900, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...OUTLINES),
        size,
        size,
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.nat(),
        (outline, w, h, by, which) => {
          const handles = outlineHandles(outline, w, h);
          const index = which % handles.length;
          const { at, drag, name } = handles[index]!;
          const moved = outlineHandles(drag({ x: at.x + by, y: at.y + by }), w, h)[index]!;
          const there = { x: moved.at.x - at.x, y: moved.at.y - at.y };
          // A handle runs on a line of its own: it goes as far as the pointer goes along that line, never further.
          expect(Math.hypot(there.x, there.y)).toBeLessThanOrEqual(Math.hypot(by, by) + 1e-6);
          expect(drag(at)).toEqual(expect.objectContaining({ type: outline.type }));
          const still = outlineHandles(drag(at), w, h)[index]!.at;
          expect(still.x).toBeCloseTo(at.x, 6);
          expect(still.y).toBeCloseTo(at.y, 6);
          expect(name).toMatch(/^[A-Z]/);
        },
      ),
    );
  });

  it('change what they are called after', () => {
    const [slant] = outlineHandles({ type: 'trapezoid', slant: 0 }, 100, 50);
    expect(slant!.drag({ x: 80, y: 3 })).toEqual({ type: 'trapezoid', slant: expect.closeTo(0.4, 9) as number });
    expect(slant!.drag({ x: 110, y: 3 })).toMatchObject({ slant: expect.closeTo(-0.2) as number });
    const [hole] = outlineHandles({ type: 'ring', hole: 0.2 }, 100, 100);
    expect(hole!.drag({ x: 75, y: 50 })).toEqual({ type: 'ring', hole: 0.5 });
    expect(outlineHandles({ type: 'heart' }, 10, 10)).toEqual([]);
  });

  it('never fold four corners over', () => {
    const corners = OUTLINES.at(-1)!;
    const [first] = outlineHandles(corners, 100, 100);
    expect(first!.drag({ x: 95, y: 95 })).toBe(corners);
    expect(first!.drag({ x: -20, y: -10 })).toMatchObject({ points: [{ x: -0.2, y: -0.1 }, {}, {}, {}] });
  });
});
