import { String as StringPart } from 'typebox';
import { scaling } from '../../geometry/matrix.js';
import { readPathData } from '../../geometry/path-data.js';
import { transformPath } from '../../geometry/path.js';
import { defineOutline } from './outline-kind.js';

export const path = defineOutline({
  type: 'path',
  properties: {
    d: StringPart({
      maxLength: 200_000,
      description: 'SVG path data in shares of the box, 0 to 1, filled by the non-zero rule.',
    }),
  },
  word: 'Free path',
  path: ({ d }, width, height) => transformPath(scaling(width, height), readPathData(d).path),
});
