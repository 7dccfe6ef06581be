import {
  applyEdit,
  newProject,
  newShapedOpening,
  type Edit,
  type GripContext,
  type Opening,
  type PhotoFill,
  type Placement,
  type Shaper,
} from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { alignTogether, distributeTogether, fitTogether, matchSize } from './together-edits';

const at = (id: string, x: number, y: number, width: number, height: number, turn = 0): Opening => ({
  ...newShapedOpening(id, { type: 'rectangle', radii: [0, 0, 0, 0] }, { x: 0, y: 0 }, 1, 1),
  id,
  box: { x, y, width, height, turn },
});
const items = [at('a', 10, 10, 20, 20), at('b', 100, 40, 60, 30), at('c', 50, 200, 10, 10)];
const made = newProject('Test', { width: 400, height: 300, unit: 'px' });
const photo = {
  id: 'p',
  sha256: '0'.repeat(64),
  name: 'p',
  width: 100,
  height: 50,
  focus: { x: 80, y: 10, width: 10, height: 10 },
};
const project = { ...made, photos: { p: photo }, sheets: [{ ...made.sheets[0]!, items }] };
const context: GripContext = { sheet: project.sheets[0]!, sheets: [], photos: project.photos, shaper: {} as Shaper };
const boxes = (edit: Edit | null) =>
  (applyEdit(project, edit!).sheets[0]!.items as Opening[]).map(({ box }) => [box.x, box.y, box.width, box.height]);

describe('several items', () => {
  it('align to one another', () => {
    expect(boxes(alignTogether(context, items, 'right')).map(([x]) => x)).toEqual([140, 100, 150]);
    expect(boxes(alignTogether(context, items, 'middle')).map(([, y]) => y)).toEqual([100, 95, 105]);
    expect(alignTogether(context, [items[0]!], 'left')).toBeNull();
  });

  it('get equal gaps', () => {
    expect(boxes(distributeTogether(context, items, 'x')).map(([x]) => x)).toEqual([10, 100, 60]);
    expect(boxes(distributeTogether(context, items, 'y')).map(([, y]) => y)).toEqual([10, 100, 200]);
  });

  it('become as wide as the widest, about their middles; what is turned keeps its proportions', () => {
    expect(boxes(matchSize(context, items, 'width'))).toEqual([
      [-10, 10, 60, 20],
      [100, 40, 60, 30],
      [25, 200, 60, 10],
    ]);
    const turned = at('a', 10, 10, 20, 40, 90);
    const sheet = { ...context.sheet, items: [turned, items[1]!] };
    const after = applyEdit({ ...project, sheets: [sheet] }, matchSize({ ...context, sheet }, sheet.items, 'width')!);
    const { box } = after.sheets[0]!.items[0] as Opening;
    expect([box.width, box.height, box.turn]).toEqual([30, 60, 90]);
  });

  it('fit each its photo', () => {
    const placement = { x: 0, y: 0, scale: 5, turn: 0, flipX: false, flipY: false };
    const filled = items.slice(0, 2).map((item) => ({ ...item, fill: { type: 'photo', photoId: 'p', placement } as const }));
    const sheet = { ...context.sheet, items: [...filled, items[2]!] };
    const edit = fitTogether({ ...context, sheet }, sheet.items, 'subject')!;
    expect(edit.name).toBe('Fit 2 photos');
    const [a] = applyEdit({ ...project, sheets: [sheet] }, edit).sheets[0]!.items as Opening[];
    // 40 px wide over 20: as far to the left as it covers, since its focus lies at the right.
    const { fit, placement: lies } = a!.fill as PhotoFill;
    expect(fit).toBe('subject');
    expect((lies as Placement).x).toBeCloseTo(0, 5);
    expect((lies as Placement).scale).toBeCloseTo(0.4, 5);
    expect(fitTogether(context, items, 'fill')).toBeNull();
  });
});
