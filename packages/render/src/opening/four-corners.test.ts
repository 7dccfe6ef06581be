import { photoArea, openingPolygons, uncoveredShare, withTrueProportion, type Opening, type Placement } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { mapPixels, pixelAt, Scene } from '../../testing/node-scene.js';

const POINTS = [
  { x: 0.05, y: 0 },
  { x: 1, y: 0.14 },
  { x: 0.96, y: 0.8 },
  { x: 0, y: 1 },
] as const;

/** A photo whose colours tell its places, in four corners; moved by shares of the box and not kept covered. */
function scene(by: { readonly x: number; readonly y: number }, extend?: string) {
  const made = new Scene(400, 300);
  const photo = made.photo('map', mapPixels(600, 400));
  const empty = made.opening('pane', { type: 'corners', points: POINTS, warp: true }, 60, 40, 280, 220, {
    type: 'none',
  });
  const pane = made.filled({ ...empty, outline: withTrueProportion(empty, made.sheet([])) }, photo);
  const before = (pane.fill as { placement: Placement }).placement;
  const placement = { ...before, x: before.x + by.x * 280, y: before.y + by.y * 220 };
  const fill = { ...pane.fill, placement, keepCovered: false, ...(extend ? { extend } : {}) } as Opening['fill'];
  return { made, photo, placement, pane: { ...pane, fill } };
}

/** The mean coverage of a picture's px, 0..1, in all. */
function coverage({ data }: { readonly data: Uint8ClampedArray }): number {
  let sum = 0;
  for (let i = 3; i < data.length; i += 4) sum += data[i]!;
  return sum / 255;
}

describe('a photo in four corners that does not fill them', () => {
  it('leaves the rest clear, as much of it as is said', () => {
    for (const by of [
      { x: 0.35, y: 0 },
      { x: -0.2, y: 0.4 },
      { x: 0, y: -0.6 },
    ]) {
      const { made, photo, placement, pane } = scene(by);
      const clear = made.sheet([pane], { background: { type: 'none' } });
      const whole = made.sheet([{ ...pane, fill: { type: 'colour', colour: '#000000' } }], {
        background: { type: 'none' } as never,
      });
      const polygons = openingPolygons(pane, made.resources.shaper);
      const said = uncoveredShare(polygons, photoArea(pane, placement, photo));
      const seen = 1 - coverage(made.render(clear)) / coverage(made.render(whole));
      expect(said).toBeGreaterThan(0.05);
      expect(Math.abs(said - seen)).toBeLessThan(0.01);
    }
  });

  it('has nothing of it smeared: beside its edge there is nothing, or the colour that is to be there', () => {
    const { made, pane } = scene({ x: 0.5, y: 0 });
    const bare = made.render(made.sheet([pane], { background: { type: 'none' } }));
    expect(pixelAt(bare, 90, 150)).toEqual([0, 0, 0, 0]);
    expect(pixelAt(bare, 300, 150)[3]).toBe(255);
    const extended = scene({ x: 0.5, y: 0 }, '#cf4a22');
    const filled = extended.made.render(extended.made.sheet([extended.pane], { background: { type: 'none' } }));
    expect(pixelAt(filled, 90, 150)).toEqual([0xcf, 0x4a, 0x22, 255]);
  });

  it('fills them where it covers them', () => {
    const { made, pane } = scene({ x: 0, y: 0 });
    const drawn = made.render(made.sheet([pane], { background: { type: 'none' } }));
    const whole = made.render(
      made.sheet([{ ...pane, fill: { type: 'colour', colour: '#000000' } }], { background: { type: 'none' } }),
    );
    expect(Math.abs(coverage(drawn) / coverage(whole) - 1)).toBeLessThan(0.002);
  });
});
