import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planeOf } from '../../testing/test-planes.js';
import { chain, rotation, scaling, translation } from '../geometry/matrix.js';
import { samplePlane } from './sample-plane.js';

const plane = planeOf(40, [10, 8, 12, 20]);

describe('sampling a plane', () => {
  it('gives it back as it is through the identity, and moved by whole px', () => {
    expect([...samplePlane(plane, scaling(1), 40, 40).data]).toEqual([...plane.data]);
    const { data } = samplePlane(plane, translation(5, -3), 40, 40);
    const at = (x: number, y: number) => data[y * 40 + x];
    // The rectangle from 10, 8 to 22, 28 now lies from 5, 11 to 17, 31.
    expect([at(5, 11), at(16, 30), at(4, 11), at(5, 10), at(17, 20), at(10, 31)]).toEqual([255, 255, 0, 0, 0, 0]);
  });

  it('has nothing beyond its edge, and never more than there is', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(number(-180, 180), number(0.3, 3), number(-30, 30), number(-30, 30), (turn, scale, x, y) => {
        const m = chain(translation(x, y), rotation(turn), scaling(scale));
        const { data } = samplePlane(plane, m, 30, 30);
        for (let i = 0; i < data.length; i++) {
          const [px, py] = [(i % 30) + 0.5, Math.floor(i / 30) + 0.5];
          const u = m.a * px + m.c * py + m.e;
          const v = m.b * px + m.d * py + m.f;
          if (u < -1 || v < -1 || u > 41 || v > 41) expect(data[i]).toBe(0);
          // Well inside the rectangle it is full, well outside empty.
          if (u > 11 && u < 21 && v > 9 && v < 27) expect(data[i]).toBe(255);
          if (u < 9 || u > 23 || v < 7 || v > 29) expect(data[i]).toBe(0);
        }
      }),
    );
  });
});
