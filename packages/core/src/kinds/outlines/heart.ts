import { PathBuilder, type Path } from '../../geometry/path.js';
import { defineOutline } from './outline-kind.js';

export const heart = defineOutline({
  type: 'heart',
  properties: {},
  word: 'Heart',
  path: (_outline, width, height) => heartPath(width, height),
  supplies: [{ name: 'Heart', group: 'natural', proportion: 1.05, words: 'love', outline: () => ({ type: 'heart' }) }],
});

/** Two lobes and a tip; the outermost places are nodes, so that it fills the box exactly. */
function heartPath(width: number, height: number): Path {
  const path = new PathBuilder();
  const [w, h] = [width, height];
  return path
    .moveTo(0.5 * w, h)
    .cubicTo(0.44 * w, 0.88 * h, 0, 0.62 * h, 0, 0.3 * h)
    .cubicTo(0, 0.12 * h, 0.12 * w, 0, 0.27 * w, 0)
    .cubicTo(0.37 * w, 0, 0.46 * w, 0.07 * h, 0.5 * w, 0.18 * h)
    .cubicTo(0.54 * w, 0.07 * h, 0.63 * w, 0, 0.73 * w, 0)
    .cubicTo(0.88 * w, 0, w, 0.12 * h, w, 0.3 * h)
    .cubicTo(w, 0.62 * h, 0.56 * w, 0.88 * h, 0.5 * w, h)
    .close()
    .build();
}
