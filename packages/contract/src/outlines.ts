import { Type, type Static } from 'typebox';
import { IdSchema, STRICT } from './parts.js';

const Name = Type.String({ minLength: 1, maxLength: 200 });

/** An outline of the workspace's own. */
export const OwnOutlineSchema = Type.Object({
  id: IdSchema,
  name: Type.String(),
  /** Path data in shares of the box. */
  d: Type.String(),
  /** Width for a height of 1. */
  proportion: Type.Number(),
});
export type OwnOutline = Static<typeof OwnOutlineSchema>;

export const OutlineListSchema = Type.Object({ outlines: Type.Array(OwnOutlineSchema) });
export const NewOutlineSchema = Type.Object(
  {
    name: Name,
    d: Type.String({ minLength: 1, maxLength: 200_000 }),
    proportion: Type.Number({ minimum: 0.001, maximum: 1000 }),
  },
  STRICT,
);
export const OutlineNameSchema = Type.Object({ name: Name }, STRICT);
