import type { Point } from '../../geometry/matrix.js';
import { filling, onCircle, polygonPath } from '../../geometry/polygon-path.js';
import { countPart } from '../schema-parts.js';
import { defineOutline } from './outline-kind.js';

export const polygon = defineOutline({
  type: 'polygon',
  properties: { points: countPart('Corners at equal angles, the first at the top.', 3, 100) },
  word: 'Polygon',
  path: ({ points }, width, height) => polygonPath(regularPoints(points), width, height),
  numbers: [{ of: 'points', name: 'Points', unit: '', least: 3, most: 60 }],
  supplies: [
    {
      name: 'Polygon',
      group: 'straight',
      proportion: 0.87,
      words: 'hexagon honeycomb octagon triangle',
      outline: () => ({ type: 'polygon', points: 6 }),
    },
  ],
});

/** Corners at equal angles, one at the top, stretched to fill the box; in shares of it. */
function regularPoints(count: number): Point[] {
  return filling(Array.from({ length: count }, (_, i) => onCircle(i / count, 1)));
}
