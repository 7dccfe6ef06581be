import type { Point } from '../../geometry/matrix.js';
import { polygonPath } from '../../geometry/polygon-path.js';
import { sharePart } from '../schema-parts.js';
import { between, defineOutline } from './outline-kind.js';

export const trapezoid = defineOutline({
  type: 'trapezoid',
  properties: { slant: sharePart('By how much the upper side is shorter, of the width; below 0 it is the lower side.', -1, 1) },
  word: 'Trapezoid',
  path: ({ slant }, width, height) => polygonPath(trapezoidPoints(slant), width, height),
  handles: (outline, width) => [
    {
      name: 'Slant',
      at: { x: width * (1 - outline.slant / 2), y: 0 },
      drag: ({ x }) => ({ ...outline, slant: between(2 * (1 - x / width), -0.95, 0.95) }),
    },
  ],
  numbers: [{ of: 'slant', name: 'Slant', unit: '%', least: -95, most: 95 }],
  supplies: [
    {
      name: 'Trapezoid',
      group: 'straight',
      proportion: 1.7,
      words: 'lying print slant',
      outline: () => ({ type: 'trapezoid', slant: 0.35 }),
    },
  ],
});

/** The upper side shorter by `slant` of the width, evenly on both ends; below 0 the lower side. */
function trapezoidPoints(slant: number): Point[] {
  const [up, down] = [Math.max(0, slant) / 2, Math.max(0, -slant) / 2];
  return [
    { x: up, y: 0 },
    { x: 1 - up, y: 0 },
    { x: 1 - down, y: 1 },
    { x: down, y: 1 },
  ];
}
