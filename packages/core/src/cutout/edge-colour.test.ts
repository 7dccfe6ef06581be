import { describe, expect, it } from 'vitest';
import { newPlane } from '../finish/plane.js';
import { subjectPixels } from './edge-colour.js';

const [WIDTH, HEIGHT] = [60, 20];
const FRONT = [40, 110, 70];
const BACK = [240, 235, 220];

/** A green half before a light ground, with an edge `soft` px wide. */
function edge(soft: number) {
  const matte = newPlane(WIDTH, HEIGHT);
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4);
  for (let i = 0; i < WIDTH * HEIGHT; i++) {
    const share = Math.min(1, Math.max(0, 0.5 - ((i % WIDTH) + 0.5 - WIDTH / 2) / soft));
    matte.data[i] = Math.round(share * 255);
    data.set([...FRONT.map((value, c) => share * value + (1 - share) * BACK[c]!), 255], i * 4);
  }
  return { photo: { width: WIDTH, height: HEIGHT, data }, matte };
}

describe('edge colour', () => {
  it.each([2, 6, 14])('takes the old background out of an edge %i px wide', (soft) => {
    const { photo, matte } = edge(soft);
    const { data } = subjectPixels(photo, matte);
    for (let i = 0; i < matte.data.length; i++) {
      expect(data[4 * i + 3]).toBe(matte.data[i]);
      if (matte.data[i] === 0) continue;
      for (let c = 0; c < 3; c++) expect(Math.abs(data[4 * i + c]! - FRONT[c]!)).toBeLessThanOrEqual(6);
    }
  });

  it('is the same wherever the edge lies, also across tiles', () => {
    const { photo, matte } = edge(14);
    const alone = subjectPixels(photo, matte);
    // The first tiles end within the picture, in its soft edge.
    for (const [left, top] of [
      [300, 7],
      [228, 246],
      [220, 250],
    ] as const) {
      const wide = { width: 420, height: 300, data: new Uint8ClampedArray(420 * 300 * 4) };
      const all = newPlane(420, 300);
      for (let y = 0; y < HEIGHT; y++) {
        const to = (y + top) * 420 + left;
        wide.data.set(photo.data.subarray(y * WIDTH * 4, (y + 1) * WIDTH * 4), to * 4);
        all.data.set(matte.data.subarray(y * WIDTH, (y + 1) * WIDTH), to);
      }
      // Around it lies more of the same, so that its edge has the same neighbours.
      for (let i = 0; i < all.data.length; i++) {
        const [x, y] = [(i % 420) - left, Math.floor(i / 420) - top];
        if (x >= 0 && y >= 0 && x < WIDTH && y < HEIGHT) continue;
        const from = Math.min(HEIGHT - 1, Math.max(0, y)) * WIDTH + Math.min(WIDTH - 1, Math.max(0, x));
        all.data[i] = matte.data[from]!;
        wide.data.set(photo.data.subarray(4 * from, 4 * from + 4), 4 * i);
      }
      const { data } = subjectPixels(wide, all);
      for (let y = 0; y < HEIGHT; y++) {
        const from = 4 * ((y + top) * 420 + left);
        expect(data.subarray(from, from + 4 * WIDTH)).toEqual(alone.data.subarray(4 * y * WIDTH, 4 * (y + 1) * WIDTH));
      }
    }
  });

  it('leaves the sure subject as the photo has it', () => {
    const { photo, matte } = edge(6);
    photo.data.set([1, 2, 3], 4 * (5 * WIDTH + 5));
    expect([...subjectPixels(photo, matte).data.subarray(4 * (5 * WIDTH + 5), 4 * (5 * WIDTH + 5) + 4)]).toEqual([1, 2, 3, 255]);
  });
});
