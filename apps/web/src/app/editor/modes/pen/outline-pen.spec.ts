import { TestBed } from '@angular/core/testing';
import { applyEdit, newProject, type Edit, type Opening, type Shaper } from '@kadrosyn/core';
import { beforeEach, describe, expect, it } from 'vitest';
import { EditorSession } from '../../session/session';
import { drawnNode, onEighth, OutlinePen } from './outline-pen';
import { nodeId, openData, shownNodes } from './shown-nodes';

describe('the pen', () => {
  let pen: OutlinePen;
  let project = newProject('Test', { width: 400, height: 300, unit: 'px' });
  const items = (): Opening[] => project.sheets[0]!.items as Opening[];

  beforeEach(() => {
    project = newProject('Test', { width: 400, height: 300, unit: 'px' });
    const session = {
      context: () => ({ project, sheet: project.sheets[0]!, sheets: [], photos: {}, shaper: {} as Shaper }),
      commit: (edit: Edit) => (project = applyEdit(project, edit)),
    };
    TestBed.configureTestingModule({ providers: [OutlinePen, { provide: EditorSession, useValue: session }] });
    pen = TestBed.inject(OutlinePen);
  });

  function square(at: number, size: number): void {
    for (const [x, y] of [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ] as const)
      pen.add({ x: at + x * size, y: at + y * size });
    pen.close();
  }

  it('draws an outline with a hole, which is one item and one step', () => {
    pen.begin();
    square(50, 100);
    pen.addHole();
    square(80, 30);
    expect(pen.finish()).toBe(true);
    expect(pen.drawing()).toBeNull();
    expect(items()).toHaveLength(1);
    expect(items()[0]).toMatchObject({
      name: 'Drawn',
      outline: { type: 'path' },
      box: { x: 50, y: 50, width: 100, height: 100 },
    });
    expect((items()[0]!.outline as { d: string }).d.match(/M/g)).toHaveLength(2);
  });

  it('takes back point by point, and what was closed', () => {
    pen.begin();
    pen.add({ x: 0, y: 0 });
    pen.add({ x: 9, y: 0 });
    expect(pen.canClose()).toBe(false);
    pen.add({ x: 9, y: 9 });
    pen.close();
    expect(pen.drawing()).toMatchObject({ open: null, contours: [[{}, {}, {}]] });
    pen.undo();
    expect(pen.drawing()!.open).toHaveLength(3);
    pen.removeLast();
    expect(pen.drawing()!.open).toHaveLength(2);
    pen.undo();
    pen.undo();
    expect(pen.drawing()!.open).toHaveLength(2);
  });

  it('puts nothing on the sheet without an area, or when it is given up', () => {
    pen.begin();
    pen.add({ x: 0, y: 0 });
    expect(pen.finish()).toBe(false);
    expect(pen.drawing()).not.toBeNull();
    pen.cancel();
    expect(pen.drawing()).toBeNull();
    expect(items()).toEqual([]);
  });

  it('edits the points of an opening where they are', () => {
    pen.begin();
    square(50, 100);
    pen.finish();
    pen.edit(items()[0]!);
    expect(pen.name()).toBe('Drawn');
    const [contour] = pen.drawing()!.contours;
    pen.change(
      0,
      contour!.map((node) => (node.x > 100 && node.y > 100 ? { x: 190, y: 150 } : node)),
    );
    pen.finish();
    expect(items()).toHaveLength(1);
    expect(items()[0]!.box).toMatchObject({ x: 50, y: 50 });
    expect(items()[0]!.box.width).toBeCloseTo(140, 4);
  });
});

describe('a drawn point', () => {
  it('is a corner, or a curve pulled out evenly', () => {
    expect(drawnNode({ x: 5, y: 5 }, { x: 5, y: 5 })).toEqual({ x: 5, y: 5 });
    expect(drawnNode({ x: 5, y: 5 }, { x: 8, y: 4 })).toEqual({ x: 5, y: 5, after: { x: 8, y: 4 }, before: { x: 2, y: 6 } });
  });

  it('comes onto the nearest of eight directions', () => {
    const p = onEighth({ x: 10, y: 10 }, { x: 30, y: 12 });
    expect(p.x).toBeCloseTo(30);
    expect(p.y).toBeCloseTo(10);
    const q = onEighth({ x: 0, y: 0 }, { x: 10, y: 9 });
    expect(q.x).toBeCloseTo(q.y);
  });
});

describe('what the pen shows', () => {
  const twice = (p: { x: number; y: number }) => ({ x: 2 * p.x, y: 2 * p.y });

  it('are the points of the line that is drawn, the first to close it, else all points by name', () => {
    const open = [
      { x: 1, y: 1 },
      { x: 5, y: 1, after: { x: 6, y: 2 } },
      { x: 5, y: 5 },
    ];
    const drawn = shownNodes({ contours: [], open }, null, true, twice);
    expect(drawn.map(({ closes, isCurved }) => [closes, isCurved])).toEqual([
      [true, false],
      [false, true],
      [false, false],
    ]);
    const closed = shownNodes({ contours: [open, open], open: null }, { contour: 1, node: 2 }, false, twice);
    expect(closed).toHaveLength(6);
    expect(closed.filter(({ isChosen }) => isChosen)).toMatchObject([
      { key: '1-2', at: { x: 10, y: 10 }, label: 'Point 3 of 3' },
    ]);
    expect(nodeId(closed.at(-1)!.key)).toEqual({ contour: 1, node: 2 });
    expect(nodeId('open-1')).toBeNull();
    expect(openData(open, twice)).toBe('M2 2L10 2C12 4 10 10 10 10');
  });
});
