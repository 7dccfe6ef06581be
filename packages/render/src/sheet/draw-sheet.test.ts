import { describe, expect, it } from 'vitest';
import type { PhotoFill } from '@kadrosyn/core';
import { largestDifference, mapPixels, pixelAt, Scene } from '../../testing/node-scene.js';

const RECTANGLE = { type: 'rectangle', radii: [0, 0, 0, 0] } as const;
const colour = (value: string) => ({ type: 'colour', colour: value }) as const;

describe('drawing a sheet', () => {
  it('paints colours exactly, from back to front', () => {
    const scene = new Scene(100, 80);
    const items = [
      scene.opening('a', RECTANGLE, 10, 10, 40, 40, colour('#cf4a22')),
      scene.opening('b', RECTANGLE, 30, 30, 40, 40, colour('#1d5a4c')),
    ];
    const pixels = scene.render(scene.sheet(items, { background: colour('#fbf8f1') }));
    expect(pixelAt(pixels, 0, 0)).toEqual([0xfb, 0xf8, 0xf1, 255]);
    expect(pixelAt(pixels, 15, 15)).toEqual([0xcf, 0x4a, 0x22, 255]);
    expect(pixelAt(pixels, 40, 40)).toEqual([0x1d, 0x5a, 0x4c, 255]);
  });

  it('shows a photo where its placement says, at any scale of the sheet', () => {
    const scene = new Scene(100, 100);
    const photo = scene.photo('map', mapPixels(400, 400));
    const opening = scene.filled(scene.opening('a', RECTANGLE, 0, 0, 100, 100, { type: 'none' }), photo);
    for (const scale of [1, 0.5, 2.5]) {
      const pixels = scene.render(scene.sheet([opening]), scale);
      for (const share of [0.1, 0.5, 0.9]) {
        const [red, green] = pixelAt(pixels, Math.floor(share * 100 * scale), Math.floor(0.3 * 100 * scale));
        expect(Math.abs(red! - share * 255)).toBeLessThan(4);
        expect(Math.abs(green! - 0.3 * 255)).toBeLessThan(4);
      }
    }
  });

  it('flips and turns a photo', () => {
    const scene = new Scene(100, 100);
    const photo = scene.photo('map', mapPixels(100, 100));
    const placement = { x: 50, y: 50, scale: 1, turn: 90, flipX: true, flipY: false };
    const fill: PhotoFill = { type: 'photo', photoId: photo.id, placement };
    const pixels = scene.render(scene.sheet([scene.opening('a', RECTANGLE, 0, 0, 100, 100, fill)]));
    // Flipped first, then turned clockwise: right goes up... the photo's left edge comes to lie below.
    expect(pixelAt(pixels, 50, 95)[0]).toBeLessThan(20);
    expect(pixelAt(pixels, 50, 5)[0]).toBeGreaterThan(235);
    expect(pixelAt(pixels, 95, 50)[1]).toBeLessThan(20);
  });

  it('leaves a gap where a photo ends inside its opening, or extends it by a colour', () => {
    const scene = new Scene(100, 100);
    const photo = scene.photo('map', mapPixels(100, 50));
    const placement = { x: 50, y: 50, scale: 1, turn: 0, flipX: false, flipY: false };
    const fill: PhotoFill = { type: 'photo', photoId: photo.id, placement, keepCovered: false };
    const item = scene.opening('a', RECTANGLE, 0, 0, 100, 100, fill);
    const open = scene.render(scene.sheet([item], { background: { type: 'none' } }));
    expect(pixelAt(open, 50, 10)).toEqual([0, 0, 0, 0]);
    expect(pixelAt(open, 50, 50)[3]).toBe(255);
    const extended = scene.render(scene.sheet([{ ...item, fill: { ...fill, extend: '#d9a13f' } }]));
    expect(pixelAt(extended, 50, 10)).toEqual([0xd9, 0xa1, 0x3f, 255]);
  });

  it('shows a photo that ends inside its opening wherever it lies', () => {
    const scene = new Scene(300, 300);
    const photo = scene.photo('map', mapPixels(800, 600));
    // With this placement the canvas for Node cleared the whole layer.
    const placement = { x: 119.2, y: 146, scale: 0.48, turn: 0, flipX: false, flipY: false };
    const fill: PhotoFill = { type: 'photo', photoId: photo.id, placement, keepCovered: false };
    for (const turn of [0, 12]) {
      const item = {
        ...scene.opening('a', RECTANGLE, 30, 5, 215, 292, fill),
        box: { x: 30, y: 5, width: 215, height: 292, turn },
      };
      const pixels = scene.render(scene.sheet([item]));
      expect(pixelAt(pixels, 140, 150)[2]).toBe(128);
    }
  });

  it('fills letters, and not the holes in them', () => {
    const scene = new Scene(200, 200);
    const outline = {
      type: 'lettering',
      runs: [{ text: 'O', face: 'alfa-slab-one', axes: {}, size: 200, tracking: 0, letterIds: ['o'] }],
      align: 'centre',
      leading: 1.2,
    } as const;
    const pixels = scene.render(scene.sheet([scene.opening('o', outline, 0, -30, 200, 260, colour('#20272a'))]));
    expect(pixelAt(pixels, 100, 100)).toEqual([255, 255, 255, 255]);
    expect(pixelAt(pixels, 45, 100)).toEqual([0x20, 0x27, 0x2a, 255]);
  });

  it('keeps hidden items away and draws what groups hold', () => {
    const scene = new Scene(60, 60);
    const hidden = { ...scene.opening('a', RECTANGLE, 0, 0, 60, 60, colour('#000000')), hidden: true };
    const inner = scene.opening('b', RECTANGLE, 20, 20, 20, 20, colour('#ff0000'));
    const pixels = scene.render(scene.sheet([hidden, { type: 'group', id: 'g', name: 'g', items: [inner] }]));
    expect(pixelAt(pixels, 5, 5)).toEqual([255, 255, 255, 255]);
    expect(pixelAt(pixels, 30, 30)).toEqual([255, 0, 0, 255]);
  });

  it('runs gradients along their angle', () => {
    const scene = new Scene(100, 100);
    const stops = [
      { at: 0, colour: '#000000' },
      { at: 1, colour: '#ffffff' },
    ];
    const linear = scene.opening('a', RECTANGLE, 0, 0, 100, 100, { type: 'gradient', kind: 'linear', angle: 0, stops });
    const pixels = scene.render(scene.sheet([linear]));
    expect(pixelAt(pixels, 2, 50)[0]).toBeLessThan(12);
    expect(pixelAt(pixels, 50, 50)[0]).toBeGreaterThan(120);
    expect(pixelAt(pixels, 97, 50)[0]).toBeGreaterThan(243);
    expect(pixelAt(pixels, 50, 5)).toEqual(pixelAt(pixels, 50, 95));
  });

  it('waits in a quiet grey for a photo that has not arrived', () => {
    const scene = new Scene(50, 50);
    const photo = scene.photo('map', mapPixels(50, 50));
    const opening = scene.filled(scene.opening('a', RECTANGLE, 0, 0, 50, 50, { type: 'none' }), photo);
    const sheet = scene.sheet([opening]);
    const other = new Scene(50, 50);
    other.photos['map'] = photo;
    expect(pixelAt(other.render(sheet), 25, 25)).toEqual([0xc9, 0xc5, 0xbb, 255]);
  });

  it('does not depend on where the sheet lies: a part is the same as in the whole', () => {
    const scene = new Scene(200, 200);
    const photo = scene.photo('map', mapPixels(300, 300));
    const opening = scene.filled(scene.opening('a', { type: 'ellipse' }, 20, 20, 160, 160, { type: 'none' }), photo);
    const once = scene.render(scene.sheet([opening]));
    const twice = scene.render(scene.sheet([opening]));
    expect(largestDifference(once, twice)).toBe(0);
  });
});
