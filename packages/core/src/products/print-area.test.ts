import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import type { ClothForm, TubeForm } from '../areas/area-form.js';
import { photoToSheet } from '../areas/area-opening.js';
import { followHosts } from '../areas/follow-hosts.js';
import { applyEdit } from '../document/edit.js';
import { findOpening } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import type { PhotoArea, Project } from '../document/project.js';
import { fromPx } from '../document/units.js';
import { cornerOnSheet, moveCorner } from '../fit/move-corner.js';
import type { GripContext } from '../fit/grip.js';
import { itemBounds } from '../fit/item-bounds.js';
import { fillWithPhoto, openingPath } from '../fit/opening-fit.js';
import { changeOpening } from '../fit/register.js';
import { flatten } from '../geometry/path.js';
import { polygonBounds } from '../geometry/polygon.js';
import { project as projected } from '../geometry/quad.js';
import { addArtwork, photoArtwork } from './artwork-edits.js';
import { artworkSize, fromImprint, imprintOf } from './imprint-view.js';
import { layImprint } from './new-imprint.js';
import { diameterOf, isPrintedOn, measuredSize, printArea, sizeArea } from './print-area.js';

const shaper = await testShaper();
const corners = [
  { x: 300, y: 200 },
  { x: 700, y: 210 },
  { x: 690, y: 640 },
  { x: 310, y: 650 },
] as const;
const [mug, hare] = [testPhoto('photo_a', 1000, 800), testPhoto('photo_b', 800, 600)];
const found = { name: 'Side', form: { type: 'flat', corners } } as const;
const contextOf = (project: Project): GripContext => ({
  sheet: project.sheets[0]!,
  sheets: project.sheets,
  photos: project.photos,
  shaper,
});

/** A photo on the sheet with an imprint on its area, and a photo printed there. */
function printed(area: PhotoArea): Project {
  const host = testOpening('mug', { box: { x: 40, y: 30, width: 500, height: 400, turn: 0 } });
  const empty = testProject([host], [mug, hare]);
  const filled = applyEdit(empty, changeOpening(empty.sheets[0]!, host, { fill: fillWithPhoto(host, mug, shaper) }, 'Fill'));
  const place = { project: filled, sheet: filled.sheets[0]!, host: findOpening(filled.sheets[0]!, 'mug')!, photo: mug };
  const after = applyEdit(filled, layImprint(place, area, () => [], contextOf(filled))!.edit);
  const view = imprintOf(after, openingOf(after))!;
  const middle = { x: view.sheet.width / 2, y: view.sheet.height / 2 };
  return applyEdit(after, addArtwork(view, { ...photoArtwork(view, hare, middle), id: 'hare' }));
}
const openingOf = (project: Project): Opening =>
  project.sheets[0]!.items.find((item) => item.type === 'opening' && item.host !== undefined) as Opening;
const areaOf = (project: Project): PhotoArea =>
  project.photos[mug.id]!.areas!.find(({ id }) => id === openingOf(project).host!.areaId)!;

describe('an area that is made one to print on', () => {
  it('begins between the corners that were found, of the size of a usual mug or bag', () => {
    const tube = printArea(mug, found, 'tube');
    expect((tube.form as TubeForm).corners).toEqual(corners);
    expect(diameterOf(tube)).toBeCloseTo(82, 9);
    expect((tube.form as TubeForm).top.y).toBeGreaterThan(205);
    const cloth = printArea(mug, found, 'cloth');
    expect((cloth.form as ClothForm).points).toHaveLength(16);
    expect((cloth.form as ClothForm).points[15]!.x).toBeCloseTo(690, 6);
    expect(cloth.size!.width).toBe(250);
    const round = printArea(
      mug,
      { name: 'Disc', form: { type: 'round', centre: { x: 500, y: 400 }, rx: 100, ry: 80, turn: 0 } },
      'tube',
    );
    expect((round.form as TubeForm).corners[0].x).toBeCloseTo(400, 0);
  });

  it('may stay flat: then it is printed on because it is said to be', () => {
    const flat = printArea(mug, found, 'flat');
    expect(flat).toMatchObject({ form: { type: 'flat', corners }, printed: true, size: { width: 250 } });
    expect(isPrintedOn(flat)).toBe(true);
    expect(isPrintedOn({ form: flat.form })).toBe(false);
    expect(isPrintedOn(printArea(mug, found, 'tube'))).toBe(true);
    expect(isPrintedOn({ ...printArea(mug, found, 'cloth'), printed: false })).toBe(false);
    const project = printed(flat);
    const view = imprintOf(project, openingOf(project))!;
    expect(view.opening.outline.type).toBe('corners');
    expect(view.opening.host!.opaque).toBe(0);
    // Its artwork lies in the perspective of the corners.
    const seen = fromImprint(view, { x: 0, y: 0 })!;
    const onto = photoToSheet(findOpening(project.sheets[0]!, 'mug')!, contextOf(project))!;
    const corner = projected(onto, corners[0]);
    // The sheet is whole px, the area is not.
    expect(Math.hypot(seen.x - corner.x, seen.y - corner.y)).toBeLessThan(0.05);
  });

  it('is measured by its diameter, or by its width', () => {
    const tube = printArea(mug, found, 'tube');
    expect(diameterOf({ ...tube, size: measuredSize(tube, 90, 70) })).toBeCloseTo(90, 9);
    const cloth = printArea(mug, found, 'cloth');
    expect(measuredSize(cloth, 300, 200)).toEqual({ width: 300, height: 200 });
    expect(diameterOf(cloth)).toBeNull();
  });

  it('gets another true size with its imprint, whose artwork stays as large as it is, in the middle', () => {
    const before = printed(printArea(mug, found, 'tube'));
    const view = imprintOf(before, openingOf(before))!;
    const size = measuredSize(areaOf(before), 100, 60);
    const edit = sizeArea(before, before.photos[mug.id]!, areaOf(before), view, size);
    const after = applyEdit(before, followHosts(before, edit, shaper).edit);
    const now = imprintOf(after, openingOf(after))!;
    expect(fromPx(now.sheet.height, 'mm', now.sheet.dpi)).toBeCloseTo(60, 9);
    expect(diameterOf(areaOf(after))).toBeCloseTo(100, 9);
    expect(artworkSize(now.sheet, now.sheet.items[0]!)!.width).toBeCloseTo(
      artworkSize(view.sheet, view.sheet.items[0]!)!.width,
      9,
    );
    const bounds = itemBounds(now.sheet.items[0]!)!;
    expect(bounds.x + bounds.width / 2).toBeCloseTo(now.sheet.width / 2, 6);
  });

  it.each(['tube', 'cloth'] as const)(
    'has its %s corrected by each of its handles: the area goes there, and what is printed with it',
    (as) => {
      const start = printed(printArea(mug, found, as));
      const handles = as === 'tube' ? 6 : 16;
      fc.assert(
        fc.property(fc.nat(handles - 1), fc.integer({ min: -9, max: 9 }), fc.integer({ min: -9, max: 9 }), (index, x, y) => {
          fc.pre(x !== 0 || y !== 0);
          const opening = openingOf(start);
          const from = cornerOnSheet(opening, index)!;
          const step = changeOpening(
            start.sheets[0]!,
            opening,
            moveCorner(opening, index, { x, y }, contextOf(start)),
            'Correct',
          );
          const after = applyEdit(start, followHosts(start, step, shaper).edit);
          const now = openingOf(after);
          expect(now.host).toEqual(opening.host);
          const to = cornerOnSheet(now, index)!;
          expect(to.x - from.x).toBeCloseTo(x, 6);
          expect(to.y - from.y).toBeCloseTo(y, 6);
          // The same place in the area, by way of the photo.
          const onto = photoToSheet(findOpening(after.sheets[0]!, 'mug')!, contextOf(after))!;
          const { form } = areaOf(after);
          if (form.type !== 'tube' && form.type !== 'cloth') throw new Error(`It is ${form.type}`);
          const places = form.type === 'tube' ? [...form.corners, form.top, form.bottom] : form.points;
          const seen = projected(onto, places[index]!);
          expect(Math.hypot(seen.x - to.x, seen.y - to.y)).toBeLessThan(1e-6);
          // Its box is drawn round it again.
          const bounds = polygonBounds(flatten(openingPath(now, shaper)));
          expect(bounds.x).toBeCloseTo(0, 6);
          expect(bounds.width).toBeCloseTo(now.box.width, 6);
          expect(bounds.height).toBeCloseTo(now.box.height, 6);
        }),
        { numRuns: 60 },
      );
    },
  );
});
