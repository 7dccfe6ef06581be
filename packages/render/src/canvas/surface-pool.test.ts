import { describe, expect, it } from 'vitest';
import { NODE_ENVIRONMENT } from '../node/node-environment.js';
import type { Surface } from './environment.js';
import { SurfacePool } from './surface-pool.js';

/** Leaves a surface as full and as oddly set as drawing can. */
function spoil({ context, width, height }: Surface): void {
  context.save();
  context.translate(3, 4);
  context.beginPath();
  context.rect(0, 0, 2, 2);
  context.clip();
  context.globalAlpha = 0.5;
  context.globalCompositeOperation = 'destination-over';
  context.restore();
  context.save();
  context.fillStyle = '#ff0000';
  context.imageSmoothingEnabled = false;
  context.fillRect(0, 0, width, height);
  context.beginPath();
  context.rect(0, 0, 1, 1);
  context.clip();
}

/** The highest value of any channel after the surface was filled with half clear blue, and how much of it was clear before. */
function looksNew({ context, width, height }: Surface): void {
  expect(context.canvas.width).toBe(width);
  expect(context.canvas.height).toBe(height);
  expect(Math.max(...context.getImageData(0, 0, width, height).data)).toBe(0);
  expect(context.globalAlpha).toBe(1);
  expect(context.globalCompositeOperation).toBe('source-over');
  expect(context.imageSmoothingEnabled).toBe(true);
  context.fillStyle = '#0000ff';
  context.fillRect(0, 0, width, height);
  const { data } = context.getImageData(width - 1, height - 1, 1, 1);
  expect([...data]).toEqual([0, 0, 255, 255]);
}

describe('a pool of canvases', () => {
  it.each([
    ['the same size', 30, 20],
    ['another size', 41, 7],
    ['the same width', 30, 21],
  ])('gives out one that was given back as if it were new, at %s', (_, width, height) => {
    const pool = new SurfacePool(NODE_ENVIRONMENT);
    const first = pool.createSurface(30, 20);
    spoil(first);
    pool.giveBack(first);
    const second = pool.createSurface(width, height);
    expect(second.context).toBe(first.context);
    looksNew(second);
  });

  it('never gives out one that is in use', () => {
    const pool = new SurfacePool(NODE_ENVIRONMENT);
    const first = pool.createSurface(10, 10);
    pool.giveBack(first);
    const [second, third] = [pool.createSurface(10, 10), pool.createSurface(10, 10)];
    expect(second.context).not.toBe(third.context);
  });

  it('leaves what was drawn from a canvas where it is', () => {
    const pool = new SurfacePool(NODE_ENVIRONMENT);
    const [target, layer] = [pool.createSurface(10, 10), pool.createSurface(10, 10)];
    layer.context.fillStyle = '#00ff00';
    layer.context.fillRect(0, 0, 10, 10);
    target.context.drawImage(layer.image, 0, 0);
    pool.giveBack(layer);
    looksNew(pool.createSurface(10, 10));
    expect([...target.context.getImageData(5, 5, 1, 1).data]).toEqual([0, 255, 0, 255]);
  });

  it('keeps no more than its budget', () => {
    const pool = new SurfacePool({
      createSurface: (width, height) => ({ ...NODE_ENVIRONMENT.createSurface(1, 1), width, height }),
    });
    const large = Array.from({ length: 4 }, () => pool.createSurface(2000, 2000));
    for (const surface of large) pool.giveBack(surface);
    const again = new Set(large.map(() => pool.createSurface(1, 1).context));
    // 48 MB hold three of 16 MB.
    expect(large.filter(({ context }) => again.has(context))).toHaveLength(3);
  });
});
