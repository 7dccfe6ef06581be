import { describe, expect, it } from 'vitest';
import type { Finish, Pixels } from '@kadrosyn/core';
import { subject } from '../../fixtures/kit.js';
import { sampleResources, squareSheet } from '../../testing/pictures.js';
import { renderSheet } from '../node/index.js';
import { resolved } from '../../testing/resolved.js';

const SIZE = 300;
const PLACE = { at: [400, 220], on: [150, 150], scale: 0.3 } as const;

/** The hare alone on a blue ground. */
function hare(finish: Finish): Pixels {
  const item = subject('hare', 'hare-leap', PLACE, { finish });
  return renderSheet(
    resolved({ ...squareSheet(SIZE, [item]), background: { type: 'colour', colour: '#1040c0' } }),
    1,
    sampleResources,
  );
}

/** Whether each px differs from that of another picture. */
function changes(a: Pixels, b: Pixels): Uint8Array {
  const out = new Uint8Array(SIZE * SIZE);
  for (let i = 0; i < out.length; i++)
    if ([0, 1, 2].some((c) => Math.abs(a.data[4 * i + c]! - b.data[4 * i + c]!) > 3)) out[i] = 1;
  return out;
}

const plain = hare({});
const isSubject = changes(
  plain,
  renderSheet(resolved({ ...squareSheet(SIZE, []), background: { type: 'colour', colour: '#1040c0' } }), 1, sampleResources),
);
const count = (mask: Uint8Array, test: (i: number) => boolean): number =>
  mask.filter((value, i) => value === 1 && test(i)).length;

/** Whether any px of the subject lies within `reach` px. */
function nearSubject(i: number, reach: number): boolean {
  const [x, y] = [i % SIZE, Math.floor(i / SIZE)];
  for (let v = Math.max(0, y - reach); v <= Math.min(SIZE - 1, y + reach); v++)
    for (let u = Math.max(0, x - reach); u <= Math.min(SIZE - 1, x + reach); u++) if (isSubject[v * SIZE + u] === 1) return true;
  return false;
}

describe('the finish of a subject that is shown alone', () => {
  it('has its outline outside along the silhouette, and nowhere else', () => {
    const outlined = hare({ outline: { align: 'outside', width: 5, paint: '#ffffff' } });
    const changed = changes(outlined, plain);
    expect(count(changed, () => true)).toBeGreaterThan(500);
    expect(count(changed, (i) => !nearSubject(i, 7))).toBe(0);
    // The rectangle of the photo has no outline of its own.
    const inside = count(changed, (i) => isSubject[i] === 1);
    expect(inside).toBeLessThan(count(changed, () => true));
    const white = changed.filter(
      (value, i) => value === 1 && outlined.data[4 * i]! > 250 && outlined.data[4 * i + 1]! > 250,
    ).length;
    expect(white).toBeGreaterThan(0.6 * count(changed, () => true));
  });

  it('has its inner shade within the silhouette', () => {
    const shaded = hare({ innerShade: { colour: '#000000', blur: 14, strength: 0.9 } });
    const changed = changes(shaded, plain);
    expect(count(changed, (i) => isSubject[i] === 1)).toBeGreaterThan(1000);
    expect(count(changed, (i) => isSubject[i] === 0)).toBe(0);
    for (let i = 0; i < changed.length; i++)
      if (changed[i] === 1) expect(shaded.data[4 * i]!).toBeLessThanOrEqual(plain.data[4 * i]! + 1);
  });

  it('casts the shadow of its silhouette, not that of its photo', () => {
    const changed = changes(hare({ shadow: { angle: 90, distance: 12, blur: 4, strength: 0.8 } }), plain);
    expect(count(changed, (i) => isSubject[i] === 0)).toBeGreaterThan(300);
    expect(count(changed, (i) => !nearSubject(i, 16))).toBe(0);
  });
});
