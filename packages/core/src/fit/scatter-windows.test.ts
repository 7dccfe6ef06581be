import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { newBackground } from '../document/background.js';
import { applyEdit } from '../document/edit.js';
import type { PhotoFill } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { boxBounds } from '../geometry/box.js';
import { scatterWindows } from './scatter-windows.js';

const shaper = await testShaper();
const photo = testPhoto();
const fill: PhotoFill = {
  type: 'photo',
  photoId: photo.id,
  placement: { x: 501, y: 401, scale: 0.7, turn: 0, flipX: false, flipY: false },
};
const made = testProject([testOpening('title')]);
const background = newBackground(made.sheets[0]!, fill);
const project = { ...made, sheets: [{ ...made.sheets[0]!, items: [background, ...made.sheets[0]!.items] }] };
const sheet = project.sheets[0]!;
const places = [
  { x: 300, y: 400 },
  { x: 330, y: 420 },
  { x: 1500, y: 1150 },
  { x: 800, y: 600 },
  { x: 10, y: 10 },
];
const options = { places, veil: { colour: '#224466', strength: 0.6 } };

describe('windows scattered over a photo', () => {
  it('are turned prints in register, over a veil, inside the sheet', () => {
    const { edit, ids } = scatterWindows(sheet, background, options, project.photos, shaper)!;
    const after = applyEdit(project, edit).sheets[0]!;
    const [ground, veil, title, ...prints] = after.items as Opening[];
    expect([veil!.name, title!.id, prints.map(({ id }) => id)]).toEqual(['Veil', 'title', ids]);
    expect([veil!.fill, veil!.finish.opacity]).toEqual([{ type: 'colour', colour: '#224466' }, 0.6]);
    for (const { box, fill, finish } of prints) {
      const { x, y, width, height } = boxBounds(box);
      expect([x >= -1, y >= -1, x + width <= 1001, y + height <= 801]).toEqual([true, true, true, true]);
      expect(fill).toMatchObject({ placement: Object.keys(after.placements)[0] });
      expect(finish.rim!.bottom).toBeGreaterThan(2 * finish.rim!.top);
      expect(Math.abs(box.turn)).toBeGreaterThan(1.9);
    }
    expect(ground!.fill).toMatchObject({ placement: Object.keys(after.placements)[0] });
  });

  it('do not lie on one another, even where their places do', () => {
    const { edit } = scatterWindows(sheet, background, options, project.photos, shaper)!;
    const prints = (applyEdit(project, edit).sheets[0]!.items as Opening[]).slice(3);
    for (const [i, a] of prints.entries()) {
      for (const b of prints.slice(i + 1)) {
        const [dx, dy] = [Math.abs(a.box.x - b.box.x) / a.box.width, Math.abs(a.box.y - b.box.y) / a.box.height];
        expect(Math.max(dx, dy)).toBeGreaterThan(0.75);
      }
    }
  });

  it('lie over the photo of an opening as well, and over none there is nothing to do', () => {
    const host = testOpening('host', {
      box: { x: 100, y: 100, width: 600, height: 500, turn: 0 },
      fill: { ...fill, placement: { ...(fill.placement as object), x: 300, y: 250 } } as PhotoFill,
    });
    const other = testProject([host, testOpening('title')]);
    const { edit } = scatterWindows(other.sheets[0]!, host, options, other.photos, shaper)!;
    const names = applyEdit(other, edit).sheets[0]!.items.map(({ name }) => name);
    expect(names.slice(0, 2)).toEqual([host.name, 'Veil']);
    const empty = testOpening('empty');
    expect(scatterWindows(testProject([empty]).sheets[0]!, empty, options, made.photos, shaper)).toBeNull();
    expect(scatterWindows(sheet, background, { ...options, places: [] }, project.photos, shaper)).toBeNull();
  });
});
