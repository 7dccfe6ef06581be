import { FACE_ROLES } from '../face-role.js';
import {
  Array as ArrayPart,
  Boolean as BooleanPart,
  Enum,
  Number as NumberPart,
  Object as ObjectPart,
  Optional,
  String as StringPart,
  Unsafe,
  type Static,
} from 'typebox';
import { letteringPath } from '../../lettering/lettering-path.js';
import { scaled } from '../../lettering/scaled.js';
import type { Reference } from '../reference.js';
import { ColourPart } from '../colour.js';
import { IdPart, NamePart, type Stored } from '../schema-parts.js';
import { defineOutline } from './outline-kind.js';
import type { TypedValue } from '../typed-value.js';

const CLOSED = { additionalProperties: false } as const;
const SIZE = { exclusiveMinimum: 0, maximum: 100_000 } as const;

const Run = ObjectPart(
  {
    text: StringPart({ maxLength: 2000 }),
    face: Unsafe<string>({ $ref: '#/$defs/id', description: 'Id of a face; see lettering/faces.' }),
    axes: Unsafe<Record<string, number>>({
      type: 'object',
      maxProperties: 16,
      propertyNames: { pattern: '^[A-Za-z0-9]{4}$' },
      additionalProperties: { type: 'number' },
      description: 'Values of variable axes by their OpenType tag, such as wght and wdth.',
    }),
    size: NumberPart({ ...SIZE, description: 'px of the sheet per em.' }),
    tracking: NumberPart({
      minimum: -1000,
      maximum: 10_000,
      description: 'Extra space between letters in thousandths of an em.',
    }),
    fill: Optional(ColourPart),
    letterIds: ArrayPart(IdPart, {
      maxItems: 2000,
      description: 'One for each letter (grapheme) of the text; see lettering/letter-ids.',
    }),
    letterCase: Optional(Enum(['upper', 'lower'], { description: 'How the letters are shown; the text stays as it was typed.' })),
    role: Optional(
      Enum([...FACE_ROLES], { description: 'What its face is for: it follows the one that the project has for that.' }),
    ),
    faceName: Optional(NamePart),
    standIn: Optional(Unsafe<string>({ $ref: '#/$defs/id', description: 'Id of the shipped face that looks most like it.' })),
  },
  CLOSED,
);

const AlongCirclePart = ObjectPart(
  {
    radius: NumberPart({ ...SIZE, description: 'px of the sheet.' }),
    start: NumberPart({
      description: 'Where the text stands, degrees clockwise from the top: its beginning, middle or end, as it is aligned.',
    }),
    inside: BooleanPart({ description: 'Letters lie inside the circle instead of outside.' }),
    reverse: Optional(BooleanPart({ description: 'It is read counter-clockwise, feet pointing outwards.' })),
  },
  CLOSED,
);

const STRETCH = { exclusiveMinimum: 0, maximum: 100 } as const;

const properties = {
  runs: ArrayPart(Run, { maxItems: 200, minItems: 1 }),
  align: Enum(['left', 'centre', 'right']),
  leading: NumberPart({ ...SIZE, description: 'Distance of baselines as a share of the size.' }),
  along: Optional(AlongCirclePart),
  stretch: Optional(
    ObjectPart(
      { x: NumberPart(STRETCH), y: NumberPart(STRETCH) },
      { ...CLOSED, description: 'Letters really stretched, as shares of their width and height; only when asked for.' },
    ),
  ),
  kept: Optional(
    StringPart({
      maxLength: 200_000,
      description: 'Path data in shares of the box, from when all faces were there; shown while one of them is missing.',
    }),
  ),
};

export type LetteringRun = Stored<Static<typeof Run>>;
/** Text along a circle. */
export type AlongCircle = Stored<Static<typeof AlongCirclePart>>;
/** An outline that is text. Its box is measured from the text whenever the text changes. */
export type LetteringOutline = TypedValue<'lettering', typeof properties>;

export const lettering = defineOutline({
  type: 'lettering',
  properties,
  word: 'Lettering',
  refers: ({ runs }) =>
    runs.flatMap(({ face, standIn, text }): Reference[] => [
      { to: 'face', id: face, text },
      ...(standIn ? [{ to: 'face', id: standIn, text: '' } as const] : []),
    ]),
  path: (outline, width, height, shaper) => letteringPath(outline, width, height, shaper),
  scaled,
});
