import {
  Array as ArrayPart,
  Enum,
  Integer,
  Number as NumberPart,
  Object as ObjectPart,
  Optional,
  String as StringPart,
  Unsafe,
  type Static,
} from 'typebox';
import { ColourPart } from '../colour.js';
import { sharePart, type Stored } from '../schema-parts.js';
import { defineFill } from './fill-kind.js';

const CLOSED = { additionalProperties: false } as const;

const MOST_COLOURS = 32;
const ColourIndex = Integer({ minimum: 0, maximum: MOST_COLOURS - 1, description: 'Index of its colour.' });
const CoordinatePart = NumberPart({ minimum: -1_000_000, maximum: 1_000_000 });

const Gradient = ObjectPart(
  {
    kind: Enum(['linear', 'radial']),
    frame: Unsafe<[number, number, number, number, number, number]>({
      type: 'array',
      items: CoordinatePart,
      ...{ minItems: 6, maxItems: 6 },
      description:
        'Maps shares of the box to the plane of the gradient, as matrix() of CSS does: a linear one runs from x = 0 to 1, a radial one from the middle to the circle of radius 1.',
    }),
    stops: ArrayPart(
      ObjectPart({ at: sharePart('Of the way.'), colour: ColourIndex, strength: Optional(sharePart('1 when absent.')) }, CLOSED),
      { minItems: 1, maxItems: 32 },
    ),
  },
  { ...CLOSED, description: 'In place of the one colour.' },
);

const Clip = ObjectPart(
  {
    d: StringPart({ maxLength: 100_000, description: 'SVG path data in shares of the box.' }),
    rule: Optional(Enum(['nonzero', 'evenodd'], { description: 'nonzero when absent.' })),
  },
  { ...CLOSED, description: 'Nothing of the layer is seen outside.' },
);

const Layer = ObjectPart(
  {
    d: StringPart({ maxLength: 100_000, description: 'SVG path data in shares of the box.' }),
    rule: Optional(Enum(['nonzero', 'evenodd'], { description: 'What of the path is inside; nonzero when absent.' })),
    colour: ColourIndex,
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
    gradient: Optional(Gradient),
    clip: Optional(Clip),
  },
  CLOSED,
);

/** A layer of a drawing. */
export type DrawingLayer = Stored<Static<typeof Layer>>;

/** A ready-made drawing in a few colours of its own: it is drawn from paths, so it is sharp at any size. */
export const drawing = defineFill({
  type: 'drawing',
  properties: {
    colours: ArrayPart(ColourPart, { minItems: 1, maxItems: MOST_COLOURS, description: 'Each is exchanged by a swatch.' }),
    layers: ArrayPart(Layer, { minItems: 1, maxItems: 200, description: 'From back to front.' }),
  },
  isPlain: false,
});
