import { describe, expect, it } from 'vitest';
import type { CutoutMark } from '@kadrosyn/core';
import { CutoutHistory, NOTHING_SAID } from './cutout-history';

const box: CutoutMark = { kind: 'box', points: [0, 0, 10, 10] };
const stroke: CutoutMark = { kind: 'keep', points: [1, 1, 5, 5], width: 3 };
const kinds = (history: CutoutHistory): string[] => history.now().marks.map(({ kind }) => kind);

describe('what is said of a cutout', () => {
  it('is taken back and done again, step by step, settings too', () => {
    const history = new CutoutHistory();
    history.mark(box);
    history.mark(stroke);
    history.commit({ edge: { ...NOTHING_SAID.edge, shift: 0.5 } });
    history.undo();
    expect(history.now().edge.shift).toBe(0);
    history.undo();
    expect(kinds(history)).toEqual(['box']);
    history.redo();
    history.redo();
    expect(history.now().edge.shift).toBe(0.5);
    expect(history.canRedo()).toBe(false);
    history.undo();
    history.mark(stroke);
    expect(history.canRedo()).toBe(false);
  });

  it('has one box, which may be drawn again in its place', () => {
    const history = new CutoutHistory();
    history.mark(box);
    history.mark(stroke);
    history.mark({ ...box, points: [2, 2, 8, 8] });
    expect(kinds(history)).toEqual(['box', 'keep']);
    expect(history.now().marks[0]!.points).toEqual([2, 2, 8, 8]);
    history.undo();
    expect(history.now().marks[0]!.points).toEqual(box.points);
  });

  it('either looks for a subject or takes the background as it is', () => {
    const history = new CutoutHistory();
    history.mark({ kind: 'own', points: [] });
    history.mark({ kind: 'flat', points: [] });
    expect(kinds(history)).toEqual(['flat']);
    history.mark(box);
    expect(kinds(history)).toEqual(['box']);
  });

  it('shows what is tried, which is no step', () => {
    const history = new CutoutHistory();
    history.preview({ edge: { ...NOTHING_SAID.edge, softness: 1 } });
    expect(history.now().edge.softness).toBe(1);
    expect(history.canUndo()).toBe(false);
    history.mark(stroke);
    expect(history.now().edge.softness).toBe(0);
  });
});
