import type { Outline } from '../document/outline.js';
import type { Point } from './matrix.js';
import { starPoints } from './outlines/cornered.js';

/** A point of an outline that can be dragged to change its form. */
export interface OutlineHandle {
  /** What it changes, for people. */
  readonly name: string;
  /** Where it lies, px of the box's own frame. */
  readonly at: Point;
  /** The outline with the handle dragged to `p`, px of the box's own frame. */
  readonly drag: (p: Point) => Outline;
}

/** Space between a corner and its radius handle, as a share of the shorter side, so that both can be taken hold of. */
const RADIUS_GAP = 0.08;

/** The handles of an outline in a box of this size; none for outlines that only their box changes. */
export function outlineHandles(outline: Outline, width: number, height: number): readonly OutlineHandle[] {
  const shorter = Math.min(width, height);
  switch (outline.type) {
    case 'trapezoid':
      return [
        {
          name: 'Slant',
          at: { x: width * (1 - outline.slant / 2), y: 0 },
          drag: ({ x }) => ({ ...outline, slant: between(2 * (1 - x / width), -0.95, 0.95) }),
        },
      ];
    case 'star': {
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
    }
    case 'ring':
      return [
        {
          name: 'Hole',
          at: { x: (width * (1 + outline.hole)) / 2, y: height / 2 },
          drag: ({ x }) => ({ ...outline, hole: between((2 * x) / width - 1, 0.02, 0.98) }),
        },
      ];
    case 'ticket':
      return [
        {
          name: 'Notch',
          at: { x: outline.notch * shorter, y: height / 2 },
          drag: ({ x }) => ({ ...outline, notch: between(x / shorter, 0, 0.5) }),
        },
      ];
    case 'speech':
      return [
        {
          name: 'Tail',
          at: { x: outline.tail * width, y: height },
          drag: ({ x }) => ({ ...outline, tail: between(x / width, 0, 1) }),
        },
        {
          name: 'Height of the tail',
          at: { x: width / 2, y: height * (1 - outline.reach) },
          drag: ({ y }) => ({ ...outline, reach: between(1 - y / height, 0.02, 0.7) }),
        },
      ];
    case 'rectangle':
      return [
        {
          name: 'Corner radius',
          at: { x: outline.radii[0] + RADIUS_GAP * shorter, y: 0 },
          drag: ({ x }) => {
            const r = between(x - RADIUS_GAP * shorter, 0, shorter / 2);
            return { ...outline, radii: [r, r, r, r] };
          },
        },
      ];
    case 'corners':
      return outline.points.map((point, index) => ({
        name: `Corner ${index + 1}`,
        at: { x: point.x * width, y: point.y * height },
        drag: (p) => {
          const points = outline.points.map((old, i) => (i === index ? { x: p.x / width, y: p.y / height } : old));
          return isConvex(points) ? { ...outline, points: points as unknown as typeof outline.points } : outline;
        },
      }));
    default:
      return [];
  }
}

/** Four corners can be seen in perspective only while no corner lies inside the triangle of the others. */
function isConvex(points: readonly Point[]): boolean {
  const turns = points.map((b, i) => {
    const [a, c] = [points[(i + 3) % 4]!, points[(i + 1) % 4]!];
    return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
  });
  return turns.every((turn) => turn > 1e-4);
}

function between(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}
