import { PathBuilder, type Path } from '../../geometry/path.js';
import { defineOutline } from './outline-kind.js';

export const leaf = defineOutline({
  type: 'leaf',
  properties: {},
  word: 'Leaf',
  path: (_outline, width, height) => leafPath(width, height),
  supplies: [{ name: 'Leaf', group: 'natural', proportion: 0.62, words: 'plant', outline: () => ({ type: 'leaf' }) }],
});

/** Pointed at both ends, widest a little below the middle. */
function leafPath(width: number, height: number): Path {
  const [w, h] = [width, height];
  return new PathBuilder()
    .moveTo(0.5 * w, 0)
    .cubicTo(0.74 * w, 0.12 * h, w, 0.32 * h, w, 0.56 * h)
    .cubicTo(w, 0.78 * h, 0.74 * w, 0.94 * h, 0.5 * w, h)
    .cubicTo(0.26 * w, 0.94 * h, 0, 0.78 * h, 0, 0.56 * h)
    .cubicTo(0, 0.32 * h, 0.26 * w, 0.12 * h, 0.5 * w, 0)
    .close()
    .build();
}
