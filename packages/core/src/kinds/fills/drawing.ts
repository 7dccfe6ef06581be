import {
  Array as ArrayPart,
  Enum,
  Integer,
  Number as NumberPart,
  Object as ObjectPart,
  Optional,
  String as StringPart,
  type Static,
} from 'typebox';
import { ColourPart } from '../colour.js';
import { sharePart, type Stored } from '../schema-parts.js';
import { defineFill } from './fill-kind.js';

const CLOSED = { additionalProperties: false } as const;

const Layer = ObjectPart(
  {
    d: StringPart({ maxLength: 100_000, description: 'SVG path data in shares of the box, filled by the non-zero rule.' }),
    colour: Integer({ minimum: 0, maximum: 7, description: 'Index of its colour.' }),
    shade: Optional(sharePart('How much black (to -1) or white (to 1) is mixed into the colour; 0 when absent.', -1)),
    strength: Optional(sharePart('1 when absent.')),
    fade: Optional(
      ObjectPart(
        {
          kind: Enum(['linear', 'radial']),
          angle: Optional(NumberPart({ description: 'Degrees clockwise from the right, for a linear one; 90 when absent.' })),
          stops: ArrayPart(ObjectPart({ at: sharePart('Of the way.'), strength: sharePart('There.') }, CLOSED), {
            minItems: 2,
            maxItems: 16,
          }),
        },
        { ...CLOSED, description: 'Strengths along the layer, for what fades out.' },
      ),
    ),
  },
  CLOSED,
);

/** A layer of a drawing. */
export type DrawingLayer = Stored<Static<typeof Layer>>;

/** A ready-made drawing in a few colours of its own: it is drawn from paths, so it is sharp at any size. */
export const drawing = defineFill({
  type: 'drawing',
  properties: {
    colours: ArrayPart(ColourPart, { minItems: 1, maxItems: 8, description: 'Each is exchanged by a swatch.' }),
    layers: ArrayPart(Layer, { minItems: 1, maxItems: 200, description: 'From back to front.' }),
  },
  isPlain: false,
});
