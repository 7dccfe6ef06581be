import { describe, expect, it } from 'vitest';
import { discPicture } from '../../testing/subject-pictures.js';
import { edgeBand } from './edge-band.js';
import { noSamples, raySamples } from './edge-samples.js';

const { truth } = discPicture(320, 240, 70);
const half = discPicture(160, 120, 35).truth;

describe('the band along an edge', () => {
  it('is as wide as wanted on either side, also of a mask of another size', () => {
    for (const mask of [truth, half]) {
      // 40 px for 1600 are 8 for 320.
      const { zone, indices, depth } = edgeBand(mask, 320, 240, { reach: 40 });
      expect(indices.length).toBe(depth.length);
      for (let n = 0; n < indices.length; n++) {
        const [x, y] = [(indices[n]! % 320) + 0.5 - 160, Math.floor(indices[n]! / 320) + 0.5 - 120];
        // Steps straight and across are up to a twelfth off.
        expect(Math.abs(70 - Math.hypot(x, y) - depth[n]!)).toBeLessThan(1.8);
        expect(Math.abs(depth[n]!)).toBeLessThanOrEqual(8);
      }
      expect([zone.data[120 * 320 + 160], zone.data[0]]).toEqual([255, 0]);
    }
  });

  it('is wider where a soft edge was brushed', () => {
    const soft = { width: 2, height: 1, data: Uint8Array.from([255, 0]) };
    const { indices } = edgeBand(truth, 320, 240, { reach: 20, soft });
    const left = indices.filter((i) => i % 320 < 160).length;
    expect(left).toBeGreaterThan(3 * (indices.length - left));
  });

  it('is nothing where there is no edge', () => {
    const full = { ...truth, data: truth.data.map(() => 255) };
    const { indices, zone } = edgeBand(full, 320, 240, { reach: 40 });
    expect(indices.length).toBe(0);
    expect(zone.data.every((value) => value === 255)).toBe(true);
  });

  it('is left by rays on both sides', () => {
    const band = edgeBand(truth, 320, 240, { reach: 40 });
    const samples = noSamples();
    for (let n = 0; n < band.indices.length; n += 37) {
      raySamples(band, n, samples);
      expect(samples.fronts).toBeGreaterThan(0);
      expect(samples.backs).toBeGreaterThan(0);
      for (let s = 0; s < samples.fronts; s++) expect(band.zone.data[samples.front[s]!]).toBe(255);
      for (let s = 0; s < samples.backs; s++) expect(band.zone.data[samples.back[s]!]).toBe(0);
    }
  });
});
