import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distanceTo } from './distance.js';

describe('distance', () => {
  it('is that of a search through all pixels', () => {
    const size = fc.integer({ min: 1, max: 14 });
    fc.assert(
      fc.property(
        size,
        size,
        fc.array(fc.integer({ min: 0, max: 255 }), { minLength: 196, maxLength: 196 }),
        (width, height, values) => {
          const data = Uint8Array.from(values.slice(0, width * height), (value) => (value > 235 ? 255 : 0));
          const found = distanceTo({ width, height, data }, 128);
          for (let i = 0; i < data.length; i++) {
            let nearest = Infinity;
            for (let j = 0; j < data.length; j++) {
              if (data[j] === 0) continue;
              nearest = Math.min(nearest, Math.hypot((i % width) - (j % width), Math.floor(i / width) - Math.floor(j / width)));
            }
            if (nearest === Infinity) expect(found[i]).toBe(Infinity);
            else expect(found[i]).toBeCloseTo(nearest, 4);
          }
        },
      ),
    );
  });
});
