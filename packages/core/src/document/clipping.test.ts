import { describe, expect, it } from 'vitest';
import { pasteEdit, readClipping, writeClipping } from './clipping.js';
import type { Crossing } from './crossing.js';
import { applyEdit, invertEdit } from './edit.js';
import type { Opening } from './item.js';
import { newShapedOpening } from './new-opening.js';
import { newProject } from './new-project.js';
import type { Cutout, Photo, PhotoArea, Project } from './project.js';

const photo: Photo = { id: 'photo_mug', sha256: 'a'.repeat(64), name: 'mug', width: 40, height: 30 };
const placement = { x: 30, y: 20, scale: 2, turn: 0, flipX: false, flipY: false };
const arch: Opening = {
  ...newShapedOpening('Arch', { type: 'arch' }, { x: 50, y: 50 }, 60, 40),
  fill: { type: 'photo', photoId: photo.id, placement },
  locked: true,
};
const made = newProject('One', { width: 100, height: 100, unit: 'px' });
const first: Project = { ...made, photos: { [photo.id]: photo }, sheets: [{ ...made.sheets[0]!, items: [arch] }] };
const second = newProject('Two', { width: 100, height: 100, unit: 'px' });

const revision = (letter: string) => ({ matteSha256: letter.repeat(64), marks: [] });
const cutout = (id: string, ...letters: string[]): Cutout => ({ id, name: id, revisions: letters.map(revision) });

describe('copying an item', () => {
  it('into another project brings its photo along, as one step', () => {
    const clipping = readClipping(writeClipping(first, first.sheets[0]!, [arch]))!;
    const { edit, ids } = pasteEdit(second, second.sheets[0]!, clipping, 'beside');
    const after = applyEdit(second, edit);
    expect(after.photos).toEqual({ [photo.id]: photo });
    const [pasted] = after.sheets[0]!.items as [Opening];
    expect([pasted.id, pasted.name, pasted.locked]).toEqual([ids[0], 'Arch', false]);
    expect(pasted.box.x).toBe(arch.box.x + 8);
    expect(edit.name).toBe('Paste Arch');
  });

  it('several at once, in place, and a window in register with a placement of its own', () => {
    const shared = { ...arch, id: 'window', fill: { ...arch.fill, placement: 'together' } } as Opening;
    const sheet = { ...first.sheets[0]!, items: [arch, shared], placements: { together: { ...placement, x: 50, y: 50 } } };
    const clipping = readClipping(writeClipping(first, sheet, sheet.items))!;
    const { edit } = pasteEdit(second, second.sheets[0]!, clipping, 'in place');
    const items = applyEdit(second, edit).sheets[0]!.items as Opening[];
    expect([edit.name, items.map(({ box }) => box.x)]).toEqual(['Paste 2 items', [arch.box.x, arch.box.x]]);
    expect(items[1]!.fill).toMatchObject({ placement: { x: 30, y: 20, scale: 2 } });
  });

  it('takes the crossings between what is copied along, and no others', () => {
    const ring: Opening = { ...arch, id: 'ring', name: 'Ring' };
    const crossing = (lower: string, upper: string): Crossing => ({
      lower: { itemId: lower, part: 'whole' },
      upper: { itemId: upper, part: 'whole' },
      ...{ over: true, regions: [], cuts: [] },
    });
    const crossings = [crossing(arch.id, 'ring'), crossing(arch.id, 'elsewhere')];
    const sheet = { ...first.sheets[0]!, items: [arch, ring], crossings };
    const clipping = readClipping(writeClipping(first, sheet, sheet.items))!;
    const { edit, ids } = pasteEdit(second, second.sheets[0]!, clipping, 'beside');
    const [pasted, ...others] = applyEdit(second, edit).sheets[0]!.crossings;
    expect(others).toEqual([]);
    expect([pasted!.lower.itemId, pasted!.upper.itemId]).toEqual(ids);
    const damaged = JSON.stringify({ items: [arch], photos: [photo], crossings: [{ lower: 1 }] });
    expect(readClipping(damaged)).toBeNull();
  });

  it('brings the cutouts that the photo there does not have', () => {
    const here = { ...first, photos: { [photo.id]: { ...photo, cutouts: [cutout('mug', 'b', 'c'), cutout('same', 'd')] } } };
    const there = {
      ...first,
      photos: { [photo.id]: { ...photo, cutouts: [cutout('mug', 'b', 'f'), cutout('own', 'e')] } },
    };
    const clipping = readClipping(writeClipping(here, here.sheets[0]!, [arch]))!;
    const { edit } = pasteEdit(there, there.sheets[0]!, clipping, 'beside');
    const letters = (cutouts: readonly Cutout[]) =>
      cutouts.map(({ id, revisions }) => [id, revisions.map(({ matteSha256 }) => matteSha256[0]).join('')]);
    expect(letters(applyEdit(there, edit).photos[photo.id]!.cutouts!)).toEqual([
      ['mug', 'cbf'],
      ['own', 'e'],
      ['same', 'd'],
    ]);
    expect(pasteEdit(here, here.sheets[0]!, clipping, 'beside').edit.operations.map(({ type }) => type)).toEqual(['insert-item']);
  });

  it('brings the areas that the photo there does not have; those that it has stay as they are', () => {
    const area = (id: string, name: string): PhotoArea => ({
      id,
      name,
      form: { type: 'round', centre: { x: 20, y: 15 }, rx: 5, ry: 4, turn: 0 },
    });
    const here = { ...first, photos: { [photo.id]: { ...photo, areas: [area('pane', 'Pane'), area('lens', 'Lens')] } } };
    const there = {
      ...second,
      photos: { [photo.id]: { ...photo, areas: [area('pane', 'Window')], cutouts: [cutout('own', 'e')] } },
    };
    const { edit } = pasteEdit(there, there.sheets[0]!, readClipping(writeClipping(here, here.sheets[0]!, [arch]))!, 'in place');
    const after = applyEdit(there, edit).photos[photo.id]!;
    expect(after.areas!.map(({ name }) => name)).toEqual(['Window', 'Lens']);
    expect(after.cutouts).toEqual([cutout('own', 'e')]);
    expect(applyEdit(applyEdit(there, edit), invertEdit(edit)).photos).toEqual(there.photos);
  });

  it('twice gives two items', () => {
    const clipping = readClipping(writeClipping(first, first.sheets[0]!, [arch]))!;
    const once = applyEdit(first, pasteEdit(first, first.sheets[0]!, clipping, 'beside').edit);
    const twice = applyEdit(once, pasteEdit(once, once.sheets[0]!, clipping, 'in place').edit);
    expect(new Set(twice.sheets[0]!.items.map(({ id }) => id)).size).toBe(3);
  });

  it('reads nothing that is no item, or that shows what did not come along', () => {
    expect(readClipping('words')).toBeNull();
    expect(readClipping('{"items":[{"type":"opening"}],"photos":[]}')).toBeNull();
    expect(readClipping(JSON.stringify({ items: [arch], photos: [] }))).toBeNull();
    const shared = { ...arch, fill: { type: 'photo', photoId: photo.id, placement: 'together' } };
    expect(readClipping(JSON.stringify({ items: [shared], photos: [photo] }))).toBeNull();
  });
});
