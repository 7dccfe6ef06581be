import { ellipsePath } from '../../geometry/ellipse-path.js';
import { defineOutline } from './outline-kind.js';

export const ellipse = defineOutline({
  type: 'ellipse',
  properties: {},
  word: 'Ellipse',
  path: (_outline, width, height) => ellipsePath(width, height),
  supplies: [
    { name: 'Circle', group: 'round', proportion: 1, words: 'disc dot', outline: () => ({ type: 'ellipse' }) },
    { name: 'Ellipse', group: 'round', proportion: 0.75, words: 'oval egg', outline: () => ({ type: 'ellipse' }) },
  ],
  canBeCropped: true,
});
