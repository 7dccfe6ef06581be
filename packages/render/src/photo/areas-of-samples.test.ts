import { edgeMapOf, findAreas, findSurface, likeliest, type AreaForm, type Pixels, type Point } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import {
  accidentalPlaces,
  FLAT_SAMPLES,
  matteError,
  occludedSample,
  placeIn,
  samplePixels,
  trueCorners,
  TRUE_LENS,
  worstCorner,
} from '../../fixtures/sample-areas.js';

function found(photo: Pixels, map: ReturnType<typeof edgeMapOf>, click: Point): AreaForm | undefined {
  const candidates = findAreas(photo, map, [click]);
  return candidates[likeliest(candidates)]?.form;
}

describe('areas of photographs whose scenes are known', () => {
  it.each(FLAT_SAMPLES)('%s: four corners within 2 px, wherever it is clicked', async (name) => {
    const [photo, corners] = [await samplePixels(name), trueCorners(name)];
    const map = edgeMapOf(photo);
    for (const { u, v } of accidentalPlaces(5)) {
      expect(worstCorner(found(photo, map, placeIn(corners, u, v)), corners)).toBeLessThan(2);
    }
  });

  it.each([
    ['frame-tilt', 'agave-pot', { what: 'edge', index: 2 }],
    ['frame-tilt', 'heron-shore', { what: 'corner', index: 3 }],
    ['frame-wall', 'agave-pot', { what: 'edge', index: 3 }],
    ['window-room', 'hare-leap', { what: 'corner', index: 1 }],
  ] as const)('%s with %s over %o: within 3 px', async (name, occluder, hidden) => {
    const { photo, click } = await occludedSample(name, occluder, hidden);
    expect(worstCorner(found(photo, edgeMapOf(photo), click), trueCorners(name))).toBeLessThan(3);
  });

  it.each([
    ['frame-tilt', 'agave-pot', { what: 'edge', index: 2 }],
    ['frame-tilt', 'hare-leap', { what: 'corner', index: 3 }],
    ['card-table', 'heron-shore', { what: 'edge', index: 1 }],
    ['window-room', 'hare-leap', { what: 'edge', index: 0 }],
  ] as const)('%s with %s over %o: its matte within 0.003', async (name, occluder, hidden) => {
    const { photo, alpha } = await occludedSample(name, occluder, hidden);
    const form = { type: 'flat', corners: trueCorners(name) } as const;
    const found = findSurface(photo, form)!;
    expect(found.front).not.toBeNull();
    expect(matteError(found, form, alpha)).toBeLessThan(0.003);
  });

  it.each(FLAT_SAMPLES)('%s: nothing stands in front, and it is plain', async (name) => {
    const found = findSurface(await samplePixels(name), { type: 'flat', corners: trueCorners(name) })!;
    expect(found.front).toBeNull();
    expect(found.plain).not.toBeNull();
  });

  it('a lens: its middle and its radius within 1.5 px', async () => {
    const photo = await samplePixels('loupe');
    const form = found(photo, edgeMapOf(photo), { x: 500, y: 620 });
    if (form?.type !== 'round') throw new Error(`It is ${form?.type}`);
    const { centre, radius } = TRUE_LENS;
    expect(Math.hypot(form.centre.x - centre.x, form.centre.y - centre.y)).toBeLessThan(1.5);
    expect(Math.abs((form.rx + form.ry) / 2 - radius)).toBeLessThan(1.5);
  });
});
