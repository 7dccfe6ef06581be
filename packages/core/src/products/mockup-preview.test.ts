import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { resolveSheet } from '../document/resolve-sheet.js';
import type { Opening } from '../document/item.js';
import type { PhotoArea, Project } from '../document/project.js';
import { boundsOfAll } from '../fit/arrange.js';
import { itemBounds } from '../fit/item-bounds.js';
import { imprintOf, seenOfImprint } from './imprint-view.js';
import { lastArtwork, mockupPreview } from './mockup-preview.js';
import { imprintSheet } from './new-imprint.js';

const shaper = await testShaper();
const corners = [
  { x: 200, y: 200 },
  { x: 600, y: 200 },
  { x: 600, y: 500 },
  { x: 200, y: 500 },
] as const;
const side: PhotoArea = {
  id: 'area_1',
  name: 'Side',
  form: { type: 'flat', corners },
  size: { width: 80, height: 60 },
  printed: true,
};
const hare = testPhoto('photo_b', 800, 600);
const mockup = (area: PhotoArea) => ({ ...testPhoto('photo_a', 1000, 800), areas: [area] });

/** A project whose imprint shows a photo and a shape. */
function withImprint(): Project {
  const project = testProject([testOpening('page', {})], [hare]);
  const fill = {
    type: 'photo',
    photoId: hare.id,
    placement: { x: 20, y: 15, scale: 0.05, turn: 0, flipX: false, flipY: false },
    fit: 'fill',
  };
  const items = [
    testOpening('mark', { box: { x: 100, y: 50, width: 40, height: 30, turn: 0 }, fill: fill as Opening['fill'] }),
    testOpening('word', { box: { x: 100, y: 100, width: 40, height: 10, turn: 0 } }),
  ];
  return { ...project, sheets: [...project.sheets, { ...imprintSheet(side, 1), items }] };
}

describe('a product with artwork of a project on it', () => {
  it('takes the newest imprint on which something is printed', () => {
    const project = withImprint();
    expect(lastArtwork(project)!.items).toHaveLength(2);
    const empty = { ...project, sheets: [...project.sheets, imprintSheet(side, 1)] };
    expect(lastArtwork(empty)!.items).toHaveLength(2);
    expect(lastArtwork(testProject([], []))).toBeNull();
  });

  it('shows all of its pieces as large as the area lets them be, in the middle', () => {
    const project = withImprint();
    const shown = mockupPreview(project, mockup(side), lastArtwork(project), shaper, 200);
    const sheet = shown.project.sheets.find(({ id }) => id === shown.sheetId)!;
    expect([sheet.width, sheet.height]).toEqual([200, 160]);
    const opening = sheet.items.find((item) => item.type === 'opening' && item.host) as Opening;
    const view = imprintOf(shown.project, opening)!;
    const bounds = boundsOfAll(view.sheet.items.map((item) => itemBounds(item)!))!;
    const seen = seenOfImprint(view);
    expect(Math.max(bounds.width / seen.width, bounds.height / seen.height)).toBeCloseTo(0.8, 6);
    expect(bounds.x + bounds.width / 2).toBeCloseTo(seen.x + seen.width / 2, 6);
    expect(resolveSheet(shown.project, shown.sheetId)).not.toBeNull();
    // The project itself is as it was.
    expect(project.sheets).toHaveLength(2);
  });

  it('hangs the picture where the area holds pictures, and shows the product alone without artwork', () => {
    const project = withImprint();
    const { printed: _printed, ...frame } = side;
    const hung = mockupPreview(project, mockup(frame), lastArtwork(project), shaper, 200);
    const items = hung.project.sheets.find(({ id }) => id === hung.sheetId)!.items as Opening[];
    expect(items.map(({ fill }) => (fill.type === 'photo' ? fill.photoId : fill.type))).toEqual(['photo_a', hare.id]);
    const bare = mockupPreview(project, mockup(side), null, shaper, 200);
    expect(bare.project.sheets.find(({ id }) => id === bare.sheetId)!.items).toHaveLength(1);
  });
});
