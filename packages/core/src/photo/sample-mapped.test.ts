import { describe, expect, it } from 'vitest';
import { multiply, rotation, scaling, translation } from '../geometry/matrix.js';
import type { Pixels } from './pixels.js';
import { mappedScale, sampleMapped, type PixelMap } from './sample-mapped.js';

function picture(
  width: number,
  height: number,
  colour: (x: number, y: number) => readonly [number, number, number, number],
): Pixels {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) data.set(colour(x, y), 4 * (y * width + x));
  return { width, height, data };
}

function mapOf(width: number, height: number, place: (x: number, y: number) => readonly [number, number]): PixelMap {
  const places = new Float32Array(2 * width * height);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) places.set(place(x + 0.5, y + 0.5), 2 * (y * width + x));
  return { width, height, places };
}

const steps = picture(8, 6, (x, y) => [x * 30, y * 40, 200, 255]);

describe('a picture seen through a map', () => {
  it('is itself where each px comes from its own place', () => {
    expect(
      sampleMapped(
        steps,
        mapOf(8, 6, (x, y) => [x, y]),
        scaling(1),
      ),
    ).toEqual(steps);
  });

  it('mixes all that a px covers, and so does a level with half of the px', () => {
    const halved = mapOf(4, 3, (x, y) => [2 * x, 2 * y]);
    expect(mappedScale(halved)).toBeCloseTo(2, 5);
    const { data } = sampleMapped(steps, halved, scaling(1));
    // In the middle, the mean of its four px.
    expect([...data.subarray(4 * 5, 4 * 5 + 4)]).toEqual([75, 100, 200, 255]);
    const level = picture(4, 3, (x, y) => [x * 60 + 15, y * 80 + 20, 200, 255]);
    expect([...sampleMapped(level, halved, scaling(0.5)).data.subarray(4 * 5, 4 * 5 + 4)]).toEqual([75, 100, 200, 255]);
  });

  it('is clear where it comes from nowhere, and repeats the outermost px beyond the edge', () => {
    const map = mapOf(3, 1, (x, y) => (x > 2 ? [NaN, NaN] : [x - 4, y]));
    const { data } = sampleMapped(steps, map, scaling(1));
    expect([...data.subarray(0, 4)]).toEqual([0, 0, 200, 255]);
    expect([...data.subarray(8, 12)]).toEqual([0, 0, 0, 0]);
  });

  it('weighs colours by their alpha: what is clear has none', () => {
    const half = picture(2, 1, (x) => (x === 0 ? [250, 10, 10, 255] : [0, 255, 0, 0]));
    const { data } = sampleMapped(
      half,
      mapOf(1, 1, () => [1, 0.5]),
      scaling(1),
    );
    expect([...data]).toEqual([250, 10, 10, 128]);
  });

  it('leaves out only what covers nothing that is seen: with a mark in the middle of a clear picture, in any place', () => {
    const mark = picture(40, 30, (x, y) => (x > 14 && x < 26 && y > 9 && y < 21 ? [200, 40, 90, 255] : [0, 0, 0, 0]));
    for (const turn of [0, 30, 90]) {
      const toSource = multiply(translation(20, 15), multiply(rotation(turn), multiply(scaling(2.5), translation(-10, -8))));
      const { data, width } = sampleMapped(
        mark,
        mapOf(20, 16, (x, y) => [x, y]),
        toSource,
      );
      let sum = 0;
      for (let i = 3; i < data.length; i += 4) sum += data[i]! / 255;
      // Each px is 2.5 x 2.5 of the picture.
      expect(Math.abs(sum * 2.5 ** 2 - 11 * 11)).toBeLessThan(6);
      expect(data[4 * (8 * width + 10) + 3]).toBe(255);
    }
  });
});
