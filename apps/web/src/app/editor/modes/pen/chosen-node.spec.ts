import { TestBed } from '@angular/core/testing';
import type { Node } from '@kadrosyn/core';
import { beforeEach, describe, expect, it } from 'vitest';
import { openedEditor } from '../../../../testing/opened-editor';
import { ChosenNode } from './chosen-node';
import { OutlinePen } from './outline-pen';

describe('the chosen point of the pen', () => {
  let pen: OutlinePen;
  let chosen: ChosenNode;
  const nodes = (): readonly Node[] => pen.drawing()!.contours[0]!;

  beforeEach(() => {
    openedEditor([], [OutlinePen, ChosenNode]);
    pen = TestBed.inject(OutlinePen);
    chosen = TestBed.inject(ChosenNode);
    pen.begin();
    for (const [x, y] of [
      [10, 10],
      [90, 10],
      [90, 90],
      [10, 90],
    ] as const)
      pen.add({ x, y });
  });

  it('is none while the line is drawn, and none where none was chosen', () => {
    pen.chosen.set({ contour: 0, node: 0 });
    expect([chosen.at(), chosen.moveBy({ x: 5, y: 0 })]).toEqual([null, false]);
    pen.close();
    pen.chosen.set(null);
    chosen.toggleCurve();
    chosen.remove();
    expect([chosen.at(), nodes().length]).toEqual([null, 4]);
  });

  it('moves, becomes a curve and a corner again, each in one step that can be taken back', () => {
    pen.close();
    pen.chosen.set({ contour: 0, node: 2 });
    expect(chosen.moveBy({ x: 0, y: 10 })).toBe(true);
    expect(nodes()[2]).toMatchObject({ x: 90, y: 100 });
    chosen.toggleCurve();
    expect([chosen.isCurved(), nodes()[2]!.before !== undefined]).toEqual([true, true]);
    chosen.toggleCurve();
    expect(chosen.isCurved()).toBe(false);
    pen.undo();
    pen.undo();
    pen.undo();
    expect(nodes()[2]).toEqual({ x: 90, y: 90 });
  });

  it('is taken away, and then none is chosen', () => {
    pen.close();
    pen.chosen.set({ contour: 0, node: 1 });
    chosen.remove();
    expect([pen.chosen(), nodes().map(({ x, y }) => [x, y])]).toEqual([
      null,
      [
        [10, 10],
        [90, 90],
        [10, 90],
      ],
    ]);
  });

  it('comes into being where the line is pressed, and only near it', () => {
    pen.close();
    expect(pen.insertNear({ x: 50, y: 40 }, 9)).toBeNull();
    expect(pen.insertNear({ x: 50, y: 12 }, 9)).toEqual({ contour: 0, node: 1 });
    expect(nodes()[1]!.x).toBeCloseTo(50, 3);
    expect(nodes()[1]!.y).toBeCloseTo(10, 3);
  });
});
