import type { Opening, Placement } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { mapPixels, pixelAt, Scene } from '../../testing/node-scene.js';

/** A photo in a box from 100, 100 to 300, 200 with a red outline outside; moved by `x` px and not kept covered. */
function drawn(x: number, more: object = {}, alpha = 255) {
  const made = new Scene(400, 300);
  const photo = made.photo('map', mapPixels(400, 200, alpha));
  const box = made.filled(
    made.opening('box', { type: 'rectangle', radii: [0, 0, 0, 0] }, 100, 100, 200, 100, { type: 'none' }),
    photo,
  );
  const before = (box.fill as { placement: Placement }).placement;
  const fill = { ...box.fill, placement: { ...before, x: before.x + x }, keepCovered: false, ...more } as Opening['fill'];
  const finish = { outline: { align: 'outside', width: 10, paint: '#ff0000' } } as const;
  return made.render(made.sheet([{ ...box, fill, finish }], { background: { type: 'none' } }));
}
const RED = [255, 0, 0, 255];

describe('an outline outside of a photo', () => {
  it('stays outside where the photo ends within its opening', () => {
    const picture = drawn(80);
    expect(pixelAt(picture, 95, 150)).toEqual(RED);
    expect(pixelAt(picture, 104, 150)).toEqual([0, 0, 0, 0]);
    expect(pixelAt(picture, 250, 95)).toEqual(RED);
    expect(pixelAt(picture, 250, 104)[2]).toBe(128);
  });

  it('is not seen below the colour that the rest is filled with', () => {
    expect(pixelAt(drawn(80, { extend: '#0000ff' }), 104, 150)).toEqual([0, 0, 255, 255]);
  });

  it('lies below a photo that is all over its opening, so that no ground shows between', () => {
    const picture = drawn(0);
    expect(pixelAt(picture, 95, 150)).toEqual(RED);
    expect(pixelAt(picture, 104, 150)[2]).toBe(128);
    for (let x = 95; x < 106; x++) expect(pixelAt(picture, x, 150)[3]).toBe(255);
  });
});
