import { describe, expect, it } from 'vitest';
import { boxMatrix, invert, transformPlacement, type Opening } from '@kadrosyn/core';
import { crossing, RECTANGLE, shape } from '../../fixtures/kit.js';
import { largestDifference } from '../../testing/node-scene.js';
import { apart, colourAt, DrawnPicture } from '../../testing/pictures.js';

const picture = new DrawnPicture('plant-in-front-of-a-print');
const { items } = picture.sheet;
/** A bar across the print, beside the plant and beyond both edges. */
const bar = shape('bar', RECTANGLE, 60, 215, 480, 40, '#1d5a4c');
const SPRUCE = [0x1d, 0x5a, 0x4c];
/** On the print, and on the wall beside it. */
const [ON_PRINT, ON_WALL] = [
  { x: 220, y: 235 },
  { x: 90, y: 235 },
];

describe('in the light of an area', () => {
  it('what lies there crosses what lies over it, and is lit where it passes over', () => {
    const crossed = picture.draw({ items: [...items, bar], crossings: [crossing('print', 'bar', true)] });
    const plain = picture.draw({ items: [...items, bar] });
    expect(apart(colourAt(crossed, ON_PRINT), colourAt(picture.pixels, ON_PRINT))).toBeLessThanOrEqual(2);
    expect(apart(colourAt(plain, ON_PRINT), SPRUCE)).toBeLessThanOrEqual(1);
    for (const drawn of [crossed, plain]) expect(apart(colourAt(drawn, ON_WALL), SPRUCE)).toBeLessThanOrEqual(1);
  });

  it('a window in register shows its part of the photo lit, and the one beside it as it is', () => {
    const print = picture.opening('print');
    // Four corners lay out their own photo: in register the same place is looked at flat.
    const flat: Opening = { ...print, outline: RECTANGLE };
    const { fill, box } = flat;
    if (fill.type !== 'photo' || typeof fill.placement === 'string') throw new Error('A photo of its own was wanted');
    const onSheet = transformPlacement(boxMatrix(box), { ...fill.placement, scale: fill.placement.scale * 1.6 });
    const placements = { both: onSheet };
    const other = shape('other', RECTANGLE, 10, 20, 90, 80, null, { fill: { ...fill, placement: 'both' } });
    const own = (opening: Opening): Opening => ({
      ...opening,
      fill: { ...fill, placement: transformPlacement(invert(boxMatrix(opening.box)), onSheet) },
    });
    const [host] = items;
    const shared = picture.draw({ items: [host!, { ...flat, fill: { ...fill, placement: 'both' } }, other], placements });
    const alone = picture.draw({ items: [host!, own(flat), own(other)] });
    expect(largestDifference(shared, alone)).toBeLessThanOrEqual(1);
    const { host: _host, ...free } = own(flat);
    const unlit = picture.draw({ items: [host!, free, own(other)] });
    expect(apart(colourAt(shared, ON_PRINT), colourAt(unlit, ON_PRINT))).toBeGreaterThan(8);
    const beside = { x: 50, y: 60 };
    expect(apart(colourAt(shared, beside), colourAt(unlit, beside))).toBe(0);
  });
});
