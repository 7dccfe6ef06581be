import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import type { PhotoFill, Placement } from '../document/fill.js';
import { findOpening } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import type { Project } from '../document/project.js';
import { covers } from './cover.js';
import { joinRegister } from './register.js';
import { fillWithPhoto, openingHull } from './opening-fit.js';
import { placedPhoto } from './grip.js';
import { placementMatrix } from './placement.js';
import { apply } from '../geometry/matrix.js';
import { resizeSheet } from './resize-sheet.js';

const shaper = await testShaper();
const photo = { ...testPhoto(), focus: { x: 1200, y: 100, width: 300, height: 300 } };
const at = (id: string, x: number, y: number, width: number, height: number, change: Partial<Opening> = {}): Opening =>
  testOpening(id, { box: { x, y, width, height, turn: 0 }, ...change });
const filled = (opening: Opening): Opening => ({ ...opening, fill: fillWithPhoto(opening, photo, shaper) });
const items = [
  filled(at('ground', 0, 0, 1000, 800)),
  at('band', 40, 700, 920, 60),
  at('logo', 40, 40, 100, 50),
  at('corner', 860, 690, 100, 70, { box: { x: 860, y: 690, width: 100, height: 70, turn: 10 } }),
  filled(at('middle', 400, 300, 200, 200, { outline: { type: 'ellipse' } })),
];
const made = testProject(items, [photo]);
const project: Project = {
  ...made,
  sheets: [{ ...made.sheets[0]!, margin: 40, guides: [{ id: 'one', axis: 'vertical', at: 500 }] }],
};
const resized = (width: number, height: number, of: Project = project) => {
  const edit = resizeSheet({ project: of, sheet: of.sheets[0]!, photos: of.photos, shaper }, { width, height });
  return { edit, after: applyEdit(of, edit) };
};
const get = (of: Project, id: string): Opening => findOpening(of.sheets[0]!, id)!;
const boxOf = (of: Project, id: string) => {
  const { x, y, width, height } = get(of, id).box;
  return [x, y, width, height].map((value) => Math.round(value * 1000) / 1000);
};

describe('a sheet of another size', () => {
  it('keeps what lies at edges, in the middle, and across', () => {
    const { after } = resized(2000, 800);
    expect(boxOf(after, 'ground')).toEqual([0, 0, 2000, 800]);
    expect(boxOf(after, 'band')).toEqual([40, 700, 1920, 60]);
    expect(boxOf(after, 'logo')).toEqual([40, 40, 100, 50]);
    expect(boxOf(after, 'middle')).toEqual([900, 300, 200, 200]);
    // It stays as far from the right edge as it was.
    expect(get(after, 'corner').box.x).toBeCloseTo(1860, 6);
    expect(after.sheets[0]).toMatchObject({ width: 2000, margin: 40, guides: [{ id: 'one', axis: 'vertical', at: 1000 }] });
  });

  it('scales all of it where both sides grow alike', () => {
    const { after } = resized(1500, 1200);
    expect(boxOf(after, 'logo')).toEqual([60, 60, 150, 75]);
    expect(boxOf(after, 'middle')).toEqual([600, 450, 300, 300]);
    expect(after.sheets[0]!.margin).toBe(60);
  });

  it('keeps the focus of a photo that gets another form in sight', () => {
    for (const [width, height] of [
      [300, 1600],
      [1600, 300],
      [900, 900],
    ] as const) {
      const { after } = resized(width, height);
      const ground = get(after, 'ground');
      const placement = (ground.fill as PhotoFill).placement as Placement;
      const { focus } = photo;
      const middle = apply(placementMatrix(placement, photo), { x: focus.x + focus.width / 2, y: focus.y + focus.height / 2 });
      expect(middle.x).toBeGreaterThan(0);
      expect(middle.x).toBeLessThan(width);
      expect(middle.y).toBeGreaterThan(0);
      expect(middle.y).toBeLessThan(height);
    }
  });

  it('is never uncovered, and undone it is the same (property)', () => {
    const withRegister = applyEdit(
      project,
      joinRegister(project.sheets[0]!, [get(project, 'logo')], get(project, 'middle'), project.photos, shaper),
    );
    const side = fc.integer({ min: 100, max: 4000 });
    fc.assert(
      fc.property(side, side, fc.constantFrom(project, withRegister), (width, height, of) => {
        const { edit, after } = resized(width, height, of);
        for (const id of ['ground', 'middle', 'logo']) {
          const opening = get(after, id);
          const placed = placedPhoto(opening, { sheet: after.sheets[0]!, sheets: [], photos: of.photos, shaper });
          if (placed) expect(covers(placed.placement, openingHull(opening, shaper), photo, 1e-3)).toBe(true);
        }
        expect(applyEdit(after, invertEdit(edit))).toEqual(of);
      }),
      { numRuns: 60 },
    );
  });
});
