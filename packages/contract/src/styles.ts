import type { Developing, Finish } from '@kadrosyn/core';
import { Type } from 'typebox';
import { IdSchema, STRICT } from './parts.js';

const Name = Type.String({ minLength: 1, maxLength: 200 });
// What these hold is checked against the schema of the project when it is kept.
const FinishSchema = Type.Unsafe<Finish>(Type.Object({}, { additionalProperties: true }));
const DevelopingSchema = Type.Unsafe<Developing>(Type.Object({}, { additionalProperties: true }));

export const StyleSchema = Type.Object({
  id: IdSchema,
  name: Type.String(),
  revision: Type.Integer(),
  side: Type.Number(),
  finish: FinishSchema,
  developing: Type.Optional(DevelopingSchema),
});
export const StyleListSchema = Type.Object({ styles: Type.Array(StyleSchema) });

export const NewStyleSchema = Type.Object(
  {
    name: Name,
    side: Type.Number({ minimum: 1, maximum: 30_000 }),
    finish: FinishSchema,
    developing: Type.Optional(DevelopingSchema),
  },
  STRICT,
);
export const StyleChangeSchema = Type.Partial(NewStyleSchema, { ...STRICT, minProperties: 1 });
