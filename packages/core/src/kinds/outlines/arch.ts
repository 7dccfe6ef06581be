import { PathBuilder, type Path } from '../../geometry/path.js';
import { QUARTER } from '../../geometry/quarter.js';
import { defineOutline } from './outline-kind.js';

export const arch = defineOutline({
  type: 'arch',
  properties: {},
  word: 'Arch',
  path: (_outline, width, height) => archPath(width, height),
  supplies: [{ name: 'Arch', group: 'round', proportion: 0.8, words: 'door window gate', outline: () => ({ type: 'arch' }) }],
  canBeCropped: true,
});

/** Straight sides below half a circle; a box wider than high gets half an ellipse of its full height. */
function archPath(width: number, height: number): Path {
  const rx = width / 2;
  const ry = Math.min(rx, height);
  const [kx, ky] = [rx * QUARTER, ry * QUARTER];
  return new PathBuilder()
    .moveTo(0, ry)
    .cubicTo(0, ry - ky, rx - kx, 0, rx, 0)
    .cubicTo(rx + kx, 0, width, ry - ky, width, ry)
    .lineTo(width, height)
    .lineTo(0, height)
    .close()
    .build();
}
