import { PathBuilder, type Path } from '../../geometry/path.js';
import { QUARTER } from '../../geometry/quarter.js';
import { defineOutline } from './outline-kind.js';

export const droplet = defineOutline({
  type: 'droplet',
  properties: {},
  word: 'Droplet',
  path: (_outline, width, height) => dropletPath(width, height),
  supplies: [
    { name: 'Droplet', group: 'natural', proportion: 0.68, words: 'water glaze tear', outline: () => ({ type: 'droplet' }) },
  ],
});

/** A tip at the top and a round belly. */
function dropletPath(width: number, height: number): Path {
  const [w, h] = [width, height];
  const [rx, ry] = [w / 2, 0.36 * h];
  const y = h - ry;
  return new PathBuilder()
    .moveTo(rx, 0)
    .cubicTo(0.58 * w, 0.2 * h, w, y - 0.3 * h, w, y)
    .cubicTo(w, y + QUARTER * ry, rx + QUARTER * rx, h, rx, h)
    .cubicTo(rx - QUARTER * rx, h, 0, y + QUARTER * ry, 0, y)
    .cubicTo(0, y - 0.3 * h, 0.42 * w, 0.2 * h, rx, 0)
    .close()
    .build();
}
