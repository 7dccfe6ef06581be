import { Array as ArrayPart, Enum, Number as NumberPart, Object as ObjectPart, Optional } from 'typebox';
import { ColourPart } from '../colour.js';
import { sharePart } from '../schema-parts.js';
import { defineFill } from './fill-kind.js';

export const gradient = defineFill({
  type: 'gradient',
  properties: {
    kind: Enum(['linear', 'radial']),
    angle: Optional(NumberPart({ description: 'Degrees clockwise from the right, for a linear gradient; 90 when absent.' })),
    stops: ArrayPart(ObjectPart({ at: sharePart('Of the way.'), colour: ColourPart }, { additionalProperties: false }), {
      minItems: 1,
      maxItems: 32,
    }),
  },
  isPlain: true,
});
