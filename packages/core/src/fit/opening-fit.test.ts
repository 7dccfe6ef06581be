import { describe, expect, it } from 'vitest';
import type { PhotoFill } from '../document/fill.js';
import { newLettering } from '../document/new-opening.js';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { covers } from './cover.js';
import {
  effectiveResolution,
  fillWithPhoto,
  fitByRule,
  openingHull,
  openingPolygons,
  resolvePlacement,
  uncoveredShare,
} from './opening-fit.js';
import { photoArea } from './photo-layout.js';

const shaper = await testShaper();
const photo = testPhoto();
const upright = { turn: 0, flipX: false, flipY: false };

describe('filling an opening', () => {
  it('covers the true outline of letters', () => {
    const word = newLettering(
      { text: 'KILN', face: 'alfa-slab-one', axes: {}, size: 200 },
      { x: 300, y: 200 },
      { type: 'none' },
      shaper,
    );
    const fill = fillWithPhoto(word, photo, shaper);
    expect(covers(fill.placement as Exclude<PhotoFill['placement'], string>, openingHull(word, shaper), photo, 1e-6)).toBe(true);
    expect(uncoveredShare(openingPolygons(word, shaper), photoArea(word, fill.placement as never, photo))).toBe(0);
  });

  it('keeps the rule, tone and effects of the photo before, but not its cutout', () => {
    const before: PhotoFill = {
      type: 'photo',
      photoId: 'old',
      placement: { x: 1, y: 2, scale: 3, ...upright },
      fit: 'whole',
      tone: { warmth: 0.3 },
      cutout: { id: 'cut', revision: 'a'.repeat(64) },
    };
    const fill = fillWithPhoto(testOpening('a', { fill: before }), photo, shaper);
    expect(fill).toMatchObject({ photoId: photo.id, fit: 'whole', tone: { warmth: 0.3 }, keepCovered: false });
    expect(fill).not.toHaveProperty('cutout');
  });

  it('has the box itself to cover where an outline has no area', () => {
    const blank = newLettering({ text: ' ', face: 'archivo', axes: {}, size: 40 }, { x: 0, y: 0 }, { type: 'none' }, shaper);
    expect(openingHull(blank, shaper)).toHaveLength(8);
  });

  it('keeps turn and flip when fitted by another rule', () => {
    const hull = openingHull(testOpening('a'), shaper);
    const before = { x: 0, y: 0, scale: 9, turn: 30, flipX: true, flipY: false };
    expect(fitByRule('fill', hull, photo, before)).toMatchObject({ turn: 30, flipX: true });
    expect(fitByRule('whole', hull, photo, before).scale).toBeLessThan(fitByRule('fill', hull, photo, before).scale);
  });
});

describe('what is uncovered', () => {
  it('is measured by area', () => {
    const opening = testOpening('a', { box: { x: 0, y: 0, width: 200, height: 100, turn: 0 } });
    const polygons = openingPolygons(opening, shaper);
    const placement = (x: number) => ({ x, y: 50, scale: 0.125, ...upright });
    expect(uncoveredShare(polygons, photoArea(opening, placement(100), photo))).toBe(0);
    expect(uncoveredShare(polygons, photoArea(opening, placement(150), photo))).toBeCloseTo(0.25);
    expect(uncoveredShare(polygons, photoArea(opening, placement(1000), photo))).toBe(1);
  });

  it('counts holes as holes', () => {
    const ring = [Float64Array.from([0, 0, 100, 0, 100, 100, 0, 100]), Float64Array.from([25, 25, 25, 75, 75, 75, 75, 25])];
    const left = { x: -50, y: 50, scale: 0.125, ...upright };
    expect(uncoveredShare(ring, photoArea(testOpening('a'), left, { width: 1600, height: 1600 }))).toBeCloseTo(0.5);
  });
});

it('the effective resolution is the sheet’s dpi for a photo drawn px by px', () => {
  expect(effectiveResolution({ x: 0, y: 0, scale: 1, ...upright }, { dpi: 300 })).toBe(300);
  expect(effectiveResolution({ x: 0, y: 0, scale: 2, ...upright }, { dpi: 300 })).toBe(150);
});

it('a shared placement is looked up on the sheet', () => {
  const shared = { x: 1, y: 1, scale: 1, ...upright };
  const sheet = { ...testProject([]).sheets[0]!, placements: { p: shared } };
  const fill: PhotoFill = { type: 'photo', photoId: 'a', placement: 'p' };
  expect(resolvePlacement(fill, sheet)).toBe(shared);
  expect(resolvePlacement({ ...fill, placement: 'q' }, sheet)).toBeUndefined();
});
