import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blurPixels, blurPlane, blurReach } from './blur.js';
import { newPlane } from './plane.js';

describe('blur', () => {
  it('spreads a point as a Gaussian of the same standard deviation does', () => {
    fc.assert(
      fc.property(fc.double({ min: 1.8, max: 9, noNaN: true }), (sigma) => {
        const size = 121;
        const plane = newPlane(size, size);
        // A block, since a single pixel would round to nothing.
        const block = 9;
        for (let y = -block; y <= block; y++) for (let x = -block; x <= block; x++) plane.data[(60 + y) * size + 60 + x] = 255;
        const { data } = blurPlane(plane, sigma);
        let [sum, square] = [0, 0];
        for (let i = 0; i < data.length; i++) {
          sum += data[i]!;
          square += data[i]! * ((i % size) - 60) ** 2;
        }
        const own = (block * (block + 1)) / 3;
        expect(Math.abs(sum / (255 * (2 * block + 1) ** 2) - 1)).toBeLessThan(0.03);
        expect(Math.abs(Math.sqrt(square / sum - own) / sigma - 1)).toBeLessThan(0.12);
      }),
      { numRuns: 30 },
    );
  });

  it('reaches no further than it says', () => {
    for (const sigma of [0.4, 1, 2.7, 8]) {
      const plane = newPlane(101, 1);
      plane.data[50] = 255;
      const { data } = blurPlane({ ...plane, height: 1 }, sigma);
      const reach = blurReach(sigma);
      data.forEach((value, x) => {
        if (Math.abs(x - 50) > reach) expect(value).toBe(0);
      });
    }
  });

  it('does not depend on how much room there is around what is blurred', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 9, noNaN: true }),
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 0, max: 40 }),
        (sigma, dx, dy) => {
          const [tight, wide] = [newPlane(14, 11), newPlane(80, 90)];
          for (let y = 0; y < 11; y++) {
            for (let x = 0; x < 14; x++) {
              const value = (x * 53 + y * 91) % 256;
              tight.data[y * 14 + x] = value;
              wide.data[(y + dy) * 80 + x + dx] = value;
            }
          }
          const [a, b] = [blurPlane(tight, sigma), blurPlane(wide, sigma)];
          for (let y = 0; y < 11; y++) {
            for (let x = 0; x < 14; x++) {
              expect(Math.abs(a.data[y * 14 + x]! - b.data[(y + dy) * 80 + x + dx]!)).toBeLessThanOrEqual(1);
            }
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  it('keeps an even picture as it is, and lets no colour of clear pixels in', () => {
    const even = { width: 20, height: 10, data: new Uint8ClampedArray(800).map((_, i) => [121, 60, 199, 255][i % 4]!) };
    expect([...blurPixels(even, 3).data]).toEqual([...even.data]);
    const half = { width: 40, height: 4, data: new Uint8ClampedArray(640) };
    for (let i = 0; i < 160; i++) half.data.set(i % 40 < 20 ? [200, 10, 10, 255] : [0, 255, 0, 0], i * 4);
    const { data } = blurPixels(half, 2);
    for (let x = 0; x < 24; x++) expect(Math.abs(data[x * 4]! - 200)).toBeLessThanOrEqual(1);
    expect(data[20 * 4 + 3]).toBeGreaterThan(60);
    expect(data[20 * 4 + 3]).toBeLessThan(195);
  });

  it('is the same blur where it averages first: a wide one is a narrow one of the small picture', () => {
    const [width, height] = [150, 90];
    const data = new Uint8ClampedArray(width * height * 4);
    for (let i = 0; i < width * height; i++) {
      const [x, y] = [i % width, Math.floor(i / width)];
      data.set([x * 1.5, (x >> 3) % 2 === (y >> 3) % 2 ? 220 : 30, y * 2, x > 100 ? 120 : 255], i * 4);
    }
    const picture = { width, height, data };
    for (const sigma of [6, 9, 13, 26]) {
      // A Gaussian, px by px.
      const reach = Math.ceil(sigma * 3.5);
      const weights = Array.from({ length: 2 * reach + 1 }, (_, i) => Math.exp(-((i - reach) ** 2) / (2 * sigma * sigma)));
      const blurred = blurPixels(picture, sigma);
      for (const [px, py] of [
        [40, 40],
        [75, 20],
        [98, 60],
        [130, 45],
      ] as const) {
        let [sum, whole] = [0, 0];
        for (let dy = -reach; dy <= reach; dy++) {
          for (let dx = -reach; dx <= reach; dx++) {
            const [x, y] = [Math.min(width - 1, Math.max(0, px + dx)), Math.min(height - 1, Math.max(0, py + dy))];
            const weight = weights[dx + reach]! * weights[dy + reach]! * data[(y * width + x) * 4 + 3]!;
            sum += weight * data[(y * width + x) * 4 + 1]!;
            whole += weight;
          }
        }
        expect(Math.abs(blurred.data[(py * width + px) * 4 + 1]! - sum / whole)).toBeLessThan(3);
      }
    }
  });
});
