import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MUG } from '../../testing/product-truth.js';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { followHosts } from '../areas/follow-hosts.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import { findOpening } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import { changeItem } from '../document/make-edit.js';
import { openProject } from '../document/open-project.js';
import type { PhotoArea, Project } from '../document/project.js';
import { toPx } from '../document/units.js';
import { moveByGrip, type GripContext } from '../fit/grip.js';
import { itemBounds } from '../fit/item-bounds.js';
import { fillWithPhoto } from '../fit/opening-fit.js';
import { changeOpening } from '../fit/register.js';
import { addArtwork, landing, moveArtwork, photoArtwork, sizeArtwork, transformArtwork } from './artwork-edits.js';
import { artworkAt, artworkSize, fromImprint, imprintOf, onImprint, seenOfImprint, type ImprintView } from './imprint-view.js';
import { inkFor, layImprint } from './new-imprint.js';

const shaper = await testShaper();
const { half: _half, turn: _turn, ...handles } = MUG;
const area: PhotoArea = {
  id: 'side',
  name: 'Mug side',
  form: { type: 'tube', ...handles, around: 245.55 },
  size: { width: 180, height: 65.5 },
  surface: { base: [0.7, 0.62, 0.55], light: [0.82, 0.75, 0.67] },
};
const [mug, hare] = [{ ...testPhoto('photo_a', 2000, 2000), areas: [area] }, testPhoto('photo_b', 800, 600)];
const contextOf = (project: Project): GripContext => ({
  sheet: project.sheets[0]!,
  sheets: project.sheets,
  photos: project.photos,
  shaper,
});

/** A mug on the sheet, 500 px wide, with an imprint that holds a photo in its middle. */
function printed(): Project {
  const host = testOpening('mug', { box: { x: 100, y: 40, width: 500, height: 500, turn: 0 } });
  const empty = testProject([host], [mug, hare]);
  const filled = applyEdit(empty, changeOpening(empty.sheets[0]!, host, { fill: fillWithPhoto(host, mug, shaper) }, 'Fill'));
  const sheet = filled.sheets[0]!;
  const place = { project: filled, sheet, host: findOpening(sheet, 'mug')!, photo: mug };
  const laid = layImprint(place, area, () => [], contextOf(filled))!;
  const after = applyEdit(filled, laid.edit);
  const view = imprintOf(after, findOpening(after.sheets[0]!, laid.opening.id))!;
  const middle = landing(view, { x: view.sheet.width / 2, y: view.sheet.height / 2 });
  return applyEdit(after, addArtwork(view, { ...photoArtwork(view, hare, middle), id: 'hare' }));
}
const start = printed();
const openingOf = (project: Project): Opening =>
  project.sheets[0]!.items.find((item) => item.type === 'opening' && item.host !== undefined) as Opening;
const viewOf = (project: Project): ImprintView => imprintOf(project, openingOf(project))!;
const share = fc.double({ min: 0.3, max: 0.7, noNaN: true });

describe('an imprint', () => {
  it('is a clear sheet in true size, that lies on the product as ink and can be taken back whole', () => {
    const { sheet, opening } = viewOf(start);
    expect(sheet).toMatchObject({ role: 'imprint', name: 'Mug side', dpi: 300, background: { type: 'none' } });
    expect(sheet.width).toBeCloseTo(toPx(180, 'mm', 300), 6);
    expect(sheet.height).toBeCloseTo(toPx(65.5, 'mm', 300), 6);
    expect(opening.host).toEqual({ itemId: 'mug', areaId: 'side', opaque: 0 });
    expect(openProject(JSON.parse(JSON.stringify(start)))).toMatchObject({ ok: true });
    const host = testOpening('mug', { box: { x: 100, y: 40, width: 500, height: 500, turn: 0 } });
    const filled = testProject([{ ...host, fill: fillWithPhoto(host, mug, shaper) }], [mug, hare]);
    const place = { project: filled, sheet: filled.sheets[0]!, host: findOpening(filled.sheets[0]!, 'mug')!, photo: mug };
    const { edit } = layImprint(place, area, () => [], contextOf(filled))!;
    expect(applyEdit(applyEdit(filled, edit), invertEdit(edit))).toEqual(filled);
  });

  it('is seen where it lies, and each place of it is found again', () => {
    const view = viewOf(start);
    const seen = seenOfImprint(view);
    // Of 180 mm round a mug of 84 mm no more than 127 are turned to the eye.
    expect((seen.width / view.sheet.width) * 180).toBeCloseTo(127.6, 0);
    fc.assert(
      fc.property(share, share, (u, v) => {
        const place = { x: u * view.sheet.width, y: v * view.sheet.height };
        const back = onImprint(view, fromImprint(view, place)!)!;
        expect(Math.hypot(back.x - place.x, back.y - place.y)).toBeLessThan(1);
      }),
    );
    expect(onImprint(view, { x: 110, y: 300 })).toBeNull();
    expect(artworkAt(view, { x: view.sheet.width / 2, y: view.sheet.height / 2 })).toMatchObject({ id: 'hare' });
    expect(artworkAt(view, { x: 5, y: 5 })).toBeNull();
  });

  it('holds artwork of the width that is typed, its middle stays', () => {
    const view = viewOf(start);
    const before = itemBounds(view.sheet.items[0]!)!;
    const after = viewOf(applyEdit(start, sizeArtwork(view.sheet, view.sheet.items[0]!, 80)!));
    const size = artworkSize(after.sheet, after.sheet.items[0]!)!;
    expect(size.width).toBeCloseTo(80, 9);
    expect(size.height).toBeCloseTo(60, 9);
    const bounds = itemBounds(after.sheet.items[0]!)!;
    expect(bounds.x + bounds.width / 2).toBeCloseTo(before.x + before.width / 2, 6);
    expect(bounds.y + bounds.height / 2).toBeCloseTo(before.y + before.height / 2, 6);
    expect(sizeArtwork(view.sheet, view.sheet.items[0]!, 0)).toBeNull();
  });

  it('has its artwork moved by what is seen: what was under the pointer is under it afterwards', () => {
    fc.assert(
      fc.property(share, share, (u, v) => {
        const view = viewOf(start);
        const from = fromImprint(view, { x: view.sheet.width / 2, y: view.sheet.height / 2 })!;
        const to = fromImprint(view, { x: u * view.sheet.width, y: v * view.sheet.height })!;
        const moved = viewOf(applyEdit(start, moveArtwork(view, view.sheet.items, from, to)!));
        const [a, b] = [itemBounds(view.sheet.items[0]!)!, itemBounds(moved.sheet.items[0]!)!];
        expect(b.x - a.x).toBeCloseTo((u - 0.5) * view.sheet.width, 0);
        expect(b.y - a.y).toBeCloseTo((v - 0.5) * view.sheet.height, 0);
        expect(b.width).toBeCloseTo(a.width, 6);
      }),
      { numRuns: 40 },
    );
    const view = viewOf(start);
    expect(moveArtwork(view, view.sheet.items, { x: 110, y: 300 }, { x: 300, y: 300 })).toBeNull();
  });

  it('has its artwork scaled and turned about its middle, and never lost', () => {
    const view = viewOf(start);
    const [piece] = view.sheet.items;
    const turned = viewOf(applyEdit(start, transformArtwork(view, piece!, 1, 90)!));
    const [before, after] = [itemBounds(piece!)!, itemBounds(turned.sheet.items[0]!)!];
    expect(after.width).toBeCloseTo(before.height, 6);
    const tiny = viewOf(applyEdit(start, transformArtwork(view, piece!, 1e-6, 0)!));
    expect(artworkSize(tiny.sheet, tiny.sheet.items[0]!)!.width).toBeCloseTo(1, 6);
  });

  it('goes with the product, still turned round it as it was', () => {
    const opening = openingOf(start);
    if (opening.outline.type !== 'tube') throw new Error('A round wall was wanted');
    const turned = applyEdit(start, changeItem(start.sheets[0]!, opening, { outline: { ...opening.outline, turn: 25 } }, 'Turn'));
    // Turning it is no leaving it.
    const { edit: first } = followHosts(
      start,
      changeItem(start.sheets[0]!, opening, { outline: { ...opening.outline, turn: 25 } }, 'Turn'),
      shaper,
    );
    expect(openingOf(applyEdit(start, first)).host).toBeDefined();
    const host = findOpening(turned.sheets[0]!, 'mug')!;
    const move = changeOpening(turned.sheets[0]!, host, moveByGrip(host, 'both', { x: 60, y: 20 }, contextOf(turned)), 'Move');
    const after = openingOf(applyEdit(turned, followHosts(turned, move, shaper).edit));
    expect(after.box.x).toBeCloseTo(opening.box.x + 60, 6);
    expect(after.box.y).toBeCloseTo(opening.box.y + 20, 6);
    expect(after.outline).toMatchObject({ type: 'tube', turn: 25 });
    expect(after.host?.areaId).toBe('side');
  });

  it('is printed with clear ink on what is light, with more on cloth, and with opaque ink on what is dark', () => {
    const light = [0.8, 0.8, 0.8] as const;
    const cloth = { type: 'cloth', points: [] } as const;
    expect(inkFor(area)).toBe(0);
    expect(inkFor({ form: cloth, surface: { base: [0.6, 0.6, 0.5], light } })).toBe(0.25);
    expect(inkFor({ form: cloth, surface: { base: [0.05, 0.05, 0.05], light } })).toBe(1);
    expect(inkFor({ form: area.form, surface: { base: [0.3, 0.02, 0.02], light } })).toBe(1);
  });
});
