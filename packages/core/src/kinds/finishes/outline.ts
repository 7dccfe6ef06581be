import { Enum, Object as ObjectPart, Optional, Unsafe, type Static } from 'typebox';
import type { Colour, GradientFill } from '../../document/fill.js';
import { gradient } from '../fills/gradient.js';
import { LengthPart, type Stored } from '../schema-parts.js';
import { typedSchema } from '../typed-value.js';
import { defineFinish } from './finish-kind.js';
import { scaledSides, SidesPart, widest } from './sides.js';

/** A miter reaches further than the width: this many times. */
const MITER = 4;

const Outline = ObjectPart(
  {
    align: Enum(['inside', 'centre', 'outside']),
    width: LengthPart,
    widths: Optional(SidesPart),
    join: Optional(Enum(['miter', 'round', 'bevel'])),
    paint: Unsafe<Colour | GradientFill>({
      oneOf: [{ $ref: '#/$defs/colour' }, typedSchema(gradient)],
      description: 'A gradient runs over the box of the opening.',
    }),
  },
  { additionalProperties: false },
);
type OutlineFinish = Stored<Static<typeof Outline>>;

/** A line along the edge. */
export const outline = defineFinish<OutlineFinish, 'form'>({
  name: 'Outline',
  schema: Outline,
  lies: 'form',
  scaled: (of, factor) => ({
    ...of,
    width: of.width * factor,
    ...(of.widths ? { widths: scaledSides(of.widths, factor) } : {}),
  }),
  outwards,
  inwards: (of) => width(of) - outwards(of),
  around: (of) => outwards(of) * (MITER - 1),
  forGroups: false,
});

function width(of: OutlineFinish): number {
  return of.widths ? widest(of.widths) : of.width;
}

function outwards(of: OutlineFinish): number {
  return of.align === 'inside' ? 0 : of.align === 'centre' ? width(of) / 2 : width(of);
}
