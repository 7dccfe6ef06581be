import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Plane } from '../finish/plane.js';
import { changedPlaces, pointIn, pxAt } from './changed-places.js';

const [WIDTH, HEIGHT] = [9, 7];
/** A mask of rows of '#' (subject) and '.'. */
function mask(rows: readonly string[]): Plane {
  return {
    width: rows[0]!.length,
    height: rows.length,
    data: Uint8Array.from(rows.join(''), (sign) => (sign === '#' ? 255 : 0)),
  };
}

describe('what a stroke changed', () => {
  it('is near where it touches the stroke, be it at a corner, and far elsewhere', () => {
    const before = mask(['##....', '##....', '......', '......']);
    const after = mask(['.#....', '#.....', '..##..', '.....#']);
    const stroke = new Uint8Array(24);
    stroke[0] = 1;
    const { near, far } = changedPlaces(before, after, stroke);
    // The first and the fourth px touch at a corner; the stroke lies on one of them.
    expect(near).toEqual([{ px: [0, 7], isSubject: false }]);
    expect(far).toEqual([
      { px: [14, 15], isSubject: true },
      { px: [23], isSubject: true },
    ]);
  });

  it('is each changed px in exactly one place, and nothing else', () => {
    const plane = fc
      .array(fc.constantFrom(0, 255), { minLength: WIDTH * HEIGHT, maxLength: WIDTH * HEIGHT })
      .map((data): Plane => ({ width: WIDTH, height: HEIGHT, data: Uint8Array.from(data) }));
    const strokes = fc.array(fc.constantFrom(0, 0, 0, 1), { minLength: WIDTH * HEIGHT, maxLength: WIDTH * HEIGHT });
    fc.assert(
      fc.property(plane, plane, strokes, (before, after, stroke) => {
        const { near, far } = changedPlaces(before, after, Uint8Array.from(stroke));
        const found = [...near, ...far].flatMap(({ px, isSubject }) => px.map((i) => [i, isSubject ? 255 : 0] as const));
        const changed = [...after.data].flatMap((value, i) => (value === before.data[i] ? [] : [[i, value] as const]));
        expect(found.toSorted((a, b) => a[0] - b[0])).toEqual(changed);
        // No px of a place that is far lies under the stroke.
        expect(far.flatMap(({ px }) => px).filter((i) => stroke[i] === 1)).toEqual([]);
      }),
    );
  });

  it('is named by a point in the photo that leads back to its px', () => {
    for (const scale of [1, 0.32, 0.1]) {
      for (const px of [0, 13, 62]) {
        const [x, y] = pointIn({ px: [px], isSubject: true }, { width: WIDTH, scale });
        expect(pxAt(x, y, { width: WIDTH, scale })).toBe(px);
      }
    }
  });
});
