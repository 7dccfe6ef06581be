import type { TypedValue } from '../typed-value.js';
import { rectanglePath } from '../../geometry/rectangle-path.js';
import { fourOf, LengthPart } from '../schema-parts.js';
import { between, defineOutline } from './outline-kind.js';

/** Space between a corner and its radius handle, as a share of the shorter side, so that both can be taken hold of. */
const RADIUS_GAP = 0.08;
const properties = { radii: fourOf<number>(LengthPart, 'Of the corners in px: top left, top right, bottom right, bottom left.') };
type RectangleOutline = TypedValue<'rectangle', typeof properties>;
const SQUARE: RectangleOutline = { type: 'rectangle', radii: [0, 0, 0, 0] };

export const rectangle = defineOutline({
  type: 'rectangle',
  properties,
  word: 'Rectangle',
  path: ({ radii }, width, height) => rectanglePath(width, height, radii),
  handles(outline, width, height) {
    const shorter = Math.min(width, height);
    return [
      {
        name: 'Corner radius',
        at: { x: outline.radii[0] + RADIUS_GAP * shorter, y: 0 },
        drag: ({ x }): RectangleOutline => {
          const r = between(x - RADIUS_GAP * shorter, 0, shorter / 2);
          return { ...outline, radii: [r, r, r, r] };
        },
      },
    ];
  },
  supplies: [
    { name: 'Rectangle', group: 'straight', proportion: 4 / 3, words: 'box oblong', outline: () => SQUARE },
    { name: 'Square', group: 'straight', proportion: 1, words: 'box', outline: () => SQUARE },
    {
      name: 'Rounded',
      group: 'straight',
      proportion: 1,
      words: 'rectangle soft corners',
      outline: (side): RectangleOutline => ({ type: 'rectangle', radii: [side * 0.12, side * 0.12, side * 0.12, side * 0.12] }),
    },
  ],
  scaled(outline, factor): RectangleOutline {
    const [a, b, c, d] = outline.radii;
    return { ...outline, radii: [a * factor, b * factor, c * factor, d * factor] };
  },
  canBeCropped: true,
});
