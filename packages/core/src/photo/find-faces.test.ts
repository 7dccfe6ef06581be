import { describe, expect, it } from 'vitest';
import { convolve, convolveEach, largest, mix, type Features } from './face-net.js';
import { focusOfFaces, readFaceWeights } from './find-faces.js';

const plane = (width: number, height: number, values: readonly number[]): Features => ({
  data: Float32Array.from(values),
  width,
  height,
  channels: values.length / width / height,
});

describe('the parts of the network', () => {
  it('a full convolution sums what lies around, without a border', () => {
    const input = plane(3, 3, [1, 2, 3, 4, 5, 6, 7, 8, 9]);
    const { data, width, height } = convolve(input, new Float32Array(9).fill(1), Float32Array.of(5));
    expect([width, height, ...data]).toEqual([1, 1, 50]);
  });

  it('what is below zero counts a tenth where a layer bends', () => {
    const input = plane(1, 1, [2, 3]);
    const filters = Float32Array.of(1, -1, 1, -1);
    expect([...mix(input, filters, Float32Array.of(0, 0), true).data]).toEqual([5, -0.5]);
    expect([...mix(input, filters, Float32Array.of(0, 0), false).data]).toEqual([5, -5]);
  });

  it('channels are convolved each for itself, with a border of zeros', () => {
    const input = plane(2, 1, [1, 10, 2, 20]);
    // Only the px to the right counts, for the second channel twice.
    const filters = new Float32Array(18);
    [filters[10], filters[11]] = [1, 2];
    expect([...convolveEach(input, filters).data]).toEqual([2, 40, 0, 0]);
  });

  it('the largest of four is kept, with and without halving', () => {
    const input = plane(3, 2, [1, 5, 2, 0, 3, 9]);
    expect([...largest(input, 2).data]).toEqual([5, 9]);
    expect([...largest(input, 1).data]).toEqual([5, 9, 9, 3, 9, 9]);
  });
});

describe('faces', () => {
  it('weights are read one after the other, and a file that is too short is refused', () => {
    const entries = [
      { name: 'a', shape: [2], quantization: { scale: 0.5, min: -1 } },
      { name: 'b', shape: [1, 1], quantization: { scale: 2, min: 0 } },
    ];
    const { a, b } = readFaceWeights(Uint8Array.of(0, 4, 3), entries);
    expect([[...a!], [...b!]]).toEqual([[-1, 1], [6]]);
    expect(() => readFaceWeights(Uint8Array.of(0, 4), entries)).toThrow(RangeError);
  });

  it('the focus holds the heads of all large faces, within the picture', () => {
    const face = (x: number, height: number) => ({ box: { x, y: 40, width: height, height }, score: 0.9 });
    const picture = { width: 200, height: 100 };
    expect(focusOfFaces([], picture)).toBeNull();
    const focus = focusOfFaces([face(20, 40), face(120, 30), face(180, 10)], picture)!;
    expect([focus.x, focus.x + focus.width]).toEqual([12, 156]);
    expect(focus.y + focus.height).toBeLessThanOrEqual(100);
  });
});
