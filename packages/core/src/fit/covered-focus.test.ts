import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import type { Placement } from '../document/fill.js';
import { newLettering } from '../document/new-opening.js';
import { covers, fillOpening } from './cover.js';
import { clearFocus, coveredFocus } from './covered-focus.js';
import { openingHull } from './opening-fit.js';

const shaper = await testShaper();
// The focus is the lower left part of the photo.
const photo = { ...testPhoto(), focus: { x: 100, y: 700, width: 400, height: 400 } };
const opening = testOpening('opening', { box: { x: 100, y: 100, width: 600, height: 600, turn: 0 } });
const placement: Placement = fillOpening(openingHull(opening, shaper), photo);
const panel = (x: number, y: number, width: number, height: number) =>
  testOpening('panel', {
    name: 'A panel',
    box: { x, y, width, height, turn: 0 },
    fill: { type: 'colour', colour: '#ffffff' },
  });
const sheetOf = (...over: Parameters<typeof testProject>[0]) => testProject([opening, ...over]).sheets[0]!;

describe('what lies over the focus of a photo', () => {
  it('is noticed, with its name and how much it hides', () => {
    const covered = coveredFocus(sheetOf(panel(100, 400, 300, 300)), opening, placement, photo, shaper)!;
    expect(covered.by).toEqual(['A panel']);
    expect(covered.share).toBeGreaterThan(0.8);
  });

  it('may be a caption', () => {
    const caption = newLettering(
      { text: 'Wrenfold', face: 'noto-sans', axes: {}, size: 120 },
      { x: 220, y: 560 },
      { type: 'colour', colour: '#000000' },
      shaper,
    );
    expect(coveredFocus(sheetOf(caption), opening, placement, photo, shaper)!.by).toEqual(['Wrenfold']);
  });

  it('is no matter where it lies beside, or where nothing is known of the focus', () => {
    expect(coveredFocus(sheetOf(panel(500, 100, 200, 200)), opening, placement, photo, shaper)).toBeNull();
    expect(coveredFocus(sheetOf(panel(100, 400, 300, 300)), opening, placement, testPhoto(), shaper)).toBeNull();
    expect(coveredFocus(sheetOf(), opening, placement, photo, shaper)).toBeNull();
  });

  it('is made clear by moving the photo, which still covers its opening', () => {
    const sheet = sheetOf(panel(100, 600, 600, 100));
    expect(coveredFocus(sheet, opening, placement, photo, shaper)).not.toBeNull();
    const moved = clearFocus(sheet, opening, placement, photo, shaper)!;
    expect(coveredFocus(sheet, opening, moved, photo, shaper)).toBeNull();
    expect(covers(moved, openingHull(opening, shaper), photo, 1e-6)).toBe(true);
  });
});
