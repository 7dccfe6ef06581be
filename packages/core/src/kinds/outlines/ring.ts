import { ellipseInto } from '../../geometry/ellipse-path.js';
import { PathBuilder, type Path } from '../../geometry/path.js';
import { sharePart } from '../schema-parts.js';
import { between, defineOutline } from './outline-kind.js';

export const ring = defineOutline({
  type: 'ring',
  properties: { hole: sharePart('Of the width and of the height.') },
  word: 'Ring',
  path: ({ hole }, width, height) => ringPath(hole, width, height),
  handles: (outline, width, height) => [
    {
      name: 'Hole',
      at: { x: (width * (1 + outline.hole)) / 2, y: height / 2 },
      drag: ({ x }) => ({ ...outline, hole: between((2 * x) / width - 1, 0.02, 0.98) }),
    },
  ],
  numbers: [{ of: 'hole', name: 'Hole', unit: '%', least: 2, most: 98 }],
  supplies: [
    { name: 'Ring', group: 'round', proportion: 1, words: 'hole hoop badge', outline: () => ({ type: 'ring', hole: 0.55 }) },
  ],
});

/** An ellipse with a hole of its own proportions in the middle. @param hole - share of the width and height. */
export function ringPath(hole: number, width: number, height: number): Path {
  const [cx, cy] = [width / 2, height / 2];
  const path = ellipseInto(new PathBuilder(), { x: cx, y: cy }, cx, cy, 1);
  // The other way round, so that it is a hole by the non-zero rule.
  return ellipseInto(path, { x: cx, y: cy }, cx * hole, cy * hole, -1).build();
}
