import { PathBuilder, type Path } from '../../geometry/path.js';
import { QUARTER } from '../../geometry/quarter.js';
import { sharePart } from '../schema-parts.js';
import { between, defineOutline } from './outline-kind.js';

export const speech = defineOutline({
  type: 'speech',
  properties: {
    tail: sharePart('Where the tip of the tail lies, of the width.'),
    reach: sharePart('Height of the tail, of the height.'),
  },
  word: 'Speech',
  path: ({ tail, reach }, width, height) => speechPath(tail, reach, width, height),
  handles: (outline, width, height) => [
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
  ],
  numbers: [
    { of: 'tail', name: 'Tail at', unit: '%', least: 0, most: 100 },
    { of: 'reach', name: 'Tail height', unit: '%', least: 2, most: 70 },
  ],
  supplies: [
    {
      name: 'Speech',
      group: 'paper',
      proportion: 1.3,
      words: 'balloon says quote',
      outline: () => ({ type: 'speech', tail: 0.22, reach: 0.2 }),
    },
  ],
});

/**
 * A rounded field with a tail that points downwards.
 * @param tail - where the tip of the tail lies, as a share of the width.
 * @param reach - height of the tail as a share of the height.
 */
function speechPath(tail: number, reach: number, width: number, height: number): Path {
  const bottom = height * (1 - reach);
  const r = 0.22 * Math.min(width, bottom);
  const k = r * (1 - QUARTER);
  // The foot of the tail stays on the straight part of the lower side.
  const half = Math.min(0.09 * width, (width - 2 * r) / 2);
  const foot = Math.min(Math.max(tail * width * 0.6 + 0.2 * width, r + half), width - r - half);
  return new PathBuilder()
    .moveTo(r, 0)
    .lineTo(width - r, 0)
    .cubicTo(width - k, 0, width, k, width, r)
    .lineTo(width, bottom - r)
    .cubicTo(width, bottom - k, width - k, bottom, width - r, bottom)
    .lineTo(foot + half, bottom)
    .lineTo(tail * width, height)
    .lineTo(foot - half, bottom)
    .lineTo(r, bottom)
    .cubicTo(k, bottom, 0, bottom - k, 0, bottom - r)
    .lineTo(0, r)
    .cubicTo(0, k, k, 0, r, 0)
    .close()
    .build();
}
