import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { applyEdit } from '../document/edit.js';
import type { Group, Opening } from '../document/item.js';
import type { Project } from '../document/project.js';
import { findItem } from '../document/find-item.js';
import { similarity, transformItems } from './transform-items.js';

const photo = testPhoto();
const placed = { x: 60, y: 40, scale: 0.1, turn: 5, flipX: true, flipY: false };
const inner = testOpening('inner', {
  outline: { type: 'rectangle', radii: [4, 0, 8, 0] },
  box: { x: 300, y: 200, width: 120, height: 80, turn: 15 },
  fill: { type: 'photo', photoId: photo.id, placement: placed, blur: 3 },
  finish: {
    outline: { align: 'outside', width: 4, paint: '#ffffff' },
    rim: { top: 3, right: 3, bottom: 12, left: 3, colour: '#ffffff' },
    shadow: { distance: 6, blur: 8, strength: 0.4, spread: 1 },
    innerShade: { colour: '#000000', blur: 5, strength: 0.3 },
  },
});
const shared = testOpening('shared', { fill: { type: 'photo', photoId: photo.id, placement: 'together' } });
const nested: Group = { ...testGroup('nested', [inner, shared]), finish: { shadow: { distance: 5, blur: 9, strength: 0.5 } } };
const outer = testGroup('outer', [nested, testOpening('beside', { box: { x: 500, y: 90, width: 30, height: 60, turn: 0 } })]);
const made = testProject([outer]);
const project: Project = {
  ...made,
  sheets: [{ ...made.sheets[0]!, placements: { together: { ...placed, x: 200, y: 160 } } }],
};

function transformed(of: Project, factor: number, turn: number, by = { x: 0, y: 0 }): Project {
  const sheet = of.sheets[0]!;
  return applyEdit(of, {
    name: '',
    operations: transformItems(sheet, sheet.items, similarity({ x: 333, y: 222 }, factor, turn, by)),
  });
}
const get = (of: Project, id: string): Opening => findItem(of.sheets[0]!.items, id) as Opening;

describe('items moved, scaled and turned together', () => {
  it('take their photos, finishes and shadows along', () => {
    const after = transformed(project, 2, 90);
    const { box, outline, fill, finish } = get(after, 'inner');
    expect([box.width, box.height, box.turn]).toEqual([240, 160, 105]);
    expect(outline).toMatchObject({ radii: [8, 0, 16, 0] });
    expect(fill).toMatchObject({ blur: 6, placement: { x: 120, y: 80, scale: 0.2, turn: 5 } });
    expect(finish).toMatchObject({
      outline: { width: 8 },
      rim: { bottom: 24, colour: '#ffffff' },
      shadow: { distance: 12, blur: 16, spread: 2, strength: 0.4 },
      innerShade: { blur: 10 },
    });
    const group = findItem(after.sheets[0]!.items, 'nested') as Group;
    expect(group.finish).toEqual({ shadow: { distance: 10, blur: 18, strength: 0.5 } });
    // All windows went along, so the photo that they share went too.
    expect(after.sheets[0]!.placements['together']).toMatchObject({ scale: 0.2, turn: 95 });
  });

  it('a window that goes without the others leaves their photo where it is', () => {
    const sheet = { ...project.sheets[0]!, items: [outer, { ...shared, id: 'other' }] };
    const operations = transformItems(sheet, [outer], similarity({ x: 0, y: 0 }, 2, 0));
    expect(operations.some(({ type }) => type === 'change-sheet')).toBe(false);
  });

  it('scaled and scaled back they are the same (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 20, noNaN: true }), fc.integer({ min: -180, max: 180 }), (factor, turn) => {
        const back = transformed(transformed(project, factor, turn), 1 / factor, -turn);
        expectAlike(back.sheets[0]!.items, project.sheets[0]!.items);
        expectAlike(back.sheets[0]!.placements, project.sheets[0]!.placements);
      }),
      { numRuns: 60 },
    );
  });
});

/** The same but for rounding. */
function expectAlike(a: unknown, b: unknown): void {
  const numbers = (value: unknown): unknown =>
    JSON.parse(JSON.stringify(value, (_, v: unknown) => (typeof v === 'number' ? Math.round(v * 1e5) / 1e5 + 0 : v)));
  expect(numbers(a)).toEqual(numbers(b));
}
