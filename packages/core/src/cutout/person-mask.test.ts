import { describe, expect, it } from 'vitest';
import { personMask } from './person-mask.js';

const SIDE = 40;
const likely = (of: (x: number, y: number) => number): Float32Array =>
  Float32Array.from({ length: SIDE * SIDE }, (_, i) => of(i % SIDE, Math.floor(i / SIDE)));
const mirrored = (values: Float32Array): Float32Array => likely((x, y) => values[y * SIDE + SIDE - 1 - x]!);
const figure = likely((x, y) => (x > 6 && x < 20 && y > 10 ? 0.97 : 0.02));

describe('a model of persons', () => {
  it('is believed where it says the same of the mirrored picture', () => {
    const mask = personMask(figure, mirrored(figure))!;
    expect(mask.width).toBe(SIDE);
    expect(mask.data[20 * SIDE + 10]).toBe(255);
    expect(mask.data[20 * SIDE + 30]).toBe(0);
  });

  it('is not believed where it does not', () => {
    expect(personMask(figure, figure)).toBeNull();
  });

  it('is not believed where it marks next to nothing, everything, or is in doubt', () => {
    for (const values of [
      likely(() => 0),
      likely((x, y) => (x < 3 && y < 3 ? 1 : 0)),
      likely(() => 1),
      likely((x) => (x < 20 ? 0.6 : 0)),
    ])
      expect(personMask(values, mirrored(values))).toBeNull();
  });
});
