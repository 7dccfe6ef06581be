import { newProject } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { findShapes, makeShape, ownShape, SHAPES } from './shape-supplies';

const names = (kind: Parameters<typeof findShapes>[1], search: string): string[] =>
  findShapes(SHAPES, kind, search).map(({ name }) => name);
const [sheet] = newProject('Test', { width: 600, height: 300, unit: 'px' }).sheets;

describe('shapes in the supplies', () => {
  it('are found by name, by other words for them, and by kind', () => {
    expect(names('', 'HEART')).toEqual(['Heart']);
    expect(names('', 'hexagon')).toEqual(['Polygon']);
    expect(names('paper', '')).toEqual(['Ticket', 'Torn paper', 'Speech']);
    expect(names('paper', 'heart')).toEqual([]);
    expect(names('', 'soft rect')).toEqual(['Rounded']);
    expect(names('', '  ')).toHaveLength(SHAPES.length);
  });

  it('are laid in the middle, as large as the sheet has room for, in their own proportions', () => {
    for (const shape of SHAPES) {
      const { box, fill } = makeShape(shape, sheet!, { x: 300, y: 150 });
      expect(box.width / box.height).toBeCloseTo(shape.proportion, 6);
      expect(box.x + box.width / 2).toBeCloseTo(300, 6);
      expect(box.width).toBeLessThanOrEqual(300.001);
      expect(box.height).toBeLessThanOrEqual(150.001);
      expect(fill).toEqual({ type: 'none' });
    }
  });

  it('may be of one’s own', () => {
    const own = ownShape({ id: 'outline_1', name: 'Mug', d: 'M0 0L1 0L1 1Z', proportion: 1.4 });
    expect(findShapes([own, ...SHAPES], 'own', 'mug')).toEqual([own]);
    expect(makeShape(own, sheet!, { x: 0, y: 0 })).toMatchObject({ name: 'Mug', outline: { type: 'path', d: 'M0 0L1 0L1 1Z' } });
  });
});
