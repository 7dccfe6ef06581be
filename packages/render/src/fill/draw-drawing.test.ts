import { describe, expect, it } from 'vitest';
import type { DrawingFill, Opening } from '@kadrosyn/core';
import { pixelAt, Scene } from '../../testing/node-scene.js';

const half = 'M0 0L0.5 0L0.5 1L0 1Z';
const whole = 'M0 0L1 0L1 1L0 1Z';
const fill: DrawingFill = {
  type: 'drawing',
  colours: ['#cf4a22', '#1d5a4c'],
  layers: [
    { d: whole, colour: 0 },
    { d: half, colour: 1 },
  ],
};

function drawn(change: Partial<DrawingFill> = {}, item: Partial<Opening> = {}, scale = 1) {
  const scene = new Scene(100, 100);
  const opening = scene.opening('a', { type: 'path', d: 'M0.4 0.4L0.6 0.4L0.6 0.6L0.4 0.6Z' }, 20, 20, 60, 60, {
    ...fill,
    ...change,
  });
  return scene.render(scene.sheet([{ ...opening, kind: 'artwork', ...item }], { background: { type: 'none' } }), scale);
}

describe('a drawing', () => {
  it('is painted layer by layer in its box, not only where it is taken hold of', () => {
    const pixels = drawn();
    expect(pixelAt(pixels, 22, 22)).toEqual([0x1d, 0x5a, 0x4c, 255]);
    expect(pixelAt(pixels, 78, 78)).toEqual([0xcf, 0x4a, 0x22, 255]);
    expect(pixelAt(pixels, 18, 50)[3]).toBe(0);
    expect(pixelAt(pixels, 82, 50)[3]).toBe(0);
  });

  it('is recoloured by its colours alone', () => {
    const pixels = drawn({ colours: ['#ffffff', '#000000'] });
    expect(pixelAt(pixels, 30, 50)).toEqual([0, 0, 0, 255]);
    expect(pixelAt(pixels, 70, 50)).toEqual([255, 255, 255, 255]);
  });

  it.each([1, 3, 8])('has edges of one px at scale %d', (scale) => {
    const pixels = drawn({ layers: [{ d: 'M0.25 0L0.7525 0L0.7525 1L0.25 1Z', colour: 0 }] }, {}, scale);
    let soft = 0;
    for (let x = 0; x < pixels.width; x++) {
      const alpha = pixelAt(pixels, x, 50 * scale)[3]!;
      if (alpha > 0 && alpha < 255) soft++;
    }
    expect(soft).toBeLessThanOrEqual(2);
  });

  it('fades out, and takes shadow and opacity like anything else', () => {
    const fade = {
      kind: 'linear',
      angle: 0,
      stops: [
        { at: 0, strength: 1 },
        { at: 1, strength: 0 },
      ],
    } as const;
    const pixels = drawn({ layers: [{ d: whole, colour: 0, fade }] });
    expect(pixelAt(pixels, 22, 50)[3]).toBeGreaterThan(235);
    expect(pixelAt(pixels, 77, 50)[3]).toBeLessThan(20);
    const clear = drawn({}, { finish: { opacity: 0.5 } });
    expect(Math.abs(pixelAt(clear, 70, 50)[3]! - 128)).toBeLessThanOrEqual(1);
    const shadowed = drawn({}, { finish: { shadow: { angle: 0, distance: 10, blur: 0, strength: 1, colour: '#000000' } } });
    expect(pixelAt(shadowed, 85, 50)).toEqual([0, 0, 0, 255]);
  });
});
