import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { applyEdit, invertEdit } from './edit.js';
import { findOpening } from './find-item.js';
import type { Sheet } from './project.js';
import { trimSheet } from './trim-sheet.js';

const project = testProject([testOpening('a'), testGroup('g', [testOpening('b')])]);
const sheet: Sheet = {
  ...project.sheets[0]!,
  guides: [
    { id: 'left', axis: 'vertical', at: 300 },
    { id: 'top', axis: 'horizontal', at: 200 },
  ],
  folds: [{ axis: 'vertical', at: 500 }],
  placements: { shared: { x: 400, y: 300, scale: 1, turn: 0, flipX: false, flipY: false } },
  crossings: [
    {
      lower: { itemId: 'g', part: 'whole' },
      upper: { itemId: 'a', part: 'whole' },
      over: true,
      regions: [{ at: { x: 150, y: 120 }, over: false }],
      cuts: [],
      paint: [{ points: [{ x: 10, y: 10 }], width: 4, over: true }],
    },
  ],
};
const whole = { ...project, sheets: [sheet] };

describe('trimming the sheet', () => {
  it('moves its edges; items, guides, folds, shared photos and marks stay where they lie', () => {
    const [now] = applyEdit(whole, trimSheet(sheet, { left: 50, top: 20, right: 100, bottom: -30 })).sheets;
    expect([now!.width, now!.height]).toEqual([850, 810]);
    for (const id of ['a', 'b']) {
      const [was, is] = [findOpening(sheet, id)!, findOpening(now!, id)!];
      expect([was.box.x - is.box.x, was.box.y - is.box.y]).toEqual([50, 20]);
    }
    expect(now!.guides.map(({ at }) => at)).toEqual([250, 180]);
    expect(now!.folds![0]!.at).toBe(450);
    expect(now!.placements['shared']).toMatchObject({ x: 350, y: 280 });
    expect(now!.crossings[0]!.regions[0]!.at).toEqual({ x: 100, y: 100 });
    expect(now!.crossings[0]!.paint![0]!.points).toEqual([{ x: -40, y: -10 }]);
  });

  it('on the right and below changes nothing but the size', () => {
    const edit = trimSheet(sheet, { left: 0, top: 0, right: 100, bottom: 100 });
    expect(edit.operations).toHaveLength(1);
    expect(edit.operations[0]).toMatchObject({ after: { width: 900, height: 700 } });
  });

  it('leaves something of the sheet, and can be taken back', () => {
    const side = fc.integer({ min: -3000, max: 3000 });
    fc.assert(
      fc.property(side, side, side, side, (left, top, right, bottom) => {
        const edit = trimSheet(sheet, { left, top, right, bottom });
        const after = applyEdit(whole, edit);
        expect(Math.min(after.sheets[0]!.width, after.sheets[0]!.height)).toBeGreaterThanOrEqual(8);
        expect(applyEdit(after, invertEdit(edit))).toEqual(whole);
      }),
    );
  });
});
