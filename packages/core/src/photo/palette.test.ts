import { describe, expect, it } from 'vitest';
import { labOf, paletteOf } from './palette.js';
import { salientPlaces } from './salient-places.js';
import type { Pixels } from './pixels.js';

/** A picture of 60 x 40 px; each px by a rule. */
function picture(colourAt: (x: number, y: number) => readonly [number, number, number, number?]): Pixels {
  const data = new Uint8ClampedArray(60 * 40 * 4);
  for (let y = 0, i = 0; y < 40; y++) {
    for (let x = 0; x < 60; x++, i += 4) {
      const [r, g, b, a = 255] = colourAt(x, y);
      data.set([r, g, b, a], i);
    }
  }
  return { width: 60, height: 40, data };
}

describe('the colours of a picture', () => {
  it('are named by how much of it they take up', () => {
    const found = paletteOf(
      picture((x) => (x < 30 ? [200, 30, 30] : x < 50 ? [20, 90, 200] : [240, 240, 230])),
      5,
    );
    expect(found.map(({ colour }) => colour)).toEqual(['#c81e1e', '#145ac8', '#f0f0e6']);
    expect(found.map(({ share }) => Math.round(share * 12))).toEqual([6, 4, 2]);
  });

  it('join what looks alike, and leave out what is clear', () => {
    const found = paletteOf(
      picture((x, y) => (y < 20 ? [100 + (x % 3), 100, 100] : [255, 0, 0, 0])),
      6,
    );
    expect(found).toHaveLength(1);
    expect(found[0]!.share).toBeCloseTo(1, 9);
    expect(
      paletteOf(
        picture(() => [1, 2, 3, 0]),
        4,
      ),
    ).toEqual([]);
  });

  it('counts in Lab as it is defined', () => {
    expect(labOf([255, 255, 255]).map((value) => Math.round(value) + 0)).toEqual([100, 0, 0]);
    expect(labOf([255, 0, 0]).map((value) => Math.round(value))).toEqual([53, 80, 67]);
  });
});

describe('places worth a window', () => {
  const spots = [
    [10, 10],
    [45, 12],
    [30, 30],
  ] as const;
  const spotted = picture((x, y) => (spots.some(([sx, sy]) => Math.hypot(x - sx, y - sy) < 3) ? [20, 20, 20] : [190, 200, 210]));

  it('are where something stands out, each once', () => {
    const places = salientPlaces(spotted, 3);
    for (const [sx, sy] of spots) expect(places.some(({ x, y }) => Math.hypot(x - sx, y - sy) < 5)).toBe(true);
  });

  it('are as many as wanted, also where nothing stands out', () => {
    const places = salientPlaces(
      picture(() => [128, 128, 128]),
      6,
    );
    expect(places).toHaveLength(6);
    for (const { x, y } of places) expect(x > 0 && x < 60 && y > 0 && y < 40).toBe(true);
  });
});
