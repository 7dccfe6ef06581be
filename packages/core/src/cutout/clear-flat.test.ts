import { describe, expect, it } from 'vitest';
import type { Pixels } from '../photo/pixels.js';
import { clearFlat, flatGround } from './clear-flat.js';
import { cutoutPicture, subjectOf } from './cutout-picture.js';

const [WIDTH, HEIGHT] = [80, 60];
const INK = [30, 60, 140] as const;

/** A ring drawn in ink on white paper, its edges smoothed. */
function ring(paper: readonly [number, number, number] = [255, 255, 255]): { photo: Pixels; cover: Float64Array } {
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4);
  const cover = new Float64Array(WIDTH * HEIGHT);
  for (let i = 0; i < cover.length; i++) {
    const r = Math.hypot((i % WIDTH) + 0.5 - 40, Math.floor(i / WIDTH) + 0.5 - 30);
    cover[i] = Math.min(1, Math.max(0, 20.5 - r)) * Math.min(1, Math.max(0, r - 9.5));
    for (let c = 0; c < 3; c++) data[4 * i + c] = Math.round(INK[c]! * cover[i]! + paper[c]! * (1 - cover[i]!));
    data[4 * i + 3] = 255;
  }
  return { photo: { width: WIDTH, height: HEIGHT, data }, cover };
}

describe('clearing a flat background', () => {
  const { photo, cover } = ring();

  it('knows a flat ground, and one that is not', () => {
    expect(flatGround(photo)).toEqual([255, 255, 255]);
    const sloping = { ...photo, data: photo.data.map((value, i) => (i % 4 === 3 ? value : (value * (i % 320)) / 320)) };
    expect(flatGround(sloping)).toBeNull();
    expect(() => clearFlat(sloping, { tolerance: 20, everywhere: false })).toThrow(RangeError);
    const clear = { ...photo, data: photo.data.map((value, i) => (i % 4 === 3 ? 0 : value)) };
    expect(flatGround(clear)).toBeNull();
  });

  it('clears only from the outside, or everywhere', () => {
    const outside = clearFlat(photo, { tolerance: 20, everywhere: false });
    const everywhere = clearFlat(photo, { tolerance: 20, everywhere: true });
    const middle = 30 * WIDTH + 40;
    expect(outside.data[0]).toBe(0);
    expect(outside.data[middle]).toBe(255);
    expect(everywhere.data[middle]).toBe(0);
    expect(outside.data[30 * WIDTH + 55]).toBe(255);
  });

  it('finds how clear the edge is, and leaves no pale rim', () => {
    const matte = clearFlat(photo, { tolerance: 6, everywhere: true });
    const subject = subjectOf(photo, cutoutPicture(photo, matte));
    let [worst, palest] = [0, 0];
    for (let i = 0; i < cover.length; i++) {
      worst = Math.max(worst, Math.abs(matte.data[i]! / 255 - cover[i]!));
      if (matte.data[i]! > 60) palest = Math.max(palest, Math.abs(subject.data[4 * i]! - INK[0]));
    }
    expect(worst).toBeLessThan(0.06);
    // The white paper would add up to 200.
    expect(palest).toBeLessThan(40);
  });

  it('goes by its tolerance', () => {
    const grey = ring([238, 238, 238]).photo;
    // A lighter blot on the paper.
    for (let i = 0; i < 8; i++) grey.data.set([252, 252, 252, 255], 4 * (5 * WIDTH + 5 + i));
    expect(clearFlat(grey, { tolerance: 10, everywhere: false }).data[5 * WIDTH + 8]).toBeGreaterThan(0);
    expect(clearFlat(grey, { tolerance: 40, everywhere: false }).data[5 * WIDTH + 8]).toBe(0);
  });
});

describe('the kept picture of a cutout', () => {
  const { photo, cover } = ring();
  const matte = { width: WIDTH, height: HEIGHT, data: Uint8Array.from(cover, (value) => Math.round(255 * value)) };

  it('has the matte as its alpha, and colours only where it is soft', () => {
    const kept = cutoutPicture(photo, matte);
    for (let i = 0; i < cover.length; i++) {
      expect(kept.data[4 * i + 3]).toBe(matte.data[i]);
      if (matte.data[i] === 255 || matte.data[i] === 0)
        expect(kept.data.subarray(4 * i, 4 * i + 3).every((value) => value === 0)).toBe(true);
    }
  });

  it('gives the subject with its own colours, or with those of the old ground as far as wanted', () => {
    const own = subjectOf(photo, cutoutPicture(photo, matte));
    const old = subjectOf(photo, cutoutPicture(photo, matte, 0));
    const edge = cover.findIndex((value) => value > 0.3 && value < 0.7);
    expect(Math.abs(own.data[4 * edge]! - INK[0])).toBeLessThan(30);
    expect(old.data[4 * edge]).toBe(photo.data[4 * edge]);
    const sure = cover.findIndex((value) => value === 1);
    expect(own.data.subarray(4 * sure, 4 * sure + 4)).toEqual(photo.data.subarray(4 * sure, 4 * sure + 4));
  });
});
