import type { Point } from '../../geometry/matrix.js';
import { filling, onCircle, polygonPath } from '../../geometry/polygon-path.js';
import { countPart, sharePart } from '../schema-parts.js';
import { between, defineOutline } from './outline-kind.js';

export const star = defineOutline({
  type: 'star',
  properties: {
    points: countPart('The first at the top.', 3, 100),
    depth: sharePart('How far the inner corners lie inwards, of the radius.'),
  },
  word: 'Star',
  path: ({ points, depth }, width, height) => polygonPath(starPoints(points, depth), width, height),
  handles(outline, width, height) {
    const middle = starPoints(outline.points, 1)[1]!;
    const least = starPoints(outline.points, 0.001)[1]!;
    const [vx, vy] = [(least.x - middle.x) * width, (least.y - middle.y) * height];
    const [cx, cy] = [middle.x * width, middle.y * height];
    return [
      {
        name: 'Depth',
        at: { x: cx + (1 - outline.depth) * vx, y: cy + (1 - outline.depth) * vy },
        drag: (p) => {
          const along = ((p.x - cx) * vx + (p.y - cy) * vy) / (vx * vx + vy * vy);
          return { ...outline, depth: between(1 - along, 0.01, 0.99) };
        },
      },
    ];
  },
  numbers: [
    { of: 'points', name: 'Points', unit: '', least: 3, most: 60 },
    { of: 'depth', name: 'Depth', unit: '%', least: 1, most: 99 },
  ],
  supplies: [
    {
      name: 'Star',
      group: 'straight',
      proportion: 1.05,
      words: 'burst',
      outline: () => ({ type: 'star', points: 5, depth: 0.55 }),
    },
  ],
});

/** @param depth - how far the inner corners lie inwards, as a share of the radius. */
export function starPoints(count: number, depth: number): Point[] {
  return filling(Array.from({ length: 2 * count }, (_, i) => onCircle(i / (2 * count), i % 2 === 0 ? 1 : 1 - depth)));
}
