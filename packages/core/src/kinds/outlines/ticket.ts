import { PathBuilder, type Path } from '../../geometry/path.js';
import { QUARTER } from '../../geometry/quarter.js';
import { sharePart } from '../schema-parts.js';
import { between, defineOutline } from './outline-kind.js';

export const ticket = defineOutline({
  type: 'ticket',
  properties: { notch: sharePart('Radius of the half-round notches at both sides, of the shorter side.') },
  word: 'Ticket',
  path: ({ notch }, width, height) => ticketPath(notch, width, height),
  handles(outline, width, height) {
    const shorter = Math.min(width, height);
    return [
      {
        name: 'Notch',
        at: { x: outline.notch * shorter, y: height / 2 },
        drag: ({ x }) => ({ ...outline, notch: between(x / shorter, 0, 0.5) }),
      },
    ];
  },
  numbers: [{ of: 'notch', name: 'Notch', unit: '%', least: 0, most: 50 }],
  supplies: [
    {
      name: 'Ticket',
      group: 'paper',
      proportion: 1.9,
      words: 'label tag coupon',
      outline: () => ({ type: 'ticket', notch: 0.16 }),
    },
  ],
});

/** A rectangle with half-round notches in the middle of its left and right side. @param notch - radius as a share of the shorter side. */
function ticketPath(notch: number, width: number, height: number): Path {
  const r = Math.min(notch * Math.min(width, height), height / 2, width / 2);
  const [k, y] = [r * QUARTER, height / 2];
  return new PathBuilder()
    .moveTo(0, 0)
    .lineTo(width, 0)
    .lineTo(width, y - r)
    .cubicTo(width - k, y - r, width - r, y - k, width - r, y)
    .cubicTo(width - r, y + k, width - k, y + r, width, y + r)
    .lineTo(width, height)
    .lineTo(0, height)
    .lineTo(0, y + r)
    .cubicTo(k, y + r, r, y + k, r, y)
    .cubicTo(r, y - k, k, y - r, 0, y - r)
    .close()
    .build();
}
